package scree.core.cover;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import scree.core.colour.Lab;
import scree.core.skin.FreeSpot;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/**
 * A place that parts from its surround.
 *
 * @param zone of a spot the zone that it lies on and that is corrected first, or null
 * @param spot null for a zone as a whole
 * @param colour of the place
 * @param surround of the skin beside it
 * @param area in cm², both sides of a paired zone
 * @param feel what fingers and eyes found there
 */
public record Mark(Seen seen, Zone zone, FreeSpot spot, Lab colour, Lab surround, double area, List<Texture> feel) {
    public Mark {
        feel = List.copyOf(feel);
    }

    /** Returns a name that stays while the picture does: a zone's own, or a spot's number. */
    public String key() {
        return spot == null ? zone.name() : "SPOT-" + spot.id();
    }

    /** Returns ΔE00 to the skin beside it. */
    public double difference() {
        return colour.differenceFrom(surround);
    }

    /** Returns how thin a film has to stay here: the strictest of place and feel. */
    public Bears bears() {
        if (feel.contains(Texture.BROKEN_SKIN)) {
            return Bears.BROKEN;
        }
        Set<Bears> all = new HashSet<>();
        all.add(
                zone == Zone.UNDER_EYE
                        ? Bears.UNDER_EYE
                        : zone == Zone.LID ? Bears.LID : seen.heavy() ? Bears.HEAVY : Bears.FACE);
        feel.forEach(t -> all.add(of(t)));
        return Bears.strictest(all);
    }

    private static Bears of(Texture t) {
        return switch (t) {
            case DRY_PATCH -> Bears.DRY_PATCH;
            case CREPE -> Bears.CREPE;
            case FINE_LINES -> Bears.FINE_LINES;
            case BAG -> Bears.BAG;
            case OPEN_PORES -> Bears.OPEN_PORES;
            case RAISED_BLEMISH -> Bears.RAISED;
            case BROKEN_SKIN -> Bears.BROKEN;
        };
    }
}
