package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/**
 * Sheen where light is caught; skipped wherever the skin has texture, since sheen shows it, and where a matt light lies already:
 * there it is only added to sculpt. Runs after the lights.
 */
final class SheenRules {
    static final List<Rule> ALL = List.of(new CheekTop(), new BrowBone(), new Middle(), new InnerCorner());

    private SheenRules() {}

    /** Whether a matt light already does the work of a place. House choice: both at once only for a sculpted face. */
    private static boolean lit(Draft d, Area light) {
        return !d.aim(Aim.SCULPT) && d.zones().stream().anyMatch(z -> z.area() == light);
    }

    /** Wide on the bone and fading upward: an even thin line would look like a tube. */
    private static final class CheekTop implements Rule {
        @Override
        public void place(Draft d) {
            if (d.has(Tick.CHEEK_TEXTURE)) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                List<Vec> line = d.cheek(side).light;
                UnaryOperator<Vec> settle = s.onFace();
                d.add(d.zone(Area.CHEEK_TOP_SHEEN, side)
                        .why(Why.CATCHES_LIGHT)
                        .strength(.7, .034 * d.tuning.blur())
                        .piece(Strokes.ribbon(
                                line,
                                Profile.of(0, .02, .38, .048, .7, .034, 1, .014),
                                Profile.of(0, .04, .22, .6, .42, 1, .62, .6, .85, .2, 1, .03),
                                0,
                                settle))
                        .way(line));
            }
        }
    }

    private static final class BrowBone implements Rule {
        @Override
        public void place(Draft d) {
            if (d.has(Tick.HOODED_LIDS) || d.aim(Aim.NATURAL) || lit(d, Area.UNDER_BROW_LIGHT)) {
                return;
            }
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                List<Double> room = new ArrayList<>();
                List<Vec> line = LightRules.underBrowLine(s, .036, room);
                if (LightRules.openBrow(room)) {
                    d.add(d.zone(Area.BROW_BONE_SHEEN, side)
                            .why(Why.CATCHES_LIGHT)
                            .strength(.6, .013)
                            .piece(Strokes.ribbon(
                                    line,
                                    LightRules.within(room, .017),
                                    Profile.even(.3, 1, .3),
                                    0,
                                    UnaryOperator.identity())));
                }
            }
        }
    }

    /** Bridge, tip, lip bow and chin. */
    private static final class Middle implements Rule {
        @Override
        public void place(Draft d) {
            UnaryOperator<Vec> settle = d.side(Side.LEFT).onFace();
            Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
            Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
            if (!d.has(Tick.NOSE_TEXTURE) && !d.aim(Aim.NATURAL) && !lit(d, Area.BRIDGE_LIGHT)) {
                d.add(d.zone(Area.BRIDGE_SHEEN)
                        .why(Why.CATCHES_LIGHT)
                        .strength(.35, .012)
                        .piece(Strokes.ribbon(
                                List.of(root.towards(tip, .15), root.towards(tip, .72)),
                                Profile.even(.006, .012, .008),
                                Profile.even(.2, 1, .3),
                                0,
                                settle)));
            }
            if (!d.has(Tick.NOSE_TEXTURE) && !d.aim(Aim.NATURAL)) {
                d.add(d.zone(Area.NOSE_TIP_SHEEN)
                        .why(Why.CATCHES_LIGHT)
                        .strength(.6, .014)
                        .piece(Strokes.dab(tip.plus(0, -.02), .026, .022, settle)));
            }
            if (!lit(d, Area.LIP_BOW_LIGHT)) {
                d.add(d.zone(Area.LIP_BOW_SHEEN)
                        .why(Why.CATCHES_LIGHT)
                        .strength(.6, .008)
                        .piece(Strokes.ribbon(
                                LightRules.overLip(d, .027),
                                Profile.even(.006, .011, .006),
                                Profile.even(.2, 1, .2),
                                0,
                                settle)));
            }
            if (!d.aim(Aim.NATURAL) && !d.aim(Aim.LIFT) && !lit(d, Area.CHIN_LIGHT)) {
                Vec low = d.brief.face().at(Landmark.LOWER_LIP);
                d.add(d.zone(Area.CHIN_SHEEN)
                        .why(Why.CATCHES_LIGHT)
                        .strength(.4, .02)
                        .piece(Strokes.dab(low.towards(d.brief.face().at(Landmark.CHIN), .5), .06, .04, settle)));
            }
        }
    }

    private static final class InnerCorner implements Rule {
        @Override
        public void place(Draft d) {
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                d.add(d.zone(Area.INNER_CORNER_SHEEN, side)
                        .why(Why.CATCHES_LIGHT)
                        .strength(.6, .012)
                        .piece(Strokes.dab(s.eyeIn.plus(-.055, .015), .024, .02, s.onFace())));
            }
        }
    }
}
