package scree.app.demo;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import scree.app.kit.Formula;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Told;
import scree.core.shade.Traits;
import scree.core.skin.ReferenceCurve;

/** Some two hundred invented products in lines named after stone and soil. Colours follow skin at each depth, not any maker. */
final class DemoKit {
    private final List<Product> products = new ArrayList<>();
    private final LocalDate today;

    private DemoKit(LocalDate today) {
        this.today = today;
    }

    /** Returns the kit as its swatch sheets measured it. */
    static List<Product> all(LocalDate today) {
        return DemoSwatches.measured(made(today));
    }

    /** Returns the kit as it was made up, which only the simulated camera may know. */
    static List<Product> made(LocalDate today) {
        DemoKit kit = new DemoKit(today);
        kit.bases();
        kit.rest();
        return kit.products;
    }

    /** Things that could be bought, for the planner. */
    static final String FOR_SALE = """
            Marl 9, 80, 5.5, 14.5, water, 32
            Lichen O0, 78, 2.4, 10, water, 28
            Loam G7, 29, 2.5, 7, silicone, 36
            Loess 13, 29, 12.5, 11.5, water, 28
            Marl 22, 60, 10, 17.5, water, 32
            """;

    /** Returns what a line's products are in a mix; empty for what is never mixed. */
    static Optional<Formula> formula(Product p) {
        return switch (p.line()) {
            case "Marl" -> Optional.of(of(p, Carrier.WATER, 1.06, 32, 30));
            case "Loess", "Lichen" -> Optional.of(of(p, Carrier.WATER, 1.03, 28, 30));
            case "Loam" -> Optional.of(of(p, Carrier.SILICONE, 1.10, 36, 30));
            case "Tuff" -> Optional.of(of(p, Carrier.OIL, 0.96, 34, 20));
            case "Shale" -> Optional.of(of(p, Carrier.OIL, 0.95, 26, 12));
            case "Flint" -> Optional.of(of(p, Carrier.POWDER, 0.8, 30, 10));
            case "Lime" -> Optional.of(of(p, Carrier.ANY, 1.12, 14, 10));
            default -> Optional.empty();
        };
    }

    private static Formula of(Product p, Carrier carrier, double density, double price, double ml) {
        Double strength = p.role() == Role.MIXER ? 1.0 : null; // these drops are as strong as a base
        return new Formula(p.id(), carrier, density, price, ml, strength, false);
    }

    private void bases() {
        for (int i = 0; i < 17; i++) {
            double l = 77 - 2.75 * i;
            double[] leans = {-6, 0, 6};
            int kind = i % 3;
            base("Marl", String.valueOf(2 * i + 11), Form.LIQUID, Finish.SATIN, .78, l, leans[kind], 0, 2.0, i);
        }
        for (int i = 0; i < 12; i++) {
            base(
                    "Loess",
                    String.valueOf(i + 1),
                    Form.LIQUID,
                    Finish.DEWY,
                    .58,
                    76 - 3.8 * i,
                    4 - 2.0 * (i % 2),
                    -.6,
                    1.4,
                    i);
        }
        for (int i = 0; i < 10; i++) {
            base(
                    "Tuff",
                    String.valueOf(10 * i + 10),
                    Form.CREAM,
                    Finish.MATTE,
                    .90,
                    75 - 4.4 * i,
                    i % 2 == 0 ? 2 : -4,
                    .8,
                    1.0,
                    i);
        }
        for (int i = 0; i < 7; i++) {
            base("Shale", "S" + (i + 1), Form.STICK, Finish.SATIN, .88, 73 - 5.6 * i, 5, 0, .6, i);
        }
        for (int i = 0; i < 7; i++) {
            base("Flint", "P" + (i + 1), Form.POWDER, Finish.MATTE, .45, 74 - 5.8 * i, 1, -.8, 0, i);
        }
        for (int i = 0; i < 6; i++) {
            base("Loam", "G" + (i + 1), Form.LIQUID, Finish.SATIN, .76, 71 - 6.2 * i, 9, 4.5, 1.6, i + 3);
        }
        for (int i = 0; i < 5; i++) {
            Lab usual = ReferenceCurve.at(68 - 7 * i);
            double l = 68 - 7.0 * i;
            Lab olive = Lab.of(l, usual.a() - 3.2, usual.b() + 1.5);
            add(
                    "Lichen",
                    "O" + (i + 1),
                    Role.BASE,
                    Form.LIQUID,
                    Finish.SATIN,
                    .75,
                    darkened(olive, -1.6, .4),
                    olive,
                    240 + 20 * i,
                    12,
                    null);
        }
    }

