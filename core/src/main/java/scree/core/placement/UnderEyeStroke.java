package scree.core.placement;

import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.List;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/**
 * One eye's light. Places are given along the eye, 0 at the inner corner and 1 at the outer, and under the lid.
 *
 * @param soft before the aim's factor
 */
record UnderEyeStroke(Why why, double soft, List<Piece> pieces, List<Vec> way) {
    /** Where the corners' strokes begin. */
    static final Vec INNER = new Vec(.04, .085);

    private static final Vec OUTER = new Vec(.93, .088);
    /** The inner stroke falls along the nose, the outer one rises; about their beginnings. */
    private static final Vec INNER_TOP = new Vec(-.03, -.02);

    private static final Vec INNER_BEND = new Vec(.03, .06);
    private static final Vec INNER_END = new Vec(.10, .13);
    private static final List<Vec> OUTER_STROKE = List.of(new Vec(-.06, .025), new Vec(.05, 0), new Vec(.17, -.09));
    private static final Profile CORNER_WIDTH = Profile.even(.02, .034, .02);
    private static final Profile CORNER_AMOUNT = Profile.even(.5, 1, .2);
    private static final double CORNER_SOFT = .032;

    /** Downward: from under the lid, this share towards the pupil and this share down to the nostrils. */
    private static final Vec DOWN_FROM = new Vec(.30, .085);

    private static final double DOWN_ACROSS = .55;
    private static final double DOWN_TO = .86;
    private static final Profile DOWN_WIDTH = Profile.even(.03, .062, .05, .024);
    private static final Profile DOWN_AMOUNT = Profile.even(.7, 1, .6, .08);
    private static final double DOWN_SOFT = .042;

    /** The groove under a bag. */
    private static final List<Vec> GROOVE = List.of(new Vec(.08, .20), new Vec(.42, .22), new Vec(.78, .19));

    private static final Profile GROOVE_WIDTH = Profile.even(.016, .024, .014);
    private static final Profile GROOVE_AMOUNT = Profile.even(.5, 1, .2);
    private static final double GROOVE_SOFT = .024;

    UnderEyeStroke {
        pieces = List.copyOf(pieces);
    }

    /** Returns a place under the eye. */
    static Vec at(SideMap s, Vec place) {
        return s.underEye(place.x(), place.y());
    }

    /** Returns a stroke from the inner corner along the nose. */
    static Piece inner(SideMap s, Vec end, Profile width, Profile amount) {
        Vec in = at(s, INNER);
        List<Vec> line = smooth(in.plus(INNER_TOP), in.plus(INNER_BEND), in.plus(end));
        return Strokes.ribbon(line, width, amount, 0, s.onFace());
    }

    /** Only at both corners: nothing where skin creases. */
    static UnderEyeStroke corners(SideMap s) {
        Vec in = at(s, INNER);
        Vec out = at(s, OUTER);
        List<Vec> rising =
                smooth(out.plus(OUTER_STROKE.get(0)), out.plus(OUTER_STROKE.get(1)), out.plus(OUTER_STROKE.get(2)));
        return new UnderEyeStroke(
                Why.CORNERS_ONLY,
                CORNER_SOFT,
                List.of(
                        inner(s, INNER_END, CORNER_WIDTH, CORNER_AMOUNT),
                        Strokes.ribbon(rising, CORNER_WIDTH, CORNER_AMOUNT, 0, s.onFace())),
                List.of(in, in.plus(INNER_END)));
    }

    /** Down beside the nose: lengthens. */
    static UnderEyeStroke downward(SideMap s) {
        Vec from = at(s, DOWN_FROM);
        Vec end = new Vec(mix(s.eyeIn.x(), s.pupil.x(), DOWN_ACROSS), mix(s.lidLow.y(), s.nostrilLine, DOWN_TO));
        List<Vec> line = smooth(from, from.towards(end, .5), end);
        return new UnderEyeStroke(
                Why.DOWNWARD_LENGTHENS,
                DOWN_SOFT,
                List.of(Strokes.ribbon(line, DOWN_WIDTH, DOWN_AMOUNT, 0, s.onFace())),
                List.of(line.get(0), end));
    }

    static UnderEyeStroke groove(SideMap s) {
        List<Vec> line = smooth(at(s, GROOVE.get(0)), at(s, GROOVE.get(1)), at(s, GROOVE.get(2)));
        return new UnderEyeStroke(
                Why.BAG_GROOVE,
                GROOVE_SOFT,
                List.of(Strokes.ribbon(line, GROOVE_WIDTH, GROOVE_AMOUNT, 0, s.onFace())),
                List.of(line.get(0), line.get(line.size() - 1)));
    }
}
