package scree.core.shade;

/** What a label or its maker says of a product. Silence is no promise: unknown is never taken for the safe answer. */
public enum Told {
    YES,
    NO,
    UNKNOWN
}
