package scree.core.placement;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** On top of the cheekbone: wide on the bone and fading upward, since an even thin line would look like a tube. */
final class CheekSheen implements Rule {
    private static final Profile WIDTH = Profile.of(0, .02, .38, .048, .7, .034, 1, .014);
    private static final Profile AMOUNT = Profile.of(0, .04, .22, .6, .42, 1, .62, .6, .85, .2, 1, .03);
    private static final double STRENGTH = .7;
    private static final double SOFT = .034;

    /** Share of its line that stays on the bone, before it turns up to the temple. House choice. */
    private static final double SHORT_OF_TEMPLE = .65;

    @Override
    public void place(Draft d) {
        if (d.has(Tick.CHEEK_TEXTURE)) {
            d.keepOff(Area.CHEEK_TOP_SHEEN, Why.OFF_TEXTURE);
            return;
        }
        for (Side side : Draft.BOTH) {
            List<Vec> line = d.cheek(side).light;
            Draft.Zoning z = d.zone(Area.CHEEK_TOP_SHEEN, side).why(Why.CATCHES_LIGHT);
            if (d.has(Tick.HOLLOW_TEMPLES)) {
                line = line.subList(0, Math.max(2, (int) Math.round(SHORT_OF_TEMPLE * line.size())));
                z.why(Why.KEEPS_OFF_TEMPLES);
            }
            d.add(z.strength(STRENGTH, SOFT * d.tuning.blur())
                    .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, d.side(side).onFace()))
                    .way(line));
        }
    }
}
