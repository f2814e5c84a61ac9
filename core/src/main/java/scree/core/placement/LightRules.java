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
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** The areas that come forward, matt and a step or two lighter. Never on a bag, on crepe, or where the face is widest. */
final class LightRules {
    static final List<Rule> ALL = List.of(
            new UnderEyeLight(),
            new InnerEye(),
            new Bridge(),
            new ForeheadLight(),
            new UnderBrow(),
            new LipBow(),
            new Chin(),
            new MouthLight(),
            new CleanLine(),
            new WideningLight(),
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
