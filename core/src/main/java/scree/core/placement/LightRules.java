package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod.UnderEye;
import scree.core.method.PlacementMethod.Widening;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** The areas that come forward, matt and a step or two lighter. Never on a bag, on crepe, or where the face is widest. */
final class LightRules {
    static final List<Rule> ALL = List.of(
            new UnderTheEye(),
            new InnerEye(),
            new Bridge(),
            new Forehead(),
            new UnderBrow(),
            new LipBow(),
            new Chin(),
            new Mouth(),
            new CleanLine(),
            new Widen(),
            new Restraint());

    /** Past this many lights at once no shadow is left to hold them. House choice. */
    static final int MOST = 9;

    private LightRules() {}

    /** Which way under the eye, by school, age and what lies there. */
    static UnderEye underEye(Draft d) {
        UnderEye school = d.method.underEye();
        boolean careful = d.brief.mature();
        if (school == UnderEye.USUAL) {
            return careful ? UnderEye.CORNERS : d.aim(Aim.LIFT) ? UnderEye.WEDGE : UnderEye.TRIANGLE;
        }
        return school;
    }

    private static final class UnderTheEye implements Rule {
        private static final double STRENGTH = .8;

        @Override
        public void place(Draft d) {
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                Draft.Zoning z = d.zone(Area.UNDER_EYE_LIGHT, side);
                if (d.has(Tick.EYE_BAGS)) {
                    groove(d, s, z);
                } else {
                    switch (underEye(d)) {
                        case CORNERS -> corners(d, s, z);
                        case DOWNWARD -> downward(d, s, z);
                        case WEDGE -> wedge(d, s, z);
                        default -> triangle(d, s, z);
                    }
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

    /** Inner eye corner and side of the nose: pushes close-set eyes apart. */
    private static final class InnerEye implements Rule {
        @Override
        public void place(Draft d) {
            boolean close = d.is(Trait.EYES_APART, false);
            if (!close || d.has(Tick.NOSE_TEXTURE)) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                Vec from = new Vec(mix(s.eyeIn.x(), s.middle(s.eyeIn.y()), .30), s.eyeIn.y());
                double y = s.nostrilLine - .20;
                Vec to = new Vec(mix(s.middle(y), s.alare.x(), .82), y);
                List<Vec> line = smooth(from, from.towards(to, .5).plus(-.01, 0), to);
                d.add(d.zone(Area.INNER_EYE_LIGHT, side)
                        .why(Why.CLOSE_SET_WIDER)
                        .strength(.7, .022 * d.tuning.blur())
                        .piece(Strokes.ribbon(
                                line, Profile.even(.026, .034, .02), Profile.even(.9, .8, .1), 0, s.onFace()))
                        .way(List.of(from, to)));
            }
        }
    }

    private static final class Bridge implements Rule {
        @Override
        public void place(Draft d) {
            if (d.has(Tick.NOSE_TEXTURE) || d.aim(Aim.NATURAL) || d.aim(Aim.LIFT)) {
                return;
            }
            Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
            Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
            List<Vec> line = List.of(root.plus(0, .03), root.towards(tip, .88));
            d.add(d.zone(Area.BRIDGE_LIGHT)
                    .why(Why.BRIDGE_CLEAN)
                    .strength(.45, .02 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            line,
                            Profile.even(.018, .026, .02),
                            Profile.even(.4, 1, .2),
                            0,
                            d.side(Side.LEFT).onFace()))
                    .way(line));
        }
    }

    /** A fan in the forehead's middle; not on a tall one, nor on dry patches. */
    private static final class Forehead implements Rule {
        private static final double TALL = 1.12;

        @Override
        public void place(Draft d) {
            double height = d.foreheadHeight();
            boolean tall = d.is(Trait.FOREHEAD, true) || height >= TALL * d.middleThird();
            if (tall
                    || d.brief.lead() == Shape.OBLONG
                    || d.has(Tick.DRY_FOREHEAD)
                    || d.has(Tick.FRINGE)
                    || d.aim(Aim.NATURAL)
                    || d.aim(Aim.LIFT)) {
                return;
            }
            double low = d.browHeight() - .10;
            double hair = d.brief.face().at(Landmark.HAIRLINE).y();
            double top = hair + Math.max(.24 * height, .16);
            if (low - top < .12) {
                return;
            }
            SideMap r = d.side(Side.RIGHT);
            SideMap l = d.side(Side.LEFT);
            Vec foot = d.middle(low);
            Vec head = d.middle(top);
            double below = .03;
            List<Vec> around = List.of(
                    foot.plus(-.35 * r.browStart.x() + below * .5, -.03),
                    foot.plus(0, below),
                    foot.plus(.35 * l.browStart.x() - below * .5, -.03),
                    new Vec(mix(foot.x(), .62 * l.pupil.x(), .55), mix(low, top, .55)),
                    new Vec(.62 * l.pupil.x(), top + .04),
                    new Vec(mix(head.x(), .62 * l.pupil.x(), .5), top),
                    new Vec(mix(head.x(), -.62 * r.pupil.x(), .5), top),
                    new Vec(-.62 * r.pupil.x(), top + .04),
                    new Vec(mix(foot.x(), -.62 * r.pupil.x(), .55), mix(low, top, .55)));
            d.add(d.zone(Area.FOREHEAD_LIGHT)
                    .why(Why.FOREHEAD_FORWARD)
                    .strength(.55, .075 * d.tuning.blur())
                    .piece(Strokes.patch(around, foot.towards(head, .5), l.onFace()))
                    .way(List.of(foot, head)));
        }
    }

