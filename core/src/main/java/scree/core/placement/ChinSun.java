package scree.core.placement;

import scree.core.face.Side;
import scree.core.plane.Vec;

/** A little on the chin. */
final class ChinSun implements Rule {
    /** Its middle: this share of the way from the lower lip to the chin's edge. */
    private static final double DOWN = .72;
    /** Half width at most, and as a share of the half chin; half height. */
    private static final double MOST_WIDE = .16;

    private static final double WIDE = .45;
    private static final double TALL = .07;
    private static final double STRENGTH = .45;
    private static final double SOFT = .045;

    @Override
    public void place(Draft d) {
        Vec at = ChinLight.onChin(d, DOWN);
        d.add(d.zone(Area.SUN_CHIN)
                .why(Why.SUN_LANDS)
                .strength(STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.dab(
                        at,
                        Math.min(MOST_WIDE, WIDE * ChinLight.half(d, at.y())),
                        TALL,
                        d.side(Side.LEFT).onFace())));
    }
}
