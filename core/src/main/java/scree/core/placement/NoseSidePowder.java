package scree.core.placement;

import scree.core.face.Side;
import scree.core.plane.Vec;
import scree.core.skin.SkinType;

/** Beside the nostrils, on every skin that is not powdered all over: colour goes there first. */
final class NoseSidePowder implements Rule {
    /** Out from the nostril's wing and over the nostril line by this; half width and half height. */
    private static final double OUT = .075;

    private static final double UP = .05;
    private static final double WIDE = .06;
    private static final double TALL = .12;
    private static final double SOFT = .03;

    @Override
    public void place(Draft d) {
        SkinType skin = PowderRules.skin(d);
        if (skin == SkinType.OILY) {
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            Vec at = new Vec(s.alare.x() + OUT, s.nostrilLine - UP);
            d.add(d.zone(Area.NOSE_SIDE_POWDER, side)
                    .why(Why.SKIN_SHINES, skin)
                    .strength(PowderRules.STRENGTH, SOFT)
                    .piece(Strokes.dab(at, WIDE, TALL, s.onFace())));
        }
    }
}
