package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** From the forehead's corner along the temple, then in over the cheekbone: the upper half of a three. */
final class CheekSun implements Rule {
    /** It begins out from the pupil, at least, or at this share of the corner's distance; under the corner by this. */
    private static final double OUT_OF_PUPIL = .10;

    private static final double TO_CORNER = .72;
    private static final double UNDER_CORNER = .05;
    /** Down the temple inside the edge by this, to this over the outer eye corner, through these points of the run. */
    private static final double INSIDE = .075;

    private static final double OVER_EYE = .06;
    private static final int[] STEPS = {8, 14, 20, 24};
    /** Back on the bone: shares of the ways from the eye's corner to the edge and to the nostril line. */
    private static final double BONE_OUT = .72;

    private static final double BONE_DOWN = .36;
    /** Its end on the cheek: the same two shares, and at least so far out from the pupil. */
    private static final double END_OUT = .30;

    private static final double END_DOWN = .52;
    private static final double END_OFF_PUPIL = .13;
    private static final int PIECES = 8;
    /** No stroke comes further in than the pupil or down to the nostril line, by this. */
    private static final double CLEAR = .004;

    private static final Profile WIDTH = Profile.even(.06, .075, .055, .068, .045);
    private static final Profile AMOUNT = Profile.even(.6, 1, .8, 1, .3);
    private static final double STRENGTH = .7;
    private static final double SOFT = .06;

    @Override
    public void place(Draft d) {
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            boolean hollow = d.has(Tick.HOLLOW_TEMPLES);
            List<Vec> line = line(s, hollow);
            UnaryOperator<Vec> settle = s.intoHair();
            Draft.Zoning z = d.zone(Area.SUN_CHEEK, side).why(Why.SUN_LANDS);
            if (hollow) {
                z.why(Why.KEEPS_OFF_TEMPLES);
            }
            d.add(z.strength(STRENGTH, SOFT * d.tuning.blur())
                    .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, p -> settle.apply(clear(s, p))))
                    .way(line));
        }
    }

    private static List<Vec> line(SideMap s, boolean offTemples) {
        double down = s.eyeOut.y() - OVER_EYE;
        Outline.Run run = s.ring(s.foreheadCorner, new Vec(s.edge(down), down), INSIDE);
        List<Vec> through = new ArrayList<>();
        if (offTemples) {
            through.add(new Vec(s.edge(s.eyeOut.y()) - INSIDE, s.eyeOut.y() + OVER_EYE));
        } else {
            through.add(new Vec(
                    Math.max(s.pupil.x() + OUT_OF_PUPIL, TO_CORNER * s.foreheadCorner.x()),
                    s.foreheadCorner.y() + UNDER_CORNER));
            for (int step : STEPS) {
                through.add(run.points().get(step));
            }
        }
        through.add(onBone(s, BONE_OUT, BONE_DOWN));
        Vec end = onBone(s, END_OUT, END_DOWN);
        through.add(new Vec(Math.max(s.pupil.x() + END_OFF_PUPIL, end.x()), end.y()));
        return Curves.through(through, PIECES);
    }

    private static Vec onBone(SideMap s, double out, double down) {
        return new Vec(mix(s.eyeOut.x(), s.edge(s.eyeOut.y()), out), mix(s.eyeOut.y(), s.nostrilLine, down));
    }

    private static Vec clear(SideMap s, Vec p) {
        return new Vec(Math.max(p.x(), s.pupil.x() + CLEAR), Math.min(p.y(), s.nostrilLine - CLEAR));
    }
}
