package scree.core.placement;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/** The face's outline from hairline to chin as a radius about a centre: what lies inside, how wide it is, a run along it. */
final class Outline {
    private static final int TABLE = 720;
    private static final int RUN = 25;
    private static final Landmark[] DOWN = {FOREHEAD_CORNER, TEMPLE, EAR_TOP, CHEEK, JAW, JAW_MID, CHIN_SIDE};

    private final Vec centre;
    private final double[] radius = new double[TABLE];
    private final Vec[] ring = new Vec[TABLE];

    /** Points along the outline with their outward unit arrows. */
    record Run(List<Vec> points, List<Vec> outward) {}

    Outline(LevelledFace face) {
        Vec r = face.at(CHEEK, Side.RIGHT);
        Vec l = face.at(CHEEK, Side.LEFT);
        centre = new Vec((r.x() + l.x()) / 2, .25 * (r.y() + l.y()) + .15);
        List<Vec> knots = new ArrayList<>();
        knots.add(face.at(HAIRLINE));
        for (Landmark k : DOWN) {
            knots.add(face.at(k, Side.LEFT));
        }
        knots.add(face.at(CHIN));
        for (Landmark k : DOWN) {
            knots.add(face.at(k, Side.RIGHT));
        }
        knots.sort(Comparator.comparingDouble(this::angle));
        fill(Curves.closedThrough(knots, 24));
        for (int i = 0; i < TABLE; i++) {
            ring[i] = point(2 * Math.PI * i / TABLE);
        }
    }

    /** Returns the angle of a point about the centre, 0 straight up, growing clockwise as seen on screen, 0 to 2π. */
    double angle(Vec p) {
        double a = Math.atan2(p.x() - centre.x(), -(p.y() - centre.y()));
        return a < 0 ? a + 2 * Math.PI : a;
    }

    private void fill(List<Vec> curve) {
        int n = curve.size();
        double[] angles = new double[n];
        for (int i = 0; i < n; i++) {
            angles[i] = angle(curve.get(i));
        }
        for (int i = 0; i < n; i++) {
            Vec a = curve.get(i);
            Vec b = curve.get((i + 1) % n);
            double from = angles[i];
            double to = angles[(i + 1) % n];
            double step = to - from;
            if (step < -Math.PI) {
                step += 2 * Math.PI;
            }
            if (step <= 0) {
                continue;
            }
            int first = (int) Math.ceil(from / (2 * Math.PI) * TABLE - 1e-9);
            for (int k = first; k * 2 * Math.PI / TABLE <= from + step + 1e-12; k++) {
                double t = (k * 2 * Math.PI / TABLE - from) / step;
                Vec p = a.towards(b, Math.max(0, Math.min(1, t)));
                radius[Math.floorMod(k, TABLE)] = p.distanceTo(centre);
            }
        }
        for (int k = 0; k < TABLE; k++) {
            if (radius[k] == 0) {
                radius[k] = radius[Math.floorMod(k - 1, TABLE)];
            }
        }
    }

    Vec centre() {
        return centre;
    }

    /** Returns the distance from the centre to the outline at an angle. */
    double radius(double angle) {
        double at = angle / (2 * Math.PI) * TABLE;
        int i = (int) Math.floor(at);
        double t = at - i;
        return radius[Math.floorMod(i, TABLE)] * (1 - t) + radius[Math.floorMod(i + 1, TABLE)] * t;
    }

    Vec point(double angle) {
        double r = radius(angle);
        return new Vec(centre.x() + r * Math.sin(angle), centre.y() - r * Math.cos(angle));
    }

    /** Returns how far a point lies beyond the outline along its ray; minus is inside. */
    double beyond(Vec p) {
        return p.distanceTo(centre) - radius(angle(p));
    }

    /** Pulls a point along its ray to at least {@code margin} inside the outline. */
    Vec fit(Vec p, double margin) {
        double most = Math.max(.05, radius(angle(p)) - margin);
        double d = p.distanceTo(centre);
        return d <= most ? p : centre.towards(p, most / d);
    }

    /** Returns the point of the outline on one side at a height; heights fall along either side of it. */
    Vec at(Side side, double y) {
        int sign = side == Side.RIGHT ? -1 : 1;
        int low = 1;
        int high = TABLE / 2 - 1;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (table(sign * middle).y() < y) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Vec a = table(sign * low);
        Vec b = table(sign * high);
        double t = b.y() == a.y() ? 0 : Math.max(0, Math.min(1, (y - a.y()) / (b.y() - a.y())));
        return a.towards(b, t);
    }

    private Vec table(int i) {
        return ring[Math.floorMod(i, TABLE)];
    }

    /** Returns the point of the lower outline at a given x, on that x's side of the centre. */
    Vec low(double x) {
        boolean left = x >= centre.x();
        double low = Math.PI / 2;
        double high = Math.PI;
        for (int i = 0; i < 44; i++) {
            double middle = (low + high) / 2;
            Vec p = point(left ? middle : 2 * Math.PI - middle);
            if (Math.abs(p.x() - centre.x()) > Math.abs(x - centre.x())) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double a = (low + high) / 2;
        return point(left ? a : 2 * Math.PI - a);
    }

    /** Returns an even run along the outline from one angle to another, the shorter way round. */
    Run run(double from, double to) {
        double step = to - from;
        step -= 2 * Math.PI * Math.round(step / (2 * Math.PI));
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            line.add(point(from + step * i / 60));
        }
        List<Vec> even = Curves.evenly(line, RUN);
        List<Vec> outward = new ArrayList<>();
        for (int i = 0; i < even.size(); i++) {
            Vec n = Curves.direction(even, i).turned();
            outward.add(n.dot(even.get(i).minus(centre)) < 0 ? n.times(-1) : n);
        }
        return new Run(even, outward);
    }

    /** Returns the run moved inward by a distance. */
    Run run(double from, double to, double inset) {
        Run r = run(from, to);
        List<Vec> in = new ArrayList<>();
        for (int i = 0; i < r.points().size(); i++) {
            in.add(r.points().get(i).plus(r.outward().get(i).times(-inset)));
        }
        return new Run(in, r.outward());
    }

    /** Returns the whole outline as a closed line of {@code n} points. */
    List<Vec> closed(int n, double inset) {
        List<Vec> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            out.add(centre.towards(point(a), Math.max(.05, 1 - inset / radius(a))));
        }
        return out;
    }
}