    /** Between brow and lid, within the room that is there. */
    static List<Vec> underBrowLine(SideMap s, double drop, List<Double> room) {
        List<Vec> brow = s.brow();
        double from = mix(brow.get(0).x(), brow.get(1).x(), .70);
        double to = brow.get(2).x();
        List<Vec> raw = new ArrayList<>();
        for (int i = 0; i <= 16; i++) {
            double x = mix(from, to, i / 16.0);
            int piece = x < brow.get(1).x() ? 0 : 1;
            Vec a = brow.get(piece);
            Vec b = brow.get(piece + 1);
            double slope = (b.y() - a.y()) / Math.max(.02, b.x() - a.x());
            double under = a.y() + slope * (x - a.x()) + .048 * Math.sqrt(1 + slope * slope);
            double gap = Math.min(s.eyeTop(x), under + .2) - under;
            room.add(gap);
            double g = clamp(gap, .03, .2);
            raw.add(new Vec(x, under + Math.min(drop, .5 * g)));
        }
        List<Vec> line = new ArrayList<>(raw);
        for (int i = 1; i + 1 < raw.size(); i++) {
            double y = (raw.get(i - 1).y() + 2 * raw.get(i).y() + raw.get(i + 1).y()) / 4;
            line.set(i, new Vec(raw.get(i).x(), y));
        }
        return line;
    }

    /** Returns a width profile within the room of each place, tapered to both ends. */
    static Profile within(List<Double> room, double most) {
        double[] w = new double[room.size()];
        for (int i = 0; i < w.length; i++) {
            double t = i / (double) (w.length - 1);
            w[i] = Math.min(most, .4 * clamp(room.get(i), .03, .2)) * (.35 + .65 * Math.sin(Math.PI * t));
        }
        return Profile.even(w);
    }

    /** Returns whether brow and lid leave any room. */
    static boolean openBrow(List<Double> room) {
        return room.stream().mapToDouble(g -> g).min().orElse(0) >= .03;
    }

    private static final class UnderBrow implements Rule {
        @Override
        public void place(Draft d) {
            if (d.aim(Aim.NATURAL)) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                List<Double> room = new ArrayList<>();
                List<Vec> line = underBrowLine(s, .036, room);
                if (!openBrow(room)) {
                    continue;
                }
                d.add(d.zone(Area.UNDER_BROW_LIGHT, side)
                        .why(Why.BROW_LIFT)
                        .strength(.7, .02 * d.tuning.blur())
                        .piece(Strokes.ribbon(
                                line, within(room, .026), Profile.even(.5, 1, .7, .2), 0, UnaryOperator.identity()))
                        .way(line));
            }
        }
    }

    /** Returns a line over the lip's upper edge. */
    static List<Vec> overLip(Draft d, double above) {
        SideMap r = d.side(Side.RIGHT);
        SideMap l = d.side(Side.LEFT);
        Vec right = r.turn(r.cupid);
        Vec dip = d.brief.face().at(Landmark.CUPID_DIP);
        Vec left = l.cupid;
        double top = Math.min(dip.y(), Math.min(right.y(), left.y()));
        return Curves.through(
                List.of(
                        right.plus(-.05, Math.max(0, (r.mouth.y() - right.y()) * .12) - above),
                        new Vec(right.x(), right.y() - above),
                        new Vec(dip.x(), Math.min(dip.y() - .01, mix(top, dip.y(), .5)) - above),
                        new Vec(left.x(), left.y() - above),
                        left.plus(.05, Math.max(0, (l.mouth.y() - left.y()) * .12) - above)),
                8);
    }

