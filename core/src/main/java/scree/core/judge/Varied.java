package scree.core.judge;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** A few that part from each other out of a list that is ordered by worth: an offer of three near-twins is an offer of one. */
public final class Varied {
    private Varied() {}

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
