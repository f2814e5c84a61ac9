package scree.core.placement;

import java.util.function.UnaryOperator;
import scree.core.face.Side;
import scree.core.method.Aim;
import scree.core.plane.Profile;

/** Under the brow's outer half: lifts it. */
final class UnderBrowLight implements Rule {
    private static final double UNDER = .036;
    private static final double MOST_WIDTH = .026;
    private static final Profile AMOUNT = Profile.even(.5, 1, .7, .2);
    private static final double STRENGTH = .7;
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        if (d.aim(Aim.NATURAL)) {
            return;
        }
        for (Side side : Draft.BOTH) {
            UnderBrow brow = UnderBrow.of(d.side(side), UNDER);
            if (brow.open()) {
                d.add(d.zone(Area.UNDER_BROW_LIGHT, side)
                        .why(Why.BROW_LIFT)
                        .strength(STRENGTH, SOFT * d.tuning.blur())
                        .piece(Strokes.ribbon(brow.line(), brow.width(MOST_WIDTH), AMOUNT, 0, UnaryOperator.identity()))
                        .way(brow.line()));
            }
        }
    }
}
