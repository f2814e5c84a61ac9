package scree.core.routine;

import java.util.EnumSet;
import java.util.Set;

/**
 * What is left out or done simpler because time is short.
 *
 * @param dropped steps that are not done
 * @param eased what is done simpler
 */
public record Cut(Set<StepCode> dropped, Set<Ease> eased) {
    /** What can be simpler without being gone. */
    public enum Ease {
        /** Blotted instead of waited for. */
        MOIST_WAIT,
        /** The base is judged before it has settled. */
        DRY_DOWN,
        /** Pressed instead of left. */
        BAKE,
        LIDCOLOUR,
        BROWS,
        BASE,
        SPOTS
    }

    public Cut {
        dropped = dropped.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(dropped));
        eased = eased.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(eased));
    }

    public static Cut none() {
        return new Cut(Set.of(), Set.of());
    }

    boolean drops(StepCode code) {
        return dropped.contains(code);
    }

    boolean eases(Ease what) {
        return eased.contains(what);
    }

    /** Returns whether a step's own minutes shrink. */
    boolean eases(StepCode code) {
        return switch (code) {
            case LIDCOLOUR -> eases(Ease.LIDCOLOUR);
            case BR_DRY -> eases(Ease.BROWS);
            case BASE -> eases(Ease.BASE);
            case SPOTS -> eases(Ease.SPOTS);
            default -> false;
        };
    }
}
