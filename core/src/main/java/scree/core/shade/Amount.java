package scree.core.placement;

/** What is laid on a zone, counted as at the chair. House choices: between the amounts that a hand tells apart. */
public enum Amount {
    BREATH(0.3),
    HALF(0.7),
    ONE(1.35),
    TWO(2.3),
    THREE(Double.POSITIVE_INFINITY);

    private final double below;

    Amount(double below) {
        this.below = below;
    }

    /** @param coats in usual coats, 0 or more */
    public static Amount of(double coats) {
        for (Amount each : values()) {
            if (coats < each.below) {
                return each;
            }
        }
        return THREE;
    }
}
