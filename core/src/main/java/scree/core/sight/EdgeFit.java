package scree.core.sight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import scree.core.face.EdgeStart;
import scree.core.face.FacePoints;
import scree.core.face.FacePoints.Mark;
import scree.core.face.Landmark;
import scree.core.face.Levelling;
import scree.core.face.MeshGuess;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.mesh.HeadMesh;
import scree.core.plane.Vec;

/**
 * Asks the picture for what the mesh does not know: cheeks and jaws, the hairline, the chin. What the picture does not show clearly stays
 * where the mesh had it, with its wide doubt. Limits: derived on photographs, docs/method.md.
 */
public final class EdgeFit {
    private static final double SCALE = UprightFace.SCALE;
    private static final double RAY_TOP = -.30;
    private static final double RAY_BOTTOM = 1.4;
    private static final double RAY_STEP = .03;
    private static final int SIDE_INNER = 34;
    private static final int SIDE_OUTER = 26;
    private static final double PRIOR = .05;
    private static final double LOW_PRIOR = .09;
    private static final double LOW_FROM = .55;
    private static final double LOW_TO = .85;

    private static final double SIDE_CONTRAST = .45;
    private static final double SIDE_STEP = .25;
    private static final double UPPER_SHIFT = .075;
    /** Farther inside than this an upper edge is hair that lies over the cheek. House choice: the mesh is narrow already. */
    private static final double UPPER_IN = .03;

    private static final double LOWER_SHIFT = .16;
    private static final double UPPER_TO = .6;
    private static final int OF_FIVE = 4;
    /** A landmark takes the rays this near to its height. House choice: two on either side. */
    private static final double NEAR = .061;

    private static final double BEARD_FROM = .9;
    /** Two lights make two skins: cheeks whose colours part by more, without lightness, are not traced. House choice. */
    private static final double TWO_LIGHTS = 14;

    private static final int LOWER_LIP = 17;
    private static final int CHIN = 152;
    private static final int MESH_TOP = 10;
    private static final int[] ARCHES = {105, 334};

    private final Raster picture;
    private final HeadMesh mesh;
    private final UprightFace face;
    private final SkinMask mask;
    private final EdgeStart start;
    private final Levelling axes;

    private EdgeFit(SeenFace seen) {
        this.picture = seen.picture();
        this.mesh = seen.mesh();
        this.axes = seen.axes();
        this.face = seen.upright();
        this.mask = seen.mask();
        this.start = MeshGuess.edge(mesh);
    }

    /**
     * What the picture says.
     *
     * @param points with what was seen in it
     * @param foreheadCovered whether hair, a band or a hat lies over the forehead
     * @param handPerhaps whether skin lies beside the jaw on one side only: a hand, perhaps
     */
    public record Fitted(FacePoints points, boolean foreheadCovered, boolean handPerhaps) {}

    /**
     * Asks the picture.
     *
     * @param guess points by the mesh
     */
    public static Fitted of(Raster picture, HeadMesh mesh, FacePoints guess) {
        return of(SeenFace.of(picture, mesh), guess);
    }

    /** @param guess points by the mesh */
    public static Fitted of(SeenFace seenFace, FacePoints guess) {
        EdgeFit fit = new EdgeFit(seenFace);
        boolean covered = fit.foreheadCovered();
        if (fit.mask.cheeksApart() > TWO_LIGHTS) {
            return new Fitted(guess, covered, false);
        }
        boolean beard = fit.beard();
        FacePoints seen = fit.sides(guess, beard);
        boolean hand = HandBeside.perhaps(seenFace, fit.start);
        if (!covered) {
            seen = fit.hairline(seen);
        }
        return new Fitted(beard ? seen : fit.chin(seen), covered, hand);
    }

    // ---- sides ----

