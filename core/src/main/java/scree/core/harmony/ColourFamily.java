package scree.core.harmony;

import scree.core.colour.Lab;

/**
 * Families of colour for cheeks and lips: cool or warm, light or deep. House choice: where artists' names part, docs/method.md.
 */
public enum ColourFamily {
    /** Cool and light. */
    ROSE,
    /** Warm and light. */
    PEACH,
    /** Cool and deep. */
    BERRY,
    /** Warm and deep. */
    BRICK;

    /** L* of a product under which it counts as deep. */
    private static final double DEEP = 50;

    /** Hue from which a cheek's colour is warm; lips are redder all together. */
    private static final double WARM_CHEEK = 40;

    private static final double WARM_LIP = 26.5;
    /** Hues on the blue side of red count as below 0. */
    private static final double HALF = 180;

    /** Returns the family of a product's colour on a part. */
    public static ColourFamily of(Part part, Lab product) {
        double h = product.hueDegrees();
        boolean warm = (h > HALF ? h - 2 * HALF : h) >= (part == Part.LIP ? WARM_LIP : WARM_CHEEK);
        boolean deep = product.lightness() < DEEP;
        return deep ? warm ? BRICK : BERRY : warm ? PEACH : ROSE;
    }
}
