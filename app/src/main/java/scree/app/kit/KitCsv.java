package scree.app.kit;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import scree.app.web.PlainNumbers;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;

/** The kit as a CSV file, in and out. The header is documented in docs/kit-csv.md; UTF-8, comma, dot as decimal sign. */
@Component
public class KitCsv {
    static final List<String> HEADER = List.of(
            "line",
            "name",
            "role",
            "form",
            "finish",
            "coverage_percent",
            "wet_l",
            "wet_a",
            "wet_b",
            "settled_l",
            "settled_a",
            "settled_b",
            "opened_on",
            "months_open",
            "allergens",
            "in_stock",
            "carrier",
            "density",
            "price",
            "content_ml",
            "strength",
            "measured_by",
            "measured_on",
            "doubt",
            "slope",
            "learned_l",
            "learned_a",
            "learned_b",
            "kit_format");
    /** What a file says of itself; one that says nothing is of the first. */
    private static final int FORMAT = 2;

    /** Columns that every file has had from the beginning. */
    private static final int NEEDED = 12;

    static final int MOST_ROWS = 20_000;
    /** Bytes looked at to tell how a file was saved. */
    private static final int LOOKED_AT = 4000;
    /** Of a cell, shown in an error: enough to find it. */
    private static final int SHOWN = 40;

    private static final List<String> IN = List.of("", "yes", "y", "true", "1", "in");
    private static final List<String> OUT = List.of("no", "n", "false", "0", "out");
    private final Validator validator;

    KitCsv(Validator validator) {
        this.validator = validator;
    }

    /**
     * What is wrong in a file.
     *
     * @param line from 1
     * @param code under {@code csv.} in the messages, reason and way out
     */
    record Problem(long line, String field, String code, Object... args) {}

    /** A file as read: rows when there are no problems. */
    record Preview(List<KitRow> rows, List<Problem> problems) {
        List<Product> products() {
            return rows.stream().map(KitRow::product).toList();
        }
    }

