package scree.core.skin;

import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * What lies on top: an exposed zone against a sheltered one, told apart into melanin (tan) and blood (redness) on the log
 * reflectance of reconstructed spectra.
 *
 * @param tan extra melanin as optical density over 650–700 nm
 * @param redness extra blood as optical density of 560 against 650 nm
 */
public record Overtone(double tan, double redness) {
    /** Where words begin. House choices: about 1 ΔE00 on medium skin, docs/method.md. */
    static final double TAN_SEEN = 0.05;

    static final double RED_SEEN = 0.04;
    /** Seen from reconstructed spectra, blood also darkens red light, and melanin also bends the slope. Derived: doubling
     * blood and adding half the melanin in the skin model over melanin 0.01–0.06; on deep skin redness hides and reads low. */
    private static final double BLOOD_IN_RED = 0.87;

    private static final double MELANIN_IN_SLOPE = 0.28;

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
        double red = face[0] - rest[0];
        double slope = face[1] - rest[1];
        double unmixed = 1 - BLOOD_IN_RED * MELANIN_IN_SLOPE;
        return new Overtone((red - BLOOD_IN_RED * slope) / unmixed, (slope - MELANIN_IN_SLOPE * red) / unmixed);
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
