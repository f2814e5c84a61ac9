package scree.app.privacy;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Set;

/**
 * What a client agreed to.
 *
 * @param wording as they were asked, kept as it was shown
 * @param withdrawnAt null while it holds
 */
public record Consent(
        long id, LocalDate givenOn, Set<Cover> covers, String wording, String artist, OffsetDateTime withdrawnAt) {
    /** What can be agreed to. */
    public enum Cover {
        /** Pictures are taken and kept, and measured in. */
        PICTURES,
        /** Allergies, reactions and broken skin are written down. */
        HEALTH,
        /** Letters and links are sent. */
        LETTERS
    }

    /** Returns whether it holds. */
    public boolean holds() {
        return withdrawnAt == null;
    }
}
