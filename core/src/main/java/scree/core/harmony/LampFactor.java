package scree.core.harmony;

import scree.core.colour.CieDe2000;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;

/**
 * How much stronger a colour has to be so that a lamp leaves of it what daylight shows: the ratio of the differences of film and ground,
 * by an eye that is used to the lamp by a share (von Kries on linear sRGB, as in the preview).
 */
public final class LampFactor {
    private static final double ADAPTED = .72;
    private static final double LEAST = .8;
    private static final double MOST = 1.4;
    private static final double LEAST_SEEN = .3;
    private static final double LEAST_WHITE = .02;

    private LampFactor() {}

    /** Returns 0.8 to 1.4. */
    public static double of(Spectrum ground, Spectrum film, Illuminant lamp) {
        double day = CieDe2000.between(seen(film, Illuminant.D65), seen(ground, Illuminant.D65));
        double there = CieDe2000.between(seen(film, lamp), seen(ground, lamp));
        return Math.max(LEAST, Math.min(MOST, day / Math.max(LEAST_SEEN, there)));
    }

    private static Lab seen(Spectrum s, Illuminant lamp) {
        double[] white = Srgb.toLinear(lamp.white());
        double[] rgb = Srgb.toLinear(s.toXyz(lamp));
        for (int c = 0; c < rgb.length; c++) {
            rgb[c] = ADAPTED * rgb[c] / Math.max(LEAST_WHITE, white[c]) + (1 - ADAPTED) * rgb[c];
        }
        return Srgb.toXyz(rgb[0], rgb[1], rgb[2]).toLab(Xyz.D65);
    }
}
