package scree.core.method;

/** How the plan of a correction is found. */
public enum CoverSchool {
    /** The film decides. */
    COMPUTED,
    /** The craft's table of correctors. */
    BY_TABLE
}
