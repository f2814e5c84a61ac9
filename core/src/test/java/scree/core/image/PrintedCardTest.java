package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import scree.core.colour.Spectrum;

class PrintedCardTest {
    @Test
    void aFileOfSpectraGivesTheDesignBack() {
        PrintedCard read = PrintedCard.read("mine", spectraCsv());
        assertThat(read.spectraKnown()).isTrue();
        for (int i = 0; i < 24; i++) {
            assertThat(read.fields()
                            .get(i)
                            .colour()
                            .differenceFrom(CardLayout.fields().get(i).colour()))
                    .as("field %d", i + 1)
                    .isLessThan(0.5);
        }
    }

    @Test
    void aKeywordFileOfColoursUnderD50IsBroughtToD65() {
        // grey stays grey whatever the white; a D50 value of a neutral field must not turn blue
        PrintedCard read = PrintedCard.read("mine", keywordFile("D50"));
        CardField grey = read.fields().get(21);
        assertThat(read.spectraKnown()).isFalse();
        assertThat(grey.colour().chroma()).isLessThan(0.2);
        PrintedCard same = PrintedCard.read("mine", keywordFile("D65"));
        assertThat(same.fields().get(0).colour().lightness())
                .isCloseTo(CardLayout.fields().get(0).colour().lightness(), within(0.01));
        // a skin-like field seen under D50 is told yellower in D50 terms by about 1 to 3 units
        assertThat(read.fields()
                        .get(0)
                        .colour()
                        .differenceFrom(same.fields().get(0).colour()))
                .isBetween(0.2, 4.0);
    }

    @Test
    void aMixedUpOrderIsToldByTheFieldThatIsFarOff() {
        String swapped = keywordFile("D65")
                .replaceFirst("\n1 ", "\nX ")
                .replaceFirst("\n24 ", "\n1 ")
                .replaceFirst("\nX ", "\n24 ");
        assertThatThrownBy(() -> PrintedCard.read("mine", swapped))
                .hasMessageContaining("field 1 is")
                .hasMessageContaining("order of the lines");
    }

    @Test
    void aMissingFieldAShortLineAndAWordForANumberAreNamed() {
        assertThatThrownBy(() -> PrintedCard.read("mine", keywordFile("D65").replaceFirst("\n7 [^\n]*", "")))
                .hasMessageContaining("field 7 is missing");
        assertThatThrownBy(() -> PrintedCard.read("mine", "field,L,a,b\n1,50,3\n"))
                .hasMessageContaining("line 2 has 3 columns");
        assertThatThrownBy(() -> PrintedCard.read("mine", "field,L,a,b\n1,fifty,3,4\n"))
                .hasMessageContaining("line 2, LAB_L: fifty is no number");
        assertThatThrownBy(() -> PrintedCard.read("mine", "not a card at all"))
                .hasMessageContaining("no measured colours");
    }

    @Test
    void guessedSpectraKeepTheMeasuredColour() {
        PrintedCard card = PrintedCard.ofColours(
                "lab only", CardLayout.fields().stream().map(CardField::colour).toList());
        for (CardField field : card.fields()) {
            assertThat(field.reflectance().toLab().differenceFrom(field.colour()))
                    .isLessThan(0.1);
        }
    }

    private static String spectraCsv() {
        String head = IntStream.range(0, Spectrum.BANDS)
                .mapToObj(i -> "R" + Spectrum.wavelength(i))
                .collect(Collectors.joining(",", "field,", "\n"));
        return head
                + CardLayout.fields().stream()
                        .map(f -> f.number() + ","
                                + IntStream.range(0, Spectrum.BANDS)
                                        .mapToObj(i -> String.format(
                                                Locale.ROOT,
                                                "%.6f",
                                                f.reflectance().at(i)))
                                        .collect(Collectors.joining(",")))
                        .collect(Collectors.joining("\n"));
    }

    private static String keywordFile(String white) {
        return "CGATS.17\nWEIGHTING_FUNCTION \"ILLUMINANT, " + white + "\"\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\n"
                + "SAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nNUMBER_OF_SETS 24\nBEGIN_DATA\n"
                + CardLayout.fields().stream()
                        .map(f -> String.format(
                                Locale.ROOT,
                                "%d %.3f %.3f %.3f",
                                f.number(),
                                f.colour().lightness(),
                                f.colour().a(),
                                f.colour().b()))
                        .collect(Collectors.joining("\n"))
                + "\nEND_DATA\n";
    }
}
