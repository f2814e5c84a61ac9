package scree.core.judge;

import scree.core.colour.Lab;

/** Colour of hair or brows, as one says it, with a usual value for each. House choices, docs/method.md: read it where it matters. */
public enum HairTone {
    BLACK(14, 1, 1),
    DARK_BROWN(22, 5, 6),
    BROWN(31, 8, 11),
    LIGHT_BROWN(42, 8, 16),
    DARK_BLOND(52, 6, 18),
    BLOND(66, 5, 22),
    RED(42, 20, 26),
    GREY(58, 0, 3),
    WHITE(80, 0, 4);

    private final double lightness;
    private final double a;
    private final double b;

    HairTone(double lightness, double a, double b) {
        this.lightness = lightness;
        this.a = a;
        this.b = b;
    }

    /** Returns its usual colour. */
    public Lab colour() {
        return Lab.of(lightness, a, b);
    }
}
