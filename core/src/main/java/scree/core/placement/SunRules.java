package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Bronzer where sun lands: beside the contour, never instead of it. */
final class SunRules {
    static final List<Rule> ALL = List.of(new Cheek(), new Forehead(), new Nose(), new Chin(), new Neck());
    private static final double SHORT_FOREHEAD = .60;

    private SunRules() {}

    private static final class Cheek implements Rule {
        @Override
        public void place(Draft d) {
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                Vec first =
                        new Vec(Math.max(s.pupil.x() + .10, .72 * s.foreheadCorner.x()), s.foreheadCorner.y() + .05);
                double toY = s.eyeOut.y() - .06;
                Outline.Run run = s.ring(s.foreheadCorner, new Vec(s.edge(toY), toY), .075);
                List<Vec> through = new ArrayList<>();
                through.add(first);
                for (int i : new int[] {8, 14, 20, 24}) {
                    through.add(run.points().get(i));
                }
                double y1 = mix(s.eyeOut.y(), s.nostrilLine, .36);
                through.add(new Vec(mix(s.eyeOut.x(), s.edge(s.eyeOut.y()), .72), y1));
                double edgeEye = s.edge(s.eyeOut.y());
                through.add(new Vec(
                        Math.max(s.pupil.x() + .13, mix(s.eyeOut.x(), edgeEye, .30)),
                        mix(s.eyeOut.y(), s.nostrilLine, .52)));
                List<Vec> line = Curves.through(through, 8);
                UnaryOperator<Vec> settle = s.intoHair();
                d.add(d.zone(Area.SUN_CHEEK, side)
                        .why(Why.SUN_LANDS)
                        .strength(.7, .06 * d.tuning.blur())
                        .piece(Strokes.ribbon(
                                line,
                                Profile.even(.06, .075, .055, .068, .045),
                                Profile.even(.6, 1, .8, 1, .3),
                                0,
                                p -> settle.apply(new Vec(
                                        Math.max(p.x(), s.pupil.x() + .004), Math.min(p.y(), s.nostrilLine - .004)))))
                        .way(line));
            }
        }
    }

    private static final class Forehead implements Rule {
        @Override
        public void place(Draft d) {
            if (d.has(Tick.FRINGE)) {
                return;
            }
            double height = d.foreheadHeight();
            double wide = Math.min(1, height / .7);
            Outline.Run run = d.outline.run(
                    d.outline.angle(d.side(Side.RIGHT).turn(d.side(Side.RIGHT).foreheadCorner)),
                    d.outline.angle(d.side(Side.LEFT).foreheadCorner));
            d.add(d.zone(Area.SUN_FOREHEAD)
                    .why(Why.SUN_LANDS)
                    .strength(height < SHORT_FOREHEAD * d.middleThird() ? .2 : .45, .06 * d.tuning.blur())
                    .piece(Strokes.band(
                            run,
                            Profile.even(.08, .17, .08).times(wide),
                            Profile.even(.03, .03),
                            Profile.even(.7, 1, .7),
                            d.side(Side.LEFT).intoHair())));
        }
    }

    private static final class Nose implements Rule {
        @Override
        public void place(Draft d) {
            Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
            Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
            d.add(d.zone(Area.SUN_NOSE)
                    .why(Why.SUN_LANDS)
                    .strength(.5, .035 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            List.of(root.towards(tip, .38), root.towards(tip, .86)),
                            Profile.even(.03, .045, .035),
                            Profile.even(.4, 1, .4),
                            0,
                            d.side(Side.LEFT).onFace())));
        }
    }

    private static final class Chin implements Rule {
        @Override
        public void place(Draft d) {
            Vec at =
                    d.brief.face().at(Landmark.LOWER_LIP).towards(d.brief.face().at(Landmark.CHIN), .72);
            d.add(d.zone(Area.SUN_CHIN)
                    .why(Why.SUN_LANDS)
                    .strength(.45, .045 * d.tuning.blur())
                    .piece(Strokes.dab(
                            at,
                            Math.min(.16, .45 * LightRules.chinHalf(d, at.y())),
                            .07,
                            d.side(Side.LEFT).onFace())));
        }
    }

    private static final class Neck implements Rule {
        @Override
        public void place(Draft d) {
            Vec chin = d.brief.face().at(Landmark.CHIN);
            double half = .54 * d.both(s -> s.cheek.x());
            d.add(d.zone(Area.SUN_NECK)
                    .why(Why.TIES_TO_CHEST)
                    .strength(.3, .09)
                    .piece(Strokes.dab(
                            new Vec(0, chin.y() + .24),
                            half,
                            .20,
                            d.side(Side.LEFT).ontoNeck(0))));
        }
    }
}
