package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/** From the ear towards the mouth corner, deepest at the hair, nothing in front; its lower edge is the crisp one. */
final class CheekShadow implements Rule {
    private static final Profile WIDTH_SHAPE = Profile.of(0, .085, .35, .078, .75, .05, 1, .022);
    private static final Profile AMOUNT = Profile.of(0, .82, .28, 1, .64, .68, .87, .26, 1, .05);
    private static final double HOLLOW_EASE = .5;

    @Override
    public void place(Draft d) {
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            CheekLines lines = d.cheek(side);
            Draft.Zoning z = d.zone(Area.CHEEK_SHADOW, side);
            double strength = 1.05 * d.tuning.depth();
            z.why(
                            Why.FROM_THE_EAR,
                            CheekLines.hollow(d) >= .75
                                    ? scree.core.method.PlacementMethod.CheekLine.HOLLOW
                                    : scree.core.method.PlacementMethod.CheekLine.BONE)
                    .why(Why.STOPS_AT, d.method.stop());
            if (d.has(Tick.HOLLOW_CHEEKS)) {
                strength *= HOLLOW_EASE;
                z.why(Why.HOLLOW_EASED);
            }
            List<Reason> more = new ArrayList<>();
            strength *= d.fuller(side, more);
            shape(d, z);
            double bias = d.aim(Aim.LIFT) ? .15 : .45;
            Vec front = lines.shadow.get(lines.shadow.size() - 1);
            List<Vec> way = new ArrayList<>(lines.shadow);
            java.util.Collections.reverse(way);
            d.add(z.why(more)
                    .strength(strength, .034 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            lines.shadow, WIDTH_SHAPE.times(d.tuning.width()), AMOUNT, -bias, cheekRoom(s, lines.stop)))
                    .way(way)
                    .stop(Stop.Kind.FRONT, new Vec(lines.stop, front.y() - .14), new Vec(lines.stop, front.y() + .14))
                    .stop(
                            Stop.Kind.NOSTRIL,
                            new Vec(s.alare.x() + .06, s.nostrilLine),
                            new Vec(s.edge(s.nostrilLine), s.nostrilLine)));
        }
    }

    /** On the face, clear of the mouth, behind the stop and above the nostril line. */
    private static java.util.function.UnaryOperator<Vec> cheekRoom(SideMap s, double stop) {
        var settle = s.clearOfMouth(SideMap.MOUTH_ROOM);
        return p -> settle.apply(new Vec(Math.max(p.x(), stop), Math.min(p.y(), s.nostrilLine - .052)));
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
