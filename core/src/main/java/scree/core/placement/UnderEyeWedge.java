package scree.core.placement;

import java.util.List;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A wedge from under the eye's outer half up towards the temple, with a little at the inner corner: lifts. */
final class UnderEyeWedge {
    /** The tip: from the outer corner this share towards the edge at this height under the brow's end, within bounds. */
    private static final double TIP_UNDER_BROW = .15;

    private static final double TIP_OUT = .62;
    private static final double TIP_INSIDE = .1;
    private static final double LEAST_UNDER_BROW = .12;
    /** The upper edge: under the eye, then past its corner, this share of the way to the tip. */
    private static final Vec UPPER_START = new Vec(.40, .075);

    private static final Vec UPPER = new Vec(.75, .06);
    private static final Vec PAST_CORNER = new Vec(.08, .01);
    private static final double UPPER_OUT = .6;
    /** The lower edge: under the tip, under the corner, under the eye. */
    private static final Vec UNDER_TIP = new Vec(-.005, .05);

    private static final Vec UNDER_CORNER = new Vec(.02, .145);
    private static final double LOWER_OUT = .5;
    private static final double LOWER_SAGS = .02;
    private static final Vec LOWER = new Vec(.62, .155);
    private static final Vec LOWER_START = new Vec(.42, .115);
    private static final double HEART_UNDER_CORNER = .095;
    /** The stroke at the inner corner. */
    private static final Vec INNER_END = new Vec(.08, .10);

    private static final Profile INNER_WIDTH = Profile.even(.018, .028, .016);
    private static final Profile INNER_AMOUNT = Profile.even(.4, .75, .15);
    private static final Vec WAY_FROM = new Vec(.6, .10);
    private static final double SOFT = .028;

    private UnderEyeWedge() {}

    static UnderEyeStroke on(SideMap s) {
        Vec tip = tip(s);
        Vec past = s.eyeOut.plus(PAST_CORNER);
        Vec under = s.eyeOut.plus(UNDER_CORNER);
        List<Vec> around = List.of(
                UnderEyeStroke.at(s, UPPER_START),
                UnderEyeStroke.at(s, UPPER),
                past,
                past.towards(tip, UPPER_OUT),
                tip,
                tip.plus(UNDER_TIP),
                under.towards(tip, LOWER_OUT).plus(0, LOWER_SAGS),
                under,
                UnderEyeStroke.at(s, LOWER),
                UnderEyeStroke.at(s, LOWER_START));
        return new UnderEyeStroke(
                Why.WEDGE_LIFTS,
                SOFT,
                List.of(
                        Strokes.patch(around, s.eyeOut.plus(0, HEART_UNDER_CORNER), s.onFace()),
                        UnderEyeStroke.inner(s, INNER_END, INNER_WIDTH, INNER_AMOUNT)),
                List.of(UnderEyeStroke.at(s, WAY_FROM), tip));
    }

    private static Vec tip(SideMap s) {
        double height = s.browEnd.y() + TIP_UNDER_BROW;
        Vec tip = s.eyeOut.towards(new Vec(s.edge(height), height), TIP_OUT);
        return new Vec(
                Math.min(tip.x(), s.edge(tip.y()) - TIP_INSIDE), Math.max(tip.y(), s.browEnd.y() + LEAST_UNDER_BROW));
    }
}
