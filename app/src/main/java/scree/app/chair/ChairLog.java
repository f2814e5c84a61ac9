package scree.app.chair;

import java.time.Instant;
import java.util.List;

/**
 * What was done at the chair, in words, step by step; from what was noted, which nobody rewrites.
 *
 * @param finished when it ended, null while it did not
 * @param steps in the order of the work
 * @param pictures that were taken of it
 */
public record ChairLog(Instant begun, Instant finished, int plannedMinutes, List<Done> steps, List<Long> pictures) {
    public ChairLog {
        steps = List.copyOf(steps);
        pictures = List.copyOf(pictures);
    }

    /**
     * One step.
     *
     * @param seconds hands took, 0 where it was not timed
     * @param plannedSeconds of the plan
     * @param amount how much, in words
     * @param different what was done otherwise, in words
     */
    public record Done(
            String step,
            boolean done,
            long seconds,
            long plannedSeconds,
            List<With> with,
            String amount,
            List<String> different) {
        public Done {
            with = List.copyOf(with);
            different = List.copyOf(different);
        }
    }

    /** A product or mix as it was. */
    public record With(String name, String stone, String colour) {}
}
