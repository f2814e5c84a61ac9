package scree.core.image;

/**
 * A dark round spot in a light ring.
 *
 * @param radius pixels
 * @param core whether its middle is light again
 * @param contrast how much darker it is than its ring, in codes
 */
record Spot(Point centre, double radius, boolean core, double contrast) {}
