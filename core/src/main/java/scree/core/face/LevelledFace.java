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
    private final Levelling axes;

    private LevelledFace(double[] x, double[] y, Levelling axes) {
        this.x = x;
        this.y = y;
        this.axes = axes;
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
        Levelling axes = Levelling.of(new Vec(px[r], py[r]), new Vec(px[l], py[l]));
        double[] x = new double[px.length];
        double[] y = new double[px.length];
        for (int i = 0; i < x.length; i++) {
            Vec p = axes.level(new Vec(px[i], py[i]));
            x[i] = p.x();
            y[i] = p.y();
        }
        return new LevelledFace(x, y, axes);
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
        return axes.toPicture(p);
    }

    /** Returns the place on the levelled face of a pixel. */
    public Vec fromPicture(Point pixel) {
        return axes.level(new Vec(pixel.x(), pixel.y()));
    }

    /** Returns pixels per pupil distance. */
    public double unit() {
        return axes.unit();
    }
}
