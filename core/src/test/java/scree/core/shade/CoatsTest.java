package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoatsTest {
    @ParameterizedTest
    @CsvSource({"0.25, VEIL", "0.5, HALF", "0.75, MOST", "1, ONE", "1.5, MORE"})
    void everyAmountThatIsTriedHasAWordOfItsOwn(double coats, Coats word) {
        assertThat(Coats.of(coats)).isEqualTo(word);
    }
}
