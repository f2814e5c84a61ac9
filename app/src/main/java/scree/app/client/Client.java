package scree.app.client;

import java.time.LocalDate;
import scree.core.skin.SkinType;

/**
 * A person who sits. Texts may be null where nothing was said.
 *
 * @param consentOn on which day they agreed to pictures, null while no consent holds; changed with the consent only
 */
public record Client(
        long id,
        String name,
        String email,
        Integer birthYear,
        String plays,
        SkinType skinType,
        String allergies,
        String notes,
        LocalDate consentOn,
        int version) {
    /** Returns what others call them by. */
    public String firstName() {
        return name.split(" ")[0];
    }
}
