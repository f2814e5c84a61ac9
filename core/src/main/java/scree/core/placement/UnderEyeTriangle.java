package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.plane.Vec;

/** A triangle from under the lid with its tip on the cheek: takes the shadow under the eye as a whole. */
final class UnderEyeTriangle {
    /** The tip: this share of the way down to the nostrils, at least this under the lid, over the nostril line. */
    private static final double DOWN = .72;

    private static final Vec UNDER_LID = new Vec(.5, .052);
    private static final double LEAST_FALL = .17;
    private static final double OVER_NOSTRIL = .03;
    /** Across it lies this share of the way from the inner corner to the pupil, between two places of the eye. */
    private static final double ACROSS = .75;

    private static final Vec INNERMOST = new Vec(.3, .05);
    private static final Vec OUTERMOST = new Vec(.7, .05);
    /** The edge under the lid, and its outer end. */
    private static final List<Vec> UNDER_THE_LID =
            List.of(new Vec(.02, .055), new Vec(.28, .052), new Vec(.62, .052), new Vec(.90, .06), new Vec(.95, .10));
    /** Sides to the tip: from which place, at which shares of the way. */
    private static final Vec OUTER_SIDE = new Vec(.9, .08);

    private static final double OUTER_HALF = .45;
    private static final double OUTER_LOW = .85;
    private static final double TIP_WIDTH = .03;
    private static final Vec INNER_SIDE = new Vec(.06, .09);
    private static final double INNER_LOW = .62;
    /** Most lies here, under the lid towards the tip. */
    private static final Vec HEART = new Vec(.42, .06);

    private static final double HEART_DOWN = .28;
    private static final double SOFT = .035;

    private UnderEyeTriangle() {}

    static UnderEyeStroke on(SideMap s) {
        double fall = Math.max(
                mix(s.lidLow.y(), s.nostrilLine, DOWN),
                UnderEyeStroke.at(s, UNDER_LID).y() + LEAST_FALL);
        double x = clamp(
                mix(s.eyeIn.x(), s.pupil.x(), ACROSS),
                UnderEyeStroke.at(s, INNERMOST).x(),
                UnderEyeStroke.at(s, OUTERMOST).x());
        Vec tip = new Vec(x, Math.min(fall, s.nostrilLine - OVER_NOSTRIL));
        List<Vec> around = new ArrayList<>();
        UNDER_THE_LID.forEach(v -> around.add(UnderEyeStroke.at(s, v)));
        Vec outer = UnderEyeStroke.at(s, OUTER_SIDE);
        around.add(outer.towards(tip, OUTER_HALF));
        around.add(outer.towards(tip, OUTER_LOW));
        around.add(tip.plus(-TIP_WIDTH, 0));
        around.add(UnderEyeStroke.at(s, INNER_SIDE).towards(tip, INNER_LOW));
        Vec heart = UnderEyeStroke.at(s, HEART).towards(tip, HEART_DOWN);
        return new UnderEyeStroke(
                Why.TRIANGLE_LIGHT, SOFT, List.of(Strokes.patch(around, heart, s.onFace())), List.of(heart, tip));
    }
}
