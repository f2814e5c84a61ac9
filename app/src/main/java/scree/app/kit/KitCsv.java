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
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import scree.app.kit.KitFile.Problem;
import scree.app.web.PlainNumbers;
import scree.core.shade.Told;

/** The kit as a CSV file, in and out. The header is documented in docs/kit-files.md; UTF-8, comma, dot as decimal sign. */
@Component
public class KitCsv {
    /** What a file calls how much is left: it was yes or no once. */
    private static final String STOCK_COLUMN = "in_stock";

    private static final String FORMAT_COLUMN = "kit_format";
    static final List<String> HEADER = Stream.concat(
                    KitLine.COLUMNS.stream().map(KitCsv::nameOf), Stream.of(FORMAT_COLUMN))
            .toList();
    private static final List<String> NEEDED = KitLine.COLUMNS.stream()
            .filter(KitLine.Column::needed)
            .map(KitCsv::nameOf)
            .toList();

    static final int MOST_ROWS = 20_000;
    /** Bytes looked at to tell how a file was saved. */
    private static final int LOOKED_AT = 4000;
    /** Of a cell, shown in an error: enough to find it. */
    private static final int SHOWN = 40;

    private static final Map<Stock, String> STOCK = Map.of(Stock.ENOUGH, "yes", Stock.LOW, "low", Stock.OUT, "no");
    /** Where a rule over several columns is shown. */
    private static final Map<String, String> WHOLE =
            Map.of("measuredWhole", "measured_on", "learnedWhole", "learned_l", "sheenWhole", "glint");

    private static final List<String> IN = List.of("", "yes", "y", "true", "1", "in");
    private static final List<String> OUT = List.of("no", "n", "false", "0", "out");
    private final Validator validator;

    KitCsv(Validator validator) {
        this.validator = validator;
    }

    private static String nameOf(KitLine.Column column) {
        return column.type() == Stock.class ? STOCK_COLUMN : column.name();
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
                KitLine written = KitLine.of(row);
                csv.printRecord(Stream.concat(
                        KitLine.COLUMNS.stream().map(c -> cell(c.of(written))), Stream.of(KitLine.FORMAT)));
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

    private static Object cell(Object value) {
        if (value instanceof String text) {
            return harmless(text);
        }
        if (value instanceof Stock left) {
            return STOCK.get(left);
        }
        if (value instanceof Told told) {
            return told.name().toLowerCase(Locale.ROOT);
        }
        return value instanceof Boolean yes ? yes ? "yes" : "no" : value;
    }

    /** Returns every product of a file, or everything that is wrong with it. */
    KitFile read(byte[] file) {
        List<Problem> problems = new ArrayList<>();
        List<KitRow> products = new ArrayList<>();
        Problem strange = strange(file);
        if (strange != null) {
            return new KitFile(List.of(), List.of(strange));
        }
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(decode(file)))) {
            List<String> missing = new ArrayList<>(NEEDED);
            missing.removeAll(csv.getHeaderNames());
            if (!missing.isEmpty()) {
                problems.add(new Problem(1, String.join(", ", missing), "missing"));
                return new KitFile(List.of(), problems);
            }
            Set<String> seen = new HashSet<>();
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
        return new KitFile(products, problems);
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
        List<Object> values = new ArrayList<>();
        for (KitLine.Column column : KitLine.COLUMNS) {
            values.add(value(r, column, line, own));
        }
        KitLine read = KitLine.of(values);
        Double format = numberIfAny(r, "kit_format", line, own);
        if (format != null && (format < 1 || format > KitLine.FORMAT)) {
            own.add(new Problem(line, "kit_format", "later", KitLine.FORMAT));
        }
        ruled(validator.validate(read), line, own);
        if (own.isEmpty() && !seen.add((read.line().strip() + "|" + read.name().strip()).toLowerCase(Locale.ROOT))) {
            own.add(new Problem(line, "name", "twice"));
        }
        problems.addAll(own);
        if (own.isEmpty()) {
            rows.add(read.row());
        }
    }

    private static Object value(CSVRecord r, KitLine.Column column, long line, List<Problem> problems) {
        String name = nameOf(column);
        if (!column.needed() && !given(r, name)) {
            return null;
        }
        if (column.type() == String.class) {
            return text(r, name);
        }
        if (column.type() == Double.class) {
            return number(r, name, line, problems);
        }
        if (column.type() == LocalDate.class) {
            return date(r, name, line, problems);
        }
        if (column.type() == Integer.class) {
            return months(r, line, problems);
        }
        if (column.type() == Boolean.class) {
            return choice(r, name, Told.class, line, problems) == Told.YES;
        }
        return column.type() == Stock.class ? stock(r, line, problems) : choice(r, name, column.type(), line, problems);
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

    static String column(String property) {
        return WHOLE.getOrDefault(
                property, property.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT));
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

    private static Stock stock(CSVRecord r, long line, List<Problem> problems) {
        String v = text(r, "in_stock").toLowerCase(Locale.ROOT);
        if (v.equals(STOCK.get(Stock.LOW))) {
            return Stock.LOW;
        }
        if (!IN.contains(v) && !OUT.contains(v)) {
            problems.add(new Problem(line, "in_stock", "yesNo", cut(v)));
        }
        return IN.contains(v) ? Stock.ENOUGH : Stock.OUT;
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

    private static Object choice(CSVRecord r, String column, Class<?> type, long line, List<Problem> problems) {
        String v = text(r, column).toUpperCase(Locale.ROOT);
        Object[] all = type.getEnumConstants();
        for (Object e : all) {
            if (e.toString().equals(v)) {
                return e;
            }
        }
        problems.add(new Problem(
                line,
                column,
                "choice",
                cut(text(r, column)),
                Arrays.stream(all).map(Object::toString).collect(Collectors.joining(", "))));
        return null;
    }
}
