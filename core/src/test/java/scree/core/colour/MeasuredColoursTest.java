package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Measured colours out of files that people have: what is read, and what is said of what cannot be. */
class MeasuredColoursTest {
    private static String spectral(String prefix, double factor) {
        String header = IntStream.range(0, Spectrum.BANDS)
                .mapToObj(i -> prefix + (380 + 10 * i))
                .collect(Collectors.joining(","));
        String values = IntStream.range(0, Spectrum.BANDS)
                .mapToObj(i -> String.format(Locale.ROOT, "%.4f", factor * (.2 + .01 * i)))
                .collect(Collectors.joining(","));
        return "id," + header + "\nA1," + values + "\n";
    }

    @ParameterizedTest
    @ValueSource(strings = {",", ";", "\t"})
    void plainColumnsAreReadWhateverDividesThem(String comma) {
        String text = "# my print\nname,L,a,b\nfield 1,62.5,10,-3.25\n\nfield 2,40,0,0\n".replace(",", comma);
        MeasuredColours read = MeasuredColours.read(text);
        assertThat(read.lines()).hasSize(2);
        assertThat(read.lines().get(0).name()).isEqualTo("field 1");
        assertThat(read.lines().get(0).number()).as("as an editor counts").isEqualTo(3);
        assertThat(read.lines().get(0).colour()).isEqualTo(Lab.of(62.5, 10, -3.25));
        assertThat(read.lines().get(0).spectrum()).isEmpty();
    }

    @Test
    void aStandardTableIsTakenAsD50UnlessItSaysD65() {
        String table = """
                CGATS.17
                %s
                NUMBER_OF_FIELDS 4
                BEGIN_DATA_FORMAT
                SAMPLE_ID LAB_L LAB_A LAB_B
                END_DATA_FORMAT
                BEGIN_DATA
                "patch one" 61 10 17
                END_DATA
                """;
        Lab d65 = MeasuredColours.read(table.formatted("ILLUMINANT D65"))
                .lines()
                .get(0)
                .colour();
        Lab d50 = MeasuredColours.read(table.formatted("ORIGINATOR \"x\""))
                .lines()
                .get(0)
                .colour();
        assertThat(d65).isEqualTo(Lab.of(61, 10, 17));
        assertThat(d50.differenceFrom(d65)).as("adapted, so a little other").isBetween(.2, 4.0);
        assertThat(MeasuredColours.read(table.formatted("")).lines().get(0).name())
                .isEqualTo("patch one");
    }

    /** A grey is the same grey under either white. */
    @Test
    void adaptationLeavesGreysGrey() {
        String table =
                "BEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 50 0 0\nEND_DATA\n";
        Lab grey = MeasuredColours.read(table).lines().get(0).colour();
        assertThat(grey.lightness()).isCloseTo(50, within(.05));
        assertThat(grey.chroma()).isLessThan(.05);
    }

    @ParameterizedTest
    @CsvSource({"R, 1", "nm, 1", "SPECTRAL_NM_, 1", "R_, 100", "SPECTRAL_PCT_, 100"})
    void spectraAreReadAsSharesOrPerCent(String prefix, double factor) {
        MeasuredColours.Line line =
                MeasuredColours.read(spectral(prefix, factor)).lines().get(0);
        assertThat(line.spectrum()).isPresent();
        assertThat(line.spectrum().get().at(0)).isCloseTo(.2, within(1e-6));
        assertThat(line.spectrum().get().at(35)).isCloseTo(.55, within(1e-6));
        assertThat(line.colour()).isEqualTo(line.spectrum().get().toLab());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'name,L,a,b\nx,61,10'| line 2 has 3 columns, its header 4",
                "'name,L,a,b\nx,61,ten,17'| line 2, LAB_A: ten is no number; use a dot",
                "'name,L,a,b\nx,161,10,17'| line 2, LAB_L",
                "'name,L,a,b\nx,NaN,10,17'| line 2, LAB_L",
                "'name,a,b\nx,10,17'| line 2 has no LAB_L",
                "'name,L,a,b\n'| no measured colours were found",
                "''| no measured colours were found",
                "'id,R380,R390\nA,.2,.3'| line 2 has 2 of 36 spectral columns"
            })
    void whatCannotBeReadIsNamedWithItsLineAndTheWayOut(String text, String says) {
        assertThatThrownBy(() -> MeasuredColours.read(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(says.strip());
    }

    @Test
    void aFileWithoutEndIsRefusedBeforeItIsRead() {
        assertThatThrownBy(() -> MeasuredColours.read("L,a,b\n".repeat(25_001)))
                .hasMessageContaining("more than 25000 lines");
    }

    /** Hostile text gets a sentence, never another exception. */
    @Seeds(400)
    void anyTextIsReadOrRefusedWithASentence(Draw draw) {
        String text = draw.text(160);
        String tried = "L,a,b\n" + text;
        try {
            assertThat(MeasuredColours.read(tried).lines()).isNotEmpty();
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }
}
