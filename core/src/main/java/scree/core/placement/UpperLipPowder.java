package scree.core.placement;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Between nose and lip, where colour travels with every word. */
final class UpperLipPowder implements Rule {
    /** Half width at most, as a share of the way from nose to lip, and the least that is worth drawing. */
    private static final double MOST_HALF = .028;

    private static final double FILLS = .26;
    private static final double LEAST_HALF = .008;
    /** Wider than the lip's bow by this factor. */
    private static final double WIDER = 1.1;

    private static final double ENDS = .6;
    private static final Profile AMOUNT = Profile.even(.5, 1, .5);
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        double base = d.brief.face().at(Landmark.SUBNASALE).y();
        double half = Math.min(
                MOST_HALF, FILLS * (d.brief.face().at(Landmark.CUPID_DIP).y() - base));
        if (half < LEAST_HALF) {
            return;
        }
        List<Vec> line = LipBowLight.overLip(d, 0).stream()
                .map(p -> new Vec(p.x() * WIDER, (p.y() + base) / 2))
                .toList();
        d.add(d.zone(Area.UPPER_LIP_POWDER)
                .why(Why.HOLDS_CONCEALER)
                .strength(PowderRules.STRENGTH_OVER_CONCEALER, SOFT)
                .piece(Strokes.ribbon(
                        line,
                        Profile.even(ENDS * half, half, ENDS * half),
                        AMOUNT,
                        0,
                        d.side(Side.LEFT).onFace())));
    }
}
