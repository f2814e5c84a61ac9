package scree.core.shade;

/** How a product looks when it has settled. */
public enum Finish {
    MATTE,
    SATIN,
    DEWY,
    SHEEN
}
