package scree.app.kit;

import scree.core.colour.Lab;
import scree.core.shade.DryDown;

/**
 * A product's colours where it lies thick enough to hide what is under it.
 *
 * @param wet just laid
 * @param recorded settled, as it was typed or measured on a swatch
 * @param learned settled minus wet as stripes taught it, or null while none was watched
 */
public record Swatch(Lab wet, Lab recorded, DryDown.Shift learned) {
    /** A swatch of which nothing was learned yet. */
    public static Swatch of(Lab wet, Lab settled) {
        return new Swatch(wet, settled, null);
    }

    /** A colour that does not change while it settles, or of which only the settled one is known. */
    public static Swatch of(Lab settled) {
        return new Swatch(settled, settled, null);
    }

    /** Returns the settled colour to count on: as learned from stripes, or as recorded while none was watched. */
    public Lab settled() {
        return learned == null ? recorded : learned.from(wet);
    }

    /** Returns settled minus wet, as counted on. */
    public DryDown.Shift shift() {
        return DryDown.Shift.between(wet, settled());
    }
}
