package scree.core.placement;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.skin.SkinType;

/** Powder by skin type, and wherever there is concealer. */
final class PowderRules {
    static final List<Rule> ALL = List.of(new BySkin(), new Fixed());
    private static final Set<KeepOff.Part> NOT_BROW =
            EnumSet.of(KeepOff.Part.EYE, KeepOff.Part.NOSTRIL, KeepOff.Part.LIPS);

    private PowderRules() {}

    private static final class BySkin implements Rule {
        @Override
        public void place(Draft d) {
            SkinType skin = d.brief.skinType() == null ? SkinType.NORMAL : d.brief.skinType();
            if (skin == SkinType.OILY) {
                SideMap l = d.side(Side.LEFT);
                d.add(d.zone(Area.ALL_OVER_POWDER)
                        .why(Why.SKIN_SHINES, skin)
                        .strength(.6, .04)
                        .piece(Strokes.patch(
                                d.outline.closed(48, .05),
                                d.outline.centre(),
                                l.onFace(EnumSet.noneOf(KeepOff.Part.class)))));
            } else if (skin != SkinType.DRY) {
                tZone(d, skin);
            }
            if (skin != SkinType.OILY) {
                for (Side side : Draft.BOTH) {
                    SideMap s = d.side(side);
                    d.add(d.zone(Area.NOSE_SIDE_POWDER, side)
                            .why(Why.SKIN_SHINES, skin)
                            .strength(.6, .03)
                            .piece(Strokes.dab(
                                    new Vec(s.alare.x() + .075, s.nostrilLine - .05), .06, .12, s.onFace())));
                }
            }
        }

        private static void tZone(Draft d, SkinType skin) {
            double hair = d.brief.face().at(Landmark.HAIRLINE).y();
            double low = d.browHeight() - .04;
            double top = Math.min(hair + .12, low - .1);
            SideMap r = d.side(Side.RIGHT);
            SideMap l = d.side(Side.LEFT);
            double right = -.8 * r.browArch.x();
            double left = .8 * l.browArch.x();
            Vec m = d.middle((low + top) / 2);
            List<Vec> around = List.of(
                    new Vec(right, low - .06),
                    d.middle(low),
                    new Vec(left, low - .06),
                    new Vec(left, (low + top) / 2),
                    new Vec(.8 * left, top),
                    d.middle(top - .01),
                    new Vec(.8 * right, top),
                    new Vec(right, (low + top) / 2));
            Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
            Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
            Vec chin =
                    d.brief.face().at(Landmark.LOWER_LIP).towards(d.brief.face().at(Landmark.CHIN), .56);
            Draft.Zoning z = d.zone(Area.T_POWDER).why(Why.SKIN_SHINES, skin).strength(.6, .04);
            if (!d.has(Tick.FRINGE) && !d.has(Tick.DRY_FOREHEAD)) {
                z.piece(Strokes.patch(around, m, l.onFace(NOT_BROW)));
            }
            d.add(z.piece(Strokes.ribbon(
                            List.of(root.towards(tip, .1), root.towards(tip, .95)),
                            Profile.even(.05, .06, .07),
                            Profile.even(.6, 1, .8),
                            0,
                            l.onFace()))
                    .piece(Strokes.dab(chin, Math.min(.19, .5 * LightRules.chinHalf(d, chin.y())), .10, l.onFace())));
        }
    }

    /** Where concealer lies and where colour would crease or travel. */
    private static final class Fixed implements Rule {
        @Override
        public void place(Draft d) {
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                if (!d.brief.mature()) {
                    underEye(d, s);
                }
                lid(d, s);
                List<Vec> clean = LightRules.cleanLine(d, s);
                if (!clean.isEmpty() && d.brief.skinType() == SkinType.OILY) {
                    d.add(d.zone(Area.CLEAN_LINE_POWDER, side)
                            .why(Why.SHARPENS_SHADOW)
                            .strength(.6, .02)
                            .piece(Strokes.ribbon(
                                    clean,
                                    Profile.even(.016, .024, .014),
                                    Profile.even(.3, 1, .3),
                                    0,
                                    s.clearOfMouth(SideMap.MOUTH_ROOM))));
                }
            }
            upperLip(d);
        }

        private static void underEye(Draft d, SideMap s) {
            List<Vec> around = List.of(
                    s.underEye(.04, .058),
                    s.underEye(.35, .055),
                    s.underEye(.70, .055),
                    s.underEye(.95, .065),
                    s.underEye(.80, .17),
                    s.underEye(.45, .26),
                    s.underEye(.15, .17));
            d.add(d.zone(Area.UNDER_EYE_POWDER, s.side)
                    .why(Why.HOLDS_CONCEALER)
                    .strength(.6, .025)
                    .piece(Strokes.patch(around, s.underEye(.45, .12), s.onFace())));
        }

        private static void lid(Draft d, SideMap s) {
            Vec top = s.lidUp.plus(0, -.04);
            List<Vec> brow = s.brow();
            double under = brow.get(0).towards(brow.get(1), .6).y() + .05;
            double half = Math.min(.022, .4 * Math.max(.01, top.y() - under));
            if (top.y() - half < under) {
                return;
            }
            List<Vec> line = SideMap.smooth(
                    new Vec(SideMap.mix(s.eyeIn.x(), top.x(), .35), SideMap.mix(s.eyeIn.y(), top.y(), .75)),
                    top,
                    new Vec(SideMap.mix(s.eyeOut.x(), top.x(), .30), SideMap.mix(s.eyeOut.y(), top.y(), .75)));
            d.add(d.zone(Area.LID_POWDER, s.side)
                    .why(Why.HOLDS_CONCEALER)
                    .strength(.5, .02)
                    .piece(Strokes.ribbon(
                            line,
                            Profile.even(.5 * half, half, .5 * half),
                            Profile.even(.5, 1, .5),
                            0,
                            s.onFace(EnumSet.of(KeepOff.Part.BROW)))));
        }

        private static void upperLip(Draft d) {
            Vec base = d.brief.face().at(Landmark.SUBNASALE);
            List<Vec> lip = LightRules.overLip(d, 0);
            List<Vec> line = new ArrayList<>();
            double gap = d.brief.face().at(Landmark.CUPID_DIP).y() - base.y();
            double half = Math.min(.028, .26 * gap);
            if (half < .008) {
                return;
            }
            for (Vec p : lip) {
                line.add(new Vec(p.x() * 1.1, (p.y() + base.y()) / 2));
            }
            d.add(d.zone(Area.UPPER_LIP_POWDER)
                    .why(Why.HOLDS_CONCEALER)
                    .strength(.5, .02)
                    .piece(Strokes.ribbon(
                            line,
                            Profile.even(.6 * half, half, .6 * half),
                            Profile.even(.5, 1, .5),
                            0,
                            d.side(Side.LEFT).onFace())));
        }
    }
}
