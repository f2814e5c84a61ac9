package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.function.ToDoubleFunction;
import scree.core.plane.Vec;

/**
 * What is measured on a levelled face. Ratios unless said otherwise; formulas from face anthropometry (Farkas 1994) adapted to
 * a frontal outline, worked out in docs/method.md.
 */
public enum Measure {
    /** Hairline to chin over cheek width. */
    LENGTH_TO_WIDTH(f -> f.length() / f.cheekWidth()),
    /** Width at 0.4 of the way from the brow line to the hairline over cheek width. */
    TEMPLE_TO_CHEEK(f -> f.width(f.g() - .4 * (f.g() - f.tr())) / f.cheekWidth()),
    /** Width just under the mouth over cheek width: read from the edge, since the jaw point slides. */
    JAW_TO_CHEEK(f -> f.width(f.sto() + .2 * (f.me() - f.sto())) / f.cheekWidth()),
    /** Width some 10 mm above the chin over cheek width. */
    CHIN_TO_CHEEK(f -> f.width(f.me() - .075 * (f.me() - f.g())) / f.cheekWidth()),
    /** Mean width from nose base to chin over cheek width: 1 a box, 0.785 half an ellipse, 0.5 a triangle. */
    LOWER_FULLNESS(Sheet::fullness),
    /** Angle of the frontal outline at the jaw in degrees, mean of both sides; not the profile's angle. */
    JAW_ANGLE(f -> (f.jawAngle(Side.RIGHT) + f.jawAngle(Side.LEFT)) / 2),
    /** Largest turn of the edge within half a pupil distance, in degrees. */
    JAW_CORNER(f -> f.edge.corner()),
    UPPER_THIRD(f -> (f.g() - f.tr()) / f.length()),
    MIDDLE_THIRD(f -> (f.sn() - f.g()) / f.length()),
    LOWER_THIRD(f -> (f.me() - f.sn()) / f.length()),
    /** Between the inner eye corners over the mean width of an eye. */
    EYE_SPACING(f -> f.apart(EYE_IN) / f.eyeWidth()),
    /** Nostril wings over inner eye corners. */
    NOSE_WIDTH(f -> f.apart(ALARE) / f.apart(EYE_IN)),
    /** Root to base over root to chin. */
    NOSE_LENGTH(f -> (f.sn() - f.y(NOSE_ROOT)) / (f.me() - f.y(NOSE_ROOT))),
    BRIDGE_WIDTH(f -> f.apart(BRIDGE) / f.apart(ALARE)),
    /** Mouth corners apart, in pupil distances. */
    MOUTH_WIDTH(f -> f.apart(MOUTH)),
    /** Height of the upper lip over the lower. */
    LIP_RATIO(f -> (f.sto() - f.y(CUPID_DIP)) / Math.max(.01, f.y(LOWER_LIP) - f.sto())),
    /** Height of the upper lip in pupil distances. */
    UPPER_LIP(f -> f.sto() - f.y(CUPID_DIP)),
    /** Brow arch above the pupil in pupil distances. */
    BROW_HEIGHT(
            f -> f.mean(s -> f.face.at(PUPIL, s).y() - f.face.at(BROW_ARCH, s).y())),
    /** Where along the brow its arch stands, 0 at the start. */
    ARCH_PLACE(f -> f.mean(f::archPlace)),
    /** Outer eye corner above the inner, degrees, mean of both sides. */
    EYE_TILT(f -> f.mean(f::tilt)),
    /** Mouth to chin over nose base to chin. */
    CHIN_LENGTH(f -> (f.me() - f.sto()) / (f.me() - f.sn()));

    private final ToDoubleFunction<Sheet> formula;

    Measure(ToDoubleFunction<Sheet> formula) {
        this.formula = formula;
    }

    /** Returns all measures of a face in the order of this enum. */
    static double[] allOf(LevelledFace face) {
        return allOf(face, new EdgeCurve(face));
    }

    /** The same with the face's edge worked out before. */
    static double[] allOf(LevelledFace face, EdgeCurve edge) {
        Sheet sheet = new Sheet(face, edge);
        double[] v = new double[values().length];
        for (Measure m : values()) {
            v[m.ordinal()] = m.formula.applyAsDouble(sheet);
        }
        return v;
    }

    /** The lengths that the formulas are made of. */
    private static final class Sheet {
        private final LevelledFace face;
        private final EdgeCurve edge;

        Sheet(LevelledFace face, EdgeCurve edge) {
            this.face = face;
            this.edge = edge;
        }

        double y(Landmark single) {
            return face.at(single).y();
        }

        double tr() {
            return y(HAIRLINE);
        }

        double g() {
            return y(GLABELLA);
        }

        double sn() {
            return y(SUBNASALE);
        }

        double sto() {
            return y(STOMION);
        }

        double me() {
            return y(CHIN);
        }

        double length() {
            return me() - tr();
        }

        double cheekWidth() {
            return apart(CHEEK);
        }

        double width(double y) {
            return edge.width(y);
        }

        double apart(Landmark pair) {
            return face.at(pair, Side.LEFT).x() - face.at(pair, Side.RIGHT).x();
        }

        double eyeWidth() {
            return mean(
                    s -> Math.abs(face.at(EYE_OUT, s).x() - face.at(EYE_IN, s).x()));
        }

        double mean(ToDoubleFunction<Side> of) {
            return (of.applyAsDouble(Side.RIGHT) + of.applyAsDouble(Side.LEFT)) / 2;
        }

        double fullness() {
            double sum = 0;
            for (int i = 0; i < 24; i++) {
                sum += width(sn() + (i + .5) / 24 * (me() - sn()));
            }
            return sum / 24 / cheekWidth();
        }

        double jawAngle(Side side) {
            Vec jaw = face.at(JAW, side);
            Vec up = face.at(CHEEK, side).minus(jaw).unit();
            Vec on = face.at(CHIN_SIDE, side).minus(jaw).unit();
            return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, up.dot(on)))));
        }

        double archPlace(Side side) {
            double start = face.outward(BROW_START, side).x();
            double end = face.outward(BROW_END, side).x();
            return (face.outward(BROW_ARCH, side).x() - start) / Math.max(.05, end - start);
        }

        double tilt(Side side) {
            Vec in = face.outward(EYE_IN, side);
            Vec out = face.outward(EYE_OUT, side);
            return Math.toDegrees(Math.atan2(in.y() - out.y(), out.x() - in.x()));
        }
    }
}
