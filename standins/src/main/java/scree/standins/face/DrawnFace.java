package scree.standins.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Vec;

/**
 * A made-up face as points, with its shape known. Lengths in pupil distances until it is put into a picture.
 *
 * @param shape what it was drawn as; of a blend the larger part
 */
public final class DrawnFace {
    private static final double PICTURE_UNIT = 200;
    private static final Vec MIDDLE = new Vec(600, 620);

    private final Shape shape;
    private final EdgeLine edge;
    private final Map<PointKey, Vec> places = new LinkedHashMap<>();
    private final Features f;
    private final double half;
    private final double cheekY;

    /** Everything but the outline. */
    private record Features(
            double glabella,
            double upperShare,
            double eyeIn,
            double eyeOut,
            double tilt,
            double lidUp,
            double lidLow,
            double browHeight,
            double archPlace,
            double archRise,
            double noseShare,
            double noseHalf,
            double mouthHalf,
            double mouthShare,
            double lipUp,
            double lipLow,
            double crook,
            double chinOff,
            double[] uneven) {}

    private DrawnFace(Shape shape, EdgeLine edge, Random r) {
        this.shape = shape;
        this.edge = edge;
        this.half = 1.03 + .08 * r.nextDouble();
        this.cheekY = .16 + .1 * r.nextDouble();
        this.f = features(r);
        lay();
    }

    /** Returns a face of one shape with usual features. */
    public static DrawnFace of(Shape shape, Random random) {
        return new DrawnFace(shape, EdgeDrawing.of(shape, random), random);
    }

    /** Returns a face of one shape by another hand. */
    public static DrawnFace byAnotherHand(Shape shape, Random random) {
        return new DrawnFace(shape, KnottedEdge.of(shape, random), random);
    }

    /** Returns a face of any shape, every other one a blend of two. */
    public static DrawnFace any(Random random) {
        Shape[] all = Shape.values();
        Shape a = all[random.nextInt(all.length)];
        EdgeDrawing edge = EdgeDrawing.of(a, random);
        if (random.nextBoolean()) {
            edge = edge.towards(EdgeDrawing.of(all[random.nextInt(all.length)], random), .5 * random.nextDouble());
        }
        return new DrawnFace(a, edge, random);
    }

    private static Features features(Random r) {
        double[] uneven = new double[40];
        for (int i = 0; i < uneven.length; i++) {
            uneven[i] = .018 * r.nextGaussian();
            uneven[i] = Math.max(-.04, Math.min(.04, uneven[i]));
        }
        return new Features(
                -.22 - .08 * r.nextDouble(),
                .27 + .06 * r.nextDouble(),
                .225 + .06 * r.nextDouble(),
                .72 + .06 * r.nextDouble(),
                .05 * r.nextDouble() - .005,
                .075 + .05 * r.nextDouble(),
                .06 + .03 * r.nextDouble(),
                .36 + .10 * r.nextDouble(),
                .55 + .2 * r.nextDouble(),
                .04 + .06 * r.nextDouble(),
                .42 + .05 * r.nextDouble(),
                .235 + .08 * r.nextDouble(),
                .36 + .09 * r.nextDouble(),
                .30 + .05 * r.nextDouble(),
                .075 + .06 * r.nextDouble(),
                .10 + .06 * r.nextDouble(),
                r.nextInt(4) == 0 ? .1 * (r.nextDouble() - .5) : .02 * (r.nextDouble() - .5),
                .04 * (r.nextDouble() - .5),
                uneven);
    }

    public Shape shape() {
        return shape;
    }

    // ---- building ----

