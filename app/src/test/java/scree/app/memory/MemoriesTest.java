package scree.app.memory;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.benmanes.caffeine.cache.Cache;
import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import org.junit.jupiter.api.Test;

class MemoriesTest {
    private final SimpleMeterRegistry registry = new SimpleMeterRegistry();
    private final Memories memories = new Memories(registry);

    @Test
    void aMemoryIsBoundedAndItsHitsAreCountedUnderItsName() {
        Cache<Integer, Integer> squares = memories.keep("squares", 10);
        for (int i = 0; i < 100; i++) {
            squares.get(i, n -> n * n);
        }
        squares.get(99, n -> n * n);
        squares.cleanUp();
        assertThat(squares.estimatedSize()).isLessThanOrEqualTo(10);
        assertThat(registry.get("cache.gets")
                        .tags("cache", "squares", "result", "miss")
                        .functionCounter()
                        .count())
                .isGreaterThanOrEqualTo(100);
    }

    @Test
    void whatWeighsTooMuchIsNotKept() {
        Cache<Integer, String> texts = memories.keep("texts", 8, (Integer key, String text) -> text.length());
        texts.put(1, "short");
        texts.put(2, "far too long to be kept");
        texts.cleanUp();
        assertThat(texts.asMap()).containsOnlyKeys(1);
    }
}
