package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

final class UnderEyeLight implements Rule {
    private static final double STRENGTH = .8;

    @Override
    public void place(Draft d) {
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            Draft.Zoning z = d.zone(Area.UNDER_EYE_LIGHT, side);
            if (d.has(Tick.EYE_BAGS)) {
                groove(d, s, z);
            } else {
                Runnable school = switch (LightRules.underEye(d)) {
                    case CORNERS -> () -> corners(d, s, z);
                    case DOWNWARD -> () -> downward(d, s, z);
                    case WEDGE -> () -> wedge(d, s, z);
                    case USUAL, TRIANGLE -> () -> triangle(d, s, z);
                };
                school.run();
            }
            d.add(z);
        }
    }

    private static void triangle(Draft d, SideMap s, Draft.Zoning z) {
        double fall = Math.max(
                mix(s.lidLow.y(), s.nostrilLine, .72), s.underEye(.5, .052).y() + .17);
        fall = Math.min(fall, s.nostrilLine - .03);
        double x = clamp(
                mix(s.eyeIn.x(), s.pupil.x(), .75),
                s.underEye(.3, .05).x(),
                s.underEye(.7, .05).x());
        Vec tip = new Vec(x, fall);
        List<Vec> around = List.of(
                s.underEye(.02, .055),
                s.underEye(.28, .052),
                s.underEye(.62, .052),
                s.underEye(.90, .06),
                s.underEye(.95, .10),
                s.underEye(.9, .08).towards(tip, .45),
                s.underEye(.9, .08).towards(tip, .85),
                tip.plus(-.03, 0),
                s.underEye(.06, .09).towards(tip, .62));
        Vec heart = s.underEye(.42, .06).towards(tip, .28);
        z.why(Why.TRIANGLE_LIGHT)
                .strength(STRENGTH, .035 * d.tuning.blur())
                .piece(Strokes.patch(around, heart, s.onFace()))
                .way(List.of(heart, tip));
    }

    private static void corners(Draft d, SideMap s, Draft.Zoning z) {
        Vec in = s.underEye(.04, .085);
        Vec out = s.underEye(.93, .088);
        Profile width = Profile.even(.02, .034, .02);
        Profile amount = Profile.even(.5, 1, .2);
        z.why(Why.CORNERS_ONLY)
                .strength(STRENGTH, .032 * d.tuning.blur())
                .piece(Strokes.ribbon(
                        smooth(in.plus(-.03, -.02), in.plus(.03, .06), in.plus(.10, .13)),
                        width,
                        amount,
                        0,
                        s.onFace()))
                .piece(Strokes.ribbon(
                        smooth(out.plus(-.06, .025), out.plus(.05, 0), out.plus(.17, -.09)),
                        width,
                        amount,
                        0,
                        s.onFace()))
                .way(List.of(in, in.plus(.10, .13)));
    }

    private static void downward(Draft d, SideMap s, Draft.Zoning z) {
        Vec end = new Vec(mix(s.eyeIn.x(), s.pupil.x(), .55), mix(s.lidLow.y(), s.nostrilLine, .86));
        List<Vec> line = smooth(s.underEye(.30, .085), s.underEye(.30, .085).towards(end, .5), end);
        z.why(Why.DOWNWARD_LENGTHENS)
                .strength(STRENGTH, .042 * d.tuning.blur())
                .piece(Strokes.ribbon(
                        line, Profile.even(.03, .062, .05, .024), Profile.even(.7, 1, .6, .08), 0, s.onFace()))
                .way(List.of(line.get(0), end));
    }

    private static void wedge(Draft d, SideMap s, Draft.Zoning z) {
        double height = s.browEnd.y() + .15;
        Vec tip = s.eyeOut.towards(new Vec(s.edge(height), height), .62);
        tip = new Vec(Math.min(tip.x(), s.edge(tip.y()) - .1), Math.max(tip.y(), s.browEnd.y() + .12));
        List<Vec> around = List.of(
                s.underEye(.40, .075),
                s.underEye(.75, .06),
                s.eyeOut.plus(.08, .01),
                s.eyeOut.plus(.08, .01).towards(tip, .6),
                tip,
                tip.plus(-.005, .05),
                s.eyeOut.plus(.02, .145).towards(tip, .5).plus(.0, .02),
                s.eyeOut.plus(.02, .145),
                s.underEye(.62, .155),
                s.underEye(.42, .115));
        Vec in = s.underEye(.04, .085);
        z.why(Why.WEDGE_LIFTS)
                .strength(STRENGTH, .028 * d.tuning.blur())
                .piece(Strokes.patch(around, s.eyeOut.plus(.0, .095), s.onFace()))
                .piece(Strokes.ribbon(
                        smooth(in.plus(-.03, -.02), in.plus(.03, .06), in.plus(.08, .10)),
                        Profile.even(.018, .028, .016),
                        Profile.even(.4, .75, .15),
                        0,
                        s.onFace()))
                .way(List.of(s.underEye(.6, .10), tip));
    }

    /** Only the groove under a bag; the bag itself stays bare. */
    private static void groove(Draft d, SideMap s, Draft.Zoning z) {
        List<Vec> line = smooth(s.underEye(.08, .20), s.underEye(.42, .22), s.underEye(.78, .19));
        z.why(Why.BAG_GROOVE)
                .strength(STRENGTH, .024 * d.tuning.blur())
                .piece(Strokes.ribbon(line, Profile.even(.016, .024, .014), Profile.even(.5, 1, .2), 0, s.onFace()))
                .way(List.of(line.get(0), line.get(line.size() - 1)));
    }
}
