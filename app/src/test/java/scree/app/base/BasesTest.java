package scree.app.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.app.kit.Product;
import scree.app.sitting.Sitting;

class BasesTest {
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "lanolin, Lanolin and nickel, -, true",
                "'fragrance, lanolin', -, reacted to LANOLIN once, true",
                "lanolin, nickel, -, false",
                "-, lanolin, -, false",
                "'; ,', lanolin, -, false"
            })
    void aProductThatListsWhatTheClientReactsToIsStruck(
            String allergens, String allergies, String reactions, boolean struck) {
        assertThat(Bases.reactsTo(sitting(allergies, reactions), product(allergens)))
                .isEqualTo(struck);
    }

    private static Sitting sitting(String allergies, String reactions) {
        return new Sitting(
                5,
                1,
                "Kofi",
                null,
                allergies,
                null,
                null,
                1,
                "Bea",
                LocalDateTime.MIN,
                40,
                "Concert",
                null,
                null,
                null,
                null,
                null,
                null,
                reactions,
                null,
                null,
                null,
                null,
                null,
                0);
    }

    private static Product product(String allergens) {
        return new Product(
                1, "Tuff", "40", "BASE", "CREAM", "MATTE", .9, 60, 9, 17, 59, 9, 17, null, null, allergens, true, 0);
    }
}
