package scree.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import scree.app.kit.Measure;
import scree.app.kit.Product;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.image.PictureIntake;
import scree.core.image.PrintedCard;
import scree.core.shade.Role;
import scree.core.swatch.FieldRead;
import scree.core.swatch.SheetReader;
import scree.core.swatch.SheetRefused;
import scree.core.swatch.Swatched;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.SheetScene;
import scree.standins.camera.Shot;
import scree.standins.makeup.MadeUpProduct;

/**
 * The demo kit as its swatch sheets measured it: every product with a colour is smeared on simulated sheets, photographed just laid
 * and settled, and read as an artist's own pictures are. Rendering the sheets takes minutes, so their result ships as a table; {@link
 * Portraits#main} makes it anew.
 */
final class DemoSwatches {
    private static final String FILE = "portraits/measured.csv";
    private static final String[] COLUMNS = {
        "line", "name", "wet_l", "wet_a", "wet_b", "l", "a", "b", "contrast", "doubt", "slope"
    };
    /** Below this contrast a product is laid twice, usual and thick. House choice, as the sheet asks. */
    private static final double THIN = .6;

    private static final double THICK = 1.2;
    private static final double SLOPE = .3;
    private static final int FIELDS = 12;
    private static final int WIDTH = 1500;
    private static final double KELVIN = 5500;
    private static final double KELVIN_STEP = 70;
    private static final float JPEG_QUALITY = .9f;

    private DemoSwatches() {}

    /** One product on a sheet, with the field that it begins on. */
    private record Laid(Product product, int field) {
        boolean twice() {
            return product.contrastRatio() < THIN;
        }

        Map<Integer, SheetScene.Coat> coats(Lab colour) {
            MadeUpProduct smeared = MadeUpProduct.smooth(colour, SLOPE);
            double usual = KubelkaMunk.thicknessFor(smeared.opaque(), product.contrastRatio());
            SheetScene.Coat coat = SheetScene.Coat.even(smeared, usual);
            return twice() ? Map.of(field, coat, field + 1, SheetScene.Coat.even(smeared, THICK)) : Map.of(field, coat);
        }

        Swatched.At read(List<FieldRead> fields) {
            return new Swatched.At(fields.get(field - 1), twice() ? fields.get(field) : null);
        }
    }

    /** Returns the kit as it was measured; what no sheet could tell stays as it was typed. */
    static List<Product> measured(List<Product> made) {
        Map<String, CSVRecord> rows = shipped();
        return made.stream()
                .map(p -> Optional.ofNullable(rows.get(p.fullName()))
                        .map(r -> taken(p, r))
                        .orElse(p))
                .toList();
    }

    private static Product taken(Product p, CSVRecord r) {
        LocalDate on = p.opened().on();
        Measure by = new Measure(Measure.By.SHEET, on, figure(r, "doubt"), figure(r, "slope"));
        return p.hiding(figure(r, "contrast"))
                .measured(
                        Lab.of(figure(r, "wet_l"), figure(r, "wet_a"), figure(r, "wet_b")),
                        Lab.of(figure(r, "l"), figure(r, "a"), figure(r, "b")),
                        by);
    }

    private static double figure(CSVRecord r, String column) {
        return Double.parseDouble(r.get(column));
    }

    private static Map<String, CSVRecord> shipped() {
        try (InputStream file = DemoSwatches.class.getResourceAsStream(FILE)) {
            Map<String, CSVRecord> rows = new HashMap<>();
            if (file != null) {
                Reader text = new InputStreamReader(file, StandardCharsets.UTF_8);
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get()
                        .parse(text)
                        .forEach(r -> rows.put((r.get("line") + " " + r.get("name")).strip(), r));
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(FILE, e);
        }
    }

    /** Renders and reads all sheets and writes what they say beside the portraits. */
    static void write(Path home) throws IOException {
        List<String> lines = new ArrayList<>(List.of(String.join(",", COLUMNS)));
        List<List<Laid>> sheets = sheets(DemoKit.made(LocalDate.of(2026, 6, 20)));
        for (int i = 0; i < sheets.size(); i++) {
            lines.addAll(rows(i, sheets.get(i)));
        }
        Files.write(home.resolve(Path.of(FILE).getFileName()), lines);
    }

    /** Returns the rows of one sheet of the made kit, for a test that they are what ships. */
    static List<String> rows(int sheet) {
        return rows(sheet, sheets(DemoKit.made(LocalDate.of(2026, 6, 20))).get(sheet));
    }

    private static List<List<Laid>> sheets(List<Product> kit) {
        List<List<Laid>> sheets = new ArrayList<>();
        List<Laid> now = new ArrayList<>();
        int field = 1;
        for (Product p : kit) {
            boolean plain =
                    p.role().thing() || p.role() == Role.SKIN_CARE || p.traits().colourless();
            if (plain) {
                continue;
            }
            Laid laid = new Laid(p, field);
            if (laid.twice() && field % 2 == 0) {
                laid = new Laid(p, ++field);
            }
            if (field + (laid.twice() ? 1 : 0) > FIELDS) {
                sheets.add(now);
                now = new ArrayList<>();
                field = 1;
                laid = new Laid(p, field);
            }
            now.add(laid);
            field += laid.twice() ? 2 : 1;
        }
        sheets.add(now);
        return sheets;
    }

    private static List<String> rows(int number, List<Laid> sheet) {
        List<FieldRead> wet = read(number, sheet, false);
        List<FieldRead> settled = read(number, sheet, true);
        List<String> rows = new ArrayList<>();
        for (Laid laid : sheet) {
            Product p = laid.product();
            Swatched.of(laid.read(wet), laid.read(settled), p.form())
                    .ifPresent(s -> rows.add(row(p.line(), p.name(), s)));
        }
        return rows;
    }

    private static List<FieldRead> read(int number, List<Laid> sheet, boolean dry) {
        Map<Integer, SheetScene.Coat> coats = new HashMap<>();
        sheet.forEach(l ->
                coats.putAll(l.coats(dry ? l.product().recorded() : l.product().wet())));
        SheetScene scene = new SheetScene(SheetScene.Setting.careful(number + 2), coats);
        double kelvin = KELVIN + KELVIN_STEP * (number % 5) + (dry ? KELVIN_STEP : 0);
        byte[] jpeg = PictureIntake.encodeJpeg(
                scene.shoot(Camera.quiet(5), Lamp.daylight(kelvin), Shot.withCard(2L * number + (dry ? 1 : 0)), WIDTH),
                JPEG_QUALITY);
        try {
            return SheetReader.read(PictureIntake.read(jpeg), PrintedCard.design())
                    .kept();
        } catch (SheetRefused refused) {
            throw new IllegalStateException("sheet " + number, refused);
        }
    }

    private static String row(String line, String name, Swatched s) {
        return String.format(
                Locale.ROOT,
                "%s,%s,%s,%s,%.3f,%.2f,%.3f",
                line,
                name,
                lab(s.wet()),
                lab(s.settled()),
                s.contrast(),
                s.doubt(),
                s.slope());
    }

    private static String lab(Lab c) {
        return String.format(Locale.ROOT, "%.2f,%.2f,%.2f", c.lightness(), c.a(), c.b());
    }
}