    private void lay() {
        double length = edge.lengthToWidth() * 2 * half;
        double hair = f.glabella - f.upperShare * length;
        double chin = hair + length;
        double root = f.glabella + .2;
        double base = root + f.noseShare * (chin - root);
        double mouth = base + f.mouthShare * (chin - base);
        put(HAIRLINE, 0, hair);
        put(GLABELLA, 0, f.glabella);
        put(NOSE_ROOT, 0, root);
        put(NOSE_TIP, f.crook, base - .17);
        put(SUBNASALE, f.crook * .5, base);
        put(STOMION, f.chinOff * .4, mouth);
        put(CUPID_DIP, f.chinOff * .3, Math.max(base + .07, mouth - f.lipUp));
        put(LOWER_LIP, f.chinOff * .5, Math.min(mouth + f.lipLow, chin - .2));
        put(CHIN, f.chinOff, chin);
        for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
            side(side, hair, chin, base, mouth, root);
        }
    }

    private void side(Side side, double hair, double chin, double base, double mouth, double root) {
        int u = side == Side.RIGHT ? 0 : 20;
        double[] e = f.uneven;
        places.put(new PointKey(PUPIL, side), new Vec(sign(side) * .5, 0));
        pair(EYE_IN, side, f.eyeIn + .3 * e[u], .025);
        pair(EYE_OUT, side, f.eyeOut + .3 * e[u + 1], .025 - f.tilt + .3 * e[u + 2]);
        pair(LID_UP, side, .5, -f.lidUp);
        pair(LID_LOW, side, .5, f.lidLow);
        double start = .18 + .05 * f.archPlace;
        double end = f.eyeOut + .08;
        double brow = -f.browHeight + e[u + 3];
        pair(BROW_START, side, start, brow + f.archRise);
        pair(BROW_ARCH, side, start + f.archPlace * (end - start), brow);
        pair(BROW_END, side, end, brow + f.archRise * .9);
        pair(BRIDGE, side, .52 * f.noseHalf + sign(side) * f.crook * .5, (root + base) / 2);
        pair(ALARE, side, f.noseHalf + .5 * e[u + 5] + sign(side) * f.crook * .5, base - .09);
        pair(MOUTH, side, f.mouthHalf, mouth + .3 * e[u + 6]);
        pair(CUPID, side, .085, Math.max(base + .05, mouth - f.lipUp - .02));
        double brows = (f.glabella + brow) / 2;
        double temple = f.glabella - .4 * (f.glabella - hair);
        edgePoint(TEMPLE, side, temple, e[u + 7]);
        edgePoint(EAR_TOP, side, brows + .25 * (cheekY - brows), e[u + 8]);
        edgePoint(FOREHEAD_CORNER, side, hair + .35 * (brow - hair), e[u + 9]);
        edgePoint(CHEEK, side, cheekY, e[u + 10]);
        jawLine(side, chin, e[u + 10]);
    }

    /** The jaw point is farthest from the straight line cheek–chin; two more divide the rest in three by length. */
    private void jawLine(Side side, double chin, double wide) {
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i <= 400; i++) {
            double y = cheekY + (chin - cheekY) * (1 - Math.pow(1 - i / 400.0, 1.6));
            line.add(new Vec(
                    half(y, chin) * (1 + wide * .6) + sign(side) * f.chinOff * (y - cheekY) / (chin - cheekY), y));
        }
        Vec a = line.get(0);
        Vec b = line.get(line.size() - 1);
        Vec n = b.minus(a).unit().turned();
        int far = 0;
        for (int i = 0; i < line.size(); i++) {
            if (Math.abs(line.get(i).minus(a).dot(n))
                    > Math.abs(line.get(far).minus(a).dot(n))) {
                far = i;
            }
        }
        List<Vec> rest = scree.core.plane.Curves.evenly(line.subList(far, line.size()), 4);
        raw(JAW, side, rest.get(0));
        raw(JAW_MID, side, rest.get(1));
        raw(CHIN_SIDE, side, rest.get(2));
    }

    private void raw(Landmark l, Side side, Vec outward) {
        places.put(new PointKey(l, side), side == Side.RIGHT ? outward.mirrored() : outward);
    }

    private double half(double y, double chin) {
        if (y >= cheekY) {
            return half * edge.below(Math.min(1, (y - cheekY) / (chin - cheekY)));
        }
        double temple = f.glabella - .4 * f.upperShare * edge.lengthToWidth() * 2 * half;
        return half * edge.above((cheekY - y) / (cheekY - temple));
    }

    private void edgePoint(Landmark l, Side side, double y, double uneven) {
        pair(l, side, half(y, places.get(PointKey.of(CHIN)).y()) * (1 + uneven * .6), y);
    }

    private void put(Landmark l, double x, double y) {
        places.put(PointKey.of(l), new Vec(x, y));
    }

    private void pair(Landmark l, Side side, double outward, double y) {
        places.put(new PointKey(l, side), new Vec(sign(side) * outward, y));
    }

    private static int sign(Side side) {
        return side == Side.RIGHT ? -1 : 1;
    }

    // ---- into a picture ----

    /** Returns the true points, put by hand. */
    public FacePoints points() {
        return points(new Random(0), 0, 0, PointState.PLACED);
    }

    /**
     * Returns the points as laid in a picture.
     *
     * @param noise standard deviation per axis in pupil distances
     * @param rollDegrees how far the head leans
     */
    public FacePoints points(Random random, double noise, double rollDegrees, PointState state) {
        double cos = Math.cos(Math.toRadians(rollDegrees));
        double sin = Math.sin(Math.toRadians(rollDegrees));
        List<FacePoints.Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Vec p = places.get(key).plus(noise * random.nextGaussian(), noise * random.nextGaussian());
            marks.add(new FacePoints.Mark(
                    new Point(
                            MIDDLE.x() + PICTURE_UNIT * (p.x() * cos - p.y() * sin),
                            MIDDLE.y() + PICTURE_UNIT * (p.x() * sin + p.y() * cos)),
                    state));
        }
        return FacePoints.of(marks);
    }

    /**
     * Returns what a mesh with its usual biases would guess after correction, with hairline, chin and jaw line then put by
     * hand: widths drawn towards the average, small errors everywhere.
     *
     * @param confirmed landmarks that the artist put by hand
     */
    public FacePoints guessed(Random random, java.util.Set<Landmark> confirmed) {
        List<FacePoints.Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            boolean byHand = confirmed.contains(key.landmark());
            double e = byHand ? .015 : key.landmark().onEdge() ? .05 : .025;
            Vec p = places.get(key);
            if (!byHand && key.landmark().onEdge() && key.side() != Side.CENTRE) {
                p = new Vec(p.x() * (1 + .03 * random.nextGaussian()), p.y());
            }
            p = p.plus(e * random.nextGaussian() * .8, e * random.nextGaussian() * .8);
            marks.add(new FacePoints.Mark(
                    new Point(MIDDLE.x() + PICTURE_UNIT * p.x(), MIDDLE.y() + PICTURE_UNIT * p.y()),
                    byHand ? PointState.PLACED : PointState.GUESSED));
        }
        return FacePoints.of(marks);
    }
}
