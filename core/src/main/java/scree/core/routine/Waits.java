package scree.core.routine;

import java.util.ArrayList;
import java.util.List;

/** Waits of an order: what settles, what is done meanwhile, and what is left idle. */
public final class Waits {
    private Waits() {}

    /**
     * One wait. Half minutes from the start of the sitting.
     *
     * @param step that settles
     * @param from its end
     * @param to when it has settled, or when what waits for it starts, if that is sooner
     * @param filledBy what is done meanwhile
     * @param idle half minutes of it in which hands are free
     */
    public record Wait(StepCode step, int from, int to, List<StepCode> filledBy, int idle) {
        public Wait {
            filledBy = List.copyOf(filledBy);
        }

        /** Returns half minutes. */
        public int length() {
            return to - from;
        }
    }

    /**
     * Hands that have nothing to do. Half minutes.
     *
     * @param before the step that they wait to do
     * @param waitsFor what settles
     */
    public record Idle(int from, int to, StepCode before, List<StepCode> waitsFor) {
        public Idle {
            waitsFor = List.copyOf(waitsFor);
        }
    }

    /** Returns every wait that something waits for, in the order of the work. */
    public static List<Wait> of(RunningOrder order) {
        List<Wait> all = new ArrayList<>();
        for (RunningOrder.Timed t : order.timed()) {
            int index = order.steps().indexOf(t.step());
            int longest = 0;
            int first = Integer.MAX_VALUE;
            for (Arc arc : order.arcs()) {
                if (arc.from() == index && arc.least() > 0) {
                    longest = Math.max(longest, arc.least());
                    first = Math.min(first, start(order, arc.to()));
                }
            }
            if (longest > 0) {
                int to = Math.min(first, t.end() + longest);
                if (to > t.end()) {
                    all.add(wait(order, t, to));
                }
            }
        }
        return all;
    }

    private static int start(RunningOrder order, int step) {
        return order.find(order.steps().get(step).code()).orElseThrow().start();
    }

    private static Wait wait(RunningOrder order, RunningOrder.Timed of, int to) {
        List<StepCode> filled = new ArrayList<>();
        int idle = to - of.end();
        for (RunningOrder.Timed t : order.timed()) {
            int done = Math.min(t.end(), to) - Math.max(t.start(), of.end());
            if (t != of && done > 0) {
                filled.add(t.step().code());
                idle -= done;
            }
        }
        return new Wait(of.step().code(), of.end(), to, filled, idle);
    }

    /** Returns when hands are free and what they wait for. */
    public static List<Idle> idle(RunningOrder order) {
        List<Idle> all = new ArrayList<>();
        int t = 0;
        for (RunningOrder.Timed next : order.timed()) {
            if (next.start() > t) {
                int index = order.steps().indexOf(next.step());
                List<StepCode> causes = order.arcs().stream()
                        .filter(a -> a.to() == index)
                        .filter(a -> order.find(order.steps().get(a.from()).code())
                                                .orElseThrow()
                                                .end()
                                        + a.least()
                                == next.start())
                        .map(a -> order.steps().get(a.from()).code())
                        .toList();
                all.add(new Idle(t, next.start(), next.step().code(), causes));
            }
            t = next.end();
        }
        return all;
    }

    /** Returns how much later each step could start without the end moving, half minutes, in the order of the work; 0 is critical. */
    public static List<Integer> slack(RunningOrder order) {
        int n = order.timed().size();
        int[] latest = new int[n];
        for (int k = n - 1; k >= 0; k--) {
            RunningOrder.Timed t = order.timed().get(k);
            int end = k + 1 < n ? latest[k + 1] : order.end();
            int index = order.steps().indexOf(t.step());
            for (Arc arc : order.arcs()) {
                if (arc.from() == index) {
                    int at = order.codes().indexOf(order.steps().get(arc.to()).code());
                    end = at > k ? Math.min(end, latest[at] - arc.least()) : end;
                }
            }
            latest[k] = end - t.step().hands();
        }
        List<Integer> slack = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            slack.add(latest[k] - order.timed().get(k).start());
        }
        return slack;
    }
}
