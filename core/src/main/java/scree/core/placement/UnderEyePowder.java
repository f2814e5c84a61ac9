package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Side;
import scree.core.plane.Vec;

/** Under the eye it holds the concealer; not on mature skin, where it would settle into lines. */
final class UnderEyePowder implements Rule {
    /** Around the patch, as shares of the eye's width and as drops under it; then its middle. */
    private static final double[][] AROUND = {
        {.04, .058}, {.35, .055}, {.70, .055}, {.95, .065}, {.80, .17}, {.45, .26}, {.15, .17}
    };

    private static final double[] MIDDLE = {.45, .12};
    private static final double SOFT = .025;

    @Override
    public void place(Draft d) {
        if (d.brief.mature()) {
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            List<Vec> around = new ArrayList<>();
            for (double[] at : AROUND) {
                around.add(s.underEye(at[0], at[1]));
            }
            d.add(d.zone(Area.UNDER_EYE_POWDER, side)
                    .why(Why.HOLDS_CONCEALER)
                    .strength(PowderRules.STRENGTH, SOFT)
                    .piece(Strokes.patch(around, s.underEye(MIDDLE[0], MIDDLE[1]), s.onFace())));
        }
    }
}
