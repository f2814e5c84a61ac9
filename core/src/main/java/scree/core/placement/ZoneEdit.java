package scree.core.placement;

import java.util.Map;
import scree.core.colour.Check;
import scree.core.face.Side;
import scree.core.plane.Vec;

/**
 * What the artist changed on one zone; it is laid over every new plan.
 *
 * @param leftOut the zone is not worked
 * @param strength instead of the planned one, 0 to 1.3, or null
 * @param moves by handle number: how far it was drawn, in pupil distances
 */
public record ZoneEdit(Area area, Side side, boolean leftOut, Double strength, Map<Integer, Vec> moves) {
    /** Most that a handle may be drawn. House choice: past it the zone is another zone. */
    private static final double FARTHEST = .6;

    public ZoneEdit {
        moves = Map.copyOf(moves);
        if (strength != null) {
            strength = Check.inRange("strength", strength, 0, 1.3, "draw the knob within the wedge");
        }
        for (Vec v : moves.values()) {
            Check.inRange("handle's way", v.length(), 0, FARTHEST, "put the zone back and draw it less far");
        }
    }

    public static ZoneEdit none(Area area, Side side) {
        return new ZoneEdit(area, side, false, null, Map.of());
    }

    public boolean changesNothing() {
        return !leftOut && strength == null && moves.isEmpty();
    }
}
