package scree.core.swatch;

/** A picture of a swatch sheet that cannot be read as a whole. */
public final class SheetRefused extends Exception {
    private static final long serialVersionUID = 1L;
    private final Why why;

    public SheetRefused(Why why) {
        super(why.name());
        this.why = why;
    }

    public Why why() {
        return why;
    }

    /** Why it cannot be read. */
    public enum Why {
        NO_SHEET,
        /** Some of its corner squares are hidden or cut off. */
        HALF_SHEET,
        NO_CARD,
        HALF_CARD,
        /** The card lies beside the sheet or across it. */
        CARD_ELSEWHERE,
        CARD_NOT_FLAT,
        CARD_COVERED,
        BLURRED,
        TOO_BRIGHT,
        TOO_DARK
    }
}
