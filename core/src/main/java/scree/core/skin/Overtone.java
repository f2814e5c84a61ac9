package scree.core.skin;

import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * What lies on top: an exposed zone against a sheltered one, told apart into melanin (tan) and blood (redness) on the log
 * reflectance of reconstructed spectra.
 *
 * @param tan extra melanin as optical density over 650–700 nm; 0.05 is seen
 * @param redness extra blood as optical density of 560 against 650 nm; 0.05 is seen
 */
public record Overtone(double tan, double redness) {
    /** Where words begin. House choices: about 1 ΔE00 on medium skin, docs/method.md. */
    static final double TAN_SEEN = 0.05;

    static final double RED_SEEN = 0.06;

    /** What an overtone is called. */
    public enum Kind {
        /** Face and sheltered skin agree. */
        NONE,
        REDDER,
        TANNED,
        REDDER_AND_TANNED,
        /** The face is lighter than the sheltered skin. */
        LIGHTER
    }

    public static Overtone between(Lab exposed, Lab sheltered) {
        double[] face = densities(exposed);
        double[] rest = densities(sheltered);
        return new Overtone(face[0] - rest[0], face[1] - rest[1]);
    }

    public Kind kind() {
        boolean red = redness > RED_SEEN;
        boolean tanned = tan > TAN_SEEN;
        if (red && tanned) {
            return Kind.REDDER_AND_TANNED;
        }
        if (red) {
            return Kind.REDDER;
        }
        if (tanned) {
            return Kind.TANNED;
        }
        return tan < -TAN_SEEN ? Kind.LIGHTER : Kind.NONE;
    }

    private static double[] densities(Lab colour) {
        Spectrum s = LeastSlope.spectrumOf(colour)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that skin can have: check the zone and the light".formatted(colour)));
        double red = 0;
        for (int band = 27; band <= 32; band++) {
            red += Math.log(s.at(band)) / 6;
        }
        return new double[] {-red, Math.log(s.at(27)) - Math.log(s.at(18))};
    }
}
