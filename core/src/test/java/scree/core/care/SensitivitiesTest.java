package scree.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A label that names what a client reacts to is found, however either of them spells it; rather one caution too many. */
class SensitivitiesTest {
    @ParameterizedTest
    @CsvSource({
        "lanolin, Lanolin and nickel",
        "'fragrance, lanolin', reacted to LANOLIN once",
        "lanolin, lanolin alcohol",
        "lanolin alcohol, lanolin",
        "lanolin, wool wax alcohols",
        "Adeps Lanae, wool",
        "lanolin, lanoline",
        "Acetylated lanolin, lanolin",
        "parfum, perfume",
        "linalool, fragrances",
        "'talc; Limonene', scent",
        "methylparaben, parabens",
        "Methylisothiazolinone, isothiazolinones",
        "quaternium-15, formaldehyde",
        "cera alba, bees",
        "beeswax, honey and propolis",
        "CI 75470, carmine",
        "carmine, 'cochineal (E120)'",
        "ethyl cyanoacrylate, lash glue",
        "Prunus Amygdalus Dulcis oil, nuts",
        "arachis oil, peanuts",
        "hydrolyzed wheat protein, gluten",
        "latex, not allergic to latex",
        "nickel, 'jewellery, cheap'",
        "colophonium, rosin",
        "ethylhexyl methoxycinnamate, sunscreen",
        "titanium dioxide, CI 77891",
        "dimethicone, silicones",
        "chamomilla recutita, ragweed",
        "p-phenylenediamine, black henna",
        "nickle, nickel",
        "propolis, própolis"
    })
    void whatIsMeantTheSameMeets(String listed, String told) {
        assertThat(Sensitivities.of(told).meet(listed)).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "lanolin, nickel",
                "-, lanolin",
                "lanolin, -",
                "'; ,', lanolin",
                "lanolin, no known allergies",
                "jojoba seed oil, almond oil",
                "citric acid, hyaluronic acid",
                "talc, none",
                "rose extract, green tea extract",
                "wax, milk"
            })
    void whatIsNotMeantTheSameDoesNot(String listed, String told) {
        assertThat(Sensitivities.of(told).meet(listed)).isFalse();
    }

    @Test
    void everyTextCountsAndTheNameOnTheLabelIsTold() {
        Sensitivities told = Sensitivities.of("nickel", null, "wool");
        assertThat(told.met("talc, Lanolin, parfum")).contains("Lanolin");
        assertThat(Sensitivities.of(null, " ").none()).isTrue();
    }

    /** Every name of the table meets every other name of its family, so no entry is dead. */
    @Test
    void everyNameMeetsItsFamily() {
        for (AllergenFamily family : AllergenFamily.values()) {
            for (String name : family.names()) {
                String word = name.startsWith("*") ? "pre" + name.substring(1) : name;
                for (String other : family.names()) {
                    String told = other.startsWith("*") ? "pre" + other.substring(1) : other;
                    assertThat(Sensitivities.of(told).meet(word))
                            .as(told + " / " + word)
                            .isTrue();
                }
            }
        }
        assertThat(Arrays.stream(AllergenFamily.values())
                        .mapToInt(f -> f.names().size())
                        .sum())
                .isGreaterThan(200);
    }
}
