package scree.app.method;

/** Who settled something; a later one goes before an earlier one. */
public enum Level {
    /** The craft, as Scree follows it. */
    USUAL,
    STUDIO,
    ARTIST,
    /** For one client. */
    CLIENT,
    /** Done by hand the last time. */
    LAST_TIME
}
