package scree.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;

/**
 * The least total time. Four list schedules first; where the best of them misses the lower bound, depth first over active sequences, cut by
 * {@link Preemptive} and by states that were reached as well before. Within its budget it is exact; past it the gap is known.
 */
final class Shortest {
    /** States kept for a set of done jobs. */
    private static final int KEPT = 8;

    private static final int NO_DUE = Integer.MAX_VALUE;

    private final Jobs jobs;
    private final int budget;
    private final Preemptive hand;
    private final Map<Long, List<int[]>> seen = new HashMap<>();
    private final int[] sequence;
    private int[] best;
    private int end = Integer.MAX_VALUE;
    private int bound;
    private int nodes;

    private Shortest(Jobs jobs, int budget) {
        this.jobs = jobs;
        this.budget = budget;
        this.hand = new Preemptive(jobs.n);
        this.sequence = new int[jobs.n];
    }

    /**
     * What was found.
     *
     * @param sequence of jobs, or null where no order keeps within all latest times
     * @param bound no order ends sooner
     */
    record Found(int[] sequence, int end, int bound, boolean proven) {}

    static Found of(Jobs jobs, int budget) {
        return new Shortest(jobs, budget).found();
    }

    private Found found() {
        bound = jobs.least();
        list(i -> -jobs.tail[i]);
        list(i -> -(jobs.tail[i] + jobs.hands[i]));
        list(i -> -1000.0
                        * jobs.later.get(i).stream()
                                .mapToInt(Jobs.Lag::halves)
                                .max()
                                .orElse(0)
                - jobs.tail[i]);
        list(i -> -jobs.tail[i] / (double) Math.max(1, jobs.hands[i]));
        if (end > bound) {
            int[] due = new int[jobs.n];
            Arrays.fill(due, NO_DUE);
            go(0, 0, 0, jobs.head.clone(), due);
        }
        boolean proven = best != null && (end == bound || nodes <= budget);
        return new Found(best, best == null ? bound : end, proven && best != null ? end : bound, proven);
    }

    /** Returns the least end of what is left from a time on. */
    private int least(long left, int now, int[] ready) {
        hand.clear();
        for (int i = 0; i < jobs.n; i++) {
            if ((left >> i & 1) != 0) {
                hand.add(ready[i], jobs.hands[i], jobs.tail[i]);
            }
        }
        return hand.end(now);
    }

    /** Of the jobs that can start soonest, the one of the least key. */
    private void list(IntToDoubleFunction key) {
        long done = 0;
        int t = 0;
        int[] ready = new int[jobs.n];
        int[] order = new int[jobs.n];
        for (int k = 0; k < jobs.n; k++) {
            int next = -1;
            for (int i = 0; i < jobs.n; i++) {
                if (jobs.open(i, done) && (next < 0 || sooner(i, next, t, ready, key))) {
                    next = i;
                }
            }
            order[k] = next;
            t = Math.max(t, ready[next]) + jobs.hands[next];
            done |= 1L << next;
            for (Jobs.Lag l : jobs.later.get(next)) {
                ready[l.job()] = Math.max(ready[l.job()], t + l.halves());
            }
        }
        Jobs.Timed timed = jobs.timed(order);
        if (timed.inTime() && timed.end() < end) {
            best = order;
            end = timed.end();
        }
    }

    private static boolean sooner(int i, int than, int t, int[] ready, IntToDoubleFunction key) {
        int a = Math.max(t, ready[i]);
        int b = Math.max(t, ready[than]);
        return a < b || a == b && key.applyAsDouble(i) < key.applyAsDouble(than);
    }

    private void go(int depth, long done, int t, int[] ready, int[] due) {
        nodes++;
        if (nodes > budget || end == bound) {
            return;
        }
        if (depth == jobs.n) {
            if (t < end) {
                best = sequence.clone();
                end = t;
            }
            return;
        }
        if (known(done, t, ready, due)) {
            return;
        }
        for (int i : candidates(done, t, ready)) {
            int start = Math.max(t, ready[i]);
            if (late(i, start, due)) {
                continue;
            }
            int stop = start + jobs.hands[i];
            int[] then = ready.clone();
            for (Jobs.Lag l : jobs.later.get(i)) {
                then[l.job()] = Math.max(then[l.job()], stop + l.halves());
            }
            long now = done | 1L << i;
            if (Math.max(stop + jobs.tail[i], least(jobs.all() & ~now, stop, then)) >= end) {
                continue;
            }
            int[] dues = due.clone();
            dues[i] = NO_DUE;
            for (Jobs.Lag l : jobs.due.get(i)) {
                dues[l.job()] = Math.min(dues[l.job()], stop + l.halves());
            }
            sequence[depth] = i;
            go(depth + 1, now, stop, then, dues);
        }
    }

    /** Jobs that start before the first possible end of another: only these make a sequence that wastes nothing. */
    private int[] candidates(long done, int t, int[] ready) {
        int first = Integer.MAX_VALUE;
        for (int i = 0; i < jobs.n; i++) {
            if (jobs.open(i, done)) {
                first = Math.min(first, Math.max(t, ready[i]) + jobs.hands[i]);
            }
        }
        List<Integer> open = new ArrayList<>();
        for (int i = 0; i < jobs.n; i++) {
            if (jobs.open(i, done) && Math.max(t, ready[i]) < first) {
                open.add(i);
            }
        }
        open.sort((a, b) -> {
            int by = Integer.compare(Math.max(t, ready[a]), Math.max(t, ready[b]));
            by = by != 0 ? by : Integer.compare(jobs.tail[b], jobs.tail[a]);
            return by != 0 ? by : Integer.compare(a, b);
        });
        return open.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Whether a job, or one that is due, would start too late. */
    private static boolean late(int job, int start, int[] due) {
        for (int limit : due) {
            if (start > limit) {
                return true;
            }
        }
        return start > due[job];
    }

    /** Whether the same jobs were done before, no later in anything. */
    private boolean known(long done, int t, int[] ready, int[] due) {
        int[] state = new int[1 + 2 * jobs.n];
        state[0] = t;
        for (int i = 0; i < jobs.n; i++) {
            if ((done >> i & 1) == 0) {
                state[1 + 2 * i] = Math.max(t, ready[i]);
                state[2 + 2 * i] = -due[i];
            }
        }
        List<int[]> states = seen.computeIfAbsent(done, k -> new ArrayList<>());
        for (int[] old : states) {
            if (noLater(old, state)) {
                return true;
            }
        }
        if (states.size() < KEPT) {
            states.add(state);
        }
        return false;
    }

    private static boolean noLater(int[] old, int[] state) {
        for (int i = 0; i < old.length; i++) {
            if (old[i] > state[i]) {
                return false;
            }
        }
        return true;
    }
}
