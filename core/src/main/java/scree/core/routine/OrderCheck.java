package scree.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import scree.core.reason.Severity;

/** What an order goes against; nothing is ever blocked. */
public final class OrderCheck {
    private OrderCheck() {}

    /**
     * A rule that an order goes against.
     *
     * @param first step that belongs before
     * @param then step that belongs after
     */
    public record Broken(OrderCode reason, Severity severity, StepCode first, StepCode then) {
        private static final Comparator<Broken> WORST_FIRST = Comparator.comparing(Broken::severity)
                .reversed()
                .thenComparing(b -> b.reason().name())
                .thenComparing(b -> b.first().name())
                .thenComparing(b -> b.then().name());
    }

    /** Returns what a sequence of steps goes against, worst first; steps that are not in it are not asked for. */
    public static List<Broken> of(Needs needs, OrderSchool school, List<StepCode> sequence) {
        List<Step> steps = StepList.of(needs, school, Cut.none()).steps();
        Map<StepCode, Integer> at = new EnumMap<>(StepCode.class);
        for (int i = 0; i < sequence.size(); i++) {
            at.put(sequence.get(i), i);
        }
        List<Broken> all = new ArrayList<>();
        for (Arc arc : Rules.of(steps, needs, school)) {
            StepCode first = steps.get(arc.from()).code();
            StepCode then = steps.get(arc.to()).code();
            if (at.containsKey(first) && at.containsKey(then) && at.get(first) > at.get(then)) {
                all.add(new Broken(arc.reason(), arc.severity(), first, then));
            }
        }
        all.sort(Broken.WORST_FIRST);
        return all;
    }

    /** Returns what an order with its times goes against: rules, waits that are cut short, and what comes too late. */
    public static List<Broken> of(RunningOrder order) {
        List<Broken> all = new ArrayList<>(of(order.needs(), order.school(), order.codes()));
        Map<StepCode, RunningOrder.Timed> at = new EnumMap<>(StepCode.class);
        order.timed().forEach(t -> at.put(t.step().code(), t));
        for (Arc arc : order.arcs()) {
            RunningOrder.Timed first = at.get(order.steps().get(arc.from()).code());
            RunningOrder.Timed then = at.get(order.steps().get(arc.to()).code());
            if (first.start() < then.start()) {
                int between = then.start() - first.end();
                if (between < arc.least()) {
                    all.add(broken(OrderCode.LET_SETTLE, first, then));
                } else if (arc.most() != null && between > arc.most()) {
                    all.add(broken(OrderCode.TOO_LATE, first, then));
                }
            }
        }
        all.sort(Broken.WORST_FIRST);
        return all;
    }

    private static Broken broken(OrderCode code, RunningOrder.Timed first, RunningOrder.Timed then) {
        return new Broken(code, Severity.CHECK, first.step().code(), then.step().code());
    }
}
