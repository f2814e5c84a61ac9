package scree.core.placement;

import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.plane.Vec;

/** A breath on the neck ties the face to the chest. */
final class NeckSun implements Rule {
    /** Under the chin by this; half width as a share of the cheeks' half width; half height. */
    private static final double UNDER_CHIN = .24;

    private static final double WIDE = .54;
    private static final double TALL = .20;
    private static final double STRENGTH = .3;
    private static final double SOFT = .09;

    @Override
    public void place(Draft d) {
        Vec at = new Vec(0, d.brief.face().at(Landmark.CHIN).y() + UNDER_CHIN);
        d.add(d.zone(Area.SUN_NECK)
                .why(Why.TIES_TO_CHEST)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.dab(
                        at,
                        WIDE * d.both(s -> s.cheek.x()),
                        TALL,
                        d.side(Side.LEFT).ontoNeck(0))));
    }
}
