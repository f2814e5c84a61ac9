package scree.core.skin;

/** What fingers and eyes find that colour does not tell; it changes which product and finish may go there. */
public enum Texture {
    DRY_PATCH,
    CREPE,
    FINE_LINES,
    BAG,
    OPEN_PORES,
    RAISED_BLEMISH,
    /** Broken, weeping or freshly treated: nothing goes on, whatever the plan says. */
    BROKEN_SKIN;

    /** Returns whether a caution stands wherever the zone is worked. */
    public boolean caution() {
        return this == BROKEN_SKIN;
    }
}
