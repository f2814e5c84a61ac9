package scree.core.shade;

/** What a product is made as. */
public enum Form {
    LIQUID,
    CREAM,
    STICK,
    POWDER,
    DROPS
}
