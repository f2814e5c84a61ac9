package scree.core.placement;

import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;

/** Along the hairline; hardly any on a short forehead, which it would shorten further. */
final class ForeheadSun implements Rule {
    /** Short: under this share of the middle third. */
    private static final double SHORT = .60;
    /** From this height on the band is as wide as it gets. */
    private static final double FULL_HEIGHT = .7;

    private static final Profile INSIDE = Profile.even(.08, .17, .08);
    private static final Profile OUTSIDE = Profile.even(.03, .03);
    private static final Profile AMOUNT = Profile.even(.7, 1, .7);
    private static final Profile AMOUNT_OFF_TEMPLES = Profile.even(0, .3, 1, .3, 0);
    private static final double STRENGTH = .45;
    private static final double STRENGTH_IF_SHORT = .2;
    private static final double SOFT = .06;

    @Override
    public void place(Draft d) {
        if (d.has(Tick.FRINGE)) {
            return;
        }
        double height = d.foreheadHeight();
        boolean hollow = d.has(Tick.HOLLOW_TEMPLES);
        Outline.Run run = d.outline.run(
                d.outline.angle(d.side(Side.RIGHT).turn(d.side(Side.RIGHT).foreheadCorner)),
                d.outline.angle(d.side(Side.LEFT).foreheadCorner));
        d.add(d.zone(Area.SUN_FOREHEAD)
                .why(hollow ? Why.KEEPS_OFF_TEMPLES : Why.SUN_LANDS)
                .strength(height < SHORT * d.middleThird() ? STRENGTH_IF_SHORT : STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.band(
                        run,
                        INSIDE.times(Math.min(1, height / FULL_HEIGHT)),
                        OUTSIDE,
                        hollow ? AMOUNT_OFF_TEMPLES : AMOUNT,
                        d.side(Side.LEFT).intoHair())));
    }
}
