package scree.core.face;

/** Where a measure of a face lies among faces: a word that holds still, with the usual between its two sides. */
public enum Level {
    LOW,
    USUAL,
    HIGH;

    /** Half width of the usual in spreads, so that a third of all faces is usual. House choice: room before a word turns. */
    private static final double ROOM = 0.43;

    /** @param spread one standard deviation over faces, above 0 */
    static Level of(double value, double centre, double spread) {
        double z = (value - centre) / spread;
        return z > ROOM ? HIGH : z < -ROOM ? LOW : USUAL;
    }
}
