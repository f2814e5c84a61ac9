package scree.core.routine;

/** How the tool moves. */
public enum Stroke {
    NONE,
    PRESS,
    TAP,
    STIPPLE,
    BUFF,
    DRAW,
    SWEEP,
    COMB,
    WIPE,
    /** Sprayed and fanned dry. */
    FAN;

    /** Returns whether the hand goes from one place to another, and does not only press or tap where it is. */
    public boolean moves() {
        return this == STIPPLE || this == BUFF || this == DRAW || this == SWEEP || this == COMB || this == WIPE;
    }
}
