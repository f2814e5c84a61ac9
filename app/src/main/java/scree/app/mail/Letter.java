package scree.app.mail;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;

/**
 * A letter in the outbox.
 *
 * @param body null once it was delivered or taken back
 * @param trouble why the last try did not do it, or null
 * @param nextAt when it is tried next, while it waits
 * @param endedAt when it was delivered, refused, given up or taken back
 */
public record Letter(
        long id,
        long sitting,
        String toName,
        String toAddress,
        String subject,
        String body,
        Long sheet,
        State state,
        int tries,
        Trouble trouble,
        OffsetDateTime madeAt,
        OffsetDateTime nextAt,
        OffsetDateTime endedAt) {

    /** How far it is. */
    public enum State {
        WAITING,
        SENT,
        /** The post does not take it to this address. */
        REFUSED,
        /** Tried for most of a day. */
        GIVEN_UP,
        WITHDRAWN;

        /** Returns whether somebody has to look at it. */
        public boolean failed() {
            return this == REFUSED || this == GIVEN_UP;
        }
    }

    /** Why it was not delivered. */
    public enum Trouble {
        /** Nobody answers at the mail server. */
        AWAY,
        /** It answers too slowly. */
        SLOW,
        /** It does not take the letter now. */
        REFUSED,
        /** It knows no such address. */
        ADDRESS,
        /** It does not know Scree's own name and password. */
        SIGN_IN
    }

    /** Waits between tries, about 18 hours together. House choice: a server that is down is up within a working day. */
    private static final List<Duration> WAITS = List.of(
            Duration.ofMinutes(1),
            Duration.ofMinutes(5),
            Duration.ofMinutes(15),
            Duration.ofHours(1),
            Duration.ofHours(4),
            Duration.ofHours(12));

    /** Returns how long it waits after so many tries, null when it has had them all. */
    static Duration waitAfter(int tries) {
        return tries > WAITS.size() ? null : WAITS.get(tries - 1);
    }

    /** Returns whether it is tried again by itself. */
    public boolean waiting() {
        return state == State.WAITING;
    }
}
