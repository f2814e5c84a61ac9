package scree.core.placement;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/**
 * One side of the face as seen by the rules: x grows outward on either side, so every formula is written once. Lines are made
 * here and turned back by {@link #real}.
 */
final class SideMap {
    /** Half the neck's width as a share of the cheeks', room beside it, and how far under the cheek it begins. House choice. */
    private static final double NECK_WIDE = .62;

    private static final double NECK_ROOM = .098;
    private static final double NECK_FROM = .02;
    /** A shadow that slips under the jaw lies over the edge by this. */
    private static final double OVER_EDGE = .014;
    /** The least depth of a lower lid's curve. */
    private static final double LEAST_LID = .02;
    /** How far past its ends a piece of the midline is followed, as a share of it. */
    private static final double PAST_MIDLINE = .2;

    static final double FACE_MARGIN = .008;
    static final double HAIR_MARGIN = -.05;
    /** Least way from the mouth corner that shadow and clean line keep. */
    static final double MOUTH_ROOM = .205;

    final Side side;
    final Vec pupil;
    final Vec eyeIn;
    final Vec eyeOut;
    final Vec lidUp;
    final Vec lidLow;
    final Vec browStart;
    final Vec browArch;
    final Vec browEnd;
    final Vec alare;
    final Vec cupid;
    final Vec mouth;
    final Vec cheek;
    final Vec jaw;
    final Vec jawMid;
    final Vec earTop;
    final Vec temple;
    final Vec foreheadCorner;
    final Vec hairline;
    final Vec noseRoot;
    final Vec noseTip;
    final Vec subnasale;
    final Vec cupidDip;
    final Vec lowerLip;
    final Vec chin;
    /** The height of the nostril wing, which shadow and colour never pass. */
    final double nostrilLine;

    private final LevelledFace face;
    private final Outline outline;
    private final KeepOff keepOff;
    private final List<Vec> midline;

    SideMap(LevelledFace face, Side side, Outline outline, KeepOff keepOff) {
        this.face = face;
        this.side = side;
        this.outline = outline;
        this.keepOff = keepOff;
        this.pupil = pair(PUPIL);
        this.eyeIn = pair(EYE_IN);
        this.eyeOut = pair(EYE_OUT);
        this.lidUp = pair(LID_UP);
        this.lidLow = pair(LID_LOW);
        this.browStart = pair(BROW_START);
        this.browArch = pair(BROW_ARCH);
        this.browEnd = pair(BROW_END);
        this.alare = pair(ALARE);
        this.cupid = pair(CUPID);
        this.mouth = pair(MOUTH);
        this.cheek = pair(CHEEK);
        this.jaw = pair(JAW);
        this.jawMid = pair(JAW_MID);
        this.earTop = pair(EAR_TOP);
        this.temple = pair(TEMPLE);
        this.foreheadCorner = pair(FOREHEAD_CORNER);
        this.hairline = single(HAIRLINE);
        this.noseRoot = single(NOSE_ROOT);
        this.noseTip = single(NOSE_TIP);
        this.subnasale = single(SUBNASALE);
        this.cupidDip = single(CUPID_DIP);
        this.lowerLip = single(LOWER_LIP);
        this.chin = single(CHIN);
        this.nostrilLine = alare.y();
        List<Vec> line = new ArrayList<>(List.of(hairline, noseRoot, noseTip, subnasale, cupidDip, lowerLip, chin));
        line.sort(Comparator.comparingDouble(Vec::y));
        this.midline = line;
    }

    private Vec pair(Landmark l) {
        return face.outward(l, side);
    }

    private Vec single(Landmark l) {
        return turn(face.at(l));
    }

    /** Returns a side's point on the face, or a face's point on the side: the same mirror. */
    Vec turn(Vec p) {
        return side == Side.RIGHT ? p.mirrored() : p;
    }

    /** Returns a piece made here as it lies on the face. */
    Piece real(Piece piece) {
        return piece.map(this::turn);
    }

    /** Returns x of the face's middle at a height. */
    double middle(double y) {
        for (int i = 0; i + 1 < midline.size(); i++) {
            Vec a = midline.get(i);
            Vec b = midline.get(i + 1);
            if (y <= b.y() || i + 2 == midline.size()) {
                double t = b.y() == a.y() ? 0 : (y - a.y()) / (b.y() - a.y());
                return a.x() + (b.x() - a.x()) * Math.max(-PAST_MIDLINE, Math.min(1 + PAST_MIDLINE, t));
            }
        }
        return 0;
    }

    /** Returns the outer x of the face at a height. */
    double edge(double y) {
        return turn(outline.at(side, y)).x();
    }

    /** Returns the point of the lower outline at x. */
    Vec low(double x) {
        return turn(outline.low(turn(new Vec(x, 0)).x()));
    }

