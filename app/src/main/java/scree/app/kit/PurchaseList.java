package scree.app.kit;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;

/** Reads what could be bought from a typed list: name, L*, a*, b* and, where known, what it is carried in. */
final class PurchaseList {
    static final int MOST = 200;
    /** Ids of things that are not in the kit. */
    private static final long FIRST_ID = -1;

    private PurchaseList() {}

    /** One thing that could be bought. */
    record Offer(String name, Ingredient ingredient) {}

    /** What was read, and what could not be: line, field and the way out. */
    record Read(List<Offer> offers, List<String> problems) {}

    static Read read(String words) {
        List<Offer> offers = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(words))) {
            for (CSVRecord row : csv) {
                if (offers.size() == MOST) {
                    problems.add("The list has over %d lines: keep those you would really buy.".formatted(MOST));
                    break;
                }
                offer(row, csv.getCurrentLineNumber(), offers, problems);
            }
        } catch (IOException | java.io.UncheckedIOException e) {
            problems.add("The list could not be read to its end: close every quote.");
        }
        return new Read(offers, problems);
    }

    private static void offer(CSVRecord row, long line, List<Offer> offers, List<String> problems) {
        try {
            if (row.size() < 4) {
                throw new IllegalArgumentException(
                        "a name and three figures are needed, such as Marl 27, 62.4, 10, 18");
            }
            String name = row.get(0);
            if (name.isBlank() || name.length() > 120) {
                throw new IllegalArgumentException("name is empty or over 120 letters: shorten it");
            }
            Lab colour = Lab.of(figure("L*", row.get(1)), figure("a*", row.get(2)), figure("b*", row.get(3)));
            Carrier carrier = row.size() > 4 && !row.get(4).isBlank() ? carrier(row.get(4)) : Carrier.WATER;
            offers.add(new Offer(name, Ingredient.of(FIRST_ID - offers.size(), colour, 1, carrier)));
        } catch (IllegalArgumentException e) {
            problems.add("Line %d: %s.".formatted(line, e.getMessage()));
        }
    }

    private static double figure(String field, String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("%s is no number, '%s': type it like 61.5".formatted(field, text), e);
        }
    }

    private static Carrier carrier(String text) {
        try {
            return Carrier.valueOf(text.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "carrier '%s' is not known: use water, oil, silicone, powder or any".formatted(text), e);
        }
    }
}
