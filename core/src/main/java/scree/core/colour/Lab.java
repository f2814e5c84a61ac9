package scree.core.colour;

/**
 * A colour in CIE 1976 L*a*b* (ISO/CIE 11664-4), white D65, 2° observer. Out of range is refused, never clamped.
 *
 * @param lightness L*, 0 (black) to 100 (white)
 * @param a a*, green (−) to red (+), −128 to 128
 * @param b b*, blue (−) to yellow (+), −128 to 128
 */
public record Lab(double lightness, double a, double b) {
    /** House limit, not the standard's: the span of 8-bit Lab files. Past it is a bad reading, not a colour. */
    static final double CHROMATIC_LIMIT = 128;

    public Lab {
        lightness = Check.inRange("lightness", lightness, 0, 100, "rescale 0–255 readings by 100/255");
        a = Check.inRange("a", a, -CHROMATIC_LIMIT, CHROMATIC_LIMIT, "check the file's column order");
        b = Check.inRange("b", b, -CHROMATIC_LIMIT, CHROMATIC_LIMIT, "check the file's column order");
    }

    public static Lab of(double lightness, double a, double b) {
        return new Lab(lightness, a, b);
    }

    /** Like {@link #of}, but moves each figure to the nearest allowed one. For estimates, which may overshoot. */
    public static Lab ofClamped(double lightness, double a, double b) {
        return new Lab(
                Math.min(100, Math.max(0, lightness)),
                Math.min(CHROMATIC_LIMIT, Math.max(-CHROMATIC_LIMIT, a)),
                Math.min(CHROMATIC_LIMIT, Math.max(-CHROMATIC_LIMIT, b)));
    }

    /** Returns the colour of the given chroma (0 or more) and hue angle in degrees. */
    public static Lab ofLch(double lightness, double chroma, double hueDegrees) {
        double hue = Math.toRadians(hueDegrees);
        return new Lab(lightness, chroma * Math.cos(hue), chroma * Math.sin(hue));
    }

    /** Returns C*, 0 or more. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** Returns the hue angle in degrees, 0 to 360; 0 for a grey. */
    public double hueDegrees() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /** Returns ΔE00 (no unit), 0 for equal colours. Sharma, Wu and Dalal (2005), doi:10.1002/col.20070. */
    public double differenceFrom(Lab other) {
        return CieDe2000.between(this, other);
    }

    /** Returns the point a share of the way to {@code other}: 0 is this, 1 the other. For paths, not for mixing paint. */
    public Lab towards(Lab other, double share) {
        return new Lab(
                lightness + share * (other.lightness - lightness),
                a + share * (other.a - a),
                b + share * (other.b - b));
    }

    /** Returns tristimulus values for D65, Y of white = 1. */
    public Xyz toXyz() {
        double fy = (lightness + 16) / 116;
        return new Xyz(
                Xyz.D65.x() * inverse(fy + a / 500), Xyz.D65.y() * inverse(fy), Xyz.D65.z() * inverse(fy - b / 200));
    }

    private static double inverse(double f) {
        return f > 6.0 / 29 ? f * f * f : (116 * f - 16) * 27 / 24389;
    }
}
