package scree.app.sheet;

import java.time.OffsetDateTime;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;

/**
 * What lies on a field.
 *
 * @param productId of the kit, or null for one that is new
 * @param line of a new one
 * @param name of a new one
 * @param thick whether it lies on the next field too, laid thick
 * @param takenAt when its product took what was read, or null
 */
record SheetField(
        int number,
        Long productId,
        String line,
        String name,
        Role role,
        Form form,
        Finish finish,
        boolean thick,
        OffsetDateTime takenAt) {
    /** Returns the same lying thick on the next field too, or not; what was taken is to be taken again. */
    SheetField lyingThick(boolean so) {
        return new SheetField(number, productId, line, name, role, form, finish, so, null);
    }

    /** Returns whether it can be taken into the kit. */
    boolean named() {
        return productId != null || line != null && name != null && role != null && form != null && finish != null;
    }
}
