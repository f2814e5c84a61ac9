package scree.core.placement;

import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Vec;

/** A dot on the tip of the nose. */
final class NoseTipSheen implements Rule {
    /** Over the tip by this; half width and half height. */
    private static final double OVER = .02;

    private static final double WIDE = .026;
    private static final double TALL = .022;
    private static final double STRENGTH = .6;
    private static final double SOFT = .014;

    @Override
    public void place(Draft d) {
        if (d.has(Tick.NOSE_TEXTURE)) {
            d.keepOff(Area.NOSE_TIP_SHEEN, Why.OFF_TEXTURE);
            return;
        }
        if (SheenRules.shortened(d)) {
            d.keepOff(Area.NOSE_TIP_SHEEN, Why.OFF_BESIDE_SHORTENING);
            return;
        }
        if (d.aim(Aim.NATURAL)) {
            return;
        }
        Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
        d.add(d.zone(Area.NOSE_TIP_SHEEN)
                .why(Why.CATCHES_LIGHT)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.dab(
                        tip.plus(0, -OVER), WIDE, TALL, d.side(Side.LEFT).onFace())));
    }
}
