package scree.core.placement;

import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.method.Aim;

/**
 * How strongly and where each area is worked on this face: the shapes' values mixed by their shares, then the aim applied.
 * House choices after the craft's rules, tried on drawn faces; docs/method.md.
 *
 * @param drop of the cheek shadow's start, down is plus
 * @param forwardAim share of the way from nostril to mouth corner that the cheek shadow points at
 * @param width factor of shadow widths
 * @param depth factor of the cheek shadow's strength
 * @param hairMiddle strength of the hairline shadow in its middle
 * @param hairCorner at its corners
 * @param temple strength
 * @param jaw strength
 * @param jawCorner 0 along the jaw, 1 at its corners
 * @param chin strength of the chin's shadow
 * @param rise of the blush's end, up is plus
 * @param hollow 0 on the bone, 1 in the hollow
 * @param overall factor of strength by the aim
 * @param blur factor of softness by the aim
 * @param up lift by the aim
 * @param back how much further back the cheek shadow stops
 */
record Tuning(
        double drop,
        double forwardAim,
        double width,
        double depth,
        double hairMiddle,
        double hairCorner,
        double temple,
        double jaw,
        double jawCorner,
        double chin,
        double rise,
        double hollow,
        double overall,
        double blur,
        double up,
        double back) {

    /** One value by face shape, mixed by the shares of a face's shapes. */
    private record ByShape(
            double oval, double round, double square, double oblong, double heart, double diamond, double triangle) {

        double of(Shape shape) {
            return switch (shape) {
                case OVAL -> oval;
                case ROUND -> round;
                case SQUARE -> square;
                case OBLONG -> oblong;
                case HEART -> heart;
                case DIAMOND -> diamond;
                case TRIANGLE -> triangle;
            };
        }

        double of(FaceBrief brief) {
            double[] sum = {0};
            brief.shares().forEach((shape, share) -> sum[0] += share * of(shape));
            return sum[0];
        }
    }

    //                                              oval  round square oblong heart diamond triangle
    private static final ByShape DROP = new ByShape(0, -.14, 0, .16, 0, .02, -.03);
    private static final ByShape FORWARD_AIM = new ByShape(.60, .90, .60, .40, .60, .50, .55);
    private static final ByShape WIDTH = new ByShape(1.00, 1.20, .90, .90, .95, .90, .90);
    private static final ByShape DEPTH = new ByShape(.85, 1.00, .75, .70, .90, .85, .60);
    private static final ByShape HAIR_MIDDLE = new ByShape(.45, .30, .25, .95, .30, .15, 0);
    private static final ByShape HAIR_CORNER = new ByShape(.70, .80, .95, .60, .90, .25, 0);
    private static final ByShape TEMPLE = new ByShape(.60, .90, .50, .20, 1.0, .25, 0);
    private static final ByShape JAW = new ByShape(.50, .90, .90, .15, .10, .15, 1.0);
    private static final ByShape JAW_CORNER = new ByShape(0, 0, 1, 0, 0, 0, 1);
    private static final ByShape CHIN = new ByShape(0, 0, 0, .9, 0, 0, 0);
    private static final ByShape RISE = new ByShape(0, .05, 0, -.08, 0, 0, .05);
    /** A heart with a rounded jaw gets its jaw sides too: so much at this share of round, and at most that. */
    private static final double ROUNDED_HEART_JAW = .6;

    private static final double ROUNDED_HEART_SHARE = .4;
    private static final double ROUNDED_HEART_MOST = .9;

    private record ByAim(double hollow, double width, double overall, double blur, double up, double back) {
        private static final ByAim BALANCE = new ByAim(.5, 1, 1, 1, 0, 0);
        private static final ByAim SCULPT = new ByAim(1, .82, 1.2, .75, 0, 0);
        private static final ByAim SOFTEN = new ByAim(.3, 1.15, .75, 1.4, 0, .05);
        private static final ByAim LIFT = new ByAim(0, .9, .75, 1.15, .06, .05);
        private static final ByAim NATURAL = new ByAim(.4, .9, .55, 1.3, 0, .02);
        private static final ByAim LONGER = new ByAim(.5, .9, 1, 1, 0, 0);
        private static final ByAim WIDER = new ByAim(.5, .9, .9, 1, 0, 0);

        static ByAim of(Aim aim) {
            return switch (aim) {
                case BALANCE -> BALANCE;
                case SCULPT -> SCULPT;
                case SOFTEN -> SOFTEN;
                case LIFT -> LIFT;
                case NATURAL -> NATURAL;
                case LONGER -> LONGER;
                case WIDER -> WIDER;
            };
        }
    }

    static Tuning of(FaceBrief brief, Aim aim) {
        ByAim by = ByAim.of(aim);
        return new Tuning(
                DROP.of(brief) + (aim == Aim.WIDER ? FLATTER : 0),
                FORWARD_AIM.of(brief),
                WIDTH.of(brief) * by.width,
                DEPTH.of(brief),
                aim(aim, HAIR_MIDDLE.of(brief), NONE, ABOVE_AND_BELOW),
                aim(aim, HAIR_CORNER.of(brief), NONE, ABOVE_AND_BELOW),
                aim(aim, TEMPLE.of(brief), AT_THE_SIDES, NONE),
                aim(aim, jaw(brief), AT_THE_SIDES, NONE),
                JAW_CORNER.of(brief),
                aim(aim, CHIN.of(brief), NONE, ABOVE_AND_BELOW),
                RISE.of(brief),
                by.hollow,
                by.overall,
                by.blur,
                by.up,
                by.back);
    }

    /** A longer face is shaded at its sides, a wider one above and below. House choices after the craft. */
    private static final double AT_THE_SIDES = .75;

    private static final double ABOVE_AND_BELOW = .6;
    private static final double NONE = 0;
    /** A wider face's cheek shadow begins lower and runs flatter, by this. */
    private static final double FLATTER = .10;

    private static double aim(Aim aim, double byShape, double longer, double wider) {
        return switch (aim) {
            case LONGER -> longer == NONE ? NONE : Math.max(byShape, longer);
            case WIDER -> wider == NONE ? NONE : Math.max(byShape, wider);
            case BALANCE, SCULPT, SOFTEN, LIFT, NATURAL -> byShape;
        };
    }

    private static double jaw(FaceBrief brief) {
        double jaw = JAW.of(brief);
        if (brief.roundedHeart() && brief.has(Tick.ROUND_OUTLINE)) {
            return Math.max(jaw, ROUNDED_HEART_MOST);
        }
        if (brief.lead() != Shape.HEART || brief.second() != Shape.ROUND) {
            return jaw;
        }
        double rounded = ROUNDED_HEART_JAW * brief.shares().get(Shape.ROUND) / ROUNDED_HEART_SHARE;
        return Math.min(Math.max(jaw, rounded), ROUNDED_HEART_MOST);
    }
}
