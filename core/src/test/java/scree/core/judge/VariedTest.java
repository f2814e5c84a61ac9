package scree.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;

class VariedTest {
    @Test
    void theBestOfEachKindComesFirstAndNoKindTwice() {
        List<String> ranked = List.of("rose 1", "rose 2", "peach 1", "berry 1", "peach 2", "brick 1");
        assertThat(Varied.of(ranked, s -> s.split(" ")[0], 3)).containsExactly("rose 1", "peach 1", "berry 1");
        assertThat(Varied.of(ranked, s -> s.split(" ")[0], 9)).hasSize(4);
        assertThat(Varied.of(List.<String>of(), s -> s, 3)).isEmpty();
    }

    private static Verdict verdict(Looks looks, double margin) {
        Lab any = Lab.of(60, 10, 15);
        return new Verdict(1, any, any, any, looks, 1, 1, margin, .1);
    }

    /** Bare order by score put one that only just fits before one with room. */
    @Test
    void whatFitsWithRoomComesBeforeWhatOnlyJustDoesAndTheRestNotAtAll() {
        Map<String, Verdict> of = Map.of(
                "just, nearest", verdict(Looks.FITS, .1),
                "with room", verdict(Looks.FITS, 2),
                "ashy", verdict(Looks.ASHY, -1),
                "with room, further", verdict(Looks.FITS, 1.5));
        assertThat(Varied.steady(List.of("just, nearest", "ashy", "with room", "with room, further"), of::get))
                .containsExactly("with room", "with room, further", "just, nearest");
    }
}
