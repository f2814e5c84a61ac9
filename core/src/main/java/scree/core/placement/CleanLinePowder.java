package scree.core.placement;

import java.util.List;
import scree.core.face.Side;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.skin.SkinType;

/** On oily skin the clean line under the cheek's shadow is set, or it would travel. */
final class CleanLinePowder implements Rule {
    private static final Profile AMOUNT = Profile.even(.3, 1, .3);
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        if (d.brief.skinType() != SkinType.OILY) {
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            List<Vec> line = CleanLine.under(d, s);
            if (!line.isEmpty()) {
                d.add(d.zone(Area.CLEAN_LINE_POWDER, side)
                        .why(Why.SHARPENS_SHADOW)
                        .strength(PowderRules.STRENGTH, SOFT)
                        .piece(Strokes.ribbon(line, CleanLine.WIDTH, AMOUNT, 0, s.clearOfMouth(SideMap.MOUTH_ROOM))));
            }
        }
    }
}
