package scree.core.mix;

/** The nearest of some points in three dimensions within a reach: a k-d tree in flat arrays. */
final class Nearest {
    private final double[][] points;
    private final int[] order;

    Nearest(double[][] points) {
        this.points = points;
        this.order = new int[points.length];
        for (int i = 0; i < order.length; i++) {
            order[i] = i;
        }
        build(0, order.length, 0);
    }

    /** Returns the index of the nearest point closer than √reach2, or −1. */
    int within(double x, double y, double z, double reach2) {
        Search search = new Search(x, y, z, reach2);
        search.visit(0, order.length, 0);
        return search.found;
    }

    private void build(int from, int to, int axis) {
        if (to - from < 2) {
            return;
        }
        int middle = (from + to) / 2;
        select(from, to - 1, middle, axis);
        build(from, middle, (axis + 1) % 3);
        build(middle + 1, to, (axis + 1) % 3);
    }

    /** Hoare's selection: puts the middle in its place, smaller before, larger after. */
    private void select(int low, int high, int k, int axis) {
        int left = low;
        int right = high;
        while (left < right) {
            double pivot = points[order[k]][axis];
            int i = left;
            int j = right;
            while (i <= j) {
                while (points[order[i]][axis] < pivot) {
                    i++;
                }
                while (points[order[j]][axis] > pivot) {
                    j--;
                }
                if (i <= j) {
                    int swap = order[i];
                    order[i++] = order[j];
                    order[j--] = swap;
                }
            }
            if (j < k) {
                left = i;
            }
            if (k < i) {
                right = j;
            }
        }
    }

    private final class Search {
        private final double x;
        private final double y;
        private final double z;
        private double best;
        private int found = -1;

        Search(double x, double y, double z, double reach2) {
            this.x = x;
            this.y = y;
            this.z = z;
            this.best = reach2;
        }

        void visit(int from, int to, int axis) {
            if (from >= to) {
                return;
            }
            int middle = (from + to) / 2;
            double[] p = points[order[middle]];
            double dx = x - p[0];
            double dy = y - p[1];
            double dz = z - p[2];
            double d = dx * dx + dy * dy + dz * dz;
            if (d < best) {
                best = d;
                found = order[middle];
            }
            double side = axis == 0 ? dx : axis == 1 ? dy : dz;
            int next = axis == 2 ? 0 : axis + 1;
            if (side < 0) {
                visit(from, middle, next);
                if (side * side < best) {
                    visit(middle + 1, to, next);
                }
            } else {
                visit(middle + 1, to, next);
                if (side * side < best) {
                    visit(from, middle, next);
                }
            }
        }
    }
}
