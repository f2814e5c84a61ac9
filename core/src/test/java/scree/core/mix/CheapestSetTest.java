package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class CheapestSetTest {
    private static BitSet clients(int mask) {
        return BitSet.valueOf(new long[] {mask});
    }

    @ParameterizedTest
    @Seeds(200)
    void noSetIsCheaper(Draw draw) {
        int n = draw.whole(1, 5);
        List<CheapestSet.Offer<Integer>> offers = new ArrayList<>();
        int count = draw.whole(0, 8);
        for (int i = 0; i < count; i++) {
            offers.add(new CheapestSet.Offer<>(i, draw.whole(5, 44), clients(draw.whole(0, (1 << n) - 1))));
        }
        int can = 0;
        for (var o : offers) {
            can |= o.meets().isEmpty() ? 0 : (int) o.meets().toLongArray()[0];
        }
        double least = Double.POSITIVE_INFINITY;
        for (int set = 0; set < 1 << offers.size(); set++) {
            int meets = 0;
            double price = 0;
            for (int i = 0; i < offers.size(); i++) {
                if ((set >> i & 1) == 1) {
                    price += offers.get(i).price();
                    meets |= offers.get(i).meets().isEmpty()
                            ? 0
                            : (int) offers.get(i).meets().toLongArray()[0];
                }
            }
            least = meets == can ? Math.min(least, price) : least;
        }
        CheapestSet.Choice<Integer> choice = CheapestSet.of(n, offers);
        assertThat(choice.price()).isCloseTo(least, within(1e-9));
        assertThat(choice.buy().stream().mapToDouble(i -> offers.get(i).price()).sum())
                .isCloseTo(least, within(1e-9));
        assertThat(choice.unmet()).isEqualTo(clients((1 << n) - 1 & ~can));
    }

    @Test
    void tooManyAtOnceAreRefused() {
        assertThatThrownBy(() -> CheapestSet.of(13, List.of())).hasMessageContaining("up to 12");
        assertThat(CheapestSet.of(0, List.of()).buy()).isEmpty();
    }
}
