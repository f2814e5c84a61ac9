package scree.core.face;

import static scree.core.face.Landmark.*;
import static scree.core.face.PointsRefused.Why;

/** The order that points of a face seen from the front always have; roomy, so that no real face is refused. */
final class Plausible {
    private Plausible() {}

    static void check(LevelledFace f) {
        refuse(f.at(PUPIL, Side.RIGHT).x() >= f.at(PUPIL, Side.LEFT).x(), Why.SIDES_SWAPPED);
        for (Landmark l : Landmark.values()) {
            refuse(l.paired() && f.at(l, Side.RIGHT).x() >= f.at(l, Side.LEFT).x(), Why.SIDES_SWAPPED);
        }
        refuse(
                f.at(CHIN).y() <= f.at(STOMION).y() + .1
                        || f.at(CHIN).y() <= f.at(LOWER_LIP).y(),
                Why.CHIN_ABOVE_MOUTH);
        refuse(f.at(STOMION).y() <= f.at(SUBNASALE).y() + .03, Why.MOUTH_ABOVE_NOSE);
        refuse(f.at(CUPID_DIP).y() <= f.at(SUBNASALE).y(), Why.MOUTH_ABOVE_NOSE);
        refuse(f.at(SUBNASALE).y() <= .25 || f.at(NOSE_TIP).y() <= .1, Why.NOSE_ABOVE_EYES);
        refuse(f.at(CHIN).y() > 3.2, Why.CHIN_TOO_FAR);
        for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
            refuse(f.at(BROW_ARCH, side).y() >= f.at(PUPIL, side).y() - .05, Why.BROWS_BELOW_EYES);
            refuse(f.at(HAIRLINE).y() >= f.at(BROW_START, side).y() - .1, Why.HAIRLINE_BELOW_BROWS);
            refuse(f.outward(CHEEK, side).x() <= f.outward(EYE_OUT, side).x(), Why.EDGE_INSIDE);
            refuse(f.outward(JAW, side).x() <= f.outward(MOUTH, side).x(), Why.EDGE_INSIDE);
            refuse(f.outward(TEMPLE, side).x() <= f.outward(BROW_START, side).x() + .1, Why.EDGE_INSIDE);
        }
    }

    private static void refuse(boolean wrong, Why why) {
        if (wrong) {
            throw new PointsRefused(why);
        }
    }
}
