package scree.core.routine;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.reason.Reason;

/**
 * The order of a sitting: the shortest total time with waits filled and, among the shortest, a calm course.
 *
 * @param timed steps in the order they are done
 * @param arcs rules that hold, by index into {@link #steps}
 * @param steps in the order of the catalogue
 * @param remarks on the needs themselves
 * @param end in half minutes
 * @param bound no order ends sooner, half minutes
 */
public record RunningOrder(
        Needs needs,
        OrderSchool school,
        List<Timed> timed,
        List<Step> steps,
        List<Arc> arcs,
        List<Reason> remarks,
        int end,
        int bound) {
    /** States looked at before the best found so far is taken; past it the gap is shown. House choice. */
    private static final int BUDGET = 4000;

    /** The same where placed creams may have no order at all. */
    private static final int BUDGET_PLACED = 2000;

    /** A step with its time, half minutes from the start of the sitting. */
    public record Timed(Step step, int start) {
        public int end() {
            return start + step.hands();
        }
    }

    /** A pair that a hand put in order. */
    public record Pin(StepCode first, StepCode then) {}

    public RunningOrder {
        timed = List.copyOf(timed);
        steps = List.copyOf(steps);
        arcs = List.copyOf(arcs);
        remarks = List.copyOf(remarks);
    }

    /** Returns the order of a school. */
    public static RunningOrder of(Needs needs, OrderSchool school) {
        return of(needs, school, Cut.none(), Set.of(), List.of());
    }

    /**
     * Returns the order with what a hand asked for.
     *
     * @param pins pairs in the order that a hand gave them; they beat every rule
     * @param near an order to stay near to, empty for none
     * @throws IllegalArgumentException when the pins contradict each other
     */
    public static RunningOrder of(Needs needs, OrderSchool school, Cut cut, Set<Pin> pins, List<StepCode> near) {
        StepList list = StepList.of(needs, school, cut);
        List<Step> steps = list.steps();
        List<Arc> arcs = pinned(steps, Rules.of(steps, needs, school), pins);
        List<Reason> remarks = new ArrayList<>(list.remarks());
        boolean placed = arcs.stream().anyMatch(a -> a.reason() == OrderCode.PLACE_THEN_BLEND);
        Jobs jobs = new Jobs(steps, arcs);
        Shortest.Found found = Shortest.of(jobs, placed ? BUDGET_PLACED : BUDGET);
        if (found.sequence() == null && placed) { // more is placed than stays open: half a face at a time
            arcs = unlimited(arcs, EnumSet.of(OrderCode.PLACE_THEN_BLEND));
            remarks.add(Reason.check(OrderCode.PLACE_TOO_LONG));
            jobs = new Jobs(steps, arcs);
            found = Shortest.of(jobs, BUDGET);
        }
        if (found.sequence() == null) { // something else sets before its turn comes
            arcs = unlimited(arcs, EnumSet.complementOf(EnumSet.of(OrderCode.CREASE_PRESSED)));
            remarks.add(Reason.check(OrderCode.TOO_LATE));
            jobs = new Jobs(steps, arcs);
            found = Shortest.of(jobs, BUDGET);
        }
        int[] prefer = near.isEmpty() ? null : places(jobs, steps, near);
        int[] sequence = Calmest.of(jobs, new Restless(jobs, needs, school), found.end(), found.sequence(), prefer);
        return of(needs, school, jobs, steps, arcs, remarks, sequence, found.bound());
    }

    static RunningOrder of(
            Needs needs,
            OrderSchool school,
            Jobs jobs,
            List<Step> steps,
            List<Arc> arcs,
            List<Reason> remarks,
            int[] sequence,
            int bound) {
        Jobs.Timed times = jobs.timed(sequence);
        List<Timed> timed = new ArrayList<>();
        for (int job : sequence) {
            int t = times.start()[job];
            for (int i : jobs.members(job)) {
                timed.add(new Timed(steps.get(i), t));
                t += steps.get(i).hands();
            }
        }
        return new RunningOrder(needs, school, timed, steps, arcs, remarks, times.end(), bound);
    }

    /** A hand move beats taste, caution and error: the rule it goes against is gone, and {@link OrderCheck} names it. */
    static List<Arc> pinned(List<Step> steps, List<Arc> arcs, Set<Pin> pins) {
        if (pins.isEmpty()) {
            return arcs;
        }
        Map<StepCode, Integer> index = new EnumMap<>(StepCode.class);
        for (int i = 0; i < steps.size(); i++) {
            index.put(steps.get(i).code(), i);
        }
        List<Arc> all = new ArrayList<>(arcs.stream()
                .filter(a -> !pins.contains(
                        new Pin(steps.get(a.to()).code(), steps.get(a.from()).code())))
                .toList());
        LayerReason hand = LayerReason.taste(OrderCode.BY_HAND);
        for (Pin pin : pins) {
            Integer first = index.get(pin.first());
            Integer then = index.get(pin.then());
            if (first != null && then != null) {
                all.add(new Arc(first, then, 0, null, hand.code(), hand.severity()));
            }
        }
        return all;
    }

    private static List<Arc> unlimited(List<Arc> arcs, Set<OrderCode> of) {
        return arcs.stream()
                .map(a -> of.contains(a.reason()) ? a.unlimited() : a)
                .toList();
    }

    private static int[] places(Jobs jobs, List<Step> steps, List<StepCode> near) {
        int[] places = new int[jobs.n];
        java.util.Arrays.fill(places, near.size());
        for (int i = 0; i < steps.size(); i++) {
            int at = near.indexOf(steps.get(i).code());
            if (at >= 0) {
                places[jobs.jobOf(i)] = at;
            }
        }
        return places;
    }

    /** Returns the names of the steps in the order they are done. */
    public List<StepCode> codes() {
        return timed.stream().map(t -> t.step().code()).toList();
    }

    /** Returns a step with its time, empty when it is not in this order. */
    public Optional<Timed> find(StepCode code) {
        return timed.stream().filter(t -> t.step().code() == code).findFirst();
    }

    /** Returns whether no order ends sooner. */
    public boolean proven() {
        return end == bound;
    }

    /** Returns how long hands are on the client, half minutes. */
    public int hands() {
        return steps.stream().mapToInt(Step::hands).sum();
    }

    /** Returns zones that any step works on. */
    public Set<WorkZone> zones() {
        Set<WorkZone> all = new LinkedHashSet<>();
        timed.forEach(t -> all.addAll(t.step().zones()));
        return all;
    }
}
