package scree.core.placement;

import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Side;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/**
 * One zone of a plan.
 *
 * @param pieces one, or two where a zone is worked in two places
 * @param strength 0 to 1.3: of a usual, clearly seen stroke; what product that takes is worked out later
 * @param blur standard deviation of the edge's softness in pupil distances
 * @param way the direction of blending as a line, first point where it starts
 * @param stops lines that it must not pass
 * @param edited whether the artist changed it
 */
public record PlacedZone(
        Area area,
        Side side,
        List<Piece> pieces,
        double strength,
        double blur,
        List<Vec> way,
        List<Stop> stops,
        List<Reason> reasons,
        boolean edited) {
    public PlacedZone {
        pieces = List.copyOf(pieces);
        way = List.copyOf(way);
        stops = List.copyOf(stops);
        reasons = List.copyOf(reasons);
    }

    PlacedZone changed(UnaryOperator<Vec> move, double strength) {
        return new PlacedZone(
                area,
                side,
                pieces.stream().map(p -> p.map(move)).toList(),
                strength,
                blur,
                way.stream().map(move).toList(),
                stops,
                reasons,
                true);
    }

    /** Returns the point that a number or a leader goes to: the middle of the first piece's line. */
    public Vec heart() {
        List<Vec> line = pieces.get(0).line();
        return line.get(line.size() / 2);
    }
}
