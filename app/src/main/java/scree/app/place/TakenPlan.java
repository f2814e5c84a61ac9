package scree.app.place;

import java.util.List;
import java.util.Optional;
import scree.app.face.TakenFace;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.placement.Area;
import scree.core.placement.Plan;

/**
 * A placement as it stands.
 *
 * @param zones those of families that are worked, numbered in order; both sides of a pair share a number
 * @param skin colour that products lie on, under D65: evened, of jaw and neck
 * @param skinRead whether it was read rather than supposed
 */
public record TakenPlan(
        PlaceSheet sheet,
        TakenFace face,
        LevelledFace level,
        Plan plan,
        List<WorkedZone> zones,
        Lab skin,
        Spectrum skinSpectrum,
        boolean skinRead,
        int seq,
        boolean undoable,
        boolean redoable) {
    public Optional<WorkedZone> zone(Area area, Side side) {
        return zones.stream()
                .filter(z -> z.zone().area() == area && z.zone().side() == side)
                .findFirst();
    }
}
