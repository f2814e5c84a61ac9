package scree.core.face;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import scree.core.image.Point;

/**
 * How one picture of a face is laid on another: turned, scaled and moved so that points which do not move with the face's play lie on each other
 * (least squares over a similarity; Umeyama 1991, doi:10.1109/34.88573, in the plane).
 *
 * @param along scale times the cosine of the turn
 * @param across scale times its sine
 * @param right shift, px of the picture below
 * @param down shift, px of the picture below
 * @param apart how far the points still lie apart, root mean square in pupil distances of the picture below
 */
public record Overlay(double along, double across, double right, double down, double apart) {
    /** Above, heads are turned differently and edges of zones do not meet. Derived from drawn heads: 5° of turn leave about as much. House choice. */
    public static final double POSE_DIFFERS = .05;

    private static final Set<Landmark> STABLE = Set.of(
            Landmark.PUPIL,
            Landmark.EYE_IN,
            Landmark.EYE_OUT,
            Landmark.NOSE_ROOT,
            Landmark.SUBNASALE,
            Landmark.NOSE_TIP,
            Landmark.MOUTH);

    /** Returns how a picture is laid on another one. */
    public static Overlay of(FacePoints above, FacePoints below) {
        List<Point> from = new ArrayList<>();
        List<Point> to = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            if (STABLE.contains(key.landmark())) {
                from.add(above.at(key).at());
                to.add(below.at(key).at());
            }
        }
        Point f = middle(from);
        Point t = middle(to);
        double along = 0;
        double across = 0;
        double size = 0;
        for (int i = 0; i < from.size(); i++) {
            double fx = from.get(i).x() - f.x();
            double fy = from.get(i).y() - f.y();
            double tx = to.get(i).x() - t.x();
            double ty = to.get(i).y() - t.y();
            along += fx * tx + fy * ty;
            across += fx * ty - fy * tx;
            size += fx * fx + fy * fy;
        }
        along /= size;
        across /= size;
        double right = t.x() - along * f.x() + across * f.y();
        double down = t.y() - across * f.x() - along * f.y();
        Overlay laid = new Overlay(along, across, right, down, 0);
        double sum = 0;
        for (int i = 0; i < from.size(); i++) {
            Point at = laid.at(from.get(i));
            sum += square(at.x() - to.get(i).x()) + square(at.y() - to.get(i).y());
        }
        return new Overlay(along, across, right, down, Math.sqrt(sum / from.size()) / below.unit());
    }

    private static Point middle(List<Point> points) {
        return new Point(
                points.stream().mapToDouble(Point::x).average().orElseThrow(),
                points.stream().mapToDouble(Point::y).average().orElseThrow());
    }

    private static double square(double v) {
        return v * v;
    }

    /** Returns where a point of the picture above comes to lie. */
    public Point at(Point p) {
        return new Point(along * p.x() - across * p.y() + right, across * p.x() + along * p.y() + down);
    }

    /** Returns whether the heads are turned alike, so that the two can be compared edge by edge. */
    public boolean samePose() {
        return apart <= POSE_DIFFERS;
    }
}
