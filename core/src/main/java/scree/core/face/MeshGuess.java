package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import scree.core.face.FacePoints.Mark;
import scree.core.image.Point;
import scree.core.plane.Vec;

/**
 * Turns the 468 points of the browser's face mesh into a first guess of ours, with the mesh's known biases taken out. Every
 * point is only guessed: the mesh draws every jaw towards an average one and does not know hairline and ears at all.
 */
public final class MeshGuess {
    private static final int POINTS = 468;
    /** The mesh's outline over the true one. Derived on drawn portraits, docs/method.md. */
    static final double NARROW = .945;

    static final double CHIN_DOWN = .06;
    static final double CHIN_SIDE_DOWN = .042;
    static final double JAW_MID_DOWN = .018;
    /** The mesh ends below the hairline by about this. */
    static final double HAIRLINE_UP = .4;
    /** Past this ratio of the nose's distances to both edges it is no view from the front. House choice. */
    private static final double MOST_TURN = 2.2;

    /**
     * Where our points lie from the nearest of the mesh, outward and down. Derived on the twelve drawn sitters, rounded towards
     * nothing; the bridge and the glabella are simply other places than the mesh's.
     */
    private static final Map<Landmark, Vec> OFFSETS = Map.of(
            GLABELLA, new Vec(0, .06),
            BRIDGE, new Vec(.04, .13),
            EYE_OUT, new Vec(.04, 0),
            BROW_ARCH, new Vec(-.05, 0),
            BROW_END, new Vec(0, -.04),
            CUPID, new Vec(-.02, .03),
            CUPID_DIP, new Vec(0, .03),
            STOMION, new Vec(0, .03),
            MOUTH, new Vec(0, .02));

    private static final int[][] RIGHT_LEFT_PUPIL = {
        {33, 133, 159, 145, 158, 160, 144, 153}, {263, 362, 386, 374, 385, 387, 380, 373}
    };
    private static final Map<Landmark, int[]> SINGLE = Map.of(
            GLABELLA, new int[] {9},
            NOSE_ROOT, new int[] {168},
            NOSE_TIP, new int[] {4},
            SUBNASALE, new int[] {2},
            STOMION, new int[] {13},
            CUPID_DIP, new int[] {0},
            LOWER_LIP, new int[] {17},
            CHIN, new int[] {152},
            HAIRLINE, new int[] {10});
    private static final Map<Landmark, int[][]> PAIR = new EnumMap<>(Landmark.class);

    static {
        PAIR.put(PUPIL, RIGHT_LEFT_PUPIL);
        PAIR.put(EYE_IN, pair(133, 362));
        PAIR.put(EYE_OUT, pair(33, 263));
        PAIR.put(LID_UP, pair(159, 386));
        PAIR.put(LID_LOW, pair(145, 374));
        PAIR.put(BROW_START, new int[][] {{107, 55}, {336, 285}});
        PAIR.put(BROW_ARCH, pair(105, 334));
        PAIR.put(BROW_END, new int[][] {{70, 46}, {300, 276}});
        PAIR.put(BRIDGE, pair(196, 419));
        PAIR.put(ALARE, pair(64, 294));
        PAIR.put(MOUTH, pair(61, 291));
        PAIR.put(CUPID, pair(37, 267));
        PAIR.put(TEMPLE, pair(54, 284));
        PAIR.put(CHEEK, pair(234, 454));
        PAIR.put(JAW, pair(172, 397));
        PAIR.put(JAW_MID, pair(150, 379));
        PAIR.put(CHIN_SIDE, pair(176, 400));
    }

    private MeshGuess() {}

    private static int[][] pair(int right, int left) {
        return new int[][] {{right}, {left}};
    }

    /**
     * Returns a first guess.
     *
     * @param faces how many faces the browser found
     * @param mesh x and y in pixels of the first face, 468 points
     * @throws PointsRefused when there is no face, more than one, no view from the front, or nonsense
     */
    public static FacePoints from(int faces, List<Point> mesh, int width, int height) {
        if (faces > 1) {
            throw new PointsRefused(PointsRefused.Why.TWO_FACES);
        }
        if (faces == 0 || mesh.size() < POINTS) {
            throw new PointsRefused(PointsRefused.Why.NO_FACE);
        }
        double toRight = mesh.get(4).distanceTo(mesh.get(234));
        double toLeft = mesh.get(4).distanceTo(mesh.get(454));
        if (Math.max(toRight, toLeft) > MOST_TURN * Math.min(toRight, toLeft)) {
            throw new PointsRefused(PointsRefused.Why.PROFILE);
        }
        Point right = mean(mesh, RIGHT_LEFT_PUPIL[0]);
        Point left = mean(mesh, RIGHT_LEFT_PUPIL[1]);
        if (!inside(right, width, height) || !inside(left, width, height) || right.distanceTo(left) < 20) {
            throw new PointsRefused(PointsRefused.Why.NO_PUPILS);
        }
        return new Laying(mesh, right, left).points().within(width, height);
    }

