package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A shallow bar under the tip: a nose that is to look shorter, also on a long face. */
final class NoseTipShadow implements Rule {
    /** The nostril's upper edge: this share of the way from wing to base, less its thickness. */
    private static final double NOSTRIL = .6;

    private static final double NOSTRIL_TOP = .04;
    /** The bar's ends and bends as shares of the half nose, and how far its ends rise and its middle sags. */
    private static final double ENDS = .42;

    private static final double BENDS = .2;
    private static final double ENDS_RISE = .028;
    private static final double MIDDLE_SAGS = .006;
    private static final int PIECES = 6;
    private static final Profile WIDTH = Profile.even(.010, .016, .010);
    private static final Profile AMOUNT = Profile.even(.4, 1, .4);
    private static final double STRENGTH = .55;
    private static final double SOFT = .014;

    @Override
    public void place(Draft d) {
        boolean shorter = d.is(Trait.NOSE_LENGTH, true) || d.brief.lead() == Shape.OBLONG && d.aim(Aim.BALANCE);
        if (!shorter || d.aim(Aim.LIFT) || d.aim(Aim.NATURAL) || d.aim(Aim.LONGER)) {
            return;
        }
        double tip = d.brief.face().at(Landmark.NOSE_TIP).y();
        double nostrilTop = d.both(s -> mix(s.alare.y(), s.subnasale.y(), NOSTRIL) - NOSTRIL_TOP);
        Vec m = d.middle((tip + nostrilTop) / 2);
        double right = d.side(Side.RIGHT).alare.x() + m.x();
        double left = d.side(Side.LEFT).alare.x() - m.x();
        List<Vec> line = List.of(
                m.plus(-ENDS * right, -ENDS_RISE),
                m.plus(-BENDS * right, 0),
                m.plus(0, MIDDLE_SAGS),
                m.plus(BENDS * left, 0),
                m.plus(ENDS * left, -ENDS_RISE));
        d.add(d.zone(Area.NOSE_TIP_SHADOW)
                .why(Why.NOSE_SHORTER)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(
                        Curves.through(line, PIECES),
                        WIDTH,
                        AMOUNT,
                        0,
                        d.side(Side.LEFT).onFace())));
    }
}
