package scree.core.placement;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A touch under the lip's middle makes it stand out. */
final class UnderLipShadow implements Rule {
    /** Half the stroke as a share of the half mouth. */
    private static final double HALF = .42;
    /** How far under the lip, and how far its ends rise. */
    private static final double UNDER = .085;

    private static final double ENDS_RISE = .008;
    private static final int PIECES = 12;
    private static final Profile WIDTH = Profile.even(.012, .03, .012);
    private static final Profile AMOUNT = Profile.even(.2, 1, .2);
    private static final double STRENGTH = .5;
    private static final double SOFT = .025;

    @Override
    public void place(Draft d) {
        boolean fuller = d.has(Tick.FULLER_LIP_WANTED);
        if (!fuller && !d.brief.roundedHeart()) {
            return;
        }
        Vec low = d.brief.face().at(Landmark.LOWER_LIP);
        double right = HALF * (d.side(Side.RIGHT).mouth.x() + low.x());
        double left = HALF * (d.side(Side.LEFT).mouth.x() - low.x());
        Vec middle = low.plus(0, UNDER);
        List<Vec> line = List.of(middle.plus(-right, -ENDS_RISE), middle, middle.plus(left, -ENDS_RISE));
        d.add(d.zone(Area.UNDER_LIP_SHADOW)
                .why(fuller ? Why.LIP_FULLER : Why.ROUNDED_HEART)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(
                        Curves.through(line, PIECES),
                        WIDTH,
                        AMOUNT,
                        0,
                        d.side(Side.LEFT).onFace())));
    }
}
