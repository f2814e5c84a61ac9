package scree.core.method;

/** What a placement is to do. Preference wins over rule: there is no right face. */
public enum Aim {
    /** Towards an oval; the default. */
    BALANCE,
    /** Sharper. */
    SCULPT,
    /** Rounder, younger. */
    SOFTEN,
    /** Older faces: everything up, nothing that drags. */
    LIFT,
    /** Only restores what the base flattened. */
    NATURAL,
    /** Lengthens: light downward, shadow at the sides. */
    LONGER,
    /** Widens: light to the sides, shadow above and below. */
    WIDER
}
