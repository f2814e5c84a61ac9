package scree.app.place;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.face.TakenFace;
import scree.app.judge.SittingSkins;
import scree.app.skin.Touched;
import scree.core.colour.Lab;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.placement.Area;
import scree.core.placement.Plan;

/**
 * A placement as it stands.
 *
 * @param zones those of families that are worked, numbered in order; both sides of a pair share a number
 * @param known the skin, evened, of jaw and neck, with its base, and what that rests on
 * @param asLastTime whether nothing was chosen yet and the client's last time is taken over
 * @param broken where skin was felt to be broken: nothing goes on there
 */
public record TakenPlan(
        PlaceSheet sheet,
        TakenFace face,
        LevelledFace level,
        Plan plan,
        List<WorkedZone> zones,
        SittingSkins.Known known,
        int seq,
        boolean undoable,
        boolean redoable,
        boolean asLastTime,
        List<Touched> broken) {
    /** Returns the colour that products lie on, under D65: the skin with its base. */
    Lab ground() {
        return known.skin().ground();
    }

    /** Returns the same with its zones in an order of areas and numbered so; areas that are not in it come last. */
    TakenPlan numbered(List<Area> order) {
        List<WorkedZone> sorted = zones.stream()
                .sorted(Comparator.comparingInt(z -> {
                    int at = order.indexOf(z.zone().area());
                    return at < 0 ? order.size() : at;
                }))
                .toList();
        Map<Area, Integer> numbers = new EnumMap<>(Area.class);
        List<WorkedZone> numbered = sorted.stream()
                .map(z -> z.numbered(numbers.computeIfAbsent(z.zone().area(), a -> numbers.size() + 1)))
                .toList();
        return new TakenPlan(sheet, face, level, plan, numbered, known, seq, undoable, redoable, asLastTime, broken);
    }

    /** Returns a zone as it is worked, or empty when it is not in the plan. */
    public Optional<WorkedZone> zone(Area area, Side side) {
        return zones.stream()
                .filter(z -> z.zone().area() == area && z.zone().side() == side)
                .findFirst();
    }
}
