package scree.app.gaps;

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

/** Reads what could be bought from a typed list: name, L*, a*, b* and, where known, what it is carried in and its price. */
final class PurchaseList {
    static final int MOST = 200;
    /** Ids of things that are not in the kit. */
    private static final long FIRST_ID = -1;

    private static final int LONGEST_NAME = 120;
    /** Column of the price, from 0. */
    private static final int PRICE = 5;

    private PurchaseList() {}

    /**
     * One thing that could be bought.
     *
     * @param price or null when it was not given
     */
    record Offer(String name, Ingredient ingredient, Double price) {}

    /** What was read, and what could not be: line, field and the way out. */
    record Read(List<Offer> offers, List<Problem> problems) {}

    /** What is wrong: a code under {@code purchase.} in the messages, with line, field and way out. */
    record Problem(String code, Object... args) {}

    static Read read(String words) {
        List<Offer> offers = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(words))) {
            for (CSVRecord row : csv) {
                if (offers.size() == MOST) {
                    problems.add(new Problem("long", MOST));
                    break;
                }
                offer(row, csv.getCurrentLineNumber(), offers, problems);
            }
        } catch (IOException | java.io.UncheckedIOException e) {
            problems.add(new Problem("quotes"));
        }
        return new Read(offers, problems);
    }

    private static void offer(CSVRecord row, long line, List<Offer> offers, List<Problem> problems) {
        try {
            if (row.size() < 4) {
                throw new Faulty(new Problem("few", line));
            }
            String name = row.get(0);
            if (name.isBlank() || name.length() > LONGEST_NAME) {
                throw new Faulty(new Problem("name", line, LONGEST_NAME));
            }
            Lab colour = Lab.of(
                    figure("L*", row.get(1), line), figure("a*", row.get(2), line), figure("b*", row.get(3), line));
            Carrier carrier = row.size() > 4 && !row.get(4).isBlank() ? carrier(row.get(4), line) : Carrier.WATER;
            Double price = row.size() > PRICE && !row.get(PRICE).isBlank()
                    ? Double.valueOf(figure("price", row.get(PRICE), line))
                    : null;
            if (price != null && !(price >= 0)) {
                throw new Faulty(new Problem("number", line, "price", row.get(PRICE)));
            }
            offers.add(new Offer(name, Ingredient.of(FIRST_ID - offers.size(), colour, 1, carrier), price));
        } catch (Faulty e) {
            problems.add(e.problem);
        } catch (IllegalArgumentException e) {
            problems.add(new Problem("refused", line, e.getMessage()));
        }
    }

    /** Leads out of a line that cannot be read. */
    private static final class Faulty extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final transient Problem problem;

        Faulty(Problem problem) {
            super(problem.code(), null, false, false);
            this.problem = problem;
        }
    }

    private static double figure(String field, String text, long line) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new Faulty(new Problem("number", line, field, text));
        }
    }

    private static Carrier carrier(String text, long line) {
        try {
            return Carrier.valueOf(text.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new Faulty(new Problem("carrier", line, text));
        }
    }
}
