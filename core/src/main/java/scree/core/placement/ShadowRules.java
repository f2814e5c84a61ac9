package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/** The areas that push back. Widths, strengths and softness were tried on drawn faces; what each does stands at its rule. */
final class ShadowRules {
    static final List<Rule> ALL = List.of(
            new CheekShadow(),
            new Hairline(),
            new Temple(),
            new Jaw(),
            new UnderChin(),
            new NoseShadow(),
            new NoseTip(),
            new ChinEdge(),
            new UnderLip());

    private ShadowRules() {}

    /** A band under the hairline that melts into the hair. */
    private static final class Hairline implements Rule {
        /** Hairline to brow over brow to nose base; a usual face has about .72. House choice. */
        private static final double SHORT = .60;

        private static final double TALL_MIDDLE = .95;

        @Override
        public void place(Draft d) {
            double height = d.foreheadHeight();
            boolean low =
                    d.is(Trait.FOREHEAD, false) || !d.is(Trait.FOREHEAD, true) && height < SHORT * d.middleThird();
            double middle = d.aim(Aim.NATURAL) ? 0 : d.tuning.hairMiddle();
            double corner = d.tuning.hairCorner();
            boolean tall = d.is(Trait.FOREHEAD, true);
            middle = tall && !d.aim(Aim.NATURAL) ? Math.max(middle, TALL_MIDDLE) : middle;
            double most = Math.max(middle, corner);
            if (d.has(Tick.FRINGE) || low || most < .2) {
                return;
            }
            double depth = clamp(.16 * height, .05, .20);
            double edge = depth * (.5 + .75 * corner);
            double centre = depth * (.5 + .75 * middle);
            SideMap r = d.side(Side.RIGHT);
            SideMap l = d.side(Side.LEFT);
            Outline.Run run =
                    d.outline.run(d.outline.angle(r.turn(r.foreheadCorner)), d.outline.angle(l.foreheadCorner));
            Draft.Zoning z = d.zone(Area.HAIRLINE_SHADOW);
            z.why(Why.MELTS_INTO_HAIR);
            if (tall) {
                z.why(Why.TALL_FOREHEAD);
            } else if (d.brief.lead() != Shape.OVAL) {
                z.why(Why.SHAPE_ASKS, d.brief.lead());
            }
            d.add(z.strength(.85 * most, .05 * d.tuning.blur())
                    .piece(Strokes.band(
                            run,
                            Profile.of(0, .04, .13, edge, .5, centre, .87, edge, 1, .04),
                            Profile.even(.045, .045),
                            Profile.of(
                                    0,
                                    .25 * corner / most,
                                    .13,
                                    corner / most,
                                    .5,
                                    middle / most,
                                    .87,
                                    corner / most,
                                    1,
                                    .25 * corner / most),
                            d.side(Side.LEFT).intoHair()))
                    .way(List.of(
                            d.middle(d.brief.face().at(Landmark.HAIRLINE).y() + .9 * depth),
                            d.middle(d.brief.face().at(Landmark.HAIRLINE).y() - .02))));
        }
    }

