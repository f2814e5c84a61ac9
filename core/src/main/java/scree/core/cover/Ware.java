package scree.core.cover;

import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;

/**
 * A product that may go onto a place.
 *
 * @param what the asker's own name for it
 * @param key orders products that are equal in everything else
 */
public record Ware<T>(T what, String key, Role role, Form form, UsualCoat coat) {
    /** Returns its colour at full opacity. */
    public Lab colour() {
        return coat.product().toLab();
    }

    boolean corrects() {
        return role == Role.CORRECTOR;
    }
}
