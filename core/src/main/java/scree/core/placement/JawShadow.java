package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/** On and just under the jaw line; under a jowl it slips beneath the edge. */
final class JawShadow implements Rule {
    /** Under this, aim counted in, it would not be seen. */
    private static final double LEAST = .2;
    /** A jowl asks for at least this. */
    private static final double FOR_A_JOWL = .5;
    /** From here it lies at the jaw's corners rather than along it. */
    private static final double CORNERS_FROM = .5;
    /** It begins this share of the way from cheek to jaw. */
    private static final double BEGINS = .62;
    /** It ends before the chin: short of the middle of the jaw at corners, past the mouth along it, never nearer the middle. */
    private static final double END_BEFORE_MIDDLE = .02;

    private static final double END_PAST_MOUTH = .12;
    private static final double NEAREST_END = .45;
    /** How much along a jaw with corners: strongest at them, little towards the chin. */
    private static final Profile AT_CORNERS =
            Profile.from(.08).at(.25, .7).at(.48, 1).at(.75, .4).to(.03);
    /** How much along the whole jaw. */
    private static final Profile ALONG =
            Profile.from(.15).at(.3, .85).at(.7, .7).to(.03);
    /** Reach on the face: from a third along the widest, wider at corners. */
    private static final double REACH_START = .035;

    private static final double WIDEST_AT = .35;
    private static final double REACH_WIDEST = .085;
    private static final double WIDER_AT_CORNERS = .03;
    private static final double NARROWING_AT = .7;
    private static final double REACH_NARROWING = .06;
    private static final double REACH_END = .015;
    /** Where the jowl hangs along the way: the band slips off the face here and spills under the edge. */
    private static final double[] JOWL_BEGINS = {.24, .32};

    private static final double[] JOWL_ENDS = {.50, .58};
    /** Share of the reach that a jowl takes away, and what spills under it. */
    private static final double SLIPS = .85;

    private static final double SLIP_SPILLS = .05;
    /** Spill on the neck: a little everywhere, more as the edge comes near the neck within this way. */
    private static final double SPILL = .012;

    private static final double NECK_SPILL = .10;
    private static final double NECK_NEAR = .06;
    private static final double NECK_WAY = .40;
    /** From here the spill fades to the end. */
    private static final double SPILL_FADES_FROM = .7;

    private static final double STRENGTH = .95;
    private static final double SOFT = .042;
    private static final int SAMPLES = 25;
    /** The brush goes over the edge here, outward and down on the neck. */
    private static final int WAY_AT = 13;

    private static final double WAY_OUT = .10;
    private static final Vec WAY_DOWN = new Vec(-.02, .06);

    @Override
    public void place(Draft d) {
        boolean jowl = d.has(Tick.JOWL);
        double strength = Math.max(d.tuning.jaw(), jowl ? FOR_A_JOWL : 0);
        if (strength * d.tuning.overall() < LEAST && !jowl) {
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            boolean corners = d.tuning.jawCorner() >= CORNERS_FROM;
            double from = mix(s.cheek.y(), s.jaw.y(), BEGINS);
            double end =
                    Math.max(corners ? s.jawMid.x() - END_BEFORE_MIDDLE : s.mouth.x() + END_PAST_MOUTH, NEAREST_END);
            Outline.Run run = s.ring(new Vec(s.edge(from), from), s.low(end), 0);
            List<Reason> more = new ArrayList<>();
            double full = d.fuller(side, more);
            Vec at = run.points().get(WAY_AT);
            d.add(why(d, side, jowl)
                    .why(more)
                    .strength(STRENGTH * strength * full, SOFT * d.tuning.blur())
                    .piece(Strokes.band(
                            run,
                            inward(d.tuning.jawCorner(), jowl),
                            outward(run, s, jowl),
                            corners ? AT_CORNERS : ALONG,
                            s.ontoNeck(SideMap.MOUTH_ROOM)))
                    .way(List.of(
                            at,
                            at.plus(run.outward().get(WAY_AT).times(WAY_OUT)).plus(WAY_DOWN))));
        }
    }

    private static Draft.Zoning why(Draft d, Side side, boolean jowl) {
        Draft.Zoning z = d.zone(Area.JAW_SHADOW, side).why(jowl ? Why.JOWL_UNDER : Why.JAW_UNDER);
        Shape lead = d.brief.lead();
        boolean asks = lead == Shape.SQUARE || lead == Shape.TRIANGLE || lead == Shape.ROUND;
        if (d.brief.roundedHeart()) {
            return z.why(Why.ROUNDED_HEART);
        }
        return asks ? z.why(Why.SHAPE_ASKS, lead) : z;
    }

    private static Profile inward(double corner, boolean jowl) {
        Profile plain = Profile.from(REACH_START)
                .at(WIDEST_AT, REACH_WIDEST + WIDER_AT_CORNERS * corner)
                .at(NARROWING_AT, REACH_NARROWING)
                .to(REACH_END);
        double[] v = new double[SAMPLES];
        for (int i = 0; i < v.length; i++) {
            double t = i / (double) (v.length - 1);
            v[i] = plain.at(t) * (1 - SLIPS * slip(t, jowl));
        }
        return Profile.even(v);
    }

    /** Spills on the neck only, growing as the edge comes near it. */
    private static Profile outward(Outline.Run run, SideMap s, boolean jowl) {
        double[] v = new double[run.points().size()];
        for (int i = 0; i < v.length; i++) {
            double t = i / (double) (v.length - 1);
            double fade = t < SPILL_FADES_FROM ? 1 : (1 - t) / (1 - SPILL_FADES_FROM);
            double near =
                    step(0, 1, (s.neckHalf() + NECK_NEAR - run.points().get(i).x()) / NECK_WAY);
            v[i] = SPILL + near * NECK_SPILL * fade + SLIP_SPILLS * slip(t, jowl);
        }
        return Profile.even(v);
    }

    /** Returns 1 where the jowl hangs, 0 elsewhere. */
    private static double slip(double t, boolean jowl) {
        return jowl ? step(JOWL_BEGINS[0], JOWL_BEGINS[1], t) * (1 - step(JOWL_ENDS[0], JOWL_ENDS[1], t)) : 0;
    }

    private static double step(double from, double to, double v) {
        double t = clamp((v - from) / (to - from), 0, 1);
        return t * t * (3 - 2 * t);
    }
}
