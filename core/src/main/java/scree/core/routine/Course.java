package scree.core.routine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The order that is followed at the chair, fixed when the work begins: what changes on another screen meanwhile is offered, never forced.
 *
 * @param legs in the order of the work
 * @param lags of a step after another one
 */
public record Course(List<Leg> legs, List<Lag> lags) {
    /**
     * A step.
     *
     * @param start when it begins as planned, half minutes from the beginning of the work
     */
    public record Leg(Step step, int start) {
        public StepCode code() {
            return step.code();
        }
    }

    /**
     * A step that waits for another one.
     *
     * @param least half minutes from the end of the first to the start of the next, 0 where it only comes after
     * @param most half minutes that it may take at most, null for as long as one likes
     */
    public record Lag(StepCode from, StepCode to, int least, Integer most, OrderCode reason) {}

    public Course {
        legs = List.copyOf(legs);
        lags = List.copyOf(lags);
        if (legs.stream().map(Leg::code).distinct().count() != legs.size()) {
            throw new IllegalArgumentException("a step is done once");
        }
    }

    /** Returns the course of an order; where a hand put a later step first, nothing waits. */
    public static Course of(RunningOrder order) {
        List<Leg> legs =
                order.timed().stream().map(t -> new Leg(t.step(), t.start())).toList();
        List<StepCode> codes = order.codes();
        List<Lag> lags = new ArrayList<>();
        for (Arc arc : order.arcs()) {
            StepCode from = order.steps().get(arc.from()).code();
            StepCode to = order.steps().get(arc.to()).code();
            if (codes.indexOf(from) < codes.indexOf(to)) {
                lags.add(new Lag(from, to, arc.least(), arc.most(), arc.reason()));
            }
        }
        return new Course(legs, lags);
    }

    /** Returns the steps in the order of the work. */
    public List<StepCode> codes() {
        return legs.stream().map(Leg::code).toList();
    }

    /** Returns a step, empty when it is not in this course. */
    public Optional<Leg> find(StepCode code) {
        return legs.stream().filter(l -> l.code() == code).findFirst();
    }

    /** Returns when all is done as planned, half minutes. */
    public int end() {
        return legs.stream().mapToInt(l -> l.start() + l.step().hands()).max().orElse(0);
    }

    /**
     * Returns a newer course with what is behind kept as it was: done steps stay, the running one too, and the rest follows the newer one.
     *
     * @param behind steps that are done, skipped or running, in the order of this course
     * @param at when it is taken, half minutes from the beginning of the work
     */
    public Course followedBy(Course newer, List<StepCode> behind, int at) {
        Set<StepCode> kept = EnumSet.noneOf(StepCode.class);
        List<Leg> all = new ArrayList<>();
        for (Leg leg : legs) {
            if (behind.contains(leg.code())) {
                all.add(leg);
                kept.add(leg.code());
            }
        }
        List<Leg> rest =
                newer.legs.stream().filter(l -> !kept.contains(l.code())).toList();
        int shift = rest.isEmpty() ? 0 : at - rest.get(0).start();
        rest.forEach(l -> all.add(new Leg(l.step(), l.start() + shift)));
        List<StepCode> codes = all.stream().map(Leg::code).toList();
        Set<Lag> both = new java.util.LinkedHashSet<>(newer.lags);
        lags.stream().filter(l -> kept.contains(l.from())).forEach(both::add);
        return new Course(
                all,
                both.stream()
                        .filter(l -> codes.contains(l.from()) && codes.contains(l.to()))
                        .filter(l -> codes.indexOf(l.from()) < codes.indexOf(l.to()))
                        .toList());
    }
}