    /** The outer forehead down to the brow's tail; never on a hollow temple. */
    private static final class Temple implements Rule {
        @Override
        public void place(Draft d) {
            if (d.has(Tick.HOLLOW_TEMPLES) || d.tuning.temple() < .12) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                double endY = s.browEnd.y() + .03;
                double gap = clamp(.62 * (s.edge(s.browEnd.y()) - s.browEnd.x() - .04), .07, .24);
                Outline.Run run = s.ring(s.foreheadCorner, new Vec(s.edge(endY), endY), 0);
                Draft.Zoning z = d.zone(Area.TEMPLE_SHADOW, side).why(Why.FRAMES_THE_EYES);
                if (d.tuning.temple() > .6 && d.brief.lead() != Shape.OVAL) {
                    z.why(Why.SHAPE_ASKS, d.brief.lead());
                }
                var settle = s.intoHair();
                d.add(z.strength(.8 * d.tuning.temple(), .05 * d.tuning.blur())
                        .piece(Strokes.band(
                                run,
                                Profile.of(0, .10, .45, .95 * gap, .8, .8 * gap, 1, .04),
                                Profile.even(.03, .03),
                                Profile.of(0, .55, .35, 1, .75, .7, 1, .08),
                                settle))
                        .way(List.of(
                                run.points().get(12).plus(run.outward().get(12).times(-.8 * gap)),
                                run.points().get(8)))
                        .stop(
                                Stop.Kind.BROW_TAIL,
                                new Vec(s.browEnd.x() + .05, endY + .02),
                                new Vec(s.edge(endY) + .02, endY + .02)));
            }
        }
    }

    /** On and just under the jaw line; under a jowl it slips beneath the edge. */
    private static final class Jaw implements Rule {
        private static final double LEAST = .2;

        @Override
        public void place(Draft d) {
            boolean jowl = d.has(Tick.JOWL);
            double strength = Math.max(d.tuning.jaw(), jowl ? .5 : 0);
            if (strength * d.tuning.overall() < LEAST && !jowl) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                double corner = d.tuning.jawCorner();
                double from = mix(s.cheek.y(), s.jaw.y(), .62);
                double end = corner >= .5 ? Math.max(s.jawMid.x() - .02, .45) : Math.max(s.mouth.x() + .12, .45);
                Outline.Run run = s.ring(new Vec(s.edge(from), from), s.low(end), 0);
                Draft.Zoning z = d.zone(Area.JAW_SHADOW, side).why(jowl ? Why.JOWL_UNDER : Why.JAW_UNDER);
                if (d.brief.lead() == Shape.SQUARE
                        || d.brief.lead() == Shape.TRIANGLE
                        || d.brief.lead() == Shape.ROUND) {
                    z.why(Why.SHAPE_ASKS, d.brief.lead());
                }
                List<Reason> more = new ArrayList<>();
                double full = d.fuller(side, more);
                Profile amount = corner >= .5
                        ? Profile.of(0, .08, .25, .7, .48, 1, .75, .4, 1, .03)
                        : Profile.of(0, .15, .3, .85, .7, .7, 1, .03);
                d.add(z.why(more)
                        .strength(.95 * strength * full, .042 * d.tuning.blur())
                        .piece(Strokes.band(
                                run,
                                inward(corner, jowl),
                                outward(run, s, jowl),
                                amount,
                                s.ontoNeck(SideMap.MOUTH_ROOM)))
                        .way(List.of(
                                run.points().get(13),
                                run.points()
                                        .get(13)
                                        .plus(run.outward().get(13).times(.10))
                                        .plus(-.02, .06))));
            }
        }

        private static Profile inward(double corner, boolean jowl) {
            double[] v = new double[25];
            Profile plain = Profile.of(0, .035, .35, .085 + .03 * corner, .7, .06, 1, .015);
            for (int i = 0; i < v.length; i++) {
                double t = i / 24.0;
                double slip = jowl ? step(.24, .32, t) * (1 - step(.50, .58, t)) : 0;
                v[i] = plain.at(t) * (1 - .85 * slip);
            }
            return Profile.even(v);
        }

        /** Spills on the neck only, growing as the edge comes near it. */
        private static Profile outward(Outline.Run run, SideMap s, boolean jowl) {
            double[] v = new double[run.points().size()];
            for (int i = 0; i < v.length; i++) {
                double t = i / (double) (v.length - 1);
                double x = run.points().get(i).x();
                double fade = t < .7 ? 1 : (1 - t) / .3;
                double slip = jowl ? step(.24, .32, t) * (1 - step(.50, .58, t)) : 0;
                v[i] = .012 + step(0, 1, (s.neckHalf() + .06 - x) / .40) * .10 * fade + .05 * slip;
            }
            return Profile.even(v);
        }
    }

    private static double step(double from, double to, double v) {
        double t = clamp((v - from) / (to - from), 0, 1);
        return t * t * (3 - 2 * t);
    }

    /** A full under-chin, or a jowl: left and right are joined below the chin. */
    private static final class UnderChin implements Rule {
        @Override
        public void place(Draft d) {
            if (!d.has(Tick.FULL_UNDER_CHIN) && !(d.has(Tick.JOWL) && d.aim(Aim.LIFT))) {
                return;
            }
            Vec chin = d.brief.face().at(Landmark.CHIN);
            List<Vec> through = new ArrayList<>();
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                Vec end = s.turn(s.low(Math.max(.30, s.mouth.x())).plus(-.06, .12));
                Vec half = end.towards(chin.plus(0, .15), .5);
                if (side == Side.RIGHT) {
                    through.add(end);
                    through.add(half);
                    through.add(chin.plus(0, .13));
                } else {
                    through.add(half);
                    through.add(end);
                }
            }
            d.add(d.zone(Area.UNDER_CHIN_SHADOW)
                    .why(Why.UNDER_CHIN_FULL)
                    .strength(.75, .05 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            scree.core.plane.Curves.through(through, 10),
                            Profile.even(.012, .075, .012),
                            Profile.even(.05, .8, 1, .8, .05),
                            0,
                            d.side(Side.LEFT).ontoNeck(0)))
                    .way(List.of(chin.plus(0, .08), chin.plus(0, .24))));
        }
    }

    /** A shallow bar under the tip: a nose that is to look shorter, also on a long face. */
    private static final class NoseTip implements Rule {
        @Override
        public void place(Draft d) {
            if (!d.is(Trait.NOSE_LENGTH, true) && !(d.brief.lead() == Shape.OBLONG && d.aim(Aim.BALANCE))
                    || d.aim(Aim.LIFT)
                    || d.aim(Aim.NATURAL)) {
                return;
            }
            double tip = d.brief.face().at(Landmark.NOSE_TIP).y();
            double nostrilTop = d.both(s -> s.alare.y() + (s.subnasale.y() - s.alare.y()) * .6 - .04);
            double y = (tip + nostrilTop) / 2;
            Vec m = d.middle(y);
            double right = d.side(Side.RIGHT).alare.x() + m.x();
            double left = d.side(Side.LEFT).alare.x() - m.x();
            List<Vec> line = List.of(
                    m.plus(-.42 * right, -.028),
                    m.plus(-.2 * right, 0),
                    m.plus(0, .006),
                    m.plus(.2 * left, 0),
                    m.plus(.42 * left, -.028));
            d.add(d.zone(Area.NOSE_TIP_SHADOW)
                    .why(Why.NOSE_SHORTER)
                    .strength(.55, .014)
                    .piece(Strokes.ribbon(
                            scree.core.plane.Curves.through(line, 6),
                            Profile.even(.010, .016, .010),
                            Profile.even(.4, 1, .4),
                            0,
                            d.side(Side.LEFT).onFace())));
        }
    }

    /** Along the chin's lower edge of a long face. */
    private static final class ChinEdge implements Rule {
        private static final double LEAST = .15;

        @Override
        public void place(Draft d) {
            boolean shortPointed = d.is(Trait.CHIN_LENGTH, false);
            double strength = Math.max(d.tuning.chin(), d.is(Trait.CHIN_LENGTH, true) ? .6 : 0);
            if (shortPointed || strength < LEAST || d.aim(Aim.LIFT)) {
                return;
            }
            SideMap r = d.side(Side.RIGHT);
            SideMap l = d.side(Side.LEFT);
            Outline.Run run = d.outline.run(d.outline.angle(r.turn(r.low(.36))), d.outline.angle(l.low(.36)));
            Vec chin = d.brief.face().at(Landmark.CHIN);
            d.add(d.zone(Area.CHIN_SHADOW)
                    .why(Why.CHIN_SHORTER)
                    .strength(.8 * strength, .04 * d.tuning.blur())
                    .piece(Strokes.band(
                            run,
                            Profile.even(.02, .12, .02),
                            Profile.even(.01, .03, .01),
                            Profile.even(.1, 1, .1),
                            l.ontoNeck(0)))
                    .way(List.of(chin.plus(0, -.10), chin.plus(0, .05))));
        }
    }

    /** A touch under the lip's middle makes it stand out. */
    private static final class UnderLip implements Rule {
        @Override
        public void place(Draft d) {
            if (!d.has(Tick.FULLER_LIP_WANTED)) {
                return;
            }
            Vec low = d.brief.face().at(Landmark.LOWER_LIP);
            double right = .42 * (d.side(Side.RIGHT).mouth.x() + low.x());
            double left = .42 * (d.side(Side.LEFT).mouth.x() - low.x());
            Vec middle = low.plus(0, .085);
            d.add(d.zone(Area.UNDER_LIP_SHADOW)
                    .why(Why.LIP_FULLER)
                    .strength(.5, .025)
                    .piece(Strokes.ribbon(
                            scree.core.plane.Curves.through(
                                    List.of(middle.plus(-right, -.008), middle, middle.plus(left, -.008)), 12),
                            Profile.even(.012, .03, .012),
                            Profile.even(.2, 1, .2),
                            0,
                            d.side(Side.LEFT).onFace())));
        }
    }
}
