package scree.core.placement;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Along the chin's lower edge of a long face. */
final class ChinShadow implements Rule {
    /** Under this it would not be seen. */
    private static final double LEAST = .15;
    /** A long chin asks for at least this. */
    private static final double FOR_A_LONG_CHIN = .6;
    /** It runs this far to either side of the middle. */
    private static final double HALF = .36;

    private static final Profile INWARD = Profile.even(.02, .12, .02);
    private static final Profile UNDER = Profile.even(.01, .03, .01);
    private static final Profile AMOUNT = Profile.even(.1, 1, .1);
    private static final double STRENGTH = .8;
    private static final double SOFT = .04;
    /** The brush goes from above the edge to under it. */
    private static final double WAY_FROM = -.10;

    private static final double WAY_TO = .05;

    @Override
    public void place(Draft d) {
        boolean shortPointed = d.is(Trait.CHIN_LENGTH, false);
        double strength = Math.max(d.tuning.chin(), d.is(Trait.CHIN_LENGTH, true) ? FOR_A_LONG_CHIN : 0);
        if (shortPointed || strength < LEAST || d.aim(Aim.LIFT) || d.aim(Aim.LONGER)) {
            return;
        }
        SideMap r = d.side(Side.RIGHT);
        SideMap l = d.side(Side.LEFT);
        Outline.Run run = d.outline.run(d.outline.angle(r.turn(r.low(HALF))), d.outline.angle(l.low(HALF)));
        Vec chin = d.brief.face().at(Landmark.CHIN);
        d.add(d.zone(Area.CHIN_SHADOW)
                .why(Why.CHIN_SHORTER)
                .strength(STRENGTH * strength, SOFT * d.tuning.blur())
                .piece(Strokes.band(run, INWARD, UNDER, AMOUNT, l.ontoNeck(0)))
                .way(List.of(chin.plus(0, WAY_FROM), chin.plus(0, WAY_TO))));
    }
}
