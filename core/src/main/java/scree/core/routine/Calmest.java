package scree.core.routine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Of the orders that end in time, a calm one: a beam over sequences, then runs of one to four jobs moved while that is calmer. Good, not
 * proven best; the shortest sequence that is known is never dropped, so it cannot fail.
 */
final class Calmest {
    static final int WIDTH = 40;
    private static final int ROUNDS = 4;
    private static final int LONGEST_RUN = 4;

    private final Jobs jobs;
    private final Restless restless;
    private final int limit;
    private final Preemptive hand;
    /** Place of each job in an order to stay near to, or null. */
    private final int[] prefer;

    private Calmest(Jobs jobs, Restless restless, int limit, int[] prefer) {
        this.jobs = jobs;
        this.restless = restless;
        this.limit = limit;
        this.hand = new Preemptive(jobs.n);
        this.prefer = prefer;
    }

    /** A sequence so far. */
    private record State(int cost, int[] sequence, long done, int t, int[] ready, int[] due, int last) {}

    private record Key(long done, int last) {}

    private static final Comparator<State> BETTER = Comparator.comparingInt(State::cost)
            .thenComparingInt(State::t)
            .thenComparing(State::sequence, Arrays::compare);

    /**
     * Returns a calm sequence.
     *
     * @param known one that ends in time
     * @param limit latest end
     * @param prefer place of each job in an order to stay near to, or null
     */
    static int[] of(Jobs jobs, Restless restless, int limit, int[] known, int[] prefer) {
        Calmest calmest = new Calmest(jobs, restless, limit, prefer);
        return calmest.improved(calmest.beam(known));
    }

    private int[] beam(int[] known) {
        int[] due = new int[jobs.n];
        Arrays.fill(due, Integer.MAX_VALUE);
        State life = new State(0, new int[0], 0, 0, jobs.head.clone(), due, -1);
        List<State> beam = List.of(life);
        for (int depth = 0; depth < jobs.n; depth++) {
            Map<Key, State> next = new HashMap<>();
            State lives = null;
            for (State s : beam) {
                for (State n : after(s, depth)) {
                    next.merge(new Key(n.done(), n.last()), n, (a, b) -> BETTER.compare(a, b) <= 0 ? a : b);
                    boolean alive = s == life && n.sequence()[depth] == known[depth];
                    lives = alive ? n : lives;
                }
            }
            life = lives;
            beam = narrowed(next, life);
        }
        return beam.stream().min(BETTER).orElseThrow().sequence();
    }

    private List<State> narrowed(Map<Key, State> next, State life) {
        List<State> beam = new ArrayList<>();
        for (State s : next.values().stream().sorted(BETTER).toList()) {
            if (least(s) <= limit) {
                beam.add(s);
            }
            if (beam.size() == WIDTH) {
                break;
            }
        }
        if (life != null && beam.stream().noneMatch(s -> s == life)) {
            beam.add(life);
        }
        return beam;
    }

    private int least(State s) {
        hand.clear();
        for (int i = 0; i < jobs.n; i++) {
            if ((s.done() >> i & 1) == 0) {
                hand.add(s.ready()[i], jobs.hands[i], jobs.tail[i]);
            }
        }
        return hand.end(s.t());
    }

    private List<State> after(State s, int depth) {
        List<Integer> open = new ArrayList<>();
        int lowest = Integer.MAX_VALUE;
        for (int i = 0; i < jobs.n; i++) {
            if (jobs.open(i, s.done())) {
                open.add(i);
                lowest = Math.min(lowest, restless.rank(i));
            }
        }
        List<State> all = new ArrayList<>();
        for (int i : open) {
            int start = Math.max(s.t(), s.ready()[i]);
            if (start + jobs.hands[i] + jobs.tail[i] <= limit && inTime(s, start)) {
                all.add(then(s, i, start, depth, cost(s, i, start, depth, lowest) + turned(i, open)));
            }
        }
        return all;
    }

    private static boolean inTime(State s, int start) {
        for (int limit : s.due()) {
            if (start > limit) {
                return false;
            }
        }
        return true;
    }

    private int cost(State s, int i, int start, int depth, int lowest) {
        int idle = Restless.IDLE * (start - s.t());
        if (restless.chore(i)) {
            return idle + Restless.CHORE + Restless.CHORE_EARLY * (jobs.n - depth);
        }
        int change = s.last() < 0 ? 0 : restless.change(s.last(), i);
        int ahead = restless.look(i) ? 0 : Restless.AHEAD * (restless.rank(i) - lowest) / 100;
        return idle + change + ahead;
    }

    private int turned(int i, List<Integer> open) {
        if (prefer == null) {
            return 0;
        }
        return Restless.TURNED
                * (int) open.stream().filter(j -> prefer[j] < prefer[i]).count();
    }

    private State then(State s, int i, int start, int depth, int cost) {
        int stop = start + jobs.hands[i];
        int[] ready = s.ready().clone();
        for (Jobs.Lag l : jobs.later.get(i)) {
            ready[l.job()] = Math.max(ready[l.job()], stop + l.halves());
        }
        int[] due = s.due().clone();
        due[i] = Integer.MAX_VALUE;
        for (Jobs.Lag l : jobs.due.get(i)) {
            due[l.job()] = Math.min(due[l.job()], stop + l.halves());
        }
        int[] sequence = Arrays.copyOf(s.sequence(), depth + 1);
        sequence[depth] = i;
        return new State(
                s.cost() + cost, sequence, s.done() | 1L << i, stop, ready, due, restless.chore(i) ? s.last() : i);
    }

    private int[] improved(int[] sequence) {
        int[] best = sequence;
        int cost = restless.of(best);
        for (int round = 0; round < ROUNDS; round++) {
            int[] calmer = calmer(best, cost);
            if (calmer == null) {
                return best;
            }
            best = calmer;
            cost = restless.of(best);
        }
        return best;
    }

    /** One round of moves, or null when none was calmer. */
    private int[] calmer(int[] from, int startCost) {
        int[] best = from;
        int cost = startCost;
        for (int length = 1; length <= LONGEST_RUN; length++) {
            for (int i = 0; i + length <= jobs.n; i++) {
                for (int k = 0; k + length <= jobs.n; k++) {
                    int[] moved = k == i ? best : moved(best, i, length, k);
                    if (k != i && restless.of(moved) < cost && fits(moved)) {
                        best = moved;
                        cost = restless.of(best);
                        break;
                    }
                }
            }
        }
        return best == from ? null : best;
    }

    private boolean fits(int[] sequence) {
        if (!jobs.allowed(sequence)) {
            return false;
        }
        Jobs.Timed timed = jobs.timed(sequence);
        return timed.inTime() && timed.end() <= limit;
    }

    private static int[] moved(int[] sequence, int from, int length, int to) {
        int[] out = new int[sequence.length];
        int[] rest = new int[sequence.length - length];
        System.arraycopy(sequence, 0, rest, 0, from);
        System.arraycopy(sequence, from + length, rest, from, rest.length - from);
        System.arraycopy(rest, 0, out, 0, to);
        System.arraycopy(sequence, from, out, to, length);
        System.arraycopy(rest, to, out, to + length, rest.length - to);
        return out;
    }
}
