package scree.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * What is offered of a role to one who cannot be looked at again: a few that part from each other, for an offer of three near-twins is an offer of
 * one, and those that fit with room before those that only just do, for a reading from home may be off by more than that room.
 */
public final class Varied {
    private Varied() {}

    /**
     * Returns what looks right, with room first, each half in the order given.
     *
     * @param bestFirst what there is
     * @param verdict what comes of one
     */
    public static <T> List<T> steady(List<T> bestFirst, Function<T, Verdict> verdict) {
        return bestFirst.stream()
                .filter(one -> verdict.apply(one).fits())
                .sorted(Comparator.comparing(one -> verdict.apply(one).just()))
                .toList();
    }

    /**
     * Returns the best of each kind, the best first.
     *
     * @param bestFirst what there is
     * @param kind what two of must not be alike
     * @param most at least 1
     */
    public static <T, K> List<T> of(List<T> bestFirst, Function<T, K> kind, int most) {
        List<T> chosen = new ArrayList<>();
        Set<K> had = new HashSet<>();
        for (T one : bestFirst) {
            if (chosen.size() < most && had.add(kind.apply(one))) {
                chosen.add(one);
            }
        }
        return chosen;
    }
}
