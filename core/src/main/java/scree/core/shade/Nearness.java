package scree.core.shade;

/** Words for a colour difference on skin. Start values in this one place, docs/method.md. */
public enum Nearness {
    /** Vanishes. */
    UNSEEN(1),
    VERY_CLOSE(2),
    /** Close enough to blend. */
    CLOSE(3),
    EDGE_SHOWS(5),
    TOO_FAR(Double.POSITIVE_INFINITY);

    private final double upTo;

    Nearness(double upTo) {
        this.upTo = upTo;
    }

    /** @param difference ΔE00, 0 or more */
    public static Nearness of(double difference) {
        for (Nearness nearness : values()) {
            if (difference <= nearness.upTo) {
                return nearness;
            }
        }
        return TOO_FAR;
    }

    /** Returns the largest ΔE00 that still deserves the word. */
    public double upTo() {
        return upTo;
    }
}