    private static final class LipBow implements Rule {
        @Override
        public void place(Draft d) {
            if (d.aim(Aim.NATURAL) || d.aim(Aim.LIFT)) {
                return;
            }
            d.add(d.zone(Area.LIP_BOW_LIGHT)
                    .why(Why.BOW_CRISP)
                    .strength(.55, .013)
                    .piece(Strokes.ribbon(
                            overLip(d, .032),
                            Profile.even(.008, .014, .008),
                            Profile.even(.2, 1, .2),
                            0,
                            d.side(Side.LEFT).onFace())));
        }
    }

    /** Returns the half width of the lower face at a height. */
    static double chinHalf(Draft d, double y) {
        return (d.side(Side.RIGHT).edge(y) + d.side(Side.LEFT).edge(y)) / 2;
    }

    private static final class Chin implements Rule {
        @Override
        public void place(Draft d) {
            if (d.brief.lead() == Shape.OBLONG
                    || d.is(Trait.CHIN_LENGTH, true)
                    || d.aim(Aim.LIFT)
                    || d.aim(Aim.NATURAL)) {
                return;
            }
            Vec at =
                    d.brief.face().at(Landmark.LOWER_LIP).towards(d.brief.face().at(Landmark.CHIN), .56);
            d.add(d.zone(Area.CHIN_LIGHT)
                    .why(Why.CHIN_FORWARD)
                    .strength(.5, .04 * d.tuning.blur())
                    .piece(Strokes.dab(
                            at,
                            Math.min(.13, .4 * chinHalf(d, at.y())),
                            Math.min(
                                    .085,
                                    .42 * (d.brief.face().at(Landmark.CHIN).y() - at.y())),
                            d.side(Side.LEFT).onFace())));
        }
    }

    /** Corners, folds and lines beside the mouth: light takes the shadow away, not the fold. */
    private static final class Mouth implements Rule {
        private static final double STRENGTH = .6;

        @Override
        public void place(Draft d) {
            boolean lift = d.aim(Aim.LIFT);
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                if (lift || d.has(Tick.MARIONETTE_LINES)) {
                    corner(d, s);
                }
                if (lift || d.has(Tick.NOSE_FOLDS)) {
                    fold(d, s);
                }
                if (d.has(Tick.MARIONETTE_LINES) || lift && d.brief.age() >= Tick.matureFrom()) {
                    marionette(d, s);
                }
            }
        }

        private static void corner(Draft d, SideMap s) {
            List<Vec> line = smooth(s.mouth.plus(-.05, .135), s.mouth.plus(.055, .075), s.mouth.plus(.13, -.04));
            d.add(d.zone(Area.MOUTH_CORNER_LIGHT, s.side)
                    .why(Why.SHADOW_GONE)
                    .strength(STRENGTH, .018)
                    .piece(Strokes.ribbon(line, Profile.even(.016, .03, .014), Profile.even(.3, 1, .2), 0, s.onFace()))
                    .way(line));
        }

        private static void fold(Draft d, SideMap s) {
            Vec a = new Vec(s.alare.x() + .055, s.nostrilLine + .035);
            Vec b = s.mouth.plus(.115, -.14);
            List<Vec> line = Curves.bow(a, a.towards(b, .5).plus(.03, -.01), b, 24);
            d.add(d.zone(Area.FOLD_LIGHT, s.side)
                    .why(Why.SHADOW_GONE)
                    .strength(STRENGTH, .02)
                    .piece(Strokes.ribbon(line, Profile.even(.024, .026, .014), Profile.even(1, .8, .1), 0, s.onFace()))
                    .way(line));
        }

