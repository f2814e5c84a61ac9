package scree.app.order;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.correct.Pot;
import scree.app.sitting.Sitting;
import scree.core.routine.OrderCheck;
import scree.core.routine.RunningOrder;
import scree.core.routine.SchoolChoice;
import scree.core.routine.StepCode;
import scree.core.routine.TimeCut;

/**
 * A running order as it stands.
 *
 * @param gathered what the stages ask for
 * @param order that is shown
 * @param shortest what Scree would do, where a hand made another; else the same
 * @param cut what is left out for the time there is, empty when nothing is asked
 * @param broken what the order goes against, worst first
 */
public record TakenOrder(
        Sitting sitting,
        OrderSheet sheet,
        int seq,
        boolean undoable,
        boolean redoable,
        boolean asLastTime,
        Gathered gathered,
        SchoolChoice choice,
        RunningOrder order,
        RunningOrder shortest,
        Optional<TimeCut> cut,
        List<OrderCheck.Broken> broken) {
    /** Returns whether a hand made the order. */
    public boolean byHand() {
        return !sheet.sequence().isEmpty();
    }

    /** Returns what a step is done with, none where nothing of the kit is meant. */
    public List<Pot> wares(StepCode step) {
        return gathered.wares().getOrDefault(step, List.of());
    }

    /** Returns the number of each step in the order of the work, from 1. */
    public Map<StepCode, Integer> numbers() {
        Map<StepCode, Integer> numbers = new java.util.EnumMap<>(StepCode.class);
        for (StepCode code : order.codes()) {
            numbers.put(code, numbers.size() + 1);
        }
        return numbers;
    }
}
