package scree.core.mix;

import java.util.Arrays;

/**
 * Looks points up in three dimensions when the reach is short: a grid with the few points of each cell, places beyond its edge
 * counted to the border cells. Long reaches go to the k-d tree. The answer is the same either way.
 */
final class NearPoints {
    private static final int CELLS = 150_000;
    /** Share of the points beyond either end of an axis, so that a few drops do not stretch the cells. */
    private static final double BEYOND = 0.03;
    /** Cells along an axis up to which the grid is quicker than the tree. Derived: measured. */
    private static final int MOST_CELLS_ACROSS = 14;

    /** About the reach that is asked for once a few good ones are known, ΔE00. Derived: measured. */
    private static final double LEAST_CELL = 0.4;

    /** Most of the look-ups find nothing: a reach up to this is answered by one cell. Derived: measured. */
    private static final double FAR = 2;

    /** The reach of most of them. Derived: measured. */
    private static final double SHORT = 0.5;
    /** A little less, so that rounding to a float never claims too much. */
    private static final double ROUNDED = 1 - 1e-6;

    private final double[][] points;
    private final Nearest tree;
    private final double[] low = new double[3];
    private final int[] count = new int[3];
    private final double perCell;
    /** Points of cell i stand in {@code order} from {@code start[i]} to {@code start[i + 1]}. */
    private final int[] start;

    private final int[] order;
    /** How far at least any place of a cell is from every point, up to {@link #FAR}. */
    private final float[] clear;
    /** The same for the reach SHORT, one bit a cell, which stays in the processor's quickest store. */
    private final long[] near;

    NearPoints(double[][] points) {
        this.points = points;
        this.tree = new Nearest(points);
        double volume = 1;
        double[] span = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            int a = axis;
            double[] sorted =
                    Arrays.stream(points).mapToDouble(p -> p[a]).sorted().toArray();
            int beyond = (int) (BEYOND * sorted.length);
            low[axis] = sorted.length == 0 ? 0 : sorted[beyond];
            span[axis] = sorted.length == 0 ? 1 : Math.max(1e-3, sorted[sorted.length - 1 - beyond] - low[axis]);
            volume *= span[axis];
        }
        perCell = 1 / Math.max(LEAST_CELL, Math.cbrt(volume / CELLS));
        for (int axis = 0; axis < 3; axis++) {
            count[axis] = Math.min(CELLS, 1 + (int) (span[axis] * perCell));
        }
        start = new int[count[0] * count[1] * count[2] + 1];
        order = new int[points.length];
        fill();
        clear = new float[start.length - 1];
        Arrays.fill(clear, (float) FAR);
        for (double[] p : points) {
            approach(p);
        }
        near = new long[clear.length / 64 + 1];
        for (int cell = 0; cell < clear.length; cell++) {
            if (clear[cell] < SHORT) {
                near[cell >> 6] |= 1L << cell;
            }
        }
    }

    /** Lowers the clear distance of the cells round a point. */
    private void approach(double[] p) {
        for (int i = at(p[0] - FAR, 0); i <= at(p[0] + FAR, 0); i++) {
            double dx = gap(p[0], i, 0);
            for (int j = at(p[1] - FAR, 1); j <= at(p[1] + FAR, 1); j++) {
                double dy = gap(p[1], j, 1);
                for (int k = at(p[2] - FAR, 2); k <= at(p[2] + FAR, 2); k++) {
                    double dz = gap(p[2], k, 2);
                    int cell = cell(i, j, k);
                    clear[cell] = Math.min(clear[cell], (float) (ROUNDED * Math.sqrt(dx * dx + dy * dy + dz * dz)));
                }
            }
        }
    }

    /** Distance along an axis from a value to a cell, which is endless at the border. */
    private double gap(double value, int i, int axis) {
        double from = i == 0 ? Double.NEGATIVE_INFINITY : low[axis] + i / perCell;
        double to = i == count[axis] - 1 ? Double.POSITIVE_INFINITY : low[axis] + (i + 1) / perCell;
        return Math.max(0, Math.max(from - value, value - to));
    }

    private void fill() {
        int[] cells = Arrays.stream(points)
                .mapToInt(p -> cell(at(p[0], 0), at(p[1], 1), at(p[2], 2)))
                .toArray();
        for (int cell : cells) {
            start[cell + 1]++;
        }
        for (int i = 1; i < start.length; i++) {
            start[i] += start[i - 1];
        }
        int[] next = start.clone();
        for (int i = 0; i < cells.length; i++) {
            order[next[cells[i]]++] = i;
        }
    }

    private int at(double value, int axis) {
        int i = (int) ((value - low[axis]) * perCell);
        return i < 0 ? 0 : Math.min(i, count[axis] - 1);
    }

    private int cell(int i, int j, int k) {
        return (i * count[1] + j) * count[2] + k;
    }

    /** Returns the index of the nearest point closer than the reach, or −1. */
    int within(double x, double y, double z, double reach) {
        int cell = cell(at(x, 0), at(y, 1), at(z, 2));
        boolean nothing = reach <= SHORT ? (near[cell >> 6] & 1L << cell) == 0 : reach <= FAR && clear[cell] >= reach;
        return nothing ? -1 : inside(x, y, z, reach);
    }

    private int inside(double x, double y, double z, double reach) {
        if (!(reach * perCell * 2 < MOST_CELLS_ACROSS)) {
            return tree.within(x, y, z, reach * reach);
        }
        int toI = at(x + reach, 0);
        int fromJ = at(y - reach, 1);
        int toJ = at(y + reach, 1);
        int fromK = at(z - reach, 2);
        int toK = at(z + reach, 2);
        double best = reach * reach;
        int found = -1;
        for (int i = at(x - reach, 0); i <= toI; i++) {
            for (int j = fromJ; j <= toJ; j++) {
                // cells along the last axis lie side by side, and so do their points
                int until = start[cell(i, j, toK) + 1];
                for (int n = start[cell(i, j, fromK)]; n < until; n++) {
                    double[] p = points[order[n]];
                    double dx = x - p[0];
                    double dy = y - p[1];
                    double dz = z - p[2];
                    double d = dx * dx + dy * dy + dz * dz;
                    if (d < best) {
                        best = d;
                        found = order[n];
                    }
                }
            }
        }
        return found;
    }
}
