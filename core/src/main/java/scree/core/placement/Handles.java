package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.core.plane.Vec;

/** The few points by which a zone is drawn into another form, and how the zone follows them. */
public final class Handles {
    private Handles() {}

    /** Returns a zone's handles: both ends and the middle of a stroke with its width, or a patch's heart and four of its edge. */
    public static List<Vec> of(PlacedZone zone) {
        List<Vec> handles = new ArrayList<>();
        for (Piece piece : zone.pieces()) {
            List<Vec> line = piece.line();
            List<Vec> edge = piece.edge();
            if (line.size() > 2) {
                handles.add(line.get(0));
                handles.add(line.get(line.size() / 2));
                handles.add(line.get(line.size() - 1));
                if (zone.pieces().size() == 1) {
                    handles.add(edge.get(edge.size() * 12 / 60));
                    handles.add(edge.get(edge.size() * 42 / 60));
                }
            } else {
                handles.add(line.get(0));
                for (int i = 0; i < 4; i++) {
                    handles.add(edge.get(edge.size() * i / 4));
                }
            }
        }
        return handles;
    }

    /** Returns the zone with its handles drawn: every point follows by its nearness to them (Shepard 1968, power two). */
    static PlacedZone drawn(PlacedZone zone, Map<Integer, Vec> moves, double strength) {
        List<Vec> handles = of(zone);
        return zone.changed(
                p -> {
                    double sum = 0;
                    Vec shift = new Vec(0, 0);
                    for (int i = 0; i < handles.size(); i++) {
                        double d = p.distanceTo(handles.get(i));
                        double w = 1 / (d * d + 1e-6);
                        sum += w;
                        shift = shift.plus(moves.getOrDefault(i, new Vec(0, 0)).times(w));
                    }
                    return p.plus(shift.times(1 / sum));
                },
                strength);
    }
}
