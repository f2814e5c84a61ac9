package scree.core.placement;

import static scree.core.placement.SideMap.smooth;
import static scree.core.placement.SideMap.yAt;

import java.util.List;
import scree.core.plane.Vec;

/**
 * One cheek's blush.
 *
 * @param soft before the aim's factor
 */
record BlushStroke(List<Why> why, double soft, Piece piece, List<Vec> way) {
    private static final int PASSES = 6;
    /** Least step of a bend, so that it ends. */
    private static final double LEAST_STEP = .004;
    /** Shares of a step that the front end takes, upward and downward, and that the third point takes. */
    private static final double FRONT_UP = .6;

    private static final double FRONT_DOWN = .2;
    private static final double THIRD = .8;

    /** Bends a stroke through four points until it lies between light and shadow where they are measured. */
    static List<Vec> intoRoom(CheekLines c, Vec b0, Vec b1, Vec b2, Vec b3) {
        Vec front = b0;
        Vec second = b1;
        Vec third = b2;
        List<Vec> line = smooth(front, second, third, b3);
        for (int pass = 0; pass < PASSES; pass++) {
            double off = c.intoRoom(yAt(line, c.probe));
            if (off == 0) {
                break;
            }
            double step = Math.signum(off) * Math.max(LEAST_STEP, Math.abs(off));
            front = front.plus(0, step < 0 ? FRONT_UP * step : FRONT_DOWN * step);
            second = second.plus(0, step);
            third = third.plus(0, THIRD * step);
            line = smooth(front, second, third, b3);
        }
        return line;
    }
}
