package scree.core.face;

/** The normal distribution. */
final class Normal {
    private Normal() {}

    /** Returns Φ(x). */
    static double below(double x) {
        return .5 * (1 + org.hipparchus.special.Erf.erf(x / Math.sqrt(2)));
    }
}
