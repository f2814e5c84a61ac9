package scree.core.cover;

import scree.core.colour.Lab;

/** Families of correctors as the craft names them, and a skin tone where no hue is asked for. */
public enum Leaning {
    GREEN,
    OLIVE,
    YELLOW,
    PEACH,
    PINK_PEACH,
    PINK,
    ORANGE,
    RED_ORANGE,
    LAVENDER,
    SKIN_LIGHTER,
    SKIN,
    SKIN_DEEPER;

    /** Offsets of less chroma from the skin are no hue: a skin tone does it. House choice. */
    private static final double NO_HUE = 3.5;
    /** Of such a skin tone this much in L* is said. House choice. */
    private static final double SAID_LIGHTNESS = 1.5;

    /** What the craft calls peach on fair skin it calls orange from here down, and red-orange from there. House choices, L*. */
    private static final double ORANGE_UNDER = 62;

    private static final double RED_ORANGE_UNDER = 48;

    /** And only where so much chroma is asked for beside the skin's own. House choice. */
    private static final double STRONG = 7;

    /** Returns the family of what is needed beside a skin, by the way that it parts from it. */
    static Leaning beside(Lab skin, Lab needed) {
        double l = needed.lightness() - skin.lightness();
        double a = needed.a() - skin.a();
        double b = needed.b() - skin.b();
        if (Math.hypot(a, b) < NO_HUE) {
            return l > SAID_LIGHTNESS ? SKIN_LIGHTER : l < -SAID_LIGHTNESS ? SKIN_DEEPER : SKIN;
        }
        if (l < -SAID_LIGHTNESS && a < NO_HUE && b < NO_HUE) {
            return SKIN_DEEPER; // a pale mark asks for depth: a cool hue would only grey it
        }
        double angle = Math.toDegrees(Math.atan2(b, a));
        double hue = angle < 0 ? angle + 360 : angle;
        if (hue > 330 || hue <= 12) {
            return warm(needed, skin, PINK);
        }
        if (hue <= 28) {
            return warm(needed, skin, PINK_PEACH);
        }
        if (hue <= 70) {
            return warm(needed, skin, PEACH);
        }
        return hue <= 110 ? YELLOW : hue <= 150 ? OLIVE : hue <= 230 ? GREEN : LAVENDER;
    }

    private static Leaning warm(Lab needed, Lab skin, Leaning onFair) {
        double l = needed.lightness();
        boolean strong = Math.hypot(needed.a() - skin.a(), needed.b() - skin.b()) >= STRONG;
        return l >= ORANGE_UNDER ? onFair : strong && l < RED_ORANGE_UNDER ? RED_ORANGE : ORANGE;
    }

    /** Returns the family that a product belongs to, by its own colour. */
    public static Leaning of(Lab product) {
        if (product.a() < -4) {
            return GREEN;
        }
        if (product.b() < 0) {
            return LAVENDER;
        }
        double hue = product.hueDegrees();
        if (hue > 80) {
            return product.a() < 2 ? OLIVE : YELLOW;
        }
        if (hue < 35) {
            return product.lightness() >= ORANGE_UNDER ? PINK : RED_ORANGE;
        }
        if (product.lightness() < 58) {
            return RED_ORANGE;
        }
        return product.lightness() < 69 ? ORANGE : hue < 45 ? PINK_PEACH : PEACH;
    }

    /** Returns whether a product of another family serves where this one is asked for. */
    boolean servedBy(Leaning other) {
        return this == other
                || this == PINK_PEACH && other == PEACH
                || this == PEACH && other == PINK_PEACH
                || this == OLIVE && other == YELLOW
                || this == YELLOW && other == OLIVE;
    }
}
