package scree.core.routine;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import scree.core.reason.Reason;

/**
 * Orders that a hand made. A move beats every rule: what it goes against is taken out of the model and named by {@link OrderCheck}. When the
 * plan changes, the old sequence is kept and only timed anew; what is new goes to its cheapest place.
 */
public final class ByHand {
    private ByHand() {}

    /** Returns a sequence with one step moved to a place, counted without it. */
    public static List<StepCode> moved(List<StepCode> sequence, StepCode step, int to) {
        List<StepCode> all = new ArrayList<>(sequence);
        if (!all.remove(step)) {
            throw new IllegalArgumentException(step + " is not in this order");
        }
        all.add(Math.max(0, Math.min(all.size(), to)), step);
        return all;
    }

    /**
     * Returns a sequence in which a step belongs before another again: the earlier one is brought to just before, and goes along with what
     * itself belongs before it.
     */
    public static List<StepCode> mended(RunningOrder order, OrderCheck.Broken broken) {
        List<StepCode> sequence = order.codes();
        List<StepCode> back = moved(
                sequence, broken.first(), without(sequence, broken.first()).indexOf(broken.then()));
        int after = without(sequence, broken.then()).indexOf(broken.first()) + 1;
        List<StepCode> on = moved(sequence, broken.then(), after);
        int byBack = OrderCheck.of(order.needs(), order.school(), back).size();
        int byOn = OrderCheck.of(order.needs(), order.school(), on).size();
        return byOn <= byBack ? on : back;
    }

    private static List<StepCode> without(List<StepCode> sequence, StepCode step) {
        return sequence.stream().filter(s -> s != step).toList();
    }

    /**
     * Returns what holds a sequence against the rules: the pairs that it turns, and a moved step to its neighbours that are no chores.
     *
     * @param step that was moved, or null
     */
    public static Set<RunningOrder.Pin> pins(RunningOrder of, List<StepCode> sequence, StepCode step) {
        Set<RunningOrder.Pin> pins = new LinkedHashSet<>();
        OrderCheck.of(of.needs(), of.school(), sequence)
                .forEach(b -> pins.add(new RunningOrder.Pin(b.then(), b.first())));
        if (step != null) {
            int at = sequence.indexOf(step);
            neighbour(sequence, at, -1).ifPresent(before -> pins.add(new RunningOrder.Pin(before, step)));
            neighbour(sequence, at, 1).ifPresent(then -> pins.add(new RunningOrder.Pin(step, then)));
        }
        return pins;
    }

    private static Optional<StepCode> neighbour(List<StepCode> sequence, int at, int way) {
        for (int i = at + way; i >= 0 && i < sequence.size(); i += way) {
            if (sequence.get(i).layer() != WorkLayer.CHORE) {
                return Optional.of(sequence.get(i));
            }
        }
        return Optional.empty();
    }

    /**
     * Returns an order that keeps a sequence. Steps that are no longer asked for fall out; new ones go where the end is soonest; where the
     * rest breaks a rule that no pin speaks of, it is solved anew, near to what was.
     */
    public static RunningOrder kept(
            Needs needs, OrderSchool school, Cut cut, Set<RunningOrder.Pin> pins, List<StepCode> sequence) {
        StepList list = StepList.of(needs, school, cut);
        List<Step> steps = list.steps().stream().map(Step::untied).toList();
        List<Arc> arcs = RunningOrder.pinned(steps, Rules.of(steps, needs, school), pins);
        Jobs jobs;
        try {
            jobs = new Jobs(steps, arcs);
        } catch (IllegalArgumentException contradicting) {
            return RunningOrder.of(needs, school, cut, Set.of(), sequence);
        }
        int[] order = kept(jobs, steps, sequence);
        if (!jobs.allowed(order)) {
            return anew(needs, school, cut, pins, sequence);
        }
        List<Reason> remarks = list.remarks();
        return RunningOrder.of(needs, school, jobs, steps, arcs, remarks, order, jobs.least());
    }

    private static RunningOrder anew(
            Needs needs, OrderSchool school, Cut cut, Set<RunningOrder.Pin> pins, List<StepCode> near) {
        try {
            return RunningOrder.of(needs, school, cut, pins, near);
        } catch (IllegalArgumentException contradicting) {
            return RunningOrder.of(needs, school, cut, Set.of(), near);
        }
    }

    private static int[] kept(Jobs jobs, List<Step> steps, List<StepCode> sequence) {
        List<StepCode> codes = steps.stream().map(Step::code).toList();
        List<Integer> order = new ArrayList<>(sequence.stream()
                .map(codes::indexOf)
                .filter(i -> i >= 0)
                .distinct()
                .toList());
        for (int i = 0; i < steps.size(); i++) {
            if (!order.contains(i)) {
                order.add(cheapest(jobs, order, i), i);
            }
        }
        return order.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Where a new step goes: among the places that its rules allow the one with the soonest end, the earliest of equals. */
    private static int cheapest(Jobs jobs, List<Integer> order, int step) {
        int from = 0;
        int to = order.size();
        for (int k = 0; k < order.size(); k++) {
            int other = order.get(k);
            if ((jobs.before[step] >> other & 1) != 0) {
                from = Math.max(from, k + 1);
            }
            if ((jobs.before[other] >> step & 1) != 0) {
                to = Math.min(to, k);
            }
        }
        int best = Math.min(from, to);
        int soonest = Integer.MAX_VALUE;
        for (int k = from; k <= to; k++) {
            int[] tried = new int[order.size() + 1];
            for (int i = 0; i < tried.length; i++) {
                tried[i] = i < k ? order.get(i) : i == k ? step : order.get(i - 1);
            }
            int end = jobs.timed(tried).end();
            if (end < soonest) {
                soonest = end;
                best = k;
            }
        }
        return best;
    }
}
