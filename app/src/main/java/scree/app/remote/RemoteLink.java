package scree.app.remote;

import java.time.OffsetDateTime;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.studio.StudioId;

/** A link that a client may open without an account, with the names it is shown by. */
public record RemoteLink(
        long id,
        long studioId,
        String studioName,
        long clientId,
        String clientName,
        long artistId,
        String artistName,
        OffsetDateTime madeAt,
        OffsetDateTime expiresAt,
        int tries,
        OffsetDateTime usedAt,
        Long sittingId) {
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

    /** Returns whether a picture was sent with it. */
    public boolean used() {
        return usedAt != null;
    }

    /** Returns whether its week is over. */
    public boolean expired(OffsetDateTime now) {
        return !expiresAt.isAfter(now);
    }

    /** Returns the artist for whom it was made, as the one who stands behind what the client sends. */
    Member artist() {
        return new Member(artistId, studio(), artistName, studioName, "", "", 0, Role.ARTIST);
    }
}
