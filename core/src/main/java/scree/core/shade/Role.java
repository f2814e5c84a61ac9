package scree.core.shade;

/** What a product is for. */
public enum Role {
    BASE,
    CONCEALER,
    CORRECTOR,
    BRIGHTENER,
    CONTOUR,
    BRONZER,
    BLUSH,
    HIGHLIGHT,
    POWDER,
    MIXER;

    /** Returns whether one usual coat is too thin to tell its own colour: it is laid twice on a swatch sheet, usual and thick. */
    public boolean laidThin() {
        return switch (this) {
            case CONTOUR, BRONZER, BLUSH, HIGHLIGHT, POWDER -> true;
            case BASE, CONCEALER, CORRECTOR, BRIGHTENER, MIXER -> false;
        };
    }
}
