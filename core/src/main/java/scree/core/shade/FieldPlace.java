package scree.core.shade;

import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;

/**
 * Where a colour lies in the pebble field.
 *
 * @param lean hue angle minus usual hue at that depth, degrees; above 0 more golden
 * @param lightness L*
 */
public record FieldPlace(double lean, double lightness) {
    public static FieldPlace of(Lab colour) {
        return new FieldPlace(ReferenceCurve.hueLean(colour), colour.lightness());
    }

    /** Returns the colour at this place with the given chroma. */
    public Lab at(double chroma) {
        return Lab.ofLch(lightness, chroma, ReferenceCurve.at(lightness).hueDegrees() + lean);
    }
}
