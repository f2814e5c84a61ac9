package scree.app.kit;

/** How much of a product is left. */
public enum Stock {
    ENOUGH,
    /** To be bought before it is used up. */
    LOW,
    /** Used up or thrown away: it is not proposed. */
    OUT
}
