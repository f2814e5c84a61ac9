package scree.app.sitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class RememberedTest {
    @Test
    void theSameQuestionIsAnsweredOnce() {
        Remembered<String, Integer> kept = new Remembered<>(4);
        AtomicInteger asked = new AtomicInteger();
        assertThat(kept.of("a", asked::incrementAndGet)).isEqualTo(1);
        assertThat(kept.of(new String("a"), asked::incrementAndGet))
                .as("equal by value")
                .isEqualTo(1);
        assertThat(kept.of("b", asked::incrementAndGet)).isEqualTo(2);
    }

    @Test
    void thoseAskedLongestAgoGoFirst() {
        Remembered<Integer, Integer> kept = new Remembered<>(2);
        AtomicInteger asked = new AtomicInteger();
        kept.of(1, asked::incrementAndGet);
        kept.of(2, asked::incrementAndGet);
        kept.of(1, asked::incrementAndGet);
        kept.of(3, asked::incrementAndGet);
        assertThat(kept.of(1, asked::incrementAndGet))
                .as("asked again, so kept")
                .isEqualTo(1);
        assertThat(kept.of(2, asked::incrementAndGet)).as("gone").isEqualTo(4);
    }

    @Test
    void anAnswerThatFailsIsNotKept() {
        Remembered<Integer, Integer> kept = new Remembered<>(2);
        try {
            kept.of(1, () -> {
                throw new IllegalStateException("no");
            });
        } catch (IllegalStateException expected) {
            assertThat(kept.of(1, () -> 5)).isEqualTo(5);
            return;
        }
        throw new AssertionError("the failure was swallowed");
    }
}
