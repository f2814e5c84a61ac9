package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A full under-chin, or a jowl: left and right are joined below the chin. */
final class UnderChinShadow implements Rule {
    /** Either end lies this far in and under the jaw line at the mouth's corner, never nearer the middle than the least. */
    private static final double LEAST_END = .30;

    private static final Vec END_OFF = new Vec(-.06, .12);
    /** How far under the chin it passes: half way to the ends and in the middle. */
    private static final double HALF_WAY_UNDER = .15;

    private static final double UNDER = .13;
    private static final int PIECES = 10;
    /** Half width: a crescent, fullest under the chin. */
    private static final Profile WIDTH = Profile.even(.012, .075, .012);

    private static final Profile AMOUNT = Profile.even(.05, .8, 1, .8, .05);
    private static final double STRENGTH = .75;
    private static final double SOFT = .05;
    /** The brush goes from under the chin down. */
    private static final double WAY_FROM = .08;

    private static final double WAY_TO = .24;

    /** Where the jaw's shadow ends, so that both meet; empty where there is none. */
    private static Optional<Vec> jawEnd(Draft d, Side side) {
        return d.zones().stream()
                .filter(z -> z.area() == Area.JAW_SHADOW && z.side() == side)
                .map(z -> z.pieces().get(0).line())
                .map(line -> line.get(line.size() - 1))
                .findFirst();
    }

    @Override
    public void place(Draft d) {
        if (!d.has(Tick.FULL_UNDER_CHIN) && !d.has(Tick.JOWL)) {
            return;
        }
        Vec chin = d.brief.face().at(Landmark.CHIN);
        List<Vec> through = new ArrayList<>();
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            Vec end = jawEnd(d, side)
                    .orElseGet(
                            () -> s.turn(s.low(Math.max(LEAST_END, s.mouth.x())).plus(END_OFF)));
            Vec half = end.towards(chin.plus(0, HALF_WAY_UNDER), .5);
            if (side == Side.RIGHT) {
                through.add(end);
                through.add(half);
                through.add(chin.plus(0, UNDER));
            } else {
                through.add(half);
                through.add(end);
            }
        }
        d.add(d.zone(Area.UNDER_CHIN_SHADOW)
                .why(Why.UNDER_CHIN_FULL)
                .strength(STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.ribbon(
                        Curves.through(through, PIECES),
                        WIDTH,
                        AMOUNT,
                        0,
                        d.side(Side.LEFT).ontoNeck(0)))
                .way(List.of(chin.plus(0, WAY_FROM), chin.plus(0, WAY_TO))));
    }
}
