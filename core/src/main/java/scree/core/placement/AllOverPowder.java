package scree.core.placement;

import java.util.EnumSet;
import scree.core.face.Side;
import scree.core.skin.SkinType;

/** Oily skin is powdered all over. */
final class AllOverPowder implements Rule {
    private static final int POINTS = 48;
    private static final double INSIDE = .05;
    private static final double SOFT = .04;

    @Override
    public void place(Draft d) {
        if (PowderRules.skin(d) != SkinType.OILY) {
            return;
        }
        d.add(d.zone(Area.ALL_OVER_POWDER)
                .why(Why.SKIN_SHINES, SkinType.OILY)
                .strength(PowderRules.STRENGTH, SOFT)
                .piece(Strokes.patch(
                        d.outline.closed(POINTS, INSIDE),
                        d.outline.centre(),
                        d.side(Side.LEFT).onFace(EnumSet.noneOf(KeepOff.Part.class)))));
    }
}