        private static void marionette(Draft d, SideMap s) {
            Vec a = s.mouth.plus(.05, .13);
            Vec b = a.towards(s.low(s.mouth.x() + .10).plus(-.03, -.10), .72);
            b = new Vec(Math.min(b.x(), s.edge(b.y()) - .055), Math.max(b.y(), a.y() + .13));
            if (a.distanceTo(b) < .10) {
                return;
            }
            d.add(d.zone(Area.MARIONETTE_LIGHT, s.side)
                    .why(Why.SHADOW_GONE)
                    .strength(STRENGTH, .02)
                    .piece(Strokes.ribbon(
                            List.of(a, b), Profile.even(.016, .024, .012), Profile.even(.9, 1, .1), 0, s.onFace()))
                    .way(List.of(b, a)));
        }
    }

    /** Returns the clean line under the cheek's shadow, empty when there is no room. */
    static List<Vec> cleanLine(Draft d, SideMap s) {
        List<Vec> shadow = Curves.evenly(d.cheek(s.side).shadow, 31);
        List<Vec> line = new ArrayList<>();
        for (int i = 5; i <= 27; i++) {
            double t = i / 30.0;
            double half = mix(.085, .022, t) * d.tuning.width();
            Vec p = shadow.get(i);
            Vec n = Curves.direction(shadow, i).turned().times(-1);
            Vec q = p.plus(n.times(half + .055));
            if (q.y() < s.nostrilLine + .04 && q.x() < s.edge(q.y()) - .045 && q.distanceTo(s.mouth) > .24) {
                line.add(q);
            }
        }
        return line.size() < 8 ? List.of() : line;
    }

    private static final class CleanLine implements Rule {
        @Override
        public void place(Draft d) {
            if (!d.aim(Aim.SCULPT) && !d.aim(Aim.BALANCE) || d.has(Tick.CHEEK_TEXTURE)) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                List<Vec> line = cleanLine(d, s);
                if (line.isEmpty()) {
                    continue;
                }
                List<Vec> back = new ArrayList<>(line);
                java.util.Collections.reverse(back);
                d.add(d.zone(Area.CLEAN_LINE, side)
                        .why(Why.SHARPENS_SHADOW)
                        .strength(.55, .02 * d.tuning.blur())
                        .piece(Strokes.ribbon(
                                line,
                                Profile.even(.016, .024, .014),
                                Profile.even(.1, 1, .6, .1),
                                0,
                                s.clearOfMouth(SideMap.MOUTH_ROOM)))
                        .way(back));
            }
        }
    }

    /** Light widens the narrow part: the jaw's edge or the outer eye corners, never both, never where it is widest. */
    private static final class Widen implements Rule {
        @Override
        public void place(Draft d) {
            Widening way = d.method.widening();
            if (way == Widening.USUAL) {
                way = usual(d);
            }
            boolean strongJaw = d.tuning.jaw() > .45;
            boolean strongTemple = d.tuning.temple() > .75 && !d.has(Tick.HOLLOW_TEMPLES);
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                if (way == Widening.JAW_EDGE && !strongJaw && !d.has(Tick.JOWL)) {
                    jawEdge(d, s);
                } else if (way == Widening.EYE_CORNER && !strongTemple) {
                    eyeCorner(d, s);
                }
            }
        }

        private static Widening usual(Draft d) {
            if (d.aim(Aim.LIFT)) {
                return Widening.EYE_CORNER;
            }
            if (d.aim(Aim.NATURAL)) {
                return Widening.NEITHER;
            }
            return switch (d.brief.lead()) {
                case SQUARE, TRIANGLE -> Widening.EYE_CORNER;
                case HEART, DIAMOND -> Widening.JAW_EDGE;
                default -> Widening.NEITHER;
            };
        }

        private static void jawEdge(Draft d, SideMap s) {
            double y = mix(s.cheek.y(), s.jaw.y(), .75);
            Outline.Run run = s.ring(new Vec(s.edge(y), y), s.low(Math.max(s.jawMid.x(), s.mouth.x() + .25)), .085);
            d.add(d.zone(Area.JAW_EDGE_LIGHT, s.side)
                    .why(Why.WIDENS_JAW)
                    .strength(.6, .035 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            run.points(),
                            Profile.even(.03, .055, .025),
                            Profile.even(.5, 1, .2),
                            0,
                            s.clearOfMouth(.16)))
                    .way(List.of(
                            run.points().get(12),
                            run.points().get(12).plus(run.outward().get(12).times(-.16)))));
        }

        private static void eyeCorner(Draft d, SideMap s) {
            Vec a = s.eyeOut.plus(.09, .015);
            double y = s.browEnd.y() + .14;
            Vec b = a.towards(new Vec(s.edge(s.browEnd.y() + .12) - .10, y), .80);
            if (b.x() - a.x() < .04) {
                return;
            }
            d.add(d.zone(Area.EYE_CORNER_LIGHT, s.side)
                    .why(Why.WIDENS_EYES)
                    .strength(.6, .03 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            smooth(a, a.towards(b, .5).plus(.01, .01), b),
                            Profile.even(.02, .05, .03),
                            Profile.even(.6, 1, .3),
                            0,
                            s.onFace()))
                    .way(List.of(a, b)));
        }
    }

    /** Light stripes everywhere leave no shadow: the least needed go first. */
    private static final class Restraint implements Rule {
        private static final List<Area> FIRST_TO_GO = List.of(
                Area.LIP_BOW_LIGHT, Area.CHIN_LIGHT, Area.BRIDGE_LIGHT, Area.UNDER_BROW_LIGHT, Area.FOREHEAD_LIGHT);

        @Override
        public void place(Draft d) {
            for (Area area : FIRST_TO_GO) {
                long lights = d.zones().stream()
                        .map(PlacedZone::area)
                        .filter(a -> a.family() == Family.LIGHT)
                        .distinct()
                        .count();
                if (lights > MOST) {
                    d.zones().removeIf(z -> z.area() == area);
                }
            }
        }
    }
}
