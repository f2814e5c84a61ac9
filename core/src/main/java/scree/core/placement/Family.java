package scree.core.placement;

import scree.core.shade.Role;

/** What a zone does to the face. */
public enum Family {
    /** Pushes back: darker and cooler. */
    SHADOW(Role.CONTOUR),
    /** Brings forward, matt. */
    LIGHT(Role.BRIGHTENER),
    /** Gives life. */
    COLOUR(Role.BLUSH),
    /** Where sun lands. */
    SUN(Role.BRONZER),
    /** Catches light. */
    SHEEN(Role.HIGHLIGHT),
    /** Takes shine away and holds. */
    POWDER(Role.POWDER);

    private final Role wants;

    Family(Role wants) {
        this.wants = wants;
    }

    /** Returns the role of product that its zones want. */
    public Role wants() {
        return wants;
    }

    /** Returns whether the brush is lifted over a covered scar: red and sheen show what is covered. Cited, craft of heavy cover. */
    public boolean lifted() {
        return this == COLOUR || this == SHEEN;
    }
}
