package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/**
 * One eye and its brow as curves, all from inner to outer.
 *
 * @param upper lash line, from corner over the upper lid to corner
 * @param lower lash line
 * @param brow the brow's middle line
 */
record EyeShape(Side side, List<Vec> upper, List<Vec> lower, List<Vec> brow) {
    private static final int POINTS = 24;

    static EyeShape of(LevelledFace face, Side side) {
        Vec in = face.at(Landmark.EYE_IN, side);
        Vec out = face.at(Landmark.EYE_OUT, side);
        Vec up = face.at(Landmark.LID_UP, side);
        Vec low = face.at(Landmark.LID_LOW, side);
        List<Vec> brow = new KeepOff(face).brow(side);
        return new EyeShape(
                side,
                bow(in, up, out),
                bow(in, low, out),
                Curves.evenly(SideMap.smooth(brow.get(0), brow.get(1), brow.get(2)), POINTS));
    }

    /** Two quarter ellipses through the corners and the lid's height. */
    private static List<Vec> bow(Vec in, Vec top, Vec out) {
        List<Vec> line = new ArrayList<>();
        Vec along = out.minus(in);
        double share = Math.max(.25, Math.min(.75, top.minus(in).dot(along) / along.dot(along)));
        Vec foot = in.plus(along.times(share));
        Vec rise = top.minus(foot);
        for (int i = 0; i <= POINTS; i++) {
            double t = (double) i / POINTS;
            double d = t < share ? (share - t) / share : (t - share) / (1 - share);
            line.add(in.plus(along.times(t)).plus(rise.times(Math.sqrt(Math.max(0, 1 - d * d)))));
        }
        return line;
    }

    /** Returns the open eye as a closed outline. */
    List<Vec> opening() {
        List<Vec> ring = new ArrayList<>(upper);
        for (int i = lower.size() - 2; i > 0; i--) {
            ring.add(lower.get(i));
        }
        return ring;
    }

    private static final double BROW_HALF = .035;
    private static final double BROW_PAST = .03;

    /** Returns a usual brow's outline, thin at its outer end. */
    List<Vec> browArea() {
        List<Vec> ring = new ArrayList<>();
        for (int i = 0; i < brow.size(); i++) {
            ring.add(brow.get(i).plus(0, -half(i)));
        }
        ring.add(brow.get(brow.size() - 1).plus(side == Side.RIGHT ? -BROW_PAST : BROW_PAST, 0));
        for (int i = brow.size() - 1; i >= 0; i--) {
            ring.add(brow.get(i).plus(0, half(i)));
        }
        return ring;
    }

    private double half(int i) {
        double along = (double) i / (brow.size() - 1);
        return BROW_HALF * (along < .7 ? 1 : 1 - (along - .7) / .3 * .7);
    }

    /** Returns the point between the upper lash line (0) and the brow's middle line (1), at a share of the way from inner to outer. */
    Vec over(double along, double up) {
        Vec lash = at(upper, along);
        Vec at = at(brow, along);
        return lash.plus(at.minus(lash).times(up));
    }

    static Vec at(List<Vec> line, double along) {
        double i = Math.max(0, Math.min(1, along)) * (line.size() - 1);
        int low = Math.min(line.size() - 2, (int) i);
        return line.get(low).plus(line.get(low + 1).minus(line.get(low)).times(i - low));
    }
}
