package scree.app.homelink;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import scree.app.studio.StudioId;

/**
 * A link about a sitting, with the names it is shown by.
 *
 * @param used how often it was told or opened
 * @param sheet what it opens, null for other kinds
 * @param reply what it opens, null for other kinds
 */
public record HomeLink(
        long id,
        long studioId,
        String studioName,
        long sitting,
        long artist,
        String artistName,
        String clientName,
        Kind kind,
        Long sheet,
        Long reply,
        LocalDateTime startsAt,
        OffsetDateTime doneAt,
        OffsetDateTime madeAt,
        OffsetDateTime expiresAt,
        int used,
        OffsetDateTime usedAt) {

    /** What a link opens. How long and how often: house choices. */
    public enum Kind {
        /** A report of how it wore: a day's wear is told once or twice. */
        WEAR(Duration.ofDays(14), 5),
        /** The sheet, for as long as it is looked at again. */
        SHEET(Duration.ofDays(30), Integer.MAX_VALUE),
        /** The answer to a picture; what it says is tried within some weeks, and told about more than once. */
        REPLY(Duration.ofDays(30), 5);

        private final Duration openFor;
        private final int most;

        Kind(Duration openFor, int most) {
            this.openFor = openFor;
            this.most = most;
        }

        /** Returns how long such a link opens. */
        public Duration openFor() {
            return openFor;
        }

        /** Returns how often it may be used. */
        public int most() {
            return most;
        }
    }

    /** Returns whose it is. */
    public StudioId studio() {
        return new StudioId(studioId);
    }

    /** Returns what the client is called by. */
    public String clientFirstName() {
        return clientName.split(" ")[0];
    }

    /** Returns what the artist is called by. */
    public String artistFirstName() {
        return artistName.split(" ")[0];
    }
}
