package scree.core.placement;

import java.util.List;
import scree.core.method.Aim;

/**
 * Sheen where light is caught; skipped wherever the skin has texture, since sheen shows it, and where a matt light lies already:
 * there it is only added to sculpt. Runs after the lights.
 */
final class SheenRules {
    static final List<Rule> ALL = List.of(
            new CheekSheen(),
            new BrowSheen(),
            new BridgeSheen(),
            new NoseTipSheen(),
            new LipBowSheen(),
            new ChinSheen(),
            new InnerEyeSheen());

    private SheenRules() {}

    /** Whether a bar under the tip makes the nose look shorter: shine on tip, bridge and chin would undo it. */
    static boolean shortened(Draft d) {
        return d.zones().stream().anyMatch(z -> z.area() == Area.NOSE_TIP_SHADOW);
    }

    /** Whether a matt light already does the work of a place. House choice: both at once only for a sculpted face. */
    static boolean lit(Draft d, Area light) {
        return !d.aim(Aim.SCULPT) && d.zones().stream().anyMatch(z -> z.area() == light);
    }
}
