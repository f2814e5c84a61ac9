package scree.core.placement;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A clean line down the bridge of the nose. */
final class BridgeLight implements Rule {
    /** It begins under the root and ends this share of the way to the tip. */
    private static final double UNDER_ROOT = .03;

    private static final double ENDS = .88;
    private static final Profile WIDTH = Profile.even(.018, .026, .02);
    private static final Profile AMOUNT = Profile.even(.4, 1, .2);
    private static final double STRENGTH = .45;
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        if (d.has(Tick.NOSE_TEXTURE)) {
            d.keepOff(Area.BRIDGE_LIGHT, Why.OFF_TEXTURE);
            return;
        }
        if (d.aim(Aim.NATURAL) || d.aim(Aim.LIFT) || d.aim(Aim.WIDER)) {
            return;
        }
        Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
        Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
        List<Vec> line = List.of(root.plus(0, UNDER_ROOT), root.towards(tip, ENDS));
        d.add(d.zone(Area.BRIDGE_LIGHT)
                .why(Why.BRIDGE_CLEAN)
                .strength(STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, d.side(Side.LEFT).onFace()))
                .way(line));
    }
}
