package scree.core.placement;

import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Inner eye corner and side of the nose: pushes close-set eyes apart. */
final class InnerEyeLight implements Rule {
    /** It begins this share of the way from the eye's corner to the midline. */
    private static final double BEGINS = .30;
    /** It ends over the nostril line, this share of the way from the midline to the wing. */
    private static final double OVER_NOSTRIL = .20;

    private static final double ENDS = .82;
    private static final double BOWS_IN = .01;
    private static final Profile WIDTH = Profile.even(.026, .034, .02);
    private static final Profile AMOUNT = Profile.even(.9, .8, .1);
    private static final double STRENGTH = .7;
    private static final double SOFT = .022;

    @Override
    public void place(Draft d) {
        boolean close = d.is(Trait.EYES_APART, false);
        boolean bag = d.has(Tick.EYE_BAGS); // beside the nose, where a bag throws its shadow
        if (!close && !bag || d.has(Tick.NOSE_TEXTURE)) {
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            Vec from = new Vec(mix(s.eyeIn.x(), s.middle(s.eyeIn.y()), BEGINS), s.eyeIn.y());
            double y = s.nostrilLine - OVER_NOSTRIL;
            Vec to = new Vec(mix(s.middle(y), s.alare.x(), ENDS), y);
            List<Vec> line = smooth(from, from.towards(to, .5).plus(-BOWS_IN, 0), to);
            d.add(d.zone(Area.INNER_EYE_LIGHT, side)
                    .why(close ? Why.CLOSE_SET_WIDER : Why.SHADOW_GONE)
                    .strength(STRENGTH, SOFT * d.tuning.blur())
                    .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, s.onFace()))
                    .way(List.of(from, to)));
        }
    }
}
