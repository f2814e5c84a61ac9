package scree.core.reason;

/** How much a reason asks for attention. Nothing is ever forced. */
public enum Severity {
    /** Explains. */
    NOTE,
    /** Asks for a look. */
    CHECK,
    /** A caution: something may go wrong. */
    CAUTION
}
