package scree.app.sitting;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Remembers the latest answers to questions that have only one answer, so that every page of a sitting need not work them out
 * anew. Safe for several threads; two that ask at once may both work it out.
 *
 * @param <K> the whole question, compared by value
 * @param <V> its answer, immutable
 */
public final class Remembered<K, V> {
    private final Map<K, V> kept;

    /** @param most answers that are kept; those asked longest ago go first */
    public Remembered(int most) {
        kept = new LinkedHashMap<>(16, .75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    public V of(K question, Supplier<V> answer) {
        synchronized (kept) {
            V known = kept.get(question);
            if (known != null) {
                return known;
            }
        }
        V fresh = answer.get();
        synchronized (kept) {
            kept.put(question, fresh);
        }
        return fresh;
    }
}
