package scree.core.plane;

import org.hipparchus.special.Erf;

/** The normal distribution. */
public final class Normal {
    private Normal() {}

    /** Returns Φ(x). */
    public static double below(double x) {
        return Erf.erfc(-x / Math.sqrt(2)) / 2;
    }
}
