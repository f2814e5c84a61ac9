package scree.core.placement;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A fine line down the bridge of the nose. */
final class BridgeSheen implements Rule {
    /** Between these shares of the way from the root to the tip. */
    private static final double FROM = .15;

    private static final double TO = .72;
    private static final Profile WIDTH = Profile.even(.006, .012, .008);
    private static final Profile AMOUNT = Profile.even(.2, 1, .3);
    private static final double STRENGTH = .35;
    private static final double SOFT = .012;

    @Override
    public void place(Draft d) {
        if (d.has(Tick.NOSE_TEXTURE)) {
            d.keepOff(Area.BRIDGE_SHEEN, Why.OFF_TEXTURE);
            return;
        }
        if (SheenRules.shortened(d)) {
            d.keepOff(Area.BRIDGE_SHEEN, Why.OFF_BESIDE_SHORTENING);
            return;
        }
        if (d.aim(Aim.NATURAL) || SheenRules.lit(d, Area.BRIDGE_LIGHT)) {
            return;
        }
        Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
        Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
        List<Vec> line = List.of(root.towards(tip, FROM), root.towards(tip, TO));
        d.add(d.zone(Area.BRIDGE_SHEEN)
                .why(Why.CATCHES_LIGHT)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, d.side(Side.LEFT).onFace())));
    }
}
