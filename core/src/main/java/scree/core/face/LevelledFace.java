package scree.core.face;

import java.util.List;
import scree.core.image.Point;
import scree.core.plane.Vec;

/**
 * A face turned level on its pupils: origin midway between them, unit the pupil distance, x to the picture's right, y down.
 * Knows the way back to pixels.
 */
public final class LevelledFace {
    private final double[] x;
    private final double[] y;
    private final Vec origin;
    private final Vec across;
    private final double unit;

    private LevelledFace(double[] x, double[] y, Vec origin, Vec across, double unit) {
        this.x = x;
        this.y = y;
        this.origin = origin;
        this.across = across;
        this.unit = unit;
    }

    /** Levels the points of a picture. */
    public static LevelledFace of(FacePoints points) {
        List<FacePoints.Mark> marks = points.marks();
        double[] x = new double[marks.size()];
        double[] y = new double[marks.size()];
        for (int i = 0; i < x.length; i++) {
            Point p = marks.get(i).at();
            x[i] = p.x();
            y[i] = p.y();
        }
        return level(x, y);
    }

    /** Levels places in any unit, in the order of {@link PointKey#all()}. */
    static LevelledFace level(double[] px, double[] py) {
        int r = new PointKey(Landmark.PUPIL, Side.RIGHT).index();
        int l = new PointKey(Landmark.PUPIL, Side.LEFT).index();
        Vec origin = new Vec((px[r] + px[l]) / 2, (py[r] + py[l]) / 2);
        Vec apart = new Vec(px[l] - px[r], py[l] - py[r]);
        double unit = apart.length();
        Vec across = apart.times(1 / unit);
        double[] x = new double[px.length];
        double[] y = new double[px.length];
        for (int i = 0; i < x.length; i++) {
            double dx = (px[i] - origin.x()) / unit;
            double dy = (py[i] - origin.y()) / unit;
            x[i] = dx * across.x() + dy * across.y();
            y[i] = -dx * across.y() + dy * across.x();
        }
        return new LevelledFace(x, y, origin, across, unit);
    }

    /** Returns the same face with one coordinate moved and levelled again. */
    LevelledFace nudged(int point, double dx, double dy) {
        double[] nx = x.clone();
        double[] ny = y.clone();
        nx[point] += dx;
        ny[point] += dy;
        return level(nx, ny);
    }

    /** Returns a point of the midline. */
    public Vec at(Landmark single) {
        return at(single, Side.CENTRE);
    }

    public Vec at(Landmark landmark, Side side) {
        int i = new PointKey(landmark, side).index();
        return new Vec(x[i], y[i]);
    }

    /** Returns a paired point with x counted outward from the middle of the pupils. */
    public Vec outward(Landmark landmark, Side side) {
        Vec v = at(landmark, side);
        return side == Side.RIGHT ? v.mirrored() : v;
    }

    /** Returns x of the midline: median of 0, the middle of the inner eye corners, the nose's root and the glabella. */
    public double midline() {
        double[] v = {
            0,
            (at(Landmark.EYE_IN, Side.RIGHT).x()
                            + at(Landmark.EYE_IN, Side.LEFT).x())
                    / 2,
            at(Landmark.NOSE_ROOT).x(),
            at(Landmark.GLABELLA).x()
        };
        java.util.Arrays.sort(v);
        return (v[1] + v[2]) / 2;
    }

    /** Returns the pixel of a place on the levelled face. */
    public Point toPicture(Vec p) {
        Vec down = across.turned();
        return new Point(
                origin.x() + unit * (p.x() * across.x() + p.y() * down.x()),
                origin.y() + unit * (p.x() * across.y() + p.y() * down.y()));
    }

    /** Returns the place on the levelled face of a pixel. */
    public Vec fromPicture(Point pixel) {
        Vec d = new Vec(pixel.x() - origin.x(), pixel.y() - origin.y()).times(1 / unit);
        return new Vec(d.dot(across), d.dot(across.turned()));
    }

    /** Returns pixels per pupil distance. */
    public double unit() {
        return unit;
    }
}
