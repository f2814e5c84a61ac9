package scree.core.shade;

/**
 * How much is laid, as an artist says it, in usual coats of the product: of base, concealer and corrector a usual coat on a face, of
 * colour the dose that the kit of its role calls usual ({@link UsualCoat#laid}). House choices: between the amounts that a hand tells apart.
 */
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
