package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.Validation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import scree.app.Samples;
import scree.core.colour.Lab;
import scree.core.shade.DryDown;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON and measured colours: bad files name what is wrong, good ones give what they say. */
class KitFilesTest {
    private final KitJson json =
            new KitJson(Validation.buildDefaultValidatorFactory().getValidator());
    private final KitCgats cgats = new KitCgats();
    private final KitRow row = new KitRow(Samples.base(4, "31", Lab.of(60.5, 9, 17), 2), null);

    private String one(String more) {
        return """
                {"kit_format": 3, "products": [{"line": "Marl", "name": "31", "role": "BASE", "form": "LIQUID", "finish": "SATIN",
                "coverage_percent": 80.0, "wet_l": 61.5, "wet_a": 9.0, "wet_b": 17.0, "settled_l": 60.5, "settled_a": 9.0,
                "settled_b": 17.0%s}]}""".formatted(more);
    }

    @Test
    void jsonThatIsNoKitSaysWhatItIs() {
        assertThat(json.read("{").problems().get(0).code()).isEqualTo("json");
        assertThat(json.read("{\"kit\": []}").problems().get(0).code()).isEqualTo("noKit");
        assertThat(json.read("{\"kit_format\": 9, \"products\": []}")
                        .problems()
                        .get(0)
                        .code())
                .isEqualTo("later");
        assertThat(json.read("{\"kit_format\": 3, \"products\": []}")
                        .problems()
                        .get(0)
                        .code())
                .isEqualTo("empty");
        assertThat(json.read(one("")).rows()).hasSize(1);
        assertThat(json.read(one(", \"glint\": 3.0")).problems())
                .extracting(KitFile.Problem::field)
                .contains("glint");
        assertThat(json.read(one(", \"colour\": 3")).problems())
                .extracting(KitFile.Problem::code)
                .containsExactly("value");
        assertThat(json.read(one(", \"price\": \"12\"")).problems())
                .extracting(KitFile.Problem::field)
                .containsExactly("price");
    }

    @Test
    void measuredColoursComeInByNameAndSettleAsBefore() {
        String text = cgats.write(List.of(row.product()));
        assertThat(text).contains("\"Marl 31\" 60.50 9.00 17.00").contains("BEGIN_DATA_FORMAT");
        LocalDate today = LocalDate.of(2026, 6, 20);
        KitFile same = cgats.read(text, List.of(row), today);
        assertThat(same.rows().get(0).product().recorded()).isEqualTo(Lab.of(60.5, 9, 17));
        KitFile other = cgats.read(text.replace("60.50", "58.25"), List.of(row), today);
        Product p = other.rows().get(0).product();
        assertThat(p.recorded().lightness()).isEqualTo(58.25);
        assertThat(p.wet().lightness()).isEqualTo(59.25);
        assertThat(p.swatch().measure()).isEqualTo(Measure.meter(today));
        assertThat(cgats.read(text.replace("Marl 31", "Marl 32"), List.of(row), today)
                        .problems())
                .extracting(KitFile.Problem::code)
                .containsExactly("notInKit");
        assertThat(cgats.read("BEGIN_DATA\n1 x\nEND_DATA", List.of(row), today).problems())
                .extracting(KitFile.Problem::code)
                .containsExactly("rule");
    }

    @Test
    void aFileSaysWhatIsNewChangedSameAndMissing() {
        KitRow other = new KitRow(Samples.base(5, "33", Lab.of(50, 9, 17), 0), null);
        KitRow same = new KitRow(row.product().stored(0, 0), null);
        KitRow deeper =
                new KitRow(other.product().with(Swatch.of(Lab.of(48, 9, 17))).stored(0, 0), null);
        KitRow fresh = new KitRow(Samples.base(0, "35", Lab.of(40, 9, 14), 0), null);
        KitMerge merge = KitMerge.of(
                List.of(same, deeper, fresh),
                List.of(row, other, new KitRow(Samples.base(6, "37", Lab.of(30, 9, 9), 0), null)));
        assertThat(merge.same()).isEqualTo(1);
        assertThat(merge.fresh()).containsExactly(fresh);
        assertThat(merge.missing()).containsExactly("Marl 37");
        assertThat(merge.changed()).singleElement().satisfies(c -> {
            assertThat(c.will().product().id()).isEqualTo(5);
            assertThat(c.parts()).extracting(KitMerge.Part::column).containsExactly("wet_l", "settled_l");
        });
    }

    /** A file that brings measured colours once left the old dry-down and doubt on them, so the old colour was counted on. */
    @Test
    void otherColoursNeverKeepWhatWasKnownOfTheOld() {
        Swatch old = new Swatch(
                Lab.of(61.5, 9, 17),
                Lab.of(60.5, 9, 17),
                new DryDown.Shift(-4, 0, 0),
                new Measure(Measure.By.SHEET, LocalDate.of(2026, 1, 1), .9, .3));
        KitRow stored = new KitRow(row.product().with(old), null);
        Product anew =
                row.product().measured(Lab.of(51, 9, 17), Lab.of(50, 9, 17), Measure.meter(LocalDate.of(2026, 6, 20)));
        KitMerge merge = KitMerge.of(List.of(new KitRow(anew.stored(0, 0), null)), List.of(stored));
        Product will = merge.changed().get(0).will().product();
        assertThat(will.settled().lightness()).isEqualTo(50);
        assertThat(will.learned()).isFalse();
        assertThat(will.swatch().measure()).isEqualTo(Measure.meter(LocalDate.of(2026, 6, 20)));
    }

    /** The schema that others write against knows every column, what is needed, and every word. */
    @Test
    void theSchemaIsWhatIsReadAndWritten() throws IOException {
        JsonNode product = new JsonMapper()
                .readTree(Files.readString(Path.of("../docs/kit.schema.json")))
                .at("/properties/products/items");
        assertThat(product.path("properties").propertyNames())
                .containsExactlyInAnyOrderElementsOf(
                        KitLine.COLUMNS.stream().map(KitLine.Column::name).toList());
        List<String> needed = new ArrayList<>();
        product.path("required").forEach(n -> needed.add(n.asString()));
        assertThat(needed)
                .containsExactlyInAnyOrderElementsOf(KitLine.COLUMNS.stream()
                        .filter(KitLine.Column::needed)
                        .map(KitLine.Column::name)
                        .toList());
        for (KitLine.Column column : KitLine.COLUMNS) {
            if (column.type().isEnum()) {
                List<String> words = new ArrayList<>();
                product.at("/properties/" + column.name() + "/enum").forEach(w -> words.add(w.asString()));
                assertThat(words)
                        .as(column.name())
                        .containsExactlyInAnyOrderElementsOf(
                                Stream.of(column.type().getEnumConstants())
                                        .map(Object::toString)
                                        .toList());
            }
        }
    }
}
