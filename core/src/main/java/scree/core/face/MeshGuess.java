package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import scree.core.face.FacePoints.Mark;
import scree.core.mesh.HeadMesh;
import scree.core.mesh.Pose;
import scree.core.plane.Vec;

/**
 * Turns the points of the browser's face mesh into a first guess of ours, with the mesh's known biases taken out. Every point is only
 * guessed: the mesh draws every jaw towards an average one and does not know hairline and ears at all.
 */
public final class MeshGuess {
    /** The mesh ends below the hairline by about this. */
    static final double HAIRLINE_UP = .4;
    /** Of the way from brow line to eye line, where the ear's top lies. House choice after the craft's words. */
    private static final double EAR_DOWN = .6;
    /** Of the way from the hairline to the arch, where the hairline meets the edge. House choice. */
    private static final double CORNER_DOWN = .35;

    private static final double CORNER_IN = .88;
    private static final double CORNER_IN_MORE = .1;
    private static final double CORNER_ABOVE_TEMPLE = .05;

    /**
     * Where one of our points lies from those of the mesh that are nearest to it.
     *
     * @param right indices of the mesh on the sitter's right, or on the midline
     * @param left on the left; none on the midline
     * @param by outward and down, pupil distances
     * @param yaw what a turned head adds to x of the picture on both sides, per sine of the found yaw: the mesh turns noses too far
     */
    private record Bias(int[] right, int[] left, Vec by, double yaw) {}

    /**
     * Derived: two thirds from photographs and two other drawing codes, one third from the twelve drawn sitters, brow starts and chin half and half as those parted most; docs/method.md. The bridge and the glabella are simply other places than the mesh's.
     */
    private static final Map<Landmark, Bias> BIASES = new EnumMap<>(Landmark.class);

    static {
        int[][] eyes = HeadMesh.pupilPoints();
        pair(PUPIL, eyes[0], eyes[1], 0, -.007, .10);
        pair(EYE_IN, 133, 362, -.007, .014, 0);
        pair(EYE_OUT, 33, 263, .036, -.001, 0);
        pair(LID_UP, 159, 386, -.02, -.005, .08);
        pair(LID_LOW, 145, 374, .010, .007, .08);
        pair(BROW_START, 55, 285, .013, -.053, .04);
        pair(BROW_ARCH, 105, 334, -.055, .003, 0);
        pair(BROW_END, 46, 276, -.003, -.061, 0);
        pair(BRIDGE, 196, 419, .047, .124, .10);
        pair(ALARE, 129, 358, -.023, .038, .08);
        pair(MOUTH, 61, 291, .012, .007, 0);
        pair(CUPID, 37, 267, -.024, .029, .15);
        single(GLABELLA, 9, .080, .05);
        single(NOSE_ROOT, 168, -.030, .10);
        single(NOSE_TIP, 2, -.180, .10);
        single(SUBNASALE, 2, -.010, .20);
        single(CUPID_DIP, 0, .017, .18);
        single(STOMION, 13, .021, .15);
        single(LOWER_LIP, 17, .017, .15);
        single(CHIN, 152, .123, .15);
        single(HAIRLINE, 10, -HAIRLINE_UP, 0);
    }

    /** A third of what both drawing styles want; photographs were read for cheek and temple together only, and want nothing. */
    private static final double TEMPLE_OUT = .033;

    /** Points of the mesh whose heights our points of the edge keep. */
    private static final Map<Landmark, int[]> EDGE_HEIGHTS = new EnumMap<>(Map.of(
            TEMPLE, new int[] {54, 284},
            CHEEK, new int[] {234, 454},
            JAW, new int[] {172, 397},
            JAW_MID, new int[] {150, 379},
            CHIN_SIDE, new int[] {176, 400}));

    private MeshGuess() {}

    private static void pair(Landmark l, int right, int left, double out, double down, double yaw) {
        pair(l, new int[] {right}, new int[] {left}, out, down, yaw);
    }

    private static void pair(Landmark l, int[] right, int[] left, double out, double down, double yaw) {
        BIASES.put(l, new Bias(right, left, new Vec(out, down), yaw));
    }

    private static void single(Landmark l, int point, double down, double yaw) {
        BIASES.put(l, new Bias(new int[] {point}, null, new Vec(0, down), yaw));
    }

    /**
     * Returns a first guess.
     *
     * @throws PointsRefused when the mesh cannot be a face seen from the front that lies in a picture of this size
     */
    public static FacePoints from(HeadMesh mesh, int width, int height) {
        Vec right = mesh.pupil(true);
        Vec left = mesh.pupil(false);
        if (!inside(right, width, height) || !inside(left, width, height) || mesh.unit() < LEAST_UNIT) {
            throw new PointsRefused(PointsRefused.Why.NO_PUPILS);
        }
        return new Laying(mesh).points().within(width, height);
    }

