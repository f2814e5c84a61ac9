package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.method.Aim;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A thin line over the lip's bow makes it crisp. */
final class LipBowLight implements Rule {
    /** The line goes past the peaks by this, falling by this share of the way to the mouth's corner. */
    private static final double PAST_PEAK = .05;

    private static final double FALLS = .12;
    /** It dips less than the bow does: half, and at least this over the dip. */
    private static final double OVER_DIP = .01;

    private static final int PIECES = 8;
    private static final double ABOVE = .032;
    private static final Profile WIDTH = Profile.even(.008, .014, .008);
    private static final Profile AMOUNT = Profile.even(.2, 1, .2);
    private static final double STRENGTH = .55;
    private static final double SOFT = .013;

    @Override
    public void place(Draft d) {
        if (d.aim(Aim.NATURAL) || d.aim(Aim.LIFT)) {
            return;
        }
        d.add(d.zone(Area.LIP_BOW_LIGHT)
                .why(Why.BOW_CRISP)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(
                        overLip(d, ABOVE), WIDTH, AMOUNT, 0, d.side(Side.LEFT).onFace())));
    }

    /** Returns a line over the lip's upper edge. */
    static List<Vec> overLip(Draft d, double above) {
        SideMap r = d.side(Side.RIGHT);
        SideMap l = d.side(Side.LEFT);
        Vec right = r.turn(r.cupid);
        Vec dip = d.brief.face().at(Landmark.CUPID_DIP);
        Vec left = l.cupid;
        double top = Math.min(dip.y(), Math.min(right.y(), left.y()));
        return Curves.through(
                List.of(
                        right.plus(-PAST_PEAK, falls(r, right) - above),
                        new Vec(right.x(), right.y() - above),
                        new Vec(dip.x(), Math.min(dip.y() - OVER_DIP, mix(top, dip.y(), .5)) - above),
                        new Vec(left.x(), left.y() - above),
                        left.plus(PAST_PEAK, falls(l, left) - above)),
                PIECES);
    }

    private static double falls(SideMap s, Vec peak) {
        return Math.max(0, (s.mouth.y() - peak.y()) * FALLS);
    }
}
