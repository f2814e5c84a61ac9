package scree.core.placement;

import scree.core.face.Side;
import scree.core.plane.Profile;

/** A thin line over the lip's bow. */
final class LipBowSheen implements Rule {
    private static final double ABOVE = .027;
    private static final Profile WIDTH = Profile.even(.006, .011, .006);
    private static final Profile AMOUNT = Profile.even(.2, 1, .2);
    private static final double STRENGTH = .6;
    private static final double SOFT = .008;

    @Override
    public void place(Draft d) {
        if (SheenRules.lit(d, Area.LIP_BOW_LIGHT)) {
            return;
        }
        d.add(d.zone(Area.LIP_BOW_SHEEN)
                .why(Why.CATCHES_LIGHT)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(
                        LipBowLight.overLip(d, ABOVE),
                        WIDTH,
                        AMOUNT,
                        0,
                        d.side(Side.LEFT).onFace())));
    }
}
