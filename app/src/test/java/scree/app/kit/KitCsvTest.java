package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.Validation;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;

class KitCsvTest {
    private static final String HEADER = String.join(",", KitCsv.HEADER) + "\n";
    private static final String GOOD = "Marl,31,BASE,LIQUID,SATIN,78,61,9,17,60,9.5,18,2026-03-09,12,,yes\n";
    private final KitCsv csv =
            new KitCsv(Validation.buildDefaultValidatorFactory().getValidator());

    @Test
    void whatGoesOutComesBackTheSame() {
        Product product = new Product(
                0,
                "Marl",
                "=31, \"deep\"",
                Role.BASE,
                Form.LIQUID,
                Finish.SATIN,
                .78,
                Swatch.of(Lab.of(61.5, 9.25, 17), Lab.of(60, 9.5, 18)),
                Traits.UNTOLD,
                new Opened(LocalDate.of(2026, 3, 9), 12),
                "lanolin, nickel",
                Stock.OUT,
                0);
        String text = csv.write(List.of(new KitRow(product, null)));
        assertThat(text).contains("'=31"); // a spreadsheet must not run it
        KitFile preview = read(text);
        assertThat(preview.problems()).isEmpty();
        assertThat(preview.products()).containsExactly(product);
    }

    @Test
    void everythingOfAProductGoesOutAndComesBack() {
        Product measured = Product.fresh(
                        "Tuff",
                        "glow",
                        Role.BLUSH,
                        Form.POWDER,
                        Finish.MATTE,
                        .0932,
                        new Swatch(
                                Lab.of(61.5, 9.25, 17),
                                Lab.of(60, 9.5, 18),
                                new DryDown.Shift(-2.1234, .5, -.25),
                                new Measure(Measure.By.SHEET, LocalDate.of(2026, 6, 20), .8879, .2583)))
                .with(new Opened(LocalDate.of(2026, 3, 9), 12));
        Formula formula = new Formula(0, Carrier.SILICONE, 1.06, 32.5, 30.0, 1.3333, false);
        KitRow row = new KitRow(measured, formula);
        String text = csv.write(List.of(row));
        KitFile preview = read(text);
        assertThat(preview.problems()).isEmpty();
        assertThat(preview.rows()).containsExactly(row);
        assertThat(csv.write(preview.rows())).isEqualTo(text);
    }

    @Test
    void aFileOfTheFirstFormatStillReads() {
        KitFile preview = read(String.join(",", KitCsv.HEADER.subList(0, 16)) + "\n" + GOOD);
        assertThat(preview.problems()).isEmpty();
        assertThat(preview.rows().get(0).formula()).isNull();
        assertThat(preview.products().get(0).swatch().measure()).isEqualTo(Measure.TYPED);
    }

    @Test
    void whatIsKnownHalfOrOutOfRangeIsNamed() {
        String first = "Marl,31,BASE,LIQUID,SATIN,78,61,9,17,60,9.5,18,2026-03-09,12,,yes,";
        assertThat(read(HEADER + first + "HONEY,,,,,,,,,,,,,,,,,,,,,,,2\n").problems())
                .extracting(KitFile.Problem::field)
                .containsExactly("carrier");
        assertThat(read(HEADER + first + "WATER,50,,,200,SHEET,,,,1,,,90,,,,,,maybe,,,,,9\n")
                        .problems())
                .extracting(KitFile.Problem::field)
                .containsExactlyInAnyOrder(
                        "density", "strength", "measured_on", "learned_l", "glint", "alcohol", "kit_format");
    }

    @Test
    void everyProblemNamesLineFieldAndWayOut() {
        KitFile preview = read(HEADER + GOOD
                + "Marl,33,BASS,LIQUID,SATIN,78,61,9,17,60,9,18,,,,\n"
                + "Marl,35,BASE,LIQUID,SATIN,78,abc,9,17,160,9,18,9.3.2026,twelve,,\n"
                + ",37,BASE,LIQUID,SATIN,780,61,9,17,60,9,18,,,,\n");
        assertThat(preview.problems()).extracting(KitFile.Problem::line).contains(3L, 4L, 5L);
        assertThat(preview.problems()).anySatisfy(p -> {
            assertThat(p.field()).isEqualTo("role");
            assertThat(p.code()).isEqualTo("choice");
            assertThat(p.args()[0]).isEqualTo("BASS");
            assertThat((String) p.args()[1]).contains("CONCEALER");
        });
        assertThat(preview.problems())
                .extracting(KitFile.Problem::field)
                .contains("wet_l", "settled_l", "opened_on", "months_open", "line", "coverage_percent");
    }

    @Test
    void aNameTwiceInTheFileIsTold() {
        KitFile twice = read(HEADER + GOOD + GOOD);
        assertThat(twice.problems()).singleElement().satisfies(p -> {
            assertThat(p.line()).isEqualTo(3);
            assertThat(p.code()).isEqualTo("twice");
        });
    }

    @Test
    void wrongFilesGetOneClearSentence() {
        assertThat(read("").problems()).hasSize(1);
        assertThat(read("a,b,c\n1,2,3\n").problems().get(0).code()).isEqualTo("missing");
        assertThat(read("a;b;c\n1;2;3\n").problems().get(0).code()).isEqualTo("semicolons");
        assertThat(read("a\tb\tc\n1\t2\t3\n").problems().get(0).code()).isEqualTo("tabs");
        assertThat(csv.read((HEADER + GOOD).getBytes(StandardCharsets.UTF_16LE))
                        .problems()
                        .get(0)
                        .code())
                .isEqualTo("utf16");
        assertThat(read(HEADER + GOOD + "x\0y").problems().get(0).code()).isEqualTo("nul");
        assertThat(csv.read(new byte[] {'l', (byte) 0xff, (byte) 0xfe})
                        .problems()
                        .get(0)
                        .code())
                .isEqualTo("encoding");
        assertThat(read(HEADER).problems().get(0).code()).isEqualTo("empty");
    }

    private KitFile read(String text) {
        return csv.read(text.getBytes(StandardCharsets.UTF_8));
    }
}
