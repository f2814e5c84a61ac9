package scree.core.plane;

import java.util.ArrayList;
import java.util.List;

/** Smooth lines through points. */
public final class Curves {
    private Curves() {}

    // ---- centripetal Catmull–Rom: Catmull and Rom (1974), knots after Lee (1989) with exponent one half ----

    /** Returns an open curve through the points, {@code steps} pieces a segment; the ends are continued by reflection. */
    public static List<Vec> through(List<Vec> points, int steps) {
        int n = points.size();
        List<Vec> out = new ArrayList<>((n - 1) * steps + 1);
        for (int i = 0; i + 1 < n; i++) {
            Vec a = points.get(i);
            Vec b = points.get(i + 1);
            Vec before = i > 0 ? points.get(i - 1) : a.times(2).minus(b);
            Vec after = i + 2 < n ? points.get(i + 2) : b.times(2).minus(a);
            segment(before, a, b, after, steps, out);
        }
        out.add(points.get(n - 1));
        return out;
    }

    /** Returns a closed curve through the points, {@code steps} pieces a segment, the first point not repeated. */
    public static List<Vec> closedThrough(List<Vec> points, int steps) {
        int n = points.size();
        List<Vec> out = new ArrayList<>(n * steps);
        for (int i = 0; i < n; i++) {
            segment(
                    points.get((i + n - 1) % n),
                    points.get(i),
                    points.get((i + 1) % n),
                    points.get((i + 2) % n),
                    steps,
                    out);
        }
        return out;
    }

    private static void segment(Vec p0, Vec p1, Vec p2, Vec p3, int steps, List<Vec> out) {
        double d1 = knot(p0, p1);
        double d2 = knot(p1, p2);
        double d3 = knot(p2, p3);
        Vec m1 = tangent(p0, p1, p2, d1, d2);
        Vec m2 = tangentAtEnd(p1, p2, p3, d2, d3);
        for (int k = 0; k < steps; k++) {
            double t = (double) k / steps;
            double t2 = t * t;
            double t3 = t2 * t;
            double h1 = 2 * t3 - 3 * t2 + 1;
            double h2 = t3 - 2 * t2 + t;
            double h3 = -2 * t3 + 3 * t2;
            double h4 = t3 - t2;
            out.add(new Vec(
                    h1 * p1.x() + h2 * m1.x() + h3 * p2.x() + h4 * m2.x(),
                    h1 * p1.y() + h2 * m1.y() + h3 * p2.y() + h4 * m2.y()));
        }
    }

    private static double knot(Vec a, Vec b) {
        return Math.max(1e-6, Math.sqrt(a.distanceTo(b)));
    }

    /** The tangent at p1 scaled to the piece p1–p2. */
    private static Vec tangent(Vec p0, Vec p1, Vec p2, double d1, double d2) {
        return new Vec(slope(p0.x(), p1.x(), p2.x(), d1, d2) * d2, slope(p0.y(), p1.y(), p2.y(), d1, d2) * d2);
    }

    /** The tangent at p2 scaled to the piece p1–p2. */
    private static Vec tangentAtEnd(Vec p1, Vec p2, Vec p3, double d2, double d3) {
        return new Vec(slope(p1.x(), p2.x(), p3.x(), d2, d3) * d2, slope(p1.y(), p2.y(), p3.y(), d2, d3) * d2);
    }

    private static double slope(double a, double b, double c, double d1, double d2) {
        return (b - a) / d1 - (c - a) / (d1 + d2) + (c - b) / d2;
    }

    // ---- others ----

    /** Returns {@code n + 1} points of a quadratic Bézier curve. */
    public static List<Vec> bow(Vec a, Vec handle, Vec b, int n) {
        List<Vec> out = new ArrayList<>(n + 1);
        for (int i = 0; i <= n; i++) {
            double t = (double) i / n;
            out.add(a.towards(handle, t).towards(handle.towards(b, t), t));
        }
        return out;
    }

    /** Returns {@code n} points spread evenly by length along a line, both ends kept. */
    public static List<Vec> evenly(List<Vec> line, int n) {
        double[] length = new double[line.size()];
        for (int i = 1; i < length.length; i++) {
            length[i] = length[i - 1] + line.get(i).distanceTo(line.get(i - 1));
        }
        double total = length[length.length - 1];
        List<Vec> out = new ArrayList<>(n);
        int at = 0;
        for (int k = 0; k < n; k++) {
            double want = total * k / (n - 1);
            while (at < length.length - 2 && length[at + 1] < want) {
                at++;
            }
            double piece = length[at + 1] - length[at];
            out.add(line.get(at).towards(line.get(at + 1), piece == 0 ? 0 : Math.min(1, (want - length[at]) / piece)));
        }
        return out;
    }

    /** Returns the length of a line. */
    public static double length(List<Vec> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i).distanceTo(line.get(i - 1));
        }
        return sum;
    }

    /** Returns the unit direction of a line at one of its points. */
    public static Vec direction(List<Vec> line, int i) {
        return line.get(Math.min(line.size() - 1, i + 1))
                .minus(line.get(Math.max(0, i - 1)))
                .unit();
    }

    /** Returns the unit arrows along a line, point by point. */
    public static List<Vec> directions(List<Vec> line) {
        List<Vec> out = new ArrayList<>(line.size());
        for (int i = 0; i < line.size(); i++) {
            out.add(direction(line, i));
        }
        return out;
    }
}
