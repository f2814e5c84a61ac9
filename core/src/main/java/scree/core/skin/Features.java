package scree.core.skin;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.PointsRefused;
import scree.core.face.Side;
import scree.core.image.Point;

/** What on a face is no skin: lips, eyes, brows, nostrils, as outlines in pixels. Left out of every zone. */
public final class Features {
    /** Half the height of a brow and how far past its ends hair is expected, in pupil distances. House choice. */
    private static final double BROW_HALF = .075;

    private static final double LASHES = .035;
    private static final double NOSTRIL = .06;
    private static final Side[] BOTH = {Side.RIGHT, Side.LEFT};

    private Features() {}

    /** Returns the outlines of a face by its points. */
    public static List<List<Point>> of(FacePoints points) {
        double unit = points.unit();
        List<List<Point>> all = new ArrayList<>();
        all.add(lips(points));
        for (Side side : BOTH) {
            all.add(eye(points, side, unit));
            all.add(brow(points, side, unit));
            all.add(round(at(points, ALARE, side).plus(towardsMiddle(side) * .13 * unit, .07 * unit), NOSTRIL * unit));
        }
        return all;
    }

    /** Returns the outlines of a usual face laid by pupils and chin; none when these are no face. */
    public static List<List<Point>> of(FaceFrame frame) {
        try {
            return of(FacePoints.template(frame.rightPupil(), frame.leftPupil(), frame.chin()));
        } catch (PointsRefused e) {
            return List.of();
        }
    }

    private static List<Point> lips(FacePoints p) {
        return List.of(
                at(p, MOUTH, Side.RIGHT),
                at(p, CUPID, Side.RIGHT),
                at(p, CUPID_DIP, Side.CENTRE),
                at(p, CUPID, Side.LEFT),
                at(p, MOUTH, Side.LEFT),
                between(at(p, MOUTH, Side.LEFT), at(p, LOWER_LIP, Side.CENTRE), .55, .06 * p.unit()),
                at(p, LOWER_LIP, Side.CENTRE),
                between(at(p, MOUTH, Side.RIGHT), at(p, LOWER_LIP, Side.CENTRE), .55, .06 * p.unit()));
    }

    private static List<Point> eye(FacePoints p, Side side, double unit) {
        double lash = LASHES * unit;
        double out = -towardsMiddle(side) * lash;
        return List.of(
                at(p, EYE_IN, side).plus(-out, 0),
                at(p, LID_UP, side).plus(0, -lash),
                at(p, EYE_OUT, side).plus(out, 0),
                at(p, LID_LOW, side).plus(0, lash));
    }

    private static List<Point> brow(FacePoints p, Side side, double unit) {
        double half = BROW_HALF * unit;
        double out = -towardsMiddle(side) * half;
        Point start = at(p, BROW_START, side);
        Point arch = at(p, BROW_ARCH, side);
        Point end = at(p, BROW_END, side);
        return List.of(
                start.plus(-out, -half),
                arch.plus(0, -half / 2),
                end.plus(out, -half / 2),
                end.plus(out, half),
                arch.plus(0, 1.9 * half),
                start.plus(-out, half));
    }

    private static List<Point> round(Point centre, double radius) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double a = Math.PI * i / 6;
            points.add(centre.plus(radius * Math.cos(a), .7 * radius * Math.sin(a)));
        }
        return points;
    }

    /** The picture's left holds the sitter's right side. */
    private static int towardsMiddle(Side side) {
        return side == Side.RIGHT ? 1 : -1;
    }

    private static Point between(Point a, Point b, double t, double lower) {
        return new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()) + lower);
    }

    private static Point at(FacePoints p, Landmark landmark, Side side) {
        return p.at(new PointKey(landmark, side)).at();
    }
}
