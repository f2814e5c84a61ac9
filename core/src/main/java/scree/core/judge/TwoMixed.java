package scree.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Two products of a role, mixed, that do together what neither does alone.
 *
 * @param firstParts whole parts, 1 to 2
 * @param secondParts whole parts, 1 to 2
 */
public record TwoMixed<T>(T first, int firstParts, T second, int secondParts, LaidProduct laid, Verdict verdict) {
    /** How many of the best single products are tried with each other. House choice: what lies far off alone seldom helps. */
    private static final int TRIED = 7;

    private static final int[][] PARTS = {{1, 1}, {2, 1}, {1, 2}};

    /** Returns the best mix of two that looks right, empty when none does. Products of different forms do not mix. */
    public static <T> Optional<TwoMixed<T>> of(RoleJudge judge, List<T> ranked, Function<T, LaidProduct> laid) {
        List<T> few = ranked.subList(0, Math.min(TRIED, ranked.size()));
        List<TwoMixed<T>> found = new ArrayList<>();
        for (int i = 0; i < few.size(); i++) {
            for (int j = i + 1; j < few.size(); j++) {
                LaidProduct a = laid.apply(few.get(i));
                LaidProduct b = laid.apply(few.get(j));
                if (!a.mixesWith(b)) {
                    continue;
                }
                for (int[] parts : PARTS) {
                    LaidProduct both = a.mixed(parts[0], b, parts[1]);
                    Verdict v = judge.judge(both);
                    if (v.fits()) {
                        found.add(new TwoMixed<>(few.get(i), parts[0], few.get(j), parts[1], both, v));
                    }
                }
            }
        }
        return found.stream()
                .min(Comparator.comparingDouble((TwoMixed<T> m) -> m.verdict().score()));
    }
}
