package scree.core.face;

/** What a frontal picture cannot show, or what the artist sees and feels: ticked by hand. */
public enum Tick {
    HOLLOW_TEMPLES,
    HOLLOW_CHEEKS,
    /** Round at the front. */
    FULL_CHEEKS,
    FLAT_CHEEKS,
    JOWL,
    FULL_UNDER_CHIN,
    /** From the nose wing to the mouth. */
    NOSE_FOLDS,
    /** From the mouth corner down. */
    MARIONETTE_LINES,
    /** Lines or crepe under the eye. */
    UNDER_EYE_LINES,
    EYE_BAGS,
    HOODED_LIDS,
    /** A fringe covers the forehead. */
    FRINGE,
    DRY_FOREHEAD,
    /** Pores, scars or covered blemishes on the cheek. */
    CHEEK_TEXTURE,
    /** The same on nose or brow bone. */
    NOSE_TEXTURE,
    CHEEK_REDNESS,
    /** The whole outline is round, whatever the shape's name. */
    ROUND_OUTLINE,
    /** The nose leans to the sitter's right; more shadow on the other side. */
    NOSE_LEANS_RIGHT,
    NOSE_LEANS_LEFT,
    /** The sitter's right half is fuller. */
    FULLER_RIGHT,
    FULLER_LEFT,
    FULLER_LIP_WANTED;

    /** Returns the first age at which the habit of corners instead of a triangle is taken. House choice after the craft. */
    public static int matureFrom() {
        return 55;
    }
}
