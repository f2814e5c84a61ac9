package scree.core.placement;

import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod.Widening;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Light widens the narrow part: the jaw's edge or the outer eye corners, never both, never where it is widest. */
final class WideningLight implements Rule {
    @Override
    public void place(Draft d) {
        Widening way = d.method.widening();
        if (way == Widening.USUAL) {
            way = usual(d);
        }
        boolean strongJaw = d.tuning.jaw() > .45;
        boolean strongTemple = d.tuning.temple() > .75 && !d.has(Tick.HOLLOW_TEMPLES);
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            if (way == Widening.JAW_EDGE && !strongJaw && !d.has(Tick.JOWL)) {
                jawEdge(d, s);
            } else if (way == Widening.EYE_CORNER && !strongTemple) {
                eyeCorner(d, s);
            }
        }
    }

    private static Widening usual(Draft d) {
        if (d.aim(Aim.LIFT)) {
            return Widening.EYE_CORNER;
        }
        if (d.aim(Aim.NATURAL)) {
            return Widening.NEITHER;
        }
        return switch (d.brief.lead()) {
            case SQUARE, TRIANGLE -> Widening.EYE_CORNER;
            case HEART, DIAMOND -> Widening.JAW_EDGE;
            case OVAL, ROUND, OBLONG -> Widening.NEITHER;
        };
    }

    private static void jawEdge(Draft d, SideMap s) {
        double y = mix(s.cheek.y(), s.jaw.y(), .75);
        Outline.Run run = s.ring(new Vec(s.edge(y), y), s.low(Math.max(s.jawMid.x(), s.mouth.x() + .25)), .085);
        d.add(d.zone(Area.JAW_EDGE_LIGHT, s.side)
                .why(Why.WIDENS_JAW)
                .strength(.6, .035 * d.tuning.blur())
                .piece(Strokes.ribbon(
                        run.points(), Profile.even(.03, .055, .025), Profile.even(.5, 1, .2), 0, s.clearOfMouth(.16)))
                .way(List.of(
                        run.points().get(12),
                        run.points().get(12).plus(run.outward().get(12).times(-.16)))));
    }

    private static void eyeCorner(Draft d, SideMap s) {
        Vec a = s.eyeOut.plus(.09, .015);
        double y = s.browEnd.y() + .14;
        Vec b = a.towards(new Vec(s.edge(s.browEnd.y() + .12) - .10, y), .80);
        if (b.x() - a.x() < .04) {
            return;
        }
        d.add(d.zone(Area.EYE_CORNER_LIGHT, s.side)
                .why(Why.WIDENS_EYES)
                .strength(.6, .03 * d.tuning.blur())
                .piece(Strokes.ribbon(
                        smooth(a, a.towards(b, .5).plus(.01, .01), b),
                        Profile.even(.02, .05, .03),
                        Profile.even(.6, 1, .3),
                        0,
                        s.onFace()))
                .way(List.of(a, b)));
    }
}
