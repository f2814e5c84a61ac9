package scree.core.placement;

import static scree.core.placement.SideMap.clamp;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.plane.Profile;

/** A band under the hairline that melts into the hair: shortens a tall forehead, frames any. */
final class HairlineShadow implements Rule {
    /** Forehead over middle third under which it is short and gets none; a usual face has about .72. */
    private static final double SHORT = .60;
    /** Strength in the middle of a tall forehead, so that it looks lower. */
    private static final double TALL_MIDDLE = .95;
    /** Under this the band would not be seen. */
    private static final double LEAST = .2;
    /** Depth of the band as a share of the forehead's height, and its bounds. */
    private static final double DEPTH = .16;

    private static final double LEAST_DEPTH = .05;
    private static final double MOST_DEPTH = .20;
    /** Reach at a place: half of the depth, and three quarters of it more at full strength. */
    private static final double REACH = .5;

    private static final double REACH_BY_STRENGTH = .75;
    /** Reach at both ends, where it runs out beside the temple. */
    private static final double END_REACH = .04;
    /** Places of the corners along the band. */
    private static final double CORNER = .13;
    /** Strength at the ends as a share of the corners'. */
    private static final double END_STRENGTH = .25;
    /** Reach into the hair. */
    private static final Profile INTO_HAIR = Profile.even(.045, .045);

    private static final double STRENGTH = .85;
    private static final double SOFT = .05;
    /** The brush goes from the inner edge to just past the hairline. */
    private static final double WAY_FROM = .9;

    private static final double WAY_PAST = .02;

    @Override
    public void place(Draft d) {
        boolean tall = d.is(Trait.FOREHEAD, true);
        double middle = d.aim(Aim.NATURAL) ? 0 : d.tuning.hairMiddle();
        middle = tall && !d.aim(Aim.NATURAL) ? Math.max(middle, TALL_MIDDLE) : middle;
        double corner = d.tuning.hairCorner();
        double most = Math.max(middle, corner);
        if (most < LEAST) {
            return;
        }
        if (d.has(Tick.FRINGE) || low(d)) {
            d.keepOff(Area.HAIRLINE_SHADOW, d.has(Tick.FRINGE) ? Why.OFF_HAIR_COVERS : Why.OFF_SHORT_FOREHEAD);
            return;
        }
        double depth = clamp(DEPTH * d.foreheadHeight(), LEAST_DEPTH, MOST_DEPTH);
        double edge = depth * (REACH + REACH_BY_STRENGTH * corner);
        double centre = depth * (REACH + REACH_BY_STRENGTH * middle);
        Draft.Zoning z = d.zone(Area.HAIRLINE_SHADOW).why(Why.MELTS_INTO_HAIR);
        if (tall) {
            z.why(Why.TALL_FOREHEAD);
        } else if (d.brief.lead() != Shape.OVAL) {
            z.why(Why.SHAPE_ASKS, d.brief.lead());
        }
        double hairline = d.brief.face().at(Landmark.HAIRLINE).y();
        d.add(z.strength(STRENGTH * most, SOFT * d.tuning.blur())
                .piece(Strokes.band(
                        run(d),
                        along(END_REACH, edge, centre),
                        INTO_HAIR,
                        along(END_STRENGTH * corner / most, corner / most, middle / most),
                        d.side(Side.LEFT).intoHair()))
                .way(List.of(d.middle(hairline + WAY_FROM * depth), d.middle(hairline - WAY_PAST))));
    }

    private static boolean low(Draft d) {
        boolean tall = d.is(Trait.FOREHEAD, true);
        return d.is(Trait.FOREHEAD, false) || !tall && d.foreheadHeight() < SHORT * d.middleThird();
    }

    private static Outline.Run run(Draft d) {
        SideMap r = d.side(Side.RIGHT);
        return d.outline.run(
                d.outline.angle(r.turn(r.foreheadCorner)), d.outline.angle(d.side(Side.LEFT).foreheadCorner));
    }

    /** The same to either side of the middle. */
    private static Profile along(double end, double corner, double middle) {
        return Profile.from(end)
                .at(CORNER, corner)
                .at(.5, middle)
                .at(1 - CORNER, corner)
                .to(end);
    }
}
