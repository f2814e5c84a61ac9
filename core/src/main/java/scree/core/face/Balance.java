package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.List;
import scree.core.plane.Normal;

/**
 * Left against right about the midline.
 *
 * @param uneven what is seen; everyone has a millimetre or two, which is not named
 * @param turned the side the head is turned to, or null; midline and widths are withheld then
 * @param eyeLineTilted brows and mouth both lean against the pupils: the eyes or the head stand aslant
 */
public record Balance(List<Unevenness> uneven, Side turned, boolean eyeLineTilted) {
    private static final double SOFT = .3;
    private static final double LEAST_GRADE = .3;
    private static final double LEAST_PERCENT = 3;
    private static final double TILT_FROM = 1.5;
    /** Least difference of half widths that counts towards a turned head. House choice, half of what is named. */
    private static final double TURN_FROM = .03;

    public Balance {
        uneven = List.copyOf(uneven);
    }

    static Balance of(FacePoints points) {
        LevelledFace f = LevelledFace.of(points);
        Side turned = turned(f);
        boolean tilted = tilted(f);
        List<Unevenness> all = new ArrayList<>();
        height(all, points, f, Unevenness.Kind.EYE_HEIGHT, EYE_OUT);
        if (!tilted) {
            height(all, points, f, Unevenness.Kind.BROW_HEIGHT, BROW_ARCH);
            height(all, points, f, Unevenness.Kind.MOUTH_HEIGHT, MOUTH);
        }
        if (turned == null) {
            off(all, points, f, Unevenness.Kind.NOSE_TIP, NOSE_TIP);
            off(all, points, f, Unevenness.Kind.CHIN, CHIN);
            width(all, points, f, Unevenness.Kind.CHEEK_WIDTH, CHEEK);
            width(all, points, f, Unevenness.Kind.JAW_WIDTH, JAW);
        }
        return new Balance(all, turned, tilted);
    }

    private static void height(
            List<Unevenness> all, FacePoints points, LevelledFace f, Unevenness.Kind kind, Landmark pair) {
        double d = f.at(pair, Side.RIGHT).y() - f.at(pair, Side.LEFT).y();
        double sigma = sigma(points, pair, 1) * Math.sqrt(2);
        add(all, kind, d > 0 ? Side.LEFT : Side.RIGHT, Math.abs(d), 0, sigma);
    }

    private static void off(
            List<Unevenness> all, FacePoints points, LevelledFace f, Unevenness.Kind kind, Landmark single) {
        double d = f.at(single).x() - f.midline();
        add(all, kind, d > 0 ? Side.LEFT : Side.RIGHT, Math.abs(d), 0, sigma(points, single, 0));
    }

    private static void width(
            List<Unevenness> all, FacePoints points, LevelledFace f, Unevenness.Kind kind, Landmark pair) {
        double right = half(f, pair, Side.RIGHT);
        double left = half(f, pair, Side.LEFT);
        double percent = 200 * Math.abs(left - right) / (left + right);
        if (percent >= LEAST_PERCENT) {
            double sigma = sigma(points, pair, 0) * Math.sqrt(2);
            add(all, kind, left > right ? Side.LEFT : Side.RIGHT, Math.abs(left - right), percent, sigma);
        }
    }

    private static void add(
            List<Unevenness> all, Unevenness.Kind kind, Side side, double d, double percent, double sigma) {
        double grade = Normal.below((d - kind.from()) / (SOFT * kind.from()));
        if (grade >= LEAST_GRADE && d > 2 * sigma) {
            all.add(new Unevenness(kind, side, d, percent, grade));
        }
    }

    private static double sigma(FacePoints points, Landmark landmark, int axis) {
        Side any = landmark.paired() ? Side.RIGHT : Side.CENTRE;
        PointState state = points.at(new PointKey(landmark, any)).state();
        return Measures.sigma(landmark, state, axis);
    }

    private static double half(LevelledFace f, Landmark pair, Side side) {
        return Math.abs(f.at(pair, side).x() - f.midline());
    }

    /** A turned head is narrower on one side everywhere, and its nose and chin lean to that side. */
    private static Side turned(LevelledFace f) {
        for (Side narrow : new Side[] {Side.RIGHT, Side.LEFT}) {
            Side wide = narrow == Side.RIGHT ? Side.LEFT : Side.RIGHT;
            int sign = narrow == Side.RIGHT ? -1 : 1;
            boolean narrower = true;
            for (Landmark l : new Landmark[] {TEMPLE, CHEEK, JAW}) {
                narrower &= half(f, l, wide) - half(f, l, narrow) > TURN_FROM;
            }
            boolean leans = sign * (f.at(NOSE_TIP).x() - f.midline()) > .015
                    && sign * (f.at(CHIN).x() - f.midline()) > .01;
            if (narrower && leans) {
                return narrow;
            }
        }
        return null;
    }

    private static boolean tilted(LevelledFace f) {
        double brow = slope(f, BROW_ARCH);
        double mouth = slope(f, MOUTH);
        return Math.abs(brow) > TILT_FROM && Math.abs(mouth) > TILT_FROM && brow * mouth > 0;
    }

    private static double slope(LevelledFace f, Landmark pair) {
        var d = f.at(pair, Side.LEFT).minus(f.at(pair, Side.RIGHT));
        return Math.toDegrees(Math.atan2(d.y(), d.x()));
    }
}
