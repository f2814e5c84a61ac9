package scree.core.placement;

import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.plane.Vec;

/** A dab on the chin brings it forward; not on a long one. */
final class ChinLight implements Rule {
    /** Its middle: this share of the way from the lower lip to the chin's edge. */
    static final double DOWN = .56;
    /** Half width and half height, at most, and as shares of the half chin and of the way to its edge. */
    private static final double MOST_WIDE = .13;

    private static final double WIDE = .4;
    private static final double MOST_TALL = .085;
    private static final double TALL = .42;
    private static final double STRENGTH = .5;
    private static final double SOFT = .04;

    @Override
    public void place(Draft d) {
        boolean tooLong = d.brief.lead() == Shape.OBLONG || d.is(Trait.CHIN_LENGTH, true);
        if (d.aim(Aim.LIFT) || d.aim(Aim.NATURAL) || d.aim(Aim.WIDER)) {
            return;
        }
        if (tooLong && !d.aim(Aim.LONGER)) {
            d.keepOff(Area.CHIN_LIGHT, Why.OFF_LONG_CHIN);
            return;
        }
        Vec at = onChin(d, DOWN);
        double toEdge = d.brief.face().at(Landmark.CHIN).y() - at.y();
        d.add(d.zone(Area.CHIN_LIGHT)
                .why(Why.CHIN_FORWARD)
                .strength(STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.dab(
                        at,
                        Math.min(MOST_WIDE, WIDE * half(d, at.y())),
                        Math.min(MOST_TALL, TALL * toEdge),
                        d.side(Side.LEFT).onFace())));
    }

    /** Returns a place on the chin, a share of the way from the lower lip to its edge. */
    static Vec onChin(Draft d, double share) {
        return d.brief.face().at(Landmark.LOWER_LIP).towards(d.brief.face().at(Landmark.CHIN), share);
    }

    /** Returns the half width of the lower face at a height. */
    static double half(Draft d, double y) {
        return (d.side(Side.RIGHT).edge(y) + d.side(Side.LEFT).edge(y)) / 2;
    }
}
