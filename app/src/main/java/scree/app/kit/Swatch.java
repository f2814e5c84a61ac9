package scree.app.kit;

import scree.core.colour.Lab;
import scree.core.shade.DryDown;

/**
 * A product's colours where it lies thick enough to hide what is under it.
 *
 * @param wet just laid
 * @param recorded settled, as it was typed or measured on a swatch
 * @param learned settled minus wet as stripes taught it, or null while none was watched
 * @param measure where the colours come from
 */
public record Swatch(Lab wet, Lab recorded, DryDown.Shift learned, Measure measure) {
    /** A swatch of which nothing was learned yet. */
    public static Swatch of(Lab wet, Lab settled) {
        return new Swatch(wet, settled, null, Measure.TYPED);
    }

    /** A colour that does not change while it settles, or of which only the settled one is known. */
    public static Swatch of(Lab settled) {
        return new Swatch(settled, settled, null, Measure.TYPED);
    }

    /** Returns the same without what stripes taught. */
    Swatch unlearned() {
        return new Swatch(wet, recorded, null, measure);
    }

    /** Returns the same colours from another source. */
    public Swatch by(Measure other) {
        return new Swatch(wet, recorded, learned, other);
    }

    /** Returns whether both colours are the same to a hundredth, which is all that a form shows. */
    boolean looksLike(Swatch other) {
        return same(wet, other.wet) && same(recorded, other.recorded);
    }

    private static boolean same(Lab a, Lab b) {
        return Math.round(100 * a.lightness()) == Math.round(100 * b.lightness())
                && Math.round(100 * a.a()) == Math.round(100 * b.a())
                && Math.round(100 * a.b()) == Math.round(100 * b.b());
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
