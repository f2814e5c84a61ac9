package scree.app.mail;

import java.time.Instant;
import java.util.List;
import scree.app.studio.StudioId;

/** A mail server that stands in for a real one: where its inbox can be looked into. */
public interface StandInInbox {
    /** Returns the port on this machine that letters go to. */
    int port();

    /** Returns a studio's letters as they came in, the newest first. */
    List<Arrived> letters(StudioId studio);

    /**
     * A letter as it came in.
     *
     * @param id as in the outbox
     */
    record Arrived(
            long id,
            String from,
            String replyTo,
            String to,
            String subject,
            String text,
            Instant at,
            List<Enclosed> files) {
        public Arrived {
            files = List.copyOf(files);
        }
    }

    /** What came with it. */
    record Enclosed(String name, String type, byte[] bytes) {}
}
