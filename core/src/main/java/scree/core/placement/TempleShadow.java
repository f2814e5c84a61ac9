package scree.core.placement;

import static scree.core.placement.SideMap.clamp;

import java.util.List;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** The outer forehead down to the brow's tail; never on a hollow temple. */
final class TempleShadow implements Rule {
    /** Under this it would not be seen. */
    private static final double LEAST = .12;
    /** From this a shape asks for it. */
    private static final double SHAPE_ASKS = .6;
    /** It ends this far under the brow's tail. */
    private static final double END_UNDER_BROW = .03;
    /** Width as a share of the room between brow and edge, what is left free of it, and bounds. */
    private static final double OF_ROOM = .62;

    private static final double FREE = .04;
    private static final double LEAST_WIDTH = .07;
    private static final double MOST_WIDTH = .24;
    /** Width along the way as shares: fullest in the middle, nearly as wide beside the brow, a point at the end. */
    private static final double WIDTH_AT_CORNER = .10;

    private static final double WIDEST_AT = .45;
    private static final double WIDEST = .95;
    private static final double BESIDE_BROW_AT = .8;
    private static final double BESIDE_BROW = .8;
    private static final double WIDTH_AT_END = .04;
    private static final Profile INTO_HAIR = Profile.even(.03, .03);
    /** How much along the way: strongest over the temple, hardly any at the brow's tail. */
    private static final Profile AMOUNT =
            Profile.from(.55).at(.35, 1).at(.75, .7).to(.08);

    private static final double STRENGTH = .8;
    private static final double SOFT = .05;
    /** The brush goes from the inner edge, this share of the width in, up to the hair. */
    private static final double WAY_IN = .8;

    private static final int WAY_FROM = 12;
    private static final int WAY_TO = 8;

    @Override
    public void place(Draft d) {
        double temple = d.tuning.temple();
        if (temple < LEAST) {
            return;
        }
        if (d.has(Tick.HOLLOW_TEMPLES)) {
            d.keepOff(Area.TEMPLE_SHADOW, Why.OFF_HOLLOW);
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            double endY = s.browEnd.y() + END_UNDER_BROW;
            double room = s.edge(s.browEnd.y()) - s.browEnd.x() - FREE;
            double width = clamp(OF_ROOM * room, LEAST_WIDTH, MOST_WIDTH);
            Outline.Run run = s.ring(s.foreheadCorner, new Vec(s.edge(endY), endY), 0);
            Draft.Zoning z = d.zone(Area.TEMPLE_SHADOW, side).why(Why.FRAMES_THE_EYES);
            if (temple > SHAPE_ASKS && d.brief.lead() != Shape.OVAL) {
                z.why(Why.SHAPE_ASKS, d.brief.lead());
            }
            Profile inward = Profile.from(WIDTH_AT_CORNER)
                    .at(WIDEST_AT, WIDEST * width)
                    .at(BESIDE_BROW_AT, BESIDE_BROW * width)
                    .to(WIDTH_AT_END);
            Vec out = run.outward().get(WAY_FROM);
            d.add(z.strength(STRENGTH * temple, SOFT * d.tuning.blur())
                    .piece(Strokes.band(run, inward, INTO_HAIR, AMOUNT, s.intoHair()))
                    .way(List.of(
                            run.points().get(WAY_FROM).plus(out.times(-WAY_IN * width)),
                            run.points().get(WAY_TO)))
                    .stop(Stop.Kind.BROW_TAIL, s.browEnd.plus(.05, .05), new Vec(s.edge(endY) + .02, endY + .02)));
        }
    }
}
