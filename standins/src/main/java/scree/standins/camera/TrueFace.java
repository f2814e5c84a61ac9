package scree.standins.camera;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Vec;

/** The true places of all face points of a sitter, in scene units. */
final class TrueFace {
    private final Sitter.Face face;
    private final HeadOutline outline;
    private final boolean man;
    private final boolean curtained;
    private final Map<PointKey, Vec> places = new LinkedHashMap<>();

    TrueFace(Sitter sitter, HeadOutline outline) {
        Sitter.Style style = sitter.hair().style();
        this.curtained = style == Sitter.Style.BOB || style == Sitter.Style.LONG;
        this.face = sitter.face();
        this.outline = outline;
        this.man = sitter.man();
        middle();
        for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
            eyes(side);
            noseAndMouth(side);
            edge(side);
        }
    }

    /** Returns all points as laid by hand on a picture. */
    FacePoints points(Frame frame) {
        List<FacePoints.Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Vec p = places.get(key);
            marks.add(new FacePoints.Mark(new Point(frame.px(p.x()), frame.py(p.y())), PointState.PLACED));
        }
        return FacePoints.of(marks);
    }

    private void middle() {
        double nl = face.noseLength();
        MouthShape mouth = new MouthShape(face);
        single(HAIRLINE, 0, hairline());
        single(GLABELLA, 0, glabella());
        single(NOSE_ROOT, HeadRelief.noseMiddle(face, -.06), -.06);
        single(NOSE_TIP, HeadRelief.noseMiddle(face, nl - .145), nl - .145);
        single(SUBNASALE, 0, nl + .02);
        single(STOMION, 0, mouth.line(0));
        single(CUPID_DIP, 0, mouth.upper(0));
        single(LOWER_LIP, 0, mouth.lower(0));
        single(CHIN, 0, face.shape().chin);
    }

    /** Where skin ends: long hair falls from a parting that is drawn higher than short hair begins. */
    private double hairline() {
        double gauge = .12 - .985 * face.shape().forehead;
        return curtained ? Math.min(gauge, CURTAIN) : gauge;
    }

    /** Height of the locks' roots, less half of a lock's width. */
    private static final double CURTAIN = -1.175;

    private double glabella() {
        return face.browHeight() + .075;
    }

    private void eyes(Side side) {
        int s = sign(side);
        EyeShape eye = new EyeShape(face, s);
        pair(PUPIL, side, EyeShape.PUPIL_X, EyeShape.PUPIL_Y);
        pair(EYE_IN, side, EyeShape.INNER, eye.base(0));
        pair(EYE_OUT, side, EyeShape.INNER + EyeShape.WIDTH, eye.base(1));
        pair(LID_UP, side, EyeShape.PUPIL_X, eye.upper(.5));
        pair(LID_LOW, side, EyeShape.PUPIL_X, eye.lower(.5));
        double shift = s * face.asymmetry() * .012;
        double[] start = FeaturePainter.browAt(0.02, face);
        double[] end = FeaturePainter.browAt(1, face);
        pair(BROW_START, side, start[0], start[1] + shift);
        pair(BROW_END, side, end[0], end[1] + shift);
        double[] arch = start;
        double top = 9;
        for (double t = .2; t <= .95; t += .01) {
            double[] p = FeaturePainter.browAt(t, face);
            double y = p[1] - FeaturePainter.browHalf(t, face);
            if (y < top) {
                top = y;
                arch = p;
            }
        }
        pair(BROW_ARCH, side, arch[0], top + shift);
    }

    private void noseAndMouth(Side side) {
        double nl = face.noseLength();
        MouthShape mouth = new MouthShape(face);
        double bridge = HeadRelief.noseMiddle(face, nl / 2);
        places.put(
                new PointKey(BRIDGE, side),
                new Vec(bridge + sign(side) * (.09 + .15 * face.noseWidth()), nl / 2 - .03));
        double wing = HeadRelief.noseMiddle(face, nl - .085);
        places.put(new PointKey(ALARE, side), new Vec(wing + sign(side) * (.74 * face.noseWidth() + .075), nl - .085));
        pair(MOUTH, side, mouth.half, mouth.line(mouth.half));
        pair(CUPID, side, .2 * mouth.half, mouth.upper(.2 * mouth.half));
    }

    private void edge(Side side) {
        double g = glabella();
        onEdge(TEMPLE, side, g - .4 * (g - hairline()));
        onEdge(EAR_TOP, side, -.2);
        double cornerY = hairline() + .31;
        double p = man ? 2.6 : 2.3;
        double x = .90 * face.shape().cheek * Math.pow(1 - Math.pow((.12 - cornerY) / face.shape().forehead, p), 1 / p);
        pair(FOREHEAD_CORNER, side, x, cornerY);
        double cheek = .2;
        for (double y = 0; y < face.noseLength(); y += .01) {
            cheek = half(side, y) > half(side, cheek) ? y : cheek;
        }
        onEdge(CHEEK, side, cheek);
        jaw(side, cheek);
    }

    /** Jaw farthest from the line cheek–chin; the rest of the edge cut in three. */
    private void jaw(Side side, double cheek) {
        double chin = face.shape().chin;
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i <= 300; i++) {
            double y = cheek + (chin - 1e-4 - cheek) * (1 - Math.pow(1 - i / 300.0, 1.8));
            line.add(new Vec(half(side, y), y));
        }
        Vec a = line.get(0);
        Vec n = new Vec(0, chin).minus(a).unit().turned();
        int far = 0;
        for (int i = 0; i < line.size(); i++) {
            if (Math.abs(line.get(i).minus(a).dot(n))
                    > Math.abs(line.get(far).minus(a).dot(n))) {
                far = i;
            }
        }
        List<Vec> rest = scree.core.plane.Curves.evenly(line.subList(far, line.size()), 4);
        pair(JAW, side, rest.get(0).x(), rest.get(0).y());
        pair(JAW_MID, side, rest.get(1).x(), rest.get(1).y());
        pair(CHIN_SIDE, side, rest.get(2).x(), rest.get(2).y());
    }

    private double half(Side side, double y) {
        return outline.halfWidth(y, sign(side));
    }

    private void onEdge(Landmark l, Side side, double y) {
        pair(l, side, half(side, y), y);
    }

    private void single(Landmark l, double x, double y) {
        places.put(PointKey.of(l), new Vec(x, y));
    }

    private void pair(Landmark l, Side side, double outward, double y) {
        places.put(new PointKey(l, side), new Vec(sign(side) * outward, y));
    }

    private static int sign(Side side) {
        return side == Side.RIGHT ? -1 : 1;
    }
}