    private static final double LEAST_UNIT = 20;

    private static boolean inside(Vec p, int width, int height) {
        return p.x() >= 0 && p.y() >= 0 && p.x() < width && p.y() < height;
    }

    /** Returns where the edge starts for a mesh, before the picture is asked. */
    public static EdgeStart edge(HeadMesh mesh) {
        return new Laying(mesh).edge;
    }

    /** Places and depths in levelled units while the guess is laid. */
    private static final class Laying {
        private final HeadMesh mesh;
        private final Pose pose;
        private final Levelling axes;
        private final EdgeStart edge;
        private final Map<PointKey, Vec> places = new LinkedHashMap<>();
        private final Map<PointKey, Double> depths = new LinkedHashMap<>();

        Laying(HeadMesh mesh) {
            this.mesh = mesh;
            this.pose = Pose.of(mesh);
            this.axes = Levelling.of(mesh.pupil(true), mesh.pupil(false));
            this.edge = new EdgeStart(mesh, pose, axes, middle());
        }

        /** The median of four places of the midline. */
        private double middle() {
            double[] x = {
                0,
                axes.level(mesh.at(133, 362)).x(),
                axes.level(mesh.at(168)).x(),
                axes.level(mesh.at(9)).x()
            };
            Arrays.sort(x);
            return (x[1] + x[2]) / 2;
        }

        FacePoints points() {
            double sine = Math.sin(Math.toRadians(pose.yawDegrees()));
            BIASES.forEach((l, bias) -> {
                if (l.paired()) {
                    put(new PointKey(l, Side.RIGHT), bias.right(), bias.by().mirrored(), bias.yaw() * sine);
                    put(new PointKey(l, Side.LEFT), bias.left(), bias.by(), bias.yaw() * sine);
                } else {
                    put(PointKey.of(l), bias.right(), bias.by(), bias.yaw() * sine);
                }
            });
            EDGE_HEIGHTS.forEach((l, of) -> {
                onEdge(
                        new PointKey(l, Side.RIGHT),
                        edge.stretched(axes.level(mesh.at(of[0])).y()));
                onEdge(
                        new PointKey(l, Side.LEFT),
                        edge.stretched(axes.level(mesh.at(of[1])).y()));
            });
            aboveTheMesh(Side.RIGHT);
            aboveTheMesh(Side.LEFT);
            List<Mark> marks = new ArrayList<>();
            List<Double> behind = new ArrayList<>();
            for (PointKey key : PointKey.all()) {
                marks.add(new Mark(axes.toPicture(places.get(key)), PointState.GUESSED));
                behind.add(depths.get(key));
            }
            return FacePoints.of(marks, new HeadTurn(pose.yawDegrees(), pose.pitchDegrees(), behind));
        }

        private void put(PointKey key, int[] of, Vec by, double turned) {
            places.put(key, axes.level(mesh.at(of)).plus(by).plus(turned, 0));
            double depth = Arrays.stream(of).mapToDouble(mesh::depth).average().orElseThrow();
            depths.put(key, (depth - (mesh.pupilDepth(true) + mesh.pupilDepth(false)) / 2) / axes.unit());
        }

        private void onEdge(PointKey key, double y) {
            double out = key.landmark() == TEMPLE ? TEMPLE_OUT : 0;
            places.put(key, new Vec(edge.x(key.side(), y) + (key.side() == Side.RIGHT ? -out : out), y));
            depths.put(key, edge.depth(key.side(), y));
        }

        /** The ear's top and the hairline's corner, which the mesh does not know, by what lies near them. */
        private void aboveTheMesh(Side side) {
            Vec temple = places.get(new PointKey(TEMPLE, side));
            Vec brow = places.get(new PointKey(BROW_END, side));
            Vec arch = places.get(new PointKey(BROW_ARCH, side));
            Vec eye = places.get(new PointKey(EYE_OUT, side));
            double hair = places.get(PointKey.of(HAIRLINE)).y();
            double middle = places.get(PointKey.of(NOSE_ROOT)).x();
            onEdge(new PointKey(EAR_TOP, side), brow.y() + EAR_DOWN * (eye.y() - brow.y()));
            double corner = Math.min(hair + CORNER_DOWN * (arch.y() - hair), temple.y() - CORNER_ABOVE_TEMPLE);
            double in = Math.min(1, CORNER_IN + CORNER_IN_MORE * (corner - hair));
            places.put(new PointKey(FOREHEAD_CORNER, side), new Vec(middle + (temple.x() - middle) * in, corner));
            depths.put(new PointKey(FOREHEAD_CORNER, side), edge.depth(side, corner));
        }
    }
}
