package scree.core.placement;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.skin.SkinType;

/** Forehead, nose and chin; oily skin is powdered all over, dry skin there not at all. */
final class TPowder implements Rule {
    private static final Set<KeepOff.Part> NOT_BROW =
            EnumSet.of(KeepOff.Part.EYE, KeepOff.Part.NOSTRIL, KeepOff.Part.LIPS);
    /** The forehead's patch: over the brows by this, under the hairline by this, and at least this tall. */
    private static final double OVER_BROWS = .04;

    private static final double UNDER_HAIR = .12;
    private static final double LEAST_TALL = .1;
    /** Its sides lie at this share of the way out to the brow's arch, narrower again by it at the top. */
    private static final double TO_ARCH = .8;
    /** Its lower corners lie higher than its lower middle, its upper middle higher than its upper corners. */
    private static final double CORNERS_UP = .06;

    private static final double MIDDLE_UP = .01;
    /** Down the nose, between these shares of the way from the root to the tip. */
    private static final double NOSE_FROM = .1;

    private static final double NOSE_TO = .95;
    private static final Profile NOSE_WIDTH = Profile.even(.05, .06, .07);
    private static final Profile NOSE_AMOUNT = Profile.even(.6, 1, .8);
    /** On the chin: half width at most, and as a share of the half chin; half height. */
    private static final double CHIN_MOST_WIDE = .19;

    private static final double CHIN_WIDE = .5;
    private static final double CHIN_TALL = .10;
    private static final double SOFT = .04;

    @Override
    public void place(Draft d) {
        SkinType skin = PowderRules.skin(d);
        if (skin == SkinType.OILY || skin == SkinType.DRY) {
            return;
        }
        SideMap l = d.side(Side.LEFT);
        Draft.Zoning z = d.zone(Area.T_POWDER).why(Why.SKIN_SHINES, skin).strength(PowderRules.STRENGTH, SOFT);
        if (!d.has(Tick.FRINGE) && !d.has(Tick.DRY_FOREHEAD)) {
            forehead(d, z);
        }
        Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
        Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
        Vec chin = ChinLight.onChin(d, ChinLight.DOWN);
        List<Vec> nose = List.of(root.towards(tip, NOSE_FROM), root.towards(tip, NOSE_TO));
        d.add(z.piece(Strokes.ribbon(nose, NOSE_WIDTH, NOSE_AMOUNT, 0, l.onFace()))
                .piece(Strokes.dab(
                        chin,
                        Math.min(CHIN_MOST_WIDE, CHIN_WIDE * ChinLight.half(d, chin.y())),
                        CHIN_TALL,
                        l.onFace())));
    }

    private static void forehead(Draft d, Draft.Zoning z) {
        double hair = d.brief.face().at(Landmark.HAIRLINE).y();
        double low = d.browHeight() - OVER_BROWS;
        double top = Math.min(hair + UNDER_HAIR, low - LEAST_TALL);
        double right = -TO_ARCH * d.side(Side.RIGHT).browArch.x();
        double left = TO_ARCH * d.side(Side.LEFT).browArch.x();
        List<Vec> around = List.of(
                new Vec(right, low - CORNERS_UP),
                d.middle(low),
                new Vec(left, low - CORNERS_UP),
                new Vec(left, (low + top) / 2),
                new Vec(TO_ARCH * left, top),
                d.middle(top - MIDDLE_UP),
                new Vec(TO_ARCH * right, top),
                new Vec(right, (low + top) / 2));
        z.piece(Strokes.patch(
                around, d.middle((low + top) / 2), d.side(Side.LEFT).onFace(NOT_BROW)));
    }
}