    /** A base at a depth with a lean from usual hue, a chroma offset and its wet-to-settled fall in L*. */
    private void base(
            String line,
            String name,
            Form form,
            Finish finish,
            double coverage,
            double l,
            double lean,
            double chroma,
            double fall,
            int i) {
        Lab usual = ReferenceCurve.at(l);
        Lab settled = Lab.ofLch(l, usual.chroma() + chroma, usual.hueDegrees() + lean);
        Lab wet = darkened(settled, -fall, fall * .25);
        String allergens = line.equals("Tuff") ? "lanolin" : line.equals("Loess") && i % 4 == 1 ? "fragrance" : null;
        int months = form == Form.POWDER ? 24 : line.equals("Tuff") ? 18 : 12;
        add(line, name, Role.BASE, form, finish, coverage, wet, settled, 30 + 29 * i % 370, months, allergens);
    }

    /** Returns the colour before it fell by {@code fall} (negative lightens) and warmed by {@code warm}. */
    private static Lab darkened(Lab settled, double fall, double warm) {
        return Lab.ofClamped(settled.lightness() - fall, settled.a() - warm * .4, settled.b() - warm);
    }

    /** Everything but bases and drops: what the roles need on every skin, worked out for forty-eight of them. */
    private void rest() {
        try (Reader file =
                new InputStreamReader(DemoKit.class.getResourceAsStream("products.csv"), StandardCharsets.UTF_8)) {
            int at = 0;
            for (CSVRecord r : CSVFormat.RFC4180
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(file)) {
                products.add(written(r, at++));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        simple("Lime", "White drops", Role.MIXER, Form.DROPS, Finish.SATIN, .95, Lab.of(95, 0, 2), 20, 12);
        simple("Lime", "Deep drops", Role.MIXER, Form.DROPS, Finish.SATIN, .95, Lab.of(24, 10, 10), 20, 12);
        simple("Lime", "Yellow drops", Role.MIXER, Form.DROPS, Finish.SATIN, .85, Lab.of(78, 6, 52), 20, 12);
        simple("Lime", "Red drops", Role.MIXER, Form.DROPS, Finish.SATIN, .85, Lab.of(46, 46, 26), 20, 12);
        simple("Lime", "Blue drops", Role.MIXER, Form.DROPS, Finish.SATIN, .85, Lab.of(40, 0, -34), 20, 12);
    }

    private Product written(CSVRecord r, int at) {
        Role role = Role.valueOf(r.get("role"));
        Form form = Form.valueOf(r.get("form"));
        Lab settled = Lab.of(number(r, "l"), number(r, "a"), number(r, "b"));
        Lab wet = form == Form.CREAM || form == Form.LIQUID ? darkened(settled, -.8, .2) : settled;
        Sheen sheen = r.get("glint").isEmpty()
                ? null
                : new Sheen(
                        Lab.of(number(r, "sheen_l"), number(r, "sheen_a"), number(r, "sheen_b")), number(r, "glint"));
        boolean clear = number(r, "contrast_percent") <= CLEAR_PERCENT && role != Role.POWDER;
        Traits traits = new Traits(
                sheen,
                clear,
                r.get("mineral_share").isEmpty() ? null : number(r, "mineral_share"),
                told(r, "alcohol"),
                told(r, "waterproof"),
                told(r, "transfer_proof"),
                told(r, "eye_safe"),
                null);
        int months = form == Form.POWDER ? 24 : role == Role.MASCARA ? 3 : 12;
        Opened opened = role.thing() ? Opened.UNKNOWN : new Opened(today.minusDays(20 + 37L * at % 300), months);
        double contrast = number(r, "contrast_percent") / 100;
        return Product.fresh(
                        r.get("line"),
                        r.get("name"),
                        role,
                        form,
                        Finish.valueOf(r.get("finish")),
                        contrast,
                        Swatch.of(clear ? settled : wet, settled))
                .with(traits)
                .with(role == Role.MASCARA ? new Opened(today.minusDays(30), months) : opened)
                .with(r.get("name").equals("Clear gloss") ? Stock.LOW : Stock.ENOUGH);
    }

    private static final double CLEAR_PERCENT = 2;

    private static double number(CSVRecord r, String column) {
        return Double.parseDouble(r.get(column));
    }

    private static Told told(CSVRecord r, String column) {
        return switch (r.get(column)) {
            case "yes" -> Told.YES;
            case "no" -> Told.NO;
            default -> Told.UNKNOWN;
        };
    }

    private void simple(
            String line,
            String name,
            Role role,
            Form form,
            Finish finish,
            double coverage,
            Lab settled,
            int openedDaysAgo,
            int months) {
        Lab wet = form == Form.POWDER ? settled : darkened(settled, -.8, .2);
        add(line, name, role, form, finish, coverage, wet, settled, openedDaysAgo, months, null);
    }

    private void add(
            String line,
            String name,
            Role role,
            Form form,
            Finish finish,
            double coverage,
            Lab wet,
            Lab settled,
            int openedDaysAgo,
            int months,
            String allergens) {
        boolean inStock = !(line.equals("Marl") && name.equals("25")) && !(line.equals("Tuff") && name.equals("60"));
        products.add(Product.fresh(line, name, role, form, finish, coverage, Swatch.of(wet, settled))
                .with(new Opened(today.minusDays(openedDaysAgo), months))
                .withAllergens(allergens)
                .inStock(inStock));
    }
}
