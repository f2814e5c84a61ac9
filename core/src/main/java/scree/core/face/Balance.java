package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.List;
import scree.core.plane.Normal;
import scree.core.plane.Vec;

/**
 * Left against right, with the doubt of the level and of the midline in every difference.
 *
 * @param uneven what is seen and sure; everyone has a millimetre or two, which is not named
 * @param turned the side the head is turned to, or null; midline and widths are withheld then
 * @param eyeLineTilted brows and mouth both lean against the eyes: the eyes or the head stand aslant
 */
public record Balance(List<Unevenness> uneven, Side turned, boolean eyeLineTilted) {
    private static final double SOFT = .3;
    private static final double LEAST_PERCENT = 3;
    private static final double TILT_FROM = 1.5;
    /** Least difference of half widths that counts towards a turned head. House choice, half of what is named. */
    private static final double TURN_FROM = .03;
    /** Share of what is seen from which it may be named. House choice: a grade of 0.3. */
    private static final double NAMED_FROM = .843;
    /** Standard deviations that a difference must have, so that an even face is called uneven in fewer than one of twenty. Derived. */
    private static final double SURE = 2.75;

    /** What the level rests on. */
    private static final List<Landmark> LEVEL = List.of(PUPIL, EYE_IN, EYE_OUT);
    /** What the midline rests on beside these. */
    private static final List<Landmark> MIDDLE = List.of(NOSE_ROOT, GLABELLA);

    private static final double MIDDLE_WEIGHT = .5;

    public Balance {
        uneven = List.copyOf(uneven);
    }

    static Balance of(FacePoints seen) {
        FacePoints points = seen.turnedBack();
        LevelledFace f = LevelledFace.of(points);
        boolean found = seen.turn().known() || !seen.turn().sidesTold();
        Side turned = found ? turned(seen.turn()) : turned(f);
        boolean tilted = settled(points, LEVEL) && settled(points, List.of(BROW_ARCH, MOUTH)) && tilted(f);
        Sides sides = Sides.of(points);
        List<Unevenness> all = new ArrayList<>();
        height(all, points, sides, Unevenness.Kind.EYE_HEIGHT, List.of(EYE_OUT));
        height(all, points, sides, Unevenness.Kind.LID_HEIGHT, List.of(LID_UP));
        if (!tilted) {
            height(all, points, sides, Unevenness.Kind.BROW_HEIGHT, List.of(BROW_START, BROW_ARCH, BROW_END));
            height(all, points, sides, Unevenness.Kind.MOUTH_HEIGHT, List.of(MOUTH));
        }
        if (turned == null) {
            off(all, points, sides, Unevenness.Kind.NOSE_TIP, NOSE_TIP);
            off(all, points, sides, Unevenness.Kind.CHIN, CHIN);
            width(all, points, sides, Unevenness.Kind.CHEEK_WIDTH, CHEEK);
            width(all, points, sides, Unevenness.Kind.JAW_WIDTH, JAW);
        }
        return new Balance(all, turned, tilted);
    }

    /** Points about an axis through both eyes: pupils and corners, each pair weighted by the square of its distance. */
    private record Sides(FacePoints points, Vec axis, Vec origin, double unit, double midline) {
        static Sides of(FacePoints points) {
            Vec sum = new Vec(0, 0);
            Vec middle = new Vec(0, 0);
            for (Landmark l : LEVEL) {
                Vec across = raw(points, l, Side.LEFT).minus(raw(points, l, Side.RIGHT));
                sum = sum.plus(across.times(across.length()));
                middle = middle.plus(raw(points, l, Side.LEFT)).plus(raw(points, l, Side.RIGHT));
            }
            Vec axis = sum.times(1 / sum.length());
            double unit = raw(points, PUPIL, Side.LEFT)
                    .minus(raw(points, PUPIL, Side.RIGHT))
                    .length();
            Sides level = new Sides(points, axis, middle.times(1.0 / (2 * LEVEL.size())), unit, 0);
            double x = 0;
            for (Landmark l : LEVEL) {
                x += (level.at(l, Side.LEFT).x() + level.at(l, Side.RIGHT).x()) / 2;
            }
            for (Landmark l : MIDDLE) {
                x += MIDDLE_WEIGHT * level.at(l, Side.CENTRE).x();
            }
            double midline = x / (LEVEL.size() + MIDDLE_WEIGHT * MIDDLE.size());
            return new Sides(points, axis, level.origin, unit, midline);
        }

