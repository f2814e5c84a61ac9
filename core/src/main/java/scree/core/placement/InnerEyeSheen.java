package scree.core.placement;

import scree.core.face.Side;
import scree.core.face.Trait;

/** A dot beside the inner corner of the eye, toward the nose. */
final class InnerEyeSheen implements Rule {
    /** From the corner toward the nose and down; half width and half height. */
    private static final double INWARD = .055;

    private static final double DOWN = .015;
    private static final double WIDE = .024;
    private static final double TALL = .02;
    private static final double STRENGTH = .6;
    private static final double SOFT = .012;

    @Override
    public void place(Draft d) {
        if (d.is(Trait.EYES_APART, true)) {
            d.keepOff(Area.INNER_CORNER_SHEEN, Why.OFF_WIDE_SET);
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            d.add(d.zone(Area.INNER_CORNER_SHEEN, side)
                    .why(Why.CATCHES_LIGHT)
                    .strength(STRENGTH, SOFT)
                    .piece(Strokes.dab(s.eyeIn.plus(-INWARD, DOWN), WIDE, TALL, s.onFace())));
        }
    }
}
