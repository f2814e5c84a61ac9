package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AllergensTest {
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "lanolin, Lanolin and nickel, -, true",
                "'fragrance, lanolin', -, reacted to LANOLIN once, true",
                "lanolin, nickel, -, false",
                "-, lanolin, -, false",
                "lanolin, -, -, false",
                "'; ,', lanolin, -, false"
            })
    void aListedWordIsFoundInWhatWasTold(String listed, String allergies, String reactions, boolean found) {
        assertThat(Allergens.anyIn(listed, allergies, reactions)).isEqualTo(found);
    }
}
