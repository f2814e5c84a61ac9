package scree.core.cover;

/**
 * An amount as it is counted at the chair.
 *
 * @param count 1 and up
 */
public record Counted(Unit unit, int count) {
    /** How it is taken up. */
    public enum Unit {
        /** A dot of a small brush. */
        DOT(.25),
        /** What a fingertip or a sponge's tip carries. */
        TAP(1),
        DROP(50);

        private final double microlitres;

        Unit(double microlitres) {
            this.microlitres = microlitres;
        }
    }

    /** Up to here a small brush lays it. House choice, cm². */
    private static final double SMALL = 1;

    /**
     * Returns the count for an area. House choices: a fingertip tap carries 1 µl, a small brush's dot a quarter of that, a drop 50; what
     * a form loses while it settles is laid as well.
     *
     * @param area cm²
     */
    public static Counted of(Layer<?> layer, double area, Bears bears) {
        double microlitres =
                area * layer.microns(bears) / 10 / layer.ware().form().settledShare();
        Unit unit = area <= SMALL ? Unit.DOT : microlitres >= Unit.DROP.microlitres / 2 ? Unit.DROP : Unit.TAP;
        return new Counted(unit, Math.max(1, (int) Math.round(microlitres / unit.microlitres)));
    }
}
