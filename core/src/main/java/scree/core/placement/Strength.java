package scree.core.placement;

/** How strong a zone is, in words. House choices: steps that an eye tells apart on skin. */
public enum Strength {
    HINT(0.2),
    LIGHT(0.42),
    UNDER_HALF(0.6),
    OVER_HALF(0.85),
    FULL(1.05),
    STRONG(Double.POSITIVE_INFINITY);

    private final double below;

    Strength(double below) {
        this.below = below;
    }

    /** @param strength 1 is what the plan asks for in full */
    public static Strength of(double strength) {
        for (Strength each : values()) {
            if (strength < each.below) {
                return each;
            }
        }
        return STRONG;
    }
}