    private static boolean inside(Point p, int width, int height) {
        return p.x() >= 0 && p.y() >= 0 && p.x() < width && p.y() < height;
    }

    private static Point mean(List<Point> mesh, int[] of) {
        double x = 0;
        double y = 0;
        for (int i : of) {
            x += mesh.get(i).x();
            y += mesh.get(i).y();
        }
        return new Point(x / of.length, y / of.length);
    }

    /** Places in levelled units while the guess is laid. */
    private static final class Laying {
        private final List<Point> mesh;
        private final Vec origin;
        private final Vec across;
        private final double unit;
        private final Map<PointKey, Vec> places = new java.util.LinkedHashMap<>();

        Laying(List<Point> mesh, Point right, Point left) {
            this.mesh = mesh;
            this.unit = right.distanceTo(left);
            this.origin = new Vec((right.x() + left.x()) / 2, (right.y() + left.y()) / 2);
            this.across = new Vec(left.x() - right.x(), left.y() - right.y()).unit();
        }

        FacePoints points() {
            SINGLE.forEach((l, of) -> places.put(PointKey.of(l), level(mean(mesh, of))));
            PAIR.forEach((l, of) -> {
                places.put(new PointKey(l, Side.RIGHT), level(mean(mesh, of[0])));
                places.put(new PointKey(l, Side.LEFT), level(mean(mesh, of[1])));
            });
            correct();
            List<Mark> marks = new ArrayList<>();
            for (PointKey key : PointKey.all()) {
                Vec p = places.get(key);
                Vec at = origin.plus(across.times(p.x() * unit))
                        .plus(across.turned().times(p.y() * unit));
                marks.add(new Mark(new Point(at.x(), at.y()), PointState.GUESSED));
            }
            return FacePoints.of(marks);
        }

        private Vec level(Point p) {
            Vec d = new Vec(p.x(), p.y()).minus(origin).times(1 / unit);
            return new Vec(d.dot(across), d.dot(across.turned()));
        }

        private void correct() {
            double middle = places.get(PointKey.of(NOSE_ROOT)).x();
            OFFSETS.forEach((l, by) -> {
                if (!l.paired()) {
                    shift(PointKey.of(l), by.x(), by.y());
                    return;
                }
                shift(new PointKey(l, Side.RIGHT), -by.x(), by.y());
                shift(new PointKey(l, Side.LEFT), by.x(), by.y());
            });
            shift(PointKey.of(HAIRLINE), 0, -HAIRLINE_UP);
            shift(PointKey.of(CHIN), 0, CHIN_DOWN);
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                shift(new PointKey(CHIN_SIDE, side), 0, CHIN_SIDE_DOWN);
                shift(new PointKey(JAW_MID, side), 0, JAW_MID_DOWN);
                for (Landmark edge : new Landmark[] {TEMPLE, CHEEK, JAW, JAW_MID, CHIN_SIDE}) {
                    places.computeIfPresent(
                            new PointKey(edge, side), (k, p) -> new Vec(middle + (p.x() - middle) / NARROW, p.y()));
                }
                Vec temple = places.get(new PointKey(TEMPLE, side));
                Vec cheek = places.get(new PointKey(CHEEK, side));
                Vec brow = places.get(new PointKey(BROW_END, side));
                Vec arch = places.get(new PointKey(BROW_ARCH, side));
                Vec eye = places.get(new PointKey(EYE_OUT, side));
                double hair = places.get(PointKey.of(HAIRLINE)).y();
                double ear = brow.y() + .6 * (eye.y() - brow.y());
                double t = Math.max(0, Math.min(1, (ear - temple.y()) / (cheek.y() - temple.y())));
                double earX = temple.x() + (cheek.x() - temple.x()) * Math.sqrt(t);
                places.put(new PointKey(EAR_TOP, side), new Vec(earX, ear));
                double corner = hair + .35 * (arch.y() - hair);
                double out = middle + (temple.x() - middle) * Math.min(1, .88 + .1 * (corner - hair));
                places.put(new PointKey(FOREHEAD_CORNER, side), new Vec(out, Math.min(corner, temple.y() - .05)));
            }
        }

        private void shift(PointKey key, double dx, double dy) {
            places.computeIfPresent(key, (k, p) -> p.plus(dx, dy));
        }
    }
}