        private static Vec raw(FacePoints points, Landmark l, Side side) {
            var at = points.at(new PointKey(l, side)).at();
            return new Vec(at.x(), at.y());
        }

        /** Returns a point in pupil distances, x towards the sitter's left, y down. */
        Vec at(Landmark l, Side side) {
            Vec v = raw(points, l, side).minus(origin);
            return new Vec((v.x() * axis.x() + v.y() * axis.y()) / unit, (v.y() * axis.x() - v.x() * axis.y()) / unit);
        }

        double half(Landmark pair, Side side) {
            return Math.abs(at(pair, side).x() - midline);
        }
    }

    private static void height(
            List<Unevenness> all, FacePoints points, Sides sides, Unevenness.Kind kind, List<Landmark> pairs) {
        double d = 0;
        for (Landmark pair : pairs) {
            d += (sides.at(pair, Side.RIGHT).y() - sides.at(pair, Side.LEFT).y()) / pairs.size();
        }
        add(all, kind, d > 0 ? Side.LEFT : Side.RIGHT, Math.abs(d), 0, doubt(points, pairs, List.of()));
    }

    private static void off(
            List<Unevenness> all, FacePoints points, Sides sides, Unevenness.Kind kind, Landmark single) {
        double d = sides.at(single, Side.CENTRE).x() - sides.midline();
        add(all, kind, d > 0 ? Side.LEFT : Side.RIGHT, Math.abs(d), 0, doubt(points, List.of(single), MIDDLE));
    }

    private static void width(
            List<Unevenness> all, FacePoints points, Sides sides, Unevenness.Kind kind, Landmark pair) {
        double right = sides.half(pair, Side.RIGHT);
        double left = sides.half(pair, Side.LEFT);
        double percent = 200 * Math.abs(left - right) / (left + right);
        if (percent >= LEAST_PERCENT) {
            Side wider = left > right ? Side.LEFT : Side.RIGHT;
            add(all, kind, wider, Math.abs(left - right), percent, doubt(points, List.of(pair), MIDDLE));
        }
    }

    /** @param doubt of one point, pupil distances; not finite when a guess is among them: then nothing is said */
    private static void add(
            List<Unevenness> all, Unevenness.Kind kind, Side side, double d, double percent, double doubt) {
        if (d > Math.max(NAMED_FROM * kind.from(), SURE * kind.unit() * doubt)) {
            double grade = Normal.below((d - kind.from()) / (SOFT * kind.from()));
            all.add(new Unevenness(kind, side, d, percent, grade));
        }
    }

    private static double doubt(FacePoints points, List<Landmark> own, List<Landmark> more) {
        double worst = 0;
        for (List<Landmark> part : List.of(own, LEVEL, more)) {
            for (Landmark l : part) {
                for (Side side : l.paired() ? List.of(Side.RIGHT, Side.LEFT) : List.of(Side.CENTRE)) {
                    worst = Math.max(
                            worst, points.at(new PointKey(l, side)).state().byHand(l));
                }
            }
        }
        return worst;
    }

    private static boolean settled(FacePoints points, List<Landmark> all) {
        return all.stream().allMatch(points::settled);
    }

    private static double half(LevelledFace f, Landmark pair, Side side) {
        return Math.abs(f.at(pair, side).x() - f.midline());
    }

    /** The side that is turned away is the narrower one. */
    private static Side turned(HeadTurn turn) {
        return turn.sidesTold() ? null : turn.yawDegrees() > 0 ? Side.RIGHT : Side.LEFT;
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
