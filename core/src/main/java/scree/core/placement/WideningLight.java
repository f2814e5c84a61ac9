package scree.core.placement;

import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.method.Insist;
import scree.core.method.PlacementMethod.Widening;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Light widens the narrow part: the jaw's edge or the outer eye corners, never both, never where it is widest. */
final class WideningLight implements Rule {
    /** A jaw or a temple that is shaded more than this is not lightened too. */
    private static final double STRONG_JAW = .45;

    private static final double STRONG_TEMPLE = .75;
    private static final double STRENGTH = .6;
    /** The jaw's edge: from this share of the way from cheek to jaw, to under the mouth's corner; inside the edge. */
    private static final double JAW_FROM = .75;

    private static final double JAW_PAST_MOUTH = .25;
    private static final double JAW_INSIDE = .085;
    private static final double JAW_OFF_MOUTH = .16;
    private static final Profile JAW_WIDTH = Profile.even(.03, .055, .025);
    private static final Profile JAW_AMOUNT = Profile.even(.5, 1, .2);
    private static final double JAW_SOFT = .035;
    /** It is worked inward from this point of the run, by this. */
    private static final int JAW_WORKED_AT = 12;

    private static final double JAW_WORKED = .16;
    /** Beside the eye: from its corner this share of the way to inside the edge, under the brow's end. */
    private static final Vec EYE_OFF_CORNER = new Vec(.09, .015);

    private static final double EYE_TO = .80;
    private static final double EYE_UNDER_BROW = .14;
    private static final double EDGE_UNDER_BROW = .12;
    private static final double EYE_INSIDE = .10;
    private static final Vec EYE_BOW = new Vec(.01, .01);
    private static final double EYE_LEAST = .04;
    private static final Profile EYE_WIDTH = Profile.even(.02, .05, .03);
    private static final Profile EYE_AMOUNT = Profile.even(.6, 1, .3);
    private static final double EYE_SOFT = .03;

    @Override
    public void place(Draft d) {
        Widening way = d.method.widening();
        if (way == Widening.USUAL) {
            way = usual(d);
        }
        Why against = against(d, way);
        boolean chosen = d.method.widening() == way;
        if (against != null && !(chosen && d.insisted(Insist.WIDENING))) {
            Area area = way == Widening.JAW_EDGE ? Area.JAW_EDGE_LIGHT : Area.EYE_CORNER_LIGHT;
            d.keepOff(area, against, chosen ? Insist.WIDENING : null);
            return;
        }
        for (Side side : Draft.BOTH) {
            if (way == Widening.JAW_EDGE) {
                jawEdge(d, d.side(side));
            } else if (way == Widening.EYE_CORNER) {
                eyeCorner(d, d.side(side));
            }
        }
    }

    /** Returns what speaks against a way on this face, or null. */
    private static Why against(Draft d, Widening way) {
        return switch (way) {
            case JAW_EDGE -> d.has(Tick.JOWL) ? Why.OFF_JOWL : d.tuning.jaw() > STRONG_JAW ? Why.OFF_JAW_SHADED : null;
            case EYE_CORNER ->
                d.tuning.temple() > STRONG_TEMPLE && !d.has(Tick.HOLLOW_TEMPLES) ? Why.OFF_TEMPLE_SHADED : null;
            case USUAL, NEITHER -> null;
        };
    }

    private static Widening usual(Draft d) {
        if (d.aim(Aim.LIFT)) {
            return Widening.EYE_CORNER;
        }
        if (d.aim(Aim.NATURAL) || d.aim(Aim.LONGER)) {
            return Widening.NEITHER;
        }
        if (d.aim(Aim.WIDER)) {
            return Widening.EYE_CORNER;
        }
        if (d.brief.roundedHeart()) {
            return Widening.NEITHER; // its jaw is shaded
        }
        return switch (d.brief.lead()) {
            case SQUARE, TRIANGLE -> Widening.EYE_CORNER;
            case HEART, DIAMOND -> Widening.JAW_EDGE;
            case OVAL, ROUND, OBLONG -> Widening.NEITHER;
        };
    }

    private static void jawEdge(Draft d, SideMap s) {
        double y = mix(s.cheek.y(), s.jaw.y(), JAW_FROM);
        Outline.Run run =
                s.ring(new Vec(s.edge(y), y), s.low(Math.max(s.jawMid.x(), s.mouth.x() + JAW_PAST_MOUTH)), JAW_INSIDE);
        d.add(d.zone(Area.JAW_EDGE_LIGHT, s.side)
                .why(Why.WIDENS_JAW)
                .strength(STRENGTH, JAW_SOFT * d.tuning.blur())
                .piece(Strokes.ribbon(run.points(), JAW_WIDTH, JAW_AMOUNT, 0, s.clearOfMouth(JAW_OFF_MOUTH)))
                .way(List.of(
                        run.points().get(JAW_WORKED_AT),
                        run.points()
                                .get(JAW_WORKED_AT)
                                .plus(run.outward().get(JAW_WORKED_AT).times(-JAW_WORKED)))));
    }

    private static void eyeCorner(Draft d, SideMap s) {
        Vec a = s.eyeOut.plus(EYE_OFF_CORNER);
        double y = s.browEnd.y() + EYE_UNDER_BROW;
        Vec b = a.towards(new Vec(s.edge(s.browEnd.y() + EDGE_UNDER_BROW) - EYE_INSIDE, y), EYE_TO);
        if (b.x() - a.x() < EYE_LEAST) {
            return;
        }
        d.add(d.zone(Area.EYE_CORNER_LIGHT, s.side)
                .why(Why.WIDENS_EYES)
                .strength(STRENGTH, EYE_SOFT * d.tuning.blur())
                .piece(Strokes.ribbon(
                        smooth(a, a.towards(b, .5).plus(EYE_BOW), b), EYE_WIDTH, EYE_AMOUNT, 0, s.onFace()))
                .way(List.of(a, b)));
    }
}
