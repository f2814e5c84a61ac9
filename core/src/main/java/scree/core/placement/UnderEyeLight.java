package scree.core.placement;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Insist;
import scree.core.method.PlacementMethod.UnderEye;

/** Light under the eye in the way of the chosen school; under a bag only its groove, the bag itself stays bare. */
final class UnderEyeLight implements Rule {
    /** Strength of every way. */
    private static final double STRENGTH = .8;

    @Override
    public void place(Draft d) {
        boolean bag = d.has(Tick.EYE_BAGS) && !(chosen(d) && d.insisted(Insist.UNDER_EYE));
        if (bag && chosen(d)) {
            d.keepOff(Area.UNDER_EYE_LIGHT, Why.OFF_BAG, Insist.UNDER_EYE);
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            UnderEyeStroke stroke = bag ? UnderEyeStroke.groove(s) : school(d, s);
            Draft.Zoning z = d.zone(Area.UNDER_EYE_LIGHT, side)
                    .why(stroke.why())
                    .strength(STRENGTH, stroke.soft() * d.tuning.blur())
                    .way(stroke.way());
            List<Piece> pieces = stroke.pieces();
            pieces.forEach(z::piece);
            d.add(z);
        }
    }

    private static boolean chosen(Draft d) {
        return d.method.underEye() != UnderEye.USUAL;
    }

    private static UnderEyeStroke school(Draft d, SideMap s) {
        return switch (LightRules.underEye(d)) {
            case CORNERS -> UnderEyeStroke.corners(s);
            case DOWNWARD -> UnderEyeStroke.downward(s);
            case WEDGE -> UnderEyeWedge.on(s);
            case USUAL, TRIANGLE -> UnderEyeTriangle.on(s);
        };
    }
}
