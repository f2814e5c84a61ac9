package scree.core.mesh;

import scree.core.colour.Table;

/**
 * The usual face as the mesh draws it: 468 points in pupil distances about the pupils' middle, x to the picture's right, y down, z away
 * from the viewer. Mean of meshes on photographs and drawings, made even. Source: shared worked-out table, docs/method.md.
 */
final class CanonicalMesh {
    private static final Table TABLE = Table.beside(CanonicalMesh.class, "canonical.csv");
    private static final int[] PARTNERS = whole(1);
    private static final double[][] PLACES = places();
    private static final int[] STABLE = stable();

    private CanonicalMesh() {}

    /** Returns the point's partner on the other side; points of the midline are their own. */
    static int partner(int point) {
        return PARTNERS[point];
    }

    static double[] at(int point) {
        return PLACES[point];
    }

    /** Returns the points that neither look nor expression moves: no lips, lids, jaw or chin. */
    static int[] stablePoints() {
        return STABLE.clone();
    }

    private static int[] whole(int column) {
        double[] read = TABLE.column(column);
        int[] whole = new int[read.length];
        for (int i = 0; i < read.length; i++) {
            whole[i] = (int) read[i];
        }
        return whole;
    }

    private static double[][] places() {
        double[][] places = new double[TABLE.rows().size()][];
        for (int i = 0; i < places.length; i++) {
            double[] row = TABLE.numbers(i, 2);
            places[i] = new double[] {row[0], row[1], row[2]};
        }
        return places;
    }

    private static int[] stable() {
        double[] marked = TABLE.column(5);
        return java.util.stream.IntStream.range(0, marked.length)
                .filter(i -> marked[i] > 0)
                .toArray();
    }
}