    String write(List<KitRow> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(HEADER.toArray(String[]::new))
                        .get())) {
            for (KitRow row : rows) {
                Product p = row.product();
                Formula f = row.formula();
                Measure m = p.swatch().measure();
                DryDown.Shift learned = p.swatch().learned();
                csv.printRecord(
                        harmless(p.line()),
                        harmless(p.name()),
                        p.role(),
                        p.form(),
                        p.finish(),
                        round(p.contrastRatio() * 100),
                        round(p.wet().lightness()),
                        round(p.wet().a()),
                        round(p.wet().b()),
                        round(p.recorded().lightness()),
                        round(p.recorded().a()),
                        round(p.recorded().b()),
                        p.opened().on(),
                        p.opened().months(),
                        p.allergens() == null ? null : harmless(p.allergens()),
                        p.inStock() ? "yes" : "no",
                        f == null ? null : f.carrier(),
                        f == null ? null : f.density(),
                        f == null ? null : f.price(),
                        f == null ? null : f.contentMl(),
                        f == null ? null : fine(f.strength()),
                        m.by() == Measure.By.TYPED ? null : m.by(),
                        m.on(),
                        m.doubt() == null ? null : fine(m.doubt()),
                        m.slope() == null ? null : fine(m.slope()),
                        learned == null ? null : fine(learned.lightness()),
                        learned == null ? null : fine(learned.a()),
                        learned == null ? null : fine(learned.b()),
                        FORMAT);
            }
        } catch (IOException e) {
            throw new IllegalStateException("writing to memory", e);
        }
        return out.toString();
    }

    /** A text that a spreadsheet would run as a formula gets a leading apostrophe; reading takes it off again. */
    private static String harmless(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private static double round(double v) {
        return Math.round(v * 100) / 100.0;
    }

    /** Figures that nobody types: as exact as they are of use, so that a file read and written again is the same. */
    private static double fine(double v) {
        return Math.round(v * 1e4) / 1e4;
    }

    /** @param taken line|name in lower case that the kit already has */
    Preview read(byte[] file, Set<String> taken) {
        List<Problem> problems = new ArrayList<>();
        List<KitRow> products = new ArrayList<>();
        Problem strange = strange(file);
        if (strange != null) {
            return new Preview(List.of(), List.of(strange));
        }
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(decode(file)))) {
            List<String> missing = new ArrayList<>(HEADER.subList(0, NEEDED));
            missing.removeAll(csv.getHeaderNames());
            if (!missing.isEmpty()) {
                problems.add(new Problem(1, String.join(", ", missing), "missing"));
                return new Preview(List.of(), problems);
            }
            Set<String> seen = new HashSet<>(taken);
            int rows = 0;
            for (CSVRecord record : csv) {
                if (++rows > MOST_ROWS) {
                    problems.add(new Problem(csv.getCurrentLineNumber(), "file", "rows"));
                    break;
                }
                row(record, csv.getCurrentLineNumber(), seen, products, problems);
            }
        } catch (CharacterCodingException e) {
            problems.add(new Problem(1, "file", "encoding"));
        } catch (IOException | java.io.UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            problems.add(new Problem(1, "file", "unreadable"));
        }
        if (products.isEmpty() && problems.isEmpty()) {
            problems.add(new Problem(1, "file", "empty"));
        }
        return new Preview(products, problems);
    }

    /** Tells a file that a spreadsheet saved in another way, and names the way. */
    private static Problem strange(byte[] file) {
        int looked = Math.min(file.length, LOOKED_AT);
        int nuls = 0;
        int first = looked;
        for (int i = looked - 1; i >= 0; i--) {
            nuls += file[i] == 0 ? 1 : 0;
            first = file[i] == '\n' || file[i] == '\r' ? i : first;
        }
        boolean marked = file.length > 1
                && ((file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe
                        || (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff);
        if (marked || nuls > looked / 4) {
            return new Problem(1, "file", "utf16");
        }
        for (byte b : file) {
            if (b == 0) {
                return new Problem(1, "file", "nul");
            }
        }
        String header = new String(file, 0, first, StandardCharsets.UTF_8);
        if (header.indexOf(';') >= 0 && header.indexOf(',') < 0) {
            return new Problem(1, "file", "semicolons");
        }
        if (header.indexOf('\t') >= 0 && header.indexOf(',') < 0) {
            return new Problem(1, "file", "tabs");
        }
        return null;
    }

    private static String decode(byte[] file) throws CharacterCodingException {
        String text = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(file))
                .toString();
        return text.startsWith("\ufeff") ? text.substring(1) : text;
    }

    private void row(CSVRecord r, long line, Set<String> seen, List<KitRow> rows, List<Problem> problems) {
        List<Problem> own = new ArrayList<>();
        ProductForm form = new ProductForm(
                text(r, "line"),
                text(r, "name"),
                choice(r, "role", Role.class, line, own),
                choice(r, "form", Form.class, line, own),
                choice(r, "finish", Finish.class, line, own),
                number(r, "coverage_percent", line, own),
                number(r, "wet_l", line, own),
                number(r, "wet_a", line, own),
                number(r, "wet_b", line, own),
                number(r, "settled_l", line, own),
                number(r, "settled_a", line, own),
                number(r, "settled_b", line, own),
                date(r, "opened_on", line, own),
                months(r, line, own),
                text(r, "allergens"),
                inStock(r, line, own),
                0);
        ruled(validator.validate(form), line, own);
        KnownForm known = known(r, line, own);
        if (own.isEmpty() && !seen.add((form.line().strip() + "|" + form.name().strip()).toLowerCase(Locale.ROOT))) {
            own.add(new Problem(line, "name", "taken"));
        }
        problems.addAll(own);
        if (own.isEmpty()) {
            rows.add(known.of(form.product(0)));
        }
    }

    /** Everything but what the product's form asks may be empty. */
    private KnownForm known(CSVRecord r, long line, List<Problem> problems) {
        KnownForm known = new KnownForm(
                given(r, "carrier") ? choice(r, "carrier", Carrier.class, line, problems) : null,
                numberIfAny(r, "density", line, problems),
                numberIfAny(r, "price", line, problems),
                numberIfAny(r, "content_ml", line, problems),
                numberIfAny(r, "strength", line, problems),
                given(r, "measured_by") ? choice(r, "measured_by", Measure.By.class, line, problems) : null,
                date(r, "measured_on", line, problems),
                numberIfAny(r, "doubt", line, problems),
                numberIfAny(r, "slope", line, problems),
                numberIfAny(r, "learned_l", line, problems),
                numberIfAny(r, "learned_a", line, problems),
                numberIfAny(r, "learned_b", line, problems),
                numberIfAny(r, "kit_format", line, problems));
        ruled(validator.validate(known), line, problems);
        return known;
    }

    private static boolean given(CSVRecord r, String column) {
        return !text(r, column).isEmpty();
    }

    private static Double numberIfAny(CSVRecord r, String column, long line, List<Problem> problems) {
        return given(r, column) ? number(r, column, line, problems) : null;
    }

    private static <T> void ruled(Set<ConstraintViolation<T>> broken, long line, List<Problem> problems) {
        for (ConstraintViolation<T> v : broken) {
            String field = column(v.getPropertyPath().toString());
            if (problems.stream().noneMatch(p -> p.field().equals(field))) {
                problems.add(new Problem(line, field, "rule", v.getMessage()));
            }
        }
    }

    private static String column(String property) {
        return property.equals("coverage")
                ? "coverage_percent"
                : property.equals("measuredWhole")
                        ? "measured_on"
                        : property.equals("learnedWhole")
                                ? "learned_l"
                                : property.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    private static String text(CSVRecord r, String column) {
        String v = r.isMapped(column) && r.isSet(column) ? r.get(column).strip() : "";
        return v.length() > 1 && v.charAt(0) == '\'' && "=+-@".indexOf(v.charAt(1)) >= 0 ? v.substring(1) : v;
    }

    private static Double number(CSVRecord r, String column, long line, List<Problem> problems) {
        String v = text(r, column);
        if (v.isEmpty()) {
            problems.add(new Problem(line, column, "noNumber"));
            return null;
        }
        if (v.matches("[+-]?\\d*,\\d+")) {
            problems.add(new Problem(line, column, "comma", cut(v)));
            return null;
        }
        try {
            return PlainNumbers.of(v);
        } catch (IllegalArgumentException e) {
            problems.add(new Problem(line, column, "number", cut(v)));
            return null;
        }
    }

    private static boolean inStock(CSVRecord r, long line, List<Problem> problems) {
        String v = text(r, "in_stock").toLowerCase(Locale.ROOT);
        if (!IN.contains(v) && !OUT.contains(v)) {
            problems.add(new Problem(line, "in_stock", "yesNo", cut(v)));
        }
        return IN.contains(v);
    }

    private static String cut(String cell) {
        return cell.length() <= SHOWN ? cell : cell.substring(0, SHOWN) + "…";
    }

    private static Integer months(CSVRecord r, long line, List<Problem> problems) {
        String v = text(r, "months_open");
        try {
            return v.isEmpty() ? null : Integer.valueOf(v);
        } catch (NumberFormatException e) {
            problems.add(new Problem(line, "months_open", "months", cut(v)));
            return null;
        }
    }

    private static LocalDate date(CSVRecord r, String column, long line, List<Problem> problems) {
        String v = text(r, column);
        try {
            return v.isEmpty() ? null : LocalDate.parse(v);
        } catch (DateTimeParseException e) {
            problems.add(new Problem(line, column, "date", cut(v)));
            return null;
        }
    }

    private static <E extends Enum<E>> E choice(
            CSVRecord r, String column, Class<E> type, long line, List<Problem> problems) {
        String v = text(r, column).toUpperCase(Locale.ROOT);
        for (E e : type.getEnumConstants()) {
            if (e.name().equals(v)) {
                return e;
            }
        }
        problems.add(new Problem(
                line,
                column,
                "choice",
                cut(text(r, column)),
                Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.joining(", "))));
        return null;
    }
}
