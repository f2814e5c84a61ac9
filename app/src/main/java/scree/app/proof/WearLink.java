package scree.app.proof;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import scree.app.studio.StudioId;

/** A link by which a client tells how it wore, with the names it is shown by. */
public record WearLink(
        long id,
        long studioId,
        String studioName,
        long sitting,
        long artist,
        String artistName,
        String clientName,
        LocalDateTime startsAt,
        OffsetDateTime doneAt,
        OffsetDateTime expiresAt,
        int told) {
    static final Duration OPEN_FOR = Duration.ofDays(14);
    /** Reports that one link bears: a day's wear is told once or twice. House choice. */
    static final int MOST = 5;

    static final int TOKEN_BYTES = 24;
    static final int LONGEST_TOKEN = 80;

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
