package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import scree.app.Samples;
import scree.app.memory.Memories;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.core.colour.Lab;

class KitShelfTest {
    private static final StudioId STUDIO = new StudioId(4);
    private final ProductMapper mapper = mock();
    private final KitShelf shelf = new KitShelf(
            mapper,
            new StudioTime(Clock.fixed(Instant.parse("2026-06-20T12:00:00Z"), ZoneOffset.UTC), studio -> null),
            new Memories(new SimpleMeterRegistry()));

    private static Product base(long id, LocalDate opened, String allergens, boolean inStock) {
        return Samples.opened(Samples.base(id, "N" + id, Lab.of(60, 10, 17), 0), opened, 12)
                .withAllergens(allergens)
                .inStock(inStock);
    }

    @BeforeEach
    void aKit() {
        given(mapper.withRole(any(), any()))
                .willReturn(List.of(
                        base(1, null, null, true),
                        base(2, LocalDate.parse("2024-01-01"), null, true),
                        base(3, null, "lanolin", true),
                        base(4, null, null, false)));
    }

    @Test
    void theKitIsReadOnceUntilItsVersionRises() {
        given(mapper.kitVersion(STUDIO)).willReturn(7L, 7L, 8L);
        assertThat(shelf.of(STUDIO)).isSameAs(shelf.of(STUDIO)).isNotSameAs(shelf.of(STUDIO));
        verify(mapper, times(2)).withRole(any(), any());
    }

    @Test
    void onlyThoseThatMayHaveToStandApartAreDoubtful() {
        assertThat(shelf.of(STUDIO).doubtful()).containsExactly(1, 2, 3);
        assertThat(shelf.of(STUDIO).doubtful(0)).isFalse();
    }

    /** Thirty who come at once after a change wait for one reading. */
    @Test
    void manyAtOnceReadOnce() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        given(mapper.withRole(any(), any())).willAnswer(call -> {
            Thread.sleep(40);
            return List.of(base(1, null, null, true));
        });
        ExecutorService people = Executors.newFixedThreadPool(12);
        try {
            List<Future<KitShelf.Shelf>> shelves = IntStream.range(0, 12)
                    .mapToObj(i -> people.submit(() -> {
                        go.await();
                        return shelf.of(STUDIO);
                    }))
                    .toList();
            go.countDown();
            KitShelf.Shelf first = shelves.get(0).get();
            for (Future<KitShelf.Shelf> s : shelves) {
                assertThat(s.get()).isSameAs(first);
            }
        } finally {
            people.shutdown();
        }
        verify(mapper, times(1)).withRole(any(), any());
    }

    @Test
    void aRankingIsKeptByItsWettingAndStudiosAreKeptApart() {
        KitShelf.Shelf mine = shelf.of(STUDIO);
        assertThat(mine.onSkin(1.2)).isSameAs(mine.onSkin(1.2)).isNotSameAs(mine.onSkin(1.3));
        assertThat(shelf.of(new StudioId(5))).isNotSameAs(mine);
    }
}
