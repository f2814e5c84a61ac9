package scree.app.chair;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import scree.app.sitting.Sitting;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;

/**
 * The work at a chair as it stands.
 *
 * @param no of the plan that is followed
 * @param begun when the work began
 * @param notes of this work, in the order of arrival
 */
record TakenChair(Sitting sitting, int no, Instant begun, ChairPlan plan, List<ChairNote> notes, Progress progress) {
    /** Returns the time that hands took over the time planned for the same steps; empty when nothing was done and timed. */
    Optional<Double> pace() {
        Duration planned = Duration.ZERO;
        Duration taken = Duration.ZERO;
        for (StepCode code : progress.done()) {
            planned = planned.plus(plan.course()
                    .find(code)
                    .map(l -> Progress.halves(l.step().hands()))
                    .orElse(Duration.ZERO));
            taken = taken.plus(progress.find(code).map(Progress.State::taken).orElse(Duration.ZERO));
        }
        return planned.isZero() || taken.isZero()
                ? Optional.empty()
                : Optional.of((double) taken.toMillis() / planned.toMillis());
    }
}
