package scree.core.colour;

/**
 * CIE 1931 tristimulus values, relative: Y of the white is 1. Small negative values occur for estimates and are kept.
 *
 * @param x X
 * @param y Y, the luminance
 * @param z Z
 */
public record Xyz(double x, double y, double z) {
    /** The white of sRGB, from the rounded xy 0.3127, 0.3290 of IEC 61966-2-1. For pixels; spectra use the weights' sums. */
    public static final Xyz D65 = new Xyz(0.3127 / 0.3290, 1, (1 - 0.3127 - 0.3290) / 0.3290);

    public Xyz {
        x = Check.finite("X", x);
        y = Check.finite("Y", y);
        z = Check.finite("Z", z);
    }

    /**
     * Returns L*a*b* against the given white. Divide by the white of the same pipeline, or white comes out tinted: pixels
     * by {@link #D65}, spectra by {@link Illuminant#white()}.
     */
    public Lab toLab(Xyz white) {
        double fx = f(x / white.x);
        double fy = f(y / white.y);
        double fz = f(z / white.z);
        return Lab.ofClamped(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static double f(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }
}
