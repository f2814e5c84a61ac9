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
    MIXER
}
