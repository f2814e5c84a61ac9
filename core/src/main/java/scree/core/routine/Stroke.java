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
    FAN
}
