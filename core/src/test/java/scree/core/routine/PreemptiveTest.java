package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The lower bound is one: no order of jobs that are not split ends sooner, and for jobs that are all there it is exact. */
class PreemptiveTest {
    private record Job(int head, int hands, int tail) {}

    private static int bound(List<Job> jobs) {
        Preemptive hand = new Preemptive(jobs.size());
        jobs.forEach(j -> hand.add(j.head(), j.hands(), j.tail()));
        return hand.end(0);
    }

    /** Every order, by brute force. */
    private static int best(List<Job> jobs, int done, int t, int end) {
        int best = done == (1 << jobs.size()) - 1 ? end : Integer.MAX_VALUE;
        for (int i = 0; i < jobs.size(); i++) {
            if ((done >> i & 1) == 0) {
                Job j = jobs.get(i);
                int stop = Math.max(t, j.head()) + j.hands();
                best = Math.min(best, best(jobs, done | 1 << i, stop, Math.max(end, stop + j.tail())));
            }
        }
        return best;
    }

    @Seeds(300)
    void noOrderEndsSooner(Draw draw) {
        List<Job> jobs =
                new ArrayList<>(draw.list(1, 6, () -> new Job(draw.whole(0, 12), draw.whole(1, 6), draw.whole(0, 10))));
        assertThat(bound(jobs)).isLessThanOrEqualTo(best(jobs, 0, 0, 0));
        List<Job> there =
                jobs.stream().map(j -> new Job(0, j.hands(), j.tail())).toList();
        assertThat(bound(there)).as("all there: exact").isEqualTo(best(there, 0, 0, 0));
    }

    @Test
    void aNewcomerWithALongerTailInterrupts() {
        assertThat(bound(List.of(new Job(0, 10, 0), new Job(2, 1, 9)))).isEqualTo(12);
    }
}
