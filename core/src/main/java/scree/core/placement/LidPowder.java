package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.EnumSet;
import java.util.List;
import scree.core.face.Side;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Over the lid, where concealer creases; where brow and lid leave room. */
final class LidPowder implements Rule {
    /** Over the lid's edge by this. */
    private static final double OVER_LID = .04;
    /** The brow's lower edge: this share of the way from its start to its arch, and down by this. */
    private static final double ALONG_BROW = .6;

    private static final double UNDER_BROW = .05;
    /** Half width at most, and as a share of the room, which counts as at least this. */
    private static final double MOST_HALF = .022;

    private static final double FILLS = .4;
    private static final double LEAST_ROOM = .01;
    /** The line begins and ends between the eye's corners and the lid's top, by these shares. */
    private static final double INNER_IN = .35;

    private static final double OUTER_IN = .30;
    private static final double UP = .75;
    private static final double ENDS = .5;
    private static final Profile AMOUNT = Profile.even(.5, 1, .5);
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            Vec top = s.lidUp.plus(0, -OVER_LID);
            List<Vec> brow = s.brow();
            double under = brow.get(0).towards(brow.get(1), ALONG_BROW).y() + UNDER_BROW;
            double half = Math.min(MOST_HALF, FILLS * Math.max(LEAST_ROOM, top.y() - under));
            if (top.y() - half >= under) {
                d.add(d.zone(Area.LID_POWDER, side)
                        .why(Why.HOLDS_CONCEALER)
                        .strength(PowderRules.STRENGTH_OVER_CONCEALER, SOFT)
                        .piece(Strokes.ribbon(
                                SideMap.smooth(end(s.eyeIn, top, INNER_IN), top, end(s.eyeOut, top, OUTER_IN)),
                                Profile.even(ENDS * half, half, ENDS * half),
                                AMOUNT,
                                0,
                                s.onFace(EnumSet.of(KeepOff.Part.BROW)))));
            }
        }
    }

    private static Vec end(Vec corner, Vec top, double in) {
        return new Vec(mix(corner.x(), top.x(), in), mix(corner.y(), top.y(), UP));
    }
}
