package scree.core.colour;

/** Refuses values outside their range with a message that names the field, what came, what is allowed and the way out. */
public final class Check {
    private Check() {}

    /**
     * Returns {@code value} with −0.0 made 0.0.
     *
     * @throws IllegalArgumentException if it is NaN or outside {@code min..max}
     */
    public static double inRange(String field, double value, double min, double max, String wayOut) {
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(
                    "%s is %s, but runs from %s to %s: %s".formatted(field, value, min, max, wayOut));
        }
        return value + 0.0;
    }

    /** Returns {@code value}; refuses NaN and infinities. */
    public static double finite(String field, double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("%s is %s, but has to be a finite number".formatted(field, value));
        }
        return value + 0.0;
    }
}
