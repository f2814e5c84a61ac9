package scree.core.judge;

/** What one would see of a product that does not look right, {@link #FITS} when nothing. */
public enum Looks {
    FITS,
    TOO_LIGHT,
    TOO_DARK,
    /** Lightens and takes colour out. */
    ASHY,
    /** A shadow or a lip that takes colour out. */
    GREY,
    /** A white cast, a blush that lightens, a mouth that is erased. */
    CHALKY,
    /** Darkens without colour, or greenish. */
    DIRTY,
    ORANGE,
    YELLOW,
    PINK,
    TOO_STRONG,
    INVISIBLE,
    /** The right way, but not far enough at the most coats. */
    NOT_REACHED,
    /** Sends a flash back white. */
    FLASHBACK
}
