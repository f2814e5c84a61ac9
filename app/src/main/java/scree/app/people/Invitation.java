package scree.app.people;

import java.time.OffsetDateTime;
import scree.app.studio.Role;
import scree.app.studio.StudioId;

/**
 * A link by which somebody joins a studio, or chooses another password.
 *
 * @param forArtist who chooses another password, null for somebody who joins
 * @param forName their name, or null
 */
public record Invitation(
        long id,
        long studioId,
        String studioName,
        String byName,
        Role role,
        Long forArtist,
        String forName,
        OffsetDateTime expiresAt) {
    /** Returns where it leads. */
    public StudioId studio() {
        return new StudioId(studioId);
    }
}
