package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.List;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/** The face's edge from temple to temple round the chin, and how wide the face is at a height. */
public final class EdgeCurve {
    private static final int STEPS = 10;
    private static final Landmark[] DOWN = {TEMPLE, CHEEK, JAW, JAW_MID, CHIN_SIDE};

    private double corner = Double.NaN;
    private final List<Vec> right;
    private final List<Vec> left;
    private final Descent rightDown;
    private final Descent leftDown;

    public EdgeCurve(LevelledFace face) {
        List<Vec> knots = new ArrayList<>();
        for (Landmark l : DOWN) {
            knots.add(face.at(l, Side.RIGHT));
        }
        knots.add(face.at(CHIN));
        for (int i = DOWN.length - 1; i >= 0; i--) {
            knots.add(face.at(DOWN[i], Side.LEFT));
        }
        List<Vec> curve = Curves.through(knots, STEPS);
        int chin = DOWN.length * STEPS;
        this.right = curve.subList(0, chin + 1);
        List<Vec> back = new ArrayList<>(curve.subList(chin, curve.size()));
        java.util.Collections.reverse(back);
        this.left = back;
        this.rightDown = Descent.of(right);
        this.leftDown = Descent.of(left);
    }

    /** Returns whether the edge runs through a landmark, or moves with it as with the pupils that level the face. */
    static boolean follows(Landmark landmark) {
        return landmark == PUPIL || landmark == CHIN || List.of(DOWN).contains(landmark);
    }

    /** Returns the edge from the right temple round the chin to the left. */
    public List<Vec> line() {
        List<Vec> all = new ArrayList<>(right);
        for (int i = left.size() - 2; i >= 0; i--) {
            all.add(left.get(i));
        }
        return all;
    }

    /** Returns the width at height y; beyond temple and chin that of the nearest height. */
    double width(double y) {
        return leftDown.x(y) - rightDown.x(y);
    }

    /**
     * One side as x over y.
     *
     * @param reached the lowest y on the way from the temple to each point: where the edge climbs, it counts as level
     * @param x of each point
     */
    private record Descent(double[] reached, double[] x) {
        static Descent of(List<Vec> side) {
            double[] reached = new double[side.size()];
            double[] x = new double[side.size()];
            for (int i = 0; i < x.length; i++) {
                reached[i] = i == 0
                        ? side.get(0).y()
                        : Math.max(reached[i - 1], side.get(i).y());
                x[i] = side.get(i).x();
            }
            return new Descent(reached, x);
        }

        double x(double y) {
            int last = x.length - 1;
            if (y <= reached[0]) {
                return x[0];
            }
            if (y > reached[last]) {
                return x[last];
            }
            int above = 0;
            int below = last;
            while (below - above > 1) {
                int middle = (above + below) >>> 1;
                if (reached[middle] < y) {
                    above = middle;
                } else {
                    below = middle;
                }
            }
            return x[above] + (x[below] - x[above]) * (y - reached[above]) / (reached[below] - reached[above]);
        }
    }

    /**
     * Returns the largest turn in degrees within any half pupil distance of the edge between cheek and 0.45 short of the
     * chin, mean of both sides: an even curve turns 30–37, a corner 48 and more.
     */
    double corner() {
        if (Double.isNaN(corner)) {
            corner = (corner(right) + corner(left)) / 2;
        }
        return corner;
    }

    private static double corner(List<Vec> side) {
        List<Vec> part = side.subList(STEPS, side.size());
        double length = Curves.length(part) - .45;
        double step = .02;
        int n = Math.max(4, (int) (length / step));
        List<Vec> even = Curves.evenly(part, (int) Math.round(Curves.length(part) / step) + 1);
        double most = 0;
        int window = (int) Math.round(.5 / step);
        for (int i = 1; i + window < Math.min(n, even.size() - 1); i++) {
            most = Math.max(most, Math.abs(turn(Curves.direction(even, i), Curves.direction(even, i + window))));
        }
        return Math.toDegrees(most);
    }

    private static double turn(Vec a, Vec b) {
        return Math.atan2(a.x() * b.y() - a.y() * b.x(), a.dot(b));
    }
}
