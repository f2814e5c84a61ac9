package scree.app.memory;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Weigher;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.cache.CaffeineCacheMetrics;
import org.springframework.stereotype.Component;

/** Makes memories of a bounded size that are counted: what is asked for least goes first. */
@Component
public class Memories {
    private final MeterRegistry registry;

    public Memories(MeterRegistry registry) {
        this.registry = registry;
    }

    /**
     * @param name under which it is counted, one a memory
     * @param most answers that are kept
     * @param <K> the whole question, compared by value
     * @param <V> its answer, immutable
     */
    public <K, V> Cache<K, V> keep(String name, long most) {
        return counted(
                name, Caffeine.newBuilder().maximumSize(most).recordStats().build());
    }

    /** @param most weight that is kept */
    public <K, V> Cache<K, V> keep(String name, long most, Weigher<K, V> weigher) {
        return counted(
                name,
                Caffeine.newBuilder()
                        .maximumWeight(most)
                        .weigher(weigher)
                        .recordStats()
                        .build());
    }

    private <K, V> Cache<K, V> counted(String name, Cache<K, V> cache) {
        return CaffeineCacheMetrics.monitor(registry, cache, name);
    }
}
