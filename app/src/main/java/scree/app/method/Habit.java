package scree.app.method;

/** What one does: when skin and day ask for it, or whatever they ask. */
public enum Habit {
    USUAL,
    ALWAYS,
    NEVER
}
