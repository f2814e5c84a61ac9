package scree.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Steps as the scheduler sees them: tied ones are one job, rules between them are least and most lags between jobs, and what lies before
 * and behind each is known. One pair of hands, one job at a time, none is split.
 */
final class Jobs {
    /** Sets of jobs are kept as bits. */
    static final int MOST = 64;

    private static final int NONE = -1;

    /** A wait to another job. */
    record Lag(int job, int halves) {}

    final int n;
    final int[] hands;
    /** Least time from the start of all to the start of a job, and from its end to the end of all: sharpened by what one pair of hands can do. */
    final int[] head;

    final int[] tail;
    /** Jobs that must be done before, as bits. */
    final long[] before;

    final List<List<Lag>> earlier;
    final List<List<Lag>> later;
    final List<List<Lag>> due;
    private final List<Step> steps;
    private final int[][] members;
    private final int[] jobOf;
    private final int[] topological;

    /**
     * Prepares steps.
     *
     * @throws IllegalArgumentException for more jobs than can be ordered exactly, and for rules that contradict each other
     */
    Jobs(List<Step> steps, List<Arc> arcs) {
        this.steps = steps;
        this.jobOf = new int[steps.size()];
        this.members = tied(steps);
        this.n = members.length;
        if (n > MOST) {
            throw new IllegalArgumentException("%d steps are more than one sitting holds: split it".formatted(n));
        }
        this.hands = new int[n];
        int[] earlierInJob = new int[steps.size()];
        for (int j = 0; j < n; j++) {
            for (int i : members[j]) {
                jobOf[i] = j;
                earlierInJob[i] = hands[j];
                hands[j] += steps.get(i).hands();
            }
        }
        this.earlier = lists();
        this.later = lists();
        this.due = lists();
        this.before = new long[n];
        lags(arcs, earlierInJob);
        this.topological = sorted();
        this.head = new int[n];
        this.tail = new int[n];
        sharpen();
    }

    private static int[][] tied(List<Step> steps) {
        List<int[]> all = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            boolean two = steps.get(i).tied() && i + 1 < steps.size();
            all.add(two ? new int[] {i, i + 1} : new int[] {i});
            i += two ? 1 : 0;
        }
        return all.toArray(int[][]::new);
    }

    private List<List<Lag>> lists() {
        List<List<Lag>> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(new ArrayList<>());
        }
        return all;
    }

    private void lags(List<Arc> arcs, int[] earlierInJob) {
        int[][] least = new int[n][n];
        int[][] most = new int[n][n];
        for (int i = 0; i < n; i++) {
            Arrays.fill(least[i], NONE);
            Arrays.fill(most[i], Integer.MAX_VALUE);
        }
        for (Arc arc : arcs) {
            int a = jobOf[arc.from()];
            int b = jobOf[arc.to()];
            if (a != b) {
                int own = steps.get(arc.from()).hands();
                int inside = hands[a] - earlierInJob[arc.from()] - own + earlierInJob[arc.to()];
                least[a][b] = Math.max(least[a][b], Math.max(0, arc.least() - inside));
                most[a][b] = arc.most() == null ? most[a][b] : Math.min(most[a][b], arc.most() - inside);
            }
        }
        for (int a = 0; a < n; a++) {
            for (int b = 0; b < n; b++) {
                if (least[a][b] != NONE) {
                    earlier.get(b).add(new Lag(a, least[a][b]));
                    later.get(a).add(new Lag(b, least[a][b]));
                    before[b] |= 1L << a;
                    if (most[a][b] != Integer.MAX_VALUE) {
                        due.get(a).add(new Lag(b, most[a][b]));
                    }
                }
            }
        }
    }

    private int[] sorted() {
        int[] order = new int[n];
        long done = 0;
        for (int k = 0; k < n; k++) {
            int next = NONE;
            for (int i = n - 1; i >= 0; i--) {
                if ((done >> i & 1) == 0 && (before[i] & ~done) == 0) {
                    next = i;
                }
            }
            if (next == NONE) {
                throw new IllegalArgumentException("the rules contradict each other among " + contradicting(done));
            }
            order[k] = next;
            done |= 1L << next;
        }
        return order;
    }

    private List<StepCode> contradicting(long done) {
        List<StepCode> left = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            if ((done >> i & 1) == 0) {
                left.add(first(i).code());
            }
        }
        return left;
    }

    /** Longest paths, then what one pair of hands needs for all that lies before and behind. */
    private void sharpen() {
        int[][] far = new int[n][n];
        for (int k = n - 1; k >= 0; k--) {
            int i = topological[k];
            Arrays.fill(far[i], NONE);
            for (Lag l : later.get(i)) {
                int j = l.job();
                far[i][j] = Math.max(far[i][j], l.halves());
                for (int m = 0; m < n; m++) {
                    if (far[j][m] != NONE) {
                        far[i][m] = Math.max(far[i][m], l.halves() + hands[j] + far[j][m]);
                    }
                }
            }
        }
        Preemptive hand = new Preemptive(n);
        for (int j : topological) {
            hand.clear();
            for (int i = 0; i < n; i++) {
                if (far[i][j] != NONE) {
                    head[j] = Math.max(head[j], head[i] + hands[i] + far[i][j]);
                    hand.add(head[i], hands[i], far[i][j]);
                }
            }
            head[j] = Math.max(head[j], hand.end(0));
        }
        for (int k = n - 1; k >= 0; k--) {
            int i = topological[k];
            hand.clear();
            for (int j = 0; j < n; j++) {
                if (far[i][j] != NONE) {
                    tail[i] = Math.max(tail[i], far[i][j] + hands[j] + tail[j]);
                    hand.add(far[i][j], hands[j], tail[j]);
                }
            }
            tail[i] = Math.max(tail[i], hand.end(0));
        }
    }

    /** Returns the least end that one pair of hands can reach. */
    int least() {
        Preemptive hand = new Preemptive(n);
        for (int i = 0; i < n; i++) {
            hand.add(head[i], hands[i], tail[i]);
        }
        return hand.end(0);
    }

    /** Returns the set of all. */
    long all() {
        return n == MOST ? -1L : (1L << n) - 1;
    }

    Step first(int job) {
        return steps.get(members[job][0]);
    }

    Step last(int job) {
        return steps.get(members[job][members[job].length - 1]);
    }

    int[] members(int job) {
        return members[job];
    }

    int jobOf(int step) {
        return jobOf[step];
    }

    /** Returns whether a job may be next. */
    boolean open(int job, long done) {
        return (done >> job & 1) == 0 && (before[job] & ~done) == 0;
    }

    /** A sequence with its times. */
    record Timed(int[] start, int end, boolean inTime) {}

    /** Returns when each job of a sequence starts, as early as it can. */
    Timed timed(int[] sequence) {
        int[] start = new int[n];
        int t = 0;
        for (int i : sequence) {
            for (Lag l : earlier.get(i)) {
                t = Math.max(t, start[l.job()] + hands[l.job()] + l.halves());
            }
            start[i] = t;
            t += hands[i];
        }
        boolean inTime = true;
        for (int a = 0; a < n; a++) {
            for (Lag l : due.get(a)) {
                inTime &= start[l.job()] <= start[a] + hands[a] + l.halves();
            }
        }
        return new Timed(start, t, inTime);
    }

    /** Returns whether a sequence keeps every rule. */
    boolean allowed(int[] sequence) {
        long done = 0;
        for (int i : sequence) {
            if ((before[i] & ~done) != 0) {
                return false;
            }
            done |= 1L << i;
        }
        return true;
    }
}
