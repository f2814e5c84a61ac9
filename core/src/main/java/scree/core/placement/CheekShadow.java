package scree.core.placement;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod.CheekLine;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/** From the ear towards the mouth corner, deepest at the hair, nothing in front; its lower edge is the crisp one. */
final class CheekShadow implements Rule {
    private static final Profile WIDTH_SHAPE = Profile.of(0, .085, .35, .078, .75, .05, 1, .022);
    private static final Profile AMOUNT = Profile.of(0, .82, .28, 1, .64, .68, .87, .26, 1, .05);
    /** Hollow cheeks take this share of it. */
    private static final double HOLLOW_EASE = .5;
    /** From this far into the hollow it is said to lie there. */
    private static final double IN_HOLLOW = .75;
    /** How much wider the shadow's upper, softer side is than its lower, crisp one; less when the face is lifted. */
    private static final double BIAS = .45;

    private static final double BIAS_LIFTED = .15;
    private static final double STRENGTH = 1.05;
    private static final double SOFT = .034;
    /** It keeps over the nostril line by this. */
    private static final double OVER_NOSTRIL = .052;
    /** How its two stops are drawn: half the front's height, and how far out from the nostril's wing. */
    private static final double FRONT_HALF = .14;

    private static final double OFF_WING = .06;

    @Override
    public void place(Draft d) {
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            CheekLines lines = d.cheek(side);
            Draft.Zoning z = d.zone(Area.CHEEK_SHADOW, side);
            double strength = STRENGTH * d.tuning.depth();
            z.why(Why.FROM_THE_EAR, CheekLines.hollow(d) >= IN_HOLLOW ? CheekLine.HOLLOW : CheekLine.BONE)
                    .why(Why.STOPS_AT, d.method.stop());
            if (d.has(Tick.HOLLOW_CHEEKS)) {
                strength *= HOLLOW_EASE;
                z.why(Why.HOLLOW_EASED);
            }
            List<Reason> more = new ArrayList<>();
            strength *= d.fuller(side, more);
            shape(d, z);
            double bias = d.aim(Aim.LIFT) ? BIAS_LIFTED : BIAS;
            Vec front = lines.shadow.get(lines.shadow.size() - 1);
            List<Vec> way = new ArrayList<>(lines.shadow);
            Collections.reverse(way);
            d.add(z.why(more)
                    .strength(strength, SOFT * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            lines.shadow, WIDTH_SHAPE.times(d.tuning.width()), AMOUNT, -bias, cheekRoom(s, lines.stop)))
                    .way(way)
                    .stop(
                            Stop.Kind.FRONT,
                            new Vec(lines.stop, front.y() - FRONT_HALF),
                            new Vec(lines.stop, front.y() + FRONT_HALF))
                    .stop(
                            Stop.Kind.NOSTRIL,
                            new Vec(s.alare.x() + OFF_WING, s.nostrilLine),
                            new Vec(s.edge(s.nostrilLine), s.nostrilLine)));
        }
    }

    /** On the face, clear of the mouth, behind the stop and above the nostril line. */
    private static UnaryOperator<Vec> cheekRoom(SideMap s, double stop) {
        var settle = s.clearOfMouth(SideMap.MOUTH_ROOM);
        return p -> settle.apply(new Vec(Math.max(p.x(), stop), Math.min(p.y(), s.nostrilLine - OVER_NOSTRIL)));
    }

    private static void shape(Draft d, Draft.Zoning z) {
        Optional<Why> why = switch (d.brief.lead()) {
            case ROUND, OBLONG, DIAMOND -> Optional.of(Why.SHAPE_ASKS);
            case TRIANGLE, SQUARE -> Optional.of(Why.SHAPE_EASES);
            case OVAL, HEART -> Optional.empty(); // it follows the bone
        };
        why.ifPresent(w -> z.why(w, d.brief.lead()));
    }
}
