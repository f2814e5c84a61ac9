package scree.core.skin;

import scree.core.colour.Lab;

/** Depth classes by individual typology angle. Chardon et al. (1991); Del Bino and Bernerd (2013), doi:10.1111/bjd.12529. */
public enum Depth {
    VERY_FAIR(55),
    FAIR(41),
    MEDIUM(28),
    TAN(10),
    DEEP(-30),
    VERY_DEEP(Double.NEGATIVE_INFINITY);

    private final double above;

    Depth(double above) {
        this.above = above;
    }

    /**
     * Returns the angle atan((L* − 50) / b*) in degrees, −90 to 90.
     *
     * @throws IllegalArgumentException for b* of 0 or less, where it is not defined
     */
    public static double itaDegrees(Lab skin) {
        if (skin.b() <= 0) {
            throw new IllegalArgumentException(
                    "b* is %s, but skin has a b* above 0: check white balance and zone".formatted(skin.b()));
        }
        return Math.toDegrees(Math.atan2(skin.lightness() - 50, skin.b()));
    }

    /** The fairest and the deepest that a skin may be. */
    public record Range(Depth fairest, Depth deepest) {}

    /** Returns the classes that usual skin may belong to whose L* is only known to so much either way. */
    public static Range within(double lightness, double either) {
        return new Range(
                of(ReferenceCurve.at(Math.min(100, lightness + either))),
                of(ReferenceCurve.at(Math.max(0, lightness - either))));
    }

    public static Depth of(Lab skin) {
        double ita = itaDegrees(skin);
        for (Depth depth : values()) {
            if (ita > depth.above) {
                return depth;
            }
        }
        return VERY_DEEP;
    }
}
