package scree.app.place;

import java.util.List;
import java.util.Optional;
import scree.app.face.TakenFace;
import scree.app.skin.Touched;
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
 * @param skinRead what that colour rests on
 * @param broken where skin was felt to be broken: nothing goes on there
 */
public record TakenPlan(
        PlaceSheet sheet,
        TakenFace face,
        LevelledFace level,
        Plan plan,
        List<WorkedZone> zones,
        Lab skin,
        Spectrum skinSpectrum,
        SkinRead skinRead,
        int seq,
        boolean undoable,
        boolean redoable,
        List<Touched> broken) {
    /** What the skin's colour rests on. */
    public enum SkinRead {
        READ,
        /** Read without a whole card or in unfit light. */
        PROVISIONAL,
        /** Not read: a medium one is supposed. */
        SUPPOSED
    }

    /** Returns a zone as it is worked, or empty when it is not in the plan. */
    public Optional<WorkedZone> zone(Area area, Side side) {
        return zones.stream()
                .filter(z -> z.zone().area() == area && z.zone().side() == side)
                .findFirst();
    }
}
