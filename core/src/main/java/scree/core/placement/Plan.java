package scree.core.placement;

import java.util.List;
import scree.core.face.Side;

/**
 * Where everything goes on one face.
 *
 * @param zones in order of work, without those left out
 * @param leftOut zones that the artist left out, as planned
 * @param cautions on these zones
 * @param withheld zones that could not be drawn rightly from these points; the points want a look
 * @param keptOff zones that the craft leaves out on this face, with why
 */
public record Plan(
        List<PlacedZone> zones,
        List<PlacedZone> leftOut,
        List<Caution> cautions,
        List<Caution> withheld,
        List<KeptOff> keptOff) {
    public Plan {
        zones = List.copyOf(zones);
        leftOut = List.copyOf(leftOut);
        cautions = List.copyOf(cautions);
        withheld = List.copyOf(withheld);
        keptOff = List.copyOf(keptOff);
    }

    /** Returns the areas in order of work; a pair counts once. */
    public List<Area> areas() {
        return zones.stream().map(PlacedZone::area).distinct().toList();
    }

    public java.util.Optional<PlacedZone> zone(Area area, Side side) {
        return zones.stream().filter(z -> z.area() == area && z.side() == side).findFirst();
    }
}