    /** Returns the outline from one point's direction to another's, moved inward. */
    Outline.Run ring(Vec from, Vec to, double inset) {
        Outline.Run run = outline.run(outline.angle(turn(from)), outline.angle(turn(to)), inset);
        return new Outline.Run(
                run.points().stream().map(this::turn).toList(),
                run.outward().stream().map(this::turn).toList());
    }

    /** Returns the brow's middle line. */
    List<Vec> brow() {
        return keepOff.brow(side).stream().map(this::turn).toList();
    }

    KeepOff.Oval eye() {
        return keepOff.eye(side, 0);
    }

    /** Returns the highest y of the eye's oval on the side. */
    double eyeTop(double x) {
        KeepOff.Oval eye = keepOff.eye(side, 0);
        double top = Double.MAX_VALUE;
        double nearest = Double.MAX_VALUE;
        for (Vec p : eye.outline(72)) {
            Vec q = turn(p);
            if (q.y() < eyeMiddle().y()) {
                double d = Math.abs(q.x() - x);
                if (d < nearest - 1e-9) {
                    nearest = d;
                    top = q.y();
                }
            }
        }
        return top;
    }

    private Vec eyeMiddle() {
        return eyeIn.towards(eyeOut, .5);
    }

    /** Returns the point at share t along the eye, h below the lower lid's curve. */
    Vec underEye(double t, double h) {
        Vec along = eyeOut.minus(eyeIn).unit();
        Vec down = along.turned();
        double depth = Math.max(LEAST_LID, lidLow.minus(eyeIn).dot(down));
        return eyeIn.towards(eyeOut, t).plus(down.times(4 * t * (1 - t) * depth + h));
    }

    /** Returns a mover that keeps points on the face and off its features. */
    UnaryOperator<Vec> onFace(Set<KeepOff.Part> parts) {
        return settle(FACE_MARGIN, parts, 0);
    }

    UnaryOperator<Vec> onFace() {
        return settle(FACE_MARGIN, KeepOff.ALL, 0);
    }

    /** The same for zones that melt into the hair. */
    UnaryOperator<Vec> intoHair() {
        return settle(HAIR_MARGIN, KeepOff.ALL, 0);
    }

    /** Keeps also a distance from the mouth's corner. */
    UnaryOperator<Vec> clearOfMouth(double room) {
        return settle(FACE_MARGIN, KeepOff.ALL, room);
    }

    /** For shadows that slip under the jaw: on the face a hair beyond the edge, on the neck within its width. */
    UnaryOperator<Vec> ontoNeck(double room) {
        return p -> {
            Vec q = off(p, room);
            return neck(q);
        };
    }

    private Vec neck(Vec p) {
        Vec g = turn(p);
        boolean onNeck = Math.abs(g.x()) <= neckHalf() + NECK_ROOM && g.y() > cheek.y() + NECK_FROM;
        return onNeck ? p : turn(outline.fit(g, -OVER_EDGE));
    }

    /** Returns half the neck's width as it is taken to be. House choice. */
    double neckHalf() {
        return NECK_WIDE
                * (face.outward(CHEEK, Side.RIGHT).x()
                        + face.outward(CHEEK, Side.LEFT).x())
                / 2;
    }

    private UnaryOperator<Vec> settle(double margin, Set<KeepOff.Part> parts, double room) {
        return p -> {
            Vec on = keepOff.push(outline.fit(turn(off(p, room)), margin), parts);
            Vec in = outline.fit(on, margin);
            return turn(in.equals(on) ? on : outline.fit(keepOff.push(in, parts), Math.min(margin, 0)));
        };
    }

    private Vec off(Vec p, double room) {
        double d = p.distanceTo(mouth);
        if (room == 0 || d >= room) {
            return p;
        }
        Vec away = d < 1e-6 ? new Vec(1, 0) : p.minus(mouth).times(1 / d);
        return mouth.plus(away.times(room));
    }

    // ---- small arithmetic of the rules ----

    static double mix(double a, double b, double t) {
        return a + (b - a) * t;
    }

    static double clamp(double v, double low, double high) {
        return Math.max(low, Math.min(high, v));
    }

    /** Returns y of a line at x: that of its nearest piece. */
    static double yAt(List<Vec> line, double x) {
        Vec nearest = line.get(0);
        for (int i = 0; i + 1 < line.size(); i++) {
            Vec a = line.get(i);
            Vec b = line.get(i + 1);
            if (a.x() <= x != b.x() <= x) {
                return a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x());
            }
            nearest = Math.abs(b.x() - x) < Math.abs(nearest.x() - x) ? b : nearest;
        }
        return nearest.y();
    }

    static List<Vec> smooth(Vec... through) {
        return Curves.through(List.of(through), 10);
    }
}
