package scree.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class VariedTest {
    @Test
    void theBestOfEachKindComesFirstAndNoKindTwice() {
        List<String> ranked = List.of("rose 1", "rose 2", "peach 1", "berry 1", "peach 2", "brick 1");
        assertThat(Varied.of(ranked, s -> s.split(" ")[0], 3)).containsExactly("rose 1", "peach 1", "berry 1");
        assertThat(Varied.of(ranked, s -> s.split(" ")[0], 9)).hasSize(4);
        assertThat(Varied.of(List.<String>of(), s -> s, 3)).isEmpty();
    }
}
