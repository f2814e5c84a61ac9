package scree.core.routine;

import java.util.Set;

/**
 * One step of a sitting. Times in half minutes.
 *
 * @param zones where it works; none for what is done off the face
 * @param hands how long hands are on it
 * @param settling from its end until a later layer may meet it
 * @param powder whether it lays powder
 * @param tied whether the next step of the list follows at once
 * @param judge from its end until its colour may be judged for good, 0 where that is at once
 * @param placed whether it is placed to be blended later
 */
public record Step(
        StepCode code,
        Set<WorkZone> zones,
        Amount amount,
        int hands,
        int least,
        int settling,
        boolean powder,
        boolean tied,
        int judge,
        boolean placed) {
    private static final double MIDDLE = 4;

    public Step {
        zones = zones.isEmpty() ? Set.of() : java.util.Collections.unmodifiableSet(java.util.EnumSet.copyOf(zones));
    }

    public WorkLayer layer() {
        return code.layer();
    }

    /** Returns whether it works somewhere where another one does. */
    boolean meets(Step other) {
        return zones.stream().anyMatch(other.zones::contains);
    }

    boolean at(WorkZone zone) {
        return zones.contains(zone);
    }

    /** Returns how far down it works, in the mean of its zones. */
    double height() {
        return zones.stream().mapToInt(WorkZone::height).average().orElse(MIDDLE);
    }

    Step over(Set<WorkZone> all) {
        return new Step(code, all, amount, hands, least, settling, powder, tied, judge, placed);
    }

    Step judged(int lag) {
        return new Step(code, zones, amount, hands, least, settling, powder, tied, lag, placed);
    }

    Step untied() {
        return new Step(code, zones, amount, hands, least, settling, powder, false, judge, placed);
    }
}
