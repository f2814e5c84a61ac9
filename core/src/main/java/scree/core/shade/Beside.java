package scree.core.shade;

import scree.core.colour.Check;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;

/**
 * A colour told by another one: so many steps deeper, so many more golden. A step is what a range of bases usually differs by, so
 * that an artist who knows the neighbour can say it by eye.
 *
 * @param deeper steps, −6 to 6; below 0 lighter
 * @param golden steps, −6 to 6; below 0 pinker
 */
public record Beside(int deeper, int golden) {
    /** L* of one step: House choice, the spacing of most ranges in the middle depths (craft, one shade is 2 to 4 L*). */
    public static final double DEPTH_STEP = 2.5;

    /** Degrees of hue of one step: House choice, half the way between two undertone families. */
    public static final double HUE_STEP = 3;

    public static final int MOST = 6;

    public Beside {
        Check.inRange("deeper", deeper, -MOST, MOST, "take a nearer product");
        Check.inRange("golden", golden, -MOST, MOST, "take a nearer product");
    }

    /** Returns the colour beside another, with the chroma that the same undertone has at its depth. */
    public Lab of(Lab other) {
        double l = Math.max(0, Math.min(100, other.lightness() - deeper * DEPTH_STEP));
        double usual = ReferenceCurve.at(l).chroma()
                / ReferenceCurve.at(other.lightness()).chroma();
        return Lab.ofLch(l, other.chroma() * usual, other.hueDegrees() + golden * HUE_STEP);
    }
}
