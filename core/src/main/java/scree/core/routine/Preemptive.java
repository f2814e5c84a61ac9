package scree.core.routine;

import java.util.Arrays;

/**
 * Jackson's preemptive schedule: of the jobs that are open the one with the longest tail runs, and a newcomer with a longer one interrupts
 * it. Its end, tails included, is the least that one pair of hands can reach, so no order ends sooner. J. R. Jackson, 1955; J. Carlier,
 * 1982, doi:10.1016/S0377-2217(82)80007-6.
 */
final class Preemptive {
    private final int[] head;
    private final int[] hands;
    private final int[] tail;
    private final int[] left;
    private final int[] byHead;
    private int n;

    Preemptive(int most) {
        head = new int[most];
        hands = new int[most];
        tail = new int[most];
        left = new int[most];
        byHead = new int[most];
    }

    void clear() {
        n = 0;
    }

    /** Adds a job that may start at head, takes so long, and is followed by a tail. */
    void add(int from, int takes, int after) {
        head[n] = from;
        hands[n] = takes;
        tail[n] = after;
        n++;
    }

    /** Returns the least end of all that was added, none before now. */
    int end(int now) {
        for (int i = 0; i < n; i++) {
            head[i] = Math.max(now, head[i]);
            left[i] = hands[i];
            insert(i);
        }
        int t = now;
        int end = now;
        int come = 0;
        int open = 0;
        boolean[] ready = new boolean[n];
        while (come < n || open > 0) {
            if (open == 0) {
                t = Math.max(t, head[byHead[come]]);
            }
            while (come < n && head[byHead[come]] <= t) {
                ready[byHead[come++]] = true;
                open++;
            }
            int run = longest(ready);
            int until = come == n ? left[run] : Math.min(left[run], head[byHead[come]] - t);
            t += until;
            left[run] -= until;
            if (left[run] == 0) {
                ready[run] = false;
                open--;
                end = Math.max(end, t + tail[run]);
            }
        }
        return end;
    }

    /** Keeps the first jobs sorted by head: few are added at a time, and most come nearly sorted. */
    private void insert(int i) {
        int at = i;
        while (at > 0 && head[byHead[at - 1]] > head[i]) {
            byHead[at] = byHead[at - 1];
            at--;
        }
        byHead[at] = i;
    }

    private int longest(boolean[] ready) {
        int best = -1;
        for (int i = 0; i < n; i++) {
            if (ready[i] && (best < 0 || tail[i] > tail[best])) {
                best = i;
            }
        }
        return best;
    }

    @Override
    public String toString() {
        return "heads %s, hands %s, tails %s"
                .formatted(
                        Arrays.toString(Arrays.copyOf(head, n)),
                        Arrays.toString(Arrays.copyOf(hands, n)),
                        Arrays.toString(Arrays.copyOf(tail, n)));
    }
}
