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
        return x(left, y) - x(right, y);
    }

    private static double x(List<Vec> side, double y) {
        double reached = side.get(0).y();
        double before = side.get(0).x();
        if (y <= reached) {
            return before;
        }
        for (Vec p : side) {
            double now = Math.max(reached, p.y());
            if (now >= y) {
                return now == reached ? p.x() : before + (p.x() - before) * (y - reached) / (now - reached);
            }
            reached = now;
            before = p.x();
        }
        return before;
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
