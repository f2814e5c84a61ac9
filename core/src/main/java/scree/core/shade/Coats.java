package scree.core.shade;

/** Coats as an artist says them of a base or bronzer. House choices: half-way between the amounts that are tried. */
public enum Coats {
    VEIL(0.4),
    HALF(0.6),
    /** Three quarters. */
    MOST(0.9),
    ONE(1.1),
    /** One and a half. */
    MORE(Double.POSITIVE_INFINITY);

    private final double upTo;

    Coats(double upTo) {
        this.upTo = upTo;
    }

    /** @param coats in usual coats, 0 or more */
    public static Coats of(double coats) {
        for (Coats c : values()) {
            if (coats <= c.upTo) {
                return c;
            }
        }
        return MORE;
    }
}
