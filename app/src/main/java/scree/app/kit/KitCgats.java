package scree.app.kit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import scree.app.kit.KitFile.Problem;
import scree.core.colour.Lab;
import scree.core.colour.MeasuredColours;
import scree.core.shade.DryDown;

/** Measured colours of a kit as a keyword table of ISO 28178 (CGATS), in and out: settled, at full coverage, D65 and 2°. */
@Component
class KitCgats {
    private static final int LONGEST_NAME = 40;

    String write(List<Product> products) {
        StringBuilder out = new StringBuilder("""
                CGATS.17
                DESCRIPTOR "Kit, settled, at full coverage"
                WEIGHTING_FUNCTION "ILLUMINANT, D65"
                WEIGHTING_FUNCTION "OBSERVER, 2 degree"
                NUMBER_OF_FIELDS 5
                BEGIN_DATA_FORMAT
                SAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B
                END_DATA_FORMAT
                """);
        out.append("NUMBER_OF_SETS ").append(products.size()).append("\nBEGIN_DATA\n");
        int at = 0;
        for (Product p : products) {
            Lab c = p.recorded();
            out.append(String.format(
                    Locale.ROOT,
                    "%d \"%s\" %.2f %.2f %.2f%n",
                    ++at,
                    p.fullName().replace('"', '\'').replaceAll("\\s+", " "),
                    c.lightness(),
                    c.a(),
                    c.b()));
        }
        return out.append("END_DATA\n").toString();
    }

    /** Returns the kit's products with the colours that a file measured; each name must be a product's line and name. */
    KitFile read(String text, List<KitRow> kit, LocalDate today) {
        MeasuredColours measured;
        try {
            measured = MeasuredColours.read(text);
        } catch (IllegalArgumentException e) {
            return KitFile.unreadable("rule", e.getMessage());
        }
        Map<String, KitRow> byName = new HashMap<>();
        kit.forEach(r -> byName.put(spelt(r.product().fullName()), r));
        List<KitRow> rows = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (MeasuredColours.Line line : measured.lines()) {
            KitRow row = byName.get(spelt(line.name()));
            if (row == null) {
                problems.add(new Problem(line.number(), cut(line.name()), "notInKit"));
            } else {
                rows.add(measured(row, line.colour(), today));
            }
        }
        return new KitFile(rows, problems);
    }

    /** It settles as it did before: only where to is measured. */
    private static KitRow measured(KitRow row, Lab settled, LocalDate today) {
        Product p = row.product();
        DryDown.Shift shift = DryDown.Shift.between(p.wet(), p.recorded());
        return new KitRow(p.measured(shift.before(settled), settled, Measure.meter(today)), row.formula());
    }

    private static String spelt(String name) {
        return name.strip().replace('"', '\'').replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    }

    private static String cut(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME) + "…";
    }
}
