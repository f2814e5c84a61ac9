package scree.core.placement;

import java.util.Map;
import scree.core.face.Shape;
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

    private static final Map<Shape, double[]> BY_SHAPE = Map.of(
            Shape.OVAL, new double[] {0, .60, 1.00, .85, .45, .70, .60, .50, 0, 0, 0},
            Shape.ROUND, new double[] {-.14, .90, 1.20, 1.00, .30, .80, .90, .90, 0, 0, .05},
            Shape.SQUARE, new double[] {0, .60, .90, .75, .25, .95, .50, .90, 1, 0, 0},
            Shape.OBLONG, new double[] {.16, .40, .90, .70, .95, .60, .20, .15, 0, .9, -.08},
            Shape.HEART, new double[] {0, .60, .95, .90, .30, .90, 1.0, .10, 0, 0, 0},
            Shape.DIAMOND, new double[] {.02, .50, .90, .85, .15, .25, .25, .15, 0, 0, 0},
            Shape.TRIANGLE, new double[] {-.03, .55, .90, .60, 0, 0, 0, 1.0, 1, 0, .05});
    /** A heart with a rounded jaw gets its jaw sides too. */
    private static final double ROUNDED_HEART_JAW = .6;

    private record ByAim(double hollow, double width, double overall, double blur, double up, double back) {}

    private static final Map<Aim, ByAim> BY_AIM = Map.of(
            Aim.BALANCE, new ByAim(.5, 1, 1, 1, 0, 0),
            Aim.SCULPT, new ByAim(1, .82, 1.2, .75, 0, 0),
            Aim.SOFTEN, new ByAim(.3, 1.15, .75, 1.4, 0, .05),
            Aim.LIFT, new ByAim(0, .9, .75, 1.15, .06, .05),
            Aim.NATURAL, new ByAim(.4, .9, .55, 1.3, 0, .02));

    static Tuning of(FaceBrief brief, Aim aim) {
        double[] v = new double[11];
        brief.shares().forEach((shape, share) -> {
            double[] s = BY_SHAPE.get(shape);
            for (int i = 0; i < v.length; i++) {
                v[i] += share * s[i];
            }
        });
        if (brief.lead() == Shape.HEART && brief.second() == Shape.ROUND) {
            v[7] = Math.max(v[7], ROUNDED_HEART_JAW * brief.shares().get(Shape.ROUND) / .4);
            v[7] = Math.min(v[7], .9);
        }
        ByAim a = BY_AIM.get(aim);
        return new Tuning(
                v[0],
                v[1],
                v[2] * a.width,
                v[3],
                v[4],
                v[5],
                v[6],
                v[7],
                v[8],
                v[9],
                v[10],
                a.hollow,
                a.overall,
                a.blur,
                a.up,
                a.back);
    }
}