    private FacePoints sides(FacePoints guess, boolean beard) {
        FacePoints seen = guess;
        for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
            List<Vec> believed = side(side, beard);
            for (Landmark l : new Landmark[] {Landmark.CHEEK, Landmark.JAW, Landmark.JAW_MID}) {
                PointKey key = new PointKey(l, side);
                double y = level(guess, key).y();
                double x = believed.stream()
                        .filter(p -> Math.abs(p.y() - y) <= NEAR)
                        .mapToDouble(Vec::x)
                        .average()
                        .orElse(Double.NaN);
                if (!Double.isNaN(x)) {
                    seen = put(seen, key, new Vec(x, y));
                }
            }
        }
        return seen;
    }

    /** Returns the levelled places of one side that the picture shows clearly. */
    private List<Vec> side(Side side, boolean beard) {
        int n = (int) Math.round((RAY_BOTTOM - RAY_TOP) / RAY_STEP) + 1;
        EdgeTrace.Ray[] rays = new EdgeTrace.Ray[n];
        double[] heights = new double[n];
        int out = side == Side.RIGHT ? -1 : 1;
        for (int i = 0; i < n; i++) {
            heights[i] = RAY_TOP + i * RAY_STEP;
            Vec at = UprightFace.pixel(new Vec(start.x(side, heights[i]), heights[i]));
            double low = Math.max(0, Math.min(1, (heights[i] - LOW_FROM) / (LOW_TO - LOW_FROM)));
            rays[i] = new EdgeTrace.Ray(at.x(), at.y(), out, 0, PRIOR + low * (LOW_PRIOR - PRIOR));
        }
        EdgeTrace.Found[] found = EdgeTrace.trace(face.features(), rays, SIDE_INNER, SIDE_OUTER, SCALE);
        boolean[] good = new boolean[n];
        for (int i = 0; i < n; i++) {
            double share = Math.max(0, Math.min(1, (heights[i] - UPPER_TO) / (LOW_TO - UPPER_TO)));
            double most = UPPER_SHIFT + share * (LOWER_SHIFT - UPPER_SHIFT);
            good[i] = found[i].contrast() > SIDE_CONTRAST
                    && found[i].step() > SIDE_STEP
                    && found[i].shift() / SCALE <= most
                    && -found[i].shift() / SCALE <= (heights[i] < UPPER_TO ? UPPER_IN : most)
                    && !(beard && heights[i] > BEARD_FROM)
                    && UprightFace.inside(picture, axes, new Vec(start.x(side, heights[i]) + out * .2, heights[i]));
        }
        List<Vec> believed = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int near = 0;
            for (int j = Math.max(0, i - 2); j < Math.min(n, i + 3); j++) {
                near += good[j] ? 1 : 0;
            }
            if (good[i] && near >= OF_FIVE) {
                believed.add(new Vec(start.x(side, heights[i]) + out * found[i].shift() / SCALE, heights[i]));
            }
        }
        return believed;
    }

    // ---- hairline ----

    private static final double HAIR_REACH = .55;
    private static final double HAIR_STEP = .04;
    private static final double HAIR_UP = .30;
    private static final double HAIR_PRIOR = .30;
    private static final double OVER_ARCH = .10;
    private static final double LEAST_INNER = .35;
    private static final int HAIR_OUTER = 55;
    private static final int HAIR_OWN = 14;
    private static final double HAIR_MIDDLE = .30;
    private static final double HAIR_CONTRAST = .50;
    private static final double MOST_DRIFT = 14;

    private FacePoints hairline(FacePoints seen) {
        double middle = level(seen, PointKey.of(Landmark.GLABELLA)).x();
        double from = arch() - OVER_ARCH;
        if (drift(middle, from) > MOST_DRIFT) {
            return seen;
        }
        double at = axes.level(mesh.at(MESH_TOP)).y() - HAIR_UP;
        int inner = (int) Math.round(SCALE * Math.max(LEAST_INNER, from - at));
        int n = (int) Math.round(2 * HAIR_REACH / HAIR_STEP) + 1;
        EdgeTrace.Ray[] rays = new EdgeTrace.Ray[n];
        for (int i = 0; i < n; i++) {
            Vec p = UprightFace.pixel(new Vec(middle - HAIR_REACH + i * HAIR_STEP, at));
            rays[i] = new EdgeTrace.Ray(p.x(), p.y(), 0, -1, HAIR_PRIOR);
        }
        EdgeTrace.Found[] found = EdgeTrace.trace(face.features(), rays, inner, HAIR_OUTER, HAIR_OWN, SCALE);
        List<Double> contrasts = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (Math.abs(-HAIR_REACH + i * HAIR_STEP) < HAIR_MIDDLE) {
                contrasts.add(found[i].contrast());
                heights.add(at - found[i].shift() / SCALE);
            }
        }
        double y = median(heights);
        boolean inPicture = UprightFace.inside(picture, axes, new Vec(middle, y - .12));
        return median(contrasts) < HAIR_CONTRAST || !inPicture
                ? seen
                : put(seen, PointKey.of(Landmark.HAIRLINE), new Vec(middle, y));
    }

    private double arch() {
        return Math.min(
                axes.level(mesh.at(ARCHES[0])).y(),
                axes.level(mesh.at(ARCHES[1])).y());
    }

    private static final double PATCH_REACH = .2;
    private static final double PATCH_LOW = .10;
    private static final double PATCH_HIGH = .40;
    private static final int PATCH_ACROSS = 5;
    private static final int PATCH_UP = 7;
    private static final double COVERED = 9;
    private static final double COVERED_TEXTURE = 2.5;
    private static final double COVERED_DARKER = 20;

    /** Four figures on a grid over the forehead: row by row from below. */
    private double[][][] forehead(double middle, double from) {
        double[][][] rows = new double[PATCH_UP][PATCH_ACROSS][];
        for (int r = 0; r < PATCH_UP; r++) {
            double y = from - PATCH_LOW - r * (PATCH_HIGH - PATCH_LOW) / (PATCH_UP - 1);
            for (int i = 0; i < PATCH_ACROSS; i++) {
                double x = middle - PATCH_REACH + i * 2 * PATCH_REACH / (PATCH_ACROSS - 1);
                rows[r][i] = figures(new Vec(x, y));
            }
        }
        return rows;
    }

    private double[] figures(Vec levelled) {
        Vec p = UprightFace.pixel(levelled);
        double[] f = new double[SkinFeatures.COUNT];
        for (int c = 0; c < f.length; c++) {
            f[c] = face.features().at(p.x(), p.y(), c);
        }
        return f;
    }

    private boolean foreheadCovered() {
        double[] cheek = mask.cheeks();
        double[][][] rows = forehead(axes.level(mesh.at(9)).x(), arch() - OVER_ARCH);
        List<Double> off = new ArrayList<>();
        List<Double> lighter = new ArrayList<>();
        List<Double> rougher = new ArrayList<>();
        for (double[][] row : rows) {
            for (double[] f : row) {
                double d = 0;
                for (int c = 1; c < f.length; c++) {
                    double z = (f[c] - cheek[c]) / SkinFeatures.floor(c);
                    d += z * z;
                }
                off.add(d);
                lighter.add(f[0] - cheek[0]);
                rougher.add(f[SkinFeatures.TEXTURE] - cheek[SkinFeatures.TEXTURE]);
            }
        }
        return median(off) > COVERED || median(rougher) > COVERED_TEXTURE || median(lighter) < -COVERED_DARKER;
    }

    /** Returns how far the forehead's colour moves from below to above: two lights, or an edge in the shading. */
    private double drift(double middle, double from) {
        double[][][] rows = forehead(middle, from);
        double sum = 0;
        for (int c = 0; c < SkinFeatures.TEXTURE; c++) {
            int which = c;
            double low =
                    Arrays.stream(rows[0]).mapToDouble(f -> f[which]).average().orElse(0);
            double high = Arrays.stream(rows[PATCH_UP - 1])
                    .mapToDouble(f -> f[which])
                    .average()
                    .orElse(0);
            sum += (high - low) * (high - low);
        }
        return Math.sqrt(sum);
    }

    // ---- chin ----

    private static final double CHIN_REACH = .24;
    private static final double CHIN_STEP = .03;
    private static final double CHIN_DOWN = .09;
    private static final double CHIN_ENDS = .10;
    private static final double CHIN_FROM = .14;
    private static final int CHIN_OUTER = 22;
    private static final int CHIN_OWN = 12;
    private static final double CHIN_PRIOR = .09;
    private static final double CHIN_BELIEVED = .30;
    private static final double CHIN_MIDDLE = .10;
    private static final double BEARD_DOWN = .22;
    private static final double BEARD = 14;

    private boolean beard() {
        Vec lip = axes.level(mesh.at(LOWER_LIP));
        double[] f = figures(lip.plus(0, BEARD_DOWN));
        double[] cheek = mask.cheeks();
        double d = 0;
        for (int c = 0; c < f.length; c++) {
            double z = (f[c] - cheek[c]) / SkinFeatures.floor(c);
            d += z * z;
        }
        return d > BEARD;
    }

    private FacePoints chin(FacePoints seen) {
        Vec meshChin = axes.level(mesh.at(CHIN));
        double from = axes.level(mesh.at(LOWER_LIP)).y() + CHIN_FROM;
        int n = (int) Math.round(2 * CHIN_REACH / CHIN_STEP) + 1;
        int inner = (int) Math.round(SCALE * (meshChin.y() + CHIN_DOWN - CHIN_ENDS - from));
        if (inner < CHIN_OWN) {
            return seen;
        }
        EdgeTrace.Ray[] rays = new EdgeTrace.Ray[n];
        double[] starts = new double[n];
        for (int i = 0; i < n; i++) {
            double dx = -CHIN_REACH + i * CHIN_STEP;
            starts[i] = meshChin.y() + CHIN_DOWN - CHIN_ENDS * dx * dx / (CHIN_REACH * CHIN_REACH);
            Vec p = UprightFace.pixel(new Vec(meshChin.x() + dx, starts[i]));
            rays[i] = new EdgeTrace.Ray(p.x(), p.y(), 0, 1, CHIN_PRIOR);
        }
        EdgeTrace.Found[] found = EdgeTrace.trace(face.features(), rays, inner, CHIN_OUTER, CHIN_OWN, SCALE);
        List<Double> steps = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if (Math.abs(-CHIN_REACH + i * CHIN_STEP) < CHIN_MIDDLE) {
                steps.add(found[i].step());
                heights.add(starts[i] + found[i].shift() / SCALE);
            }
        }
        double y = median(heights);
        boolean believed =
                median(steps) > CHIN_BELIEVED && UprightFace.inside(picture, axes, new Vec(meshChin.x(), y + .1));
        return believed
                ? put(
                        seen,
                        PointKey.of(Landmark.CHIN),
                        new Vec(level(seen, PointKey.of(Landmark.CHIN)).x(), y))
                : seen;
    }

    // ---- ----

    private Vec level(FacePoints points, PointKey key) {
        Point p = points.at(key).at();
        return axes.level(new Vec(p.x(), p.y()));
    }

    /** A place that the face's other points contradict is not taken. */
    private FacePoints put(FacePoints points, PointKey key, Vec levelled) {
        try {
            return points.with(key, new Mark(axes.toPicture(levelled), PointState.SEEN));
        } catch (scree.core.face.PointsRefused contradicted) {
            return points;
        }
    }

    private static double median(List<Double> values) {
        return EdgeTrace.median(values.stream().mapToDouble(Double::doubleValue).toArray());
    }
}
