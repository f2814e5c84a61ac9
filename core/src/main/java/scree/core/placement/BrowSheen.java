package scree.core.placement;

import java.util.function.UnaryOperator;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Profile;

/** Under the end of the brow, where brow and lid leave room. */
final class BrowSheen implements Rule {
    /** How far under the brow, and the most half width. */
    private static final double DROP = .036;

    private static final double MOST_WIDE = .017;
    private static final Profile AMOUNT = Profile.even(.3, 1, .3);
    private static final double STRENGTH = .6;
    private static final double SOFT = .013;

    @Override
    public void place(Draft d) {
        if (d.has(Tick.HOODED_LIDS)) {
            d.keepOff(Area.BROW_BONE_SHEEN, Why.OFF_HOODED);
            return;
        }
        if (d.aim(Aim.NATURAL) || SheenRules.lit(d, Area.UNDER_BROW_LIGHT)) {
            return;
        }
        for (Side side : Draft.BOTH) {
            UnderBrow under = UnderBrow.of(d.side(side), DROP);
            if (under.open()) {
                d.add(d.zone(Area.BROW_BONE_SHEEN, side)
                        .why(Why.CATCHES_LIGHT)
                        .strength(STRENGTH, SOFT)
                        .piece(Strokes.ribbon(
                                under.line(), under.width(MOST_WIDE), AMOUNT, 0, UnaryOperator.identity())));
            }
        }
    }
}
