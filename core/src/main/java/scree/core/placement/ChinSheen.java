package scree.core.placement;

import scree.core.face.Side;
import scree.core.method.Aim;

/** A dot on the chin; not where the face is to be lifted. */
final class ChinSheen implements Rule {
    /** Its middle: this share of the way from the lower lip to the chin's edge; half width and half height. */
    private static final double DOWN = .5;

    private static final double WIDE = .06;
    private static final double TALL = .04;
    private static final double STRENGTH = .4;
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        if (SheenRules.shortened(d)) {
            d.keepOff(Area.CHIN_SHEEN, Why.OFF_BESIDE_SHORTENING);
            return;
        }
        if (d.aim(Aim.NATURAL) || d.aim(Aim.LIFT) || SheenRules.lit(d, Area.CHIN_LIGHT)) {
            return;
        }
        d.add(d.zone(Area.CHIN_SHEEN)
                .why(Why.CATCHES_LIGHT)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.dab(
                        ChinLight.onChin(d, DOWN), WIDE, TALL, d.side(Side.LEFT).onFace())));
    }
}
