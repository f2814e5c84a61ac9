package scree.core.sight;

import scree.core.face.EdgeStart;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Vec;

/**
 * Whether skin lies beside the jaw on one side only: a hand, perhaps. Ears end above, the neck is narrower, and a wall of the skin's colour
 * lies on both sides. Lengths in pupil distances. Limits: twelve sitters, docs/method.md.
 */
final class HandBeside {
    private static final double TOP = .80;
    private static final double BOTTOM = 1.36;
    private static final double HIGH = .18;
    private static final double FROM = .08;
    private static final double TO = .24;
    private static final double STEP = .03;
    /** Least share of skin on the one side, least difference to the other. Without a hand at most 0.31 apart. */
    private static final double LEAST_SKIN = .55;

    private static final double MORE_THAN_OTHER = .45;

    /** Beside the temples, over the ears, only hair of the skin's colour passes for skin: above this share nothing can be said. */
    private static final double OVER_EARS = -.70;

    private static final double HAIR_LIKE_SKIN = .2;

    private final SeenFace seen;
    private final EdgeStart start;

    private HandBeside(SeenFace seen, EdgeStart start) {
        this.seen = seen;
        this.start = start;
    }

    /** @param start where the mesh has the edges of cheeks and jaws */
    static boolean perhaps(SeenFace seen, EdgeStart start) {
        return new HandBeside(seen, start).perhaps();
    }

    private boolean perhaps() {
        if (Math.max(skin(Side.RIGHT, OVER_EARS), skin(Side.LEFT, OVER_EARS)) > HAIR_LIKE_SKIN) {
            return false;
        }
        for (double y = TOP; y + HIGH <= BOTTOM; y += STEP) {
            double right = skin(Side.RIGHT, y);
            double left = skin(Side.LEFT, y);
            if (Math.max(right, left) > LEAST_SKIN && Math.abs(right - left) > MORE_THAN_OTHER) {
                return true;
            }
        }
        return false;
    }

    /** Returns the share of skin in a patch beside the face's edge, 0..1. */
    private double skin(Side side, double top) {
        int out = side == Side.RIGHT ? -1 : 1;
        int skin = 0;
        int all = 0;
        for (double y = top; y <= top + HIGH; y += STEP) {
            for (double d = FROM; d <= TO; d += STEP) {
                Point at = seen.axes().toPicture(new Vec(start.x(side, y) + out * d, y));
                skin += seen.mask().skin(at.x(), at.y()) ? 1 : 0;
                all++;
            }
        }
        return (double) skin / all;
    }
}
