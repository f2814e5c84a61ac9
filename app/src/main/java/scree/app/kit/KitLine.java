package scree.app.kit;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import scree.app.web.CalendarDay;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Told;
import scree.core.shade.Traits;
import tools.jackson.databind.PropertyNamingStrategies;
import tools.jackson.databind.annotation.JsonNaming;

/**
 * A product as a file writes it: figures and words only, under the names that docs/kit-files.md gives, each with its range. What is
 * written and read again is the same.
 */
@JsonNaming(PropertyNamingStrategies.SnakeCaseStrategy.class)
@JsonInclude(JsonInclude.Include.NON_NULL)
record KitLine(
        @NotBlank @Size(max = 60) String line,
        @NotBlank @Size(max = 60) String name,
        @NotNull Role role,
        @NotNull Form form,
        @NotNull Finish finish,
        @NotNull @DecimalMin("0.5") @DecimalMax("99.9") Double coveragePercent,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double wetL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double wetA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double wetB,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double settledL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double settledA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double settledB,
        @CalendarDay LocalDate openedOn,
        @Min(1) @Max(120) Integer monthsOpen,
        @Size(max = 1000) String allergens,
        Stock stock,
        Carrier carrier,
        @DecimalMin("0.2") @DecimalMax("5") Double density,
        @DecimalMin("0") @DecimalMax("100000") Double price,
        @DecimalMin("0.1") @DecimalMax("5000") Double contentMl,
        @DecimalMin("0.01") @DecimalMax("100") Double strength,
        Measure.By measuredBy,
        @CalendarDay LocalDate measuredOn,
        @DecimalMin("0") @DecimalMax("100") Double doubt,
        @DecimalMin("-10") @DecimalMax("10") Double slope,
        @DecimalMin("-40") @DecimalMax("40") Double learnedL,
        @DecimalMin("-40") @DecimalMax("40") Double learnedA,
        @DecimalMin("-40") @DecimalMax("40") Double learnedB,
        @DecimalMin("0") @DecimalMax("100") Double sheenL,
        @DecimalMin("-60") @DecimalMax("80") Double sheenA,
        @DecimalMin("-60") @DecimalMax("90") Double sheenB,
        @DecimalMin("0.005") @DecimalMax("0.5") Double glint,
        Boolean colourless,
        @DecimalMin("0") @DecimalMax("1") Double mineralShare,
        Told alcohol,
        Told waterproof,
        Told transferProof,
        Told eyeSafe,
        @DecimalMin("0.05") @DecimalMax("2") Double wornShare) {
    /** Highest format that is read, and the one written. */
    static final int FORMAT = 4;

    /** What can be written of a product, in the order of the record. */
    static final List<Column> COLUMNS =
            Stream.of(KitLine.class.getRecordComponents()).map(Column::of).toList();

    /**
     * One figure or word of a product.
     *
     * @param name as files write it
     * @param needed whether it cannot be left out
     */
    record Column(String name, Class<?> type, boolean needed, RecordComponent component) {
        static Column of(RecordComponent c) {
            boolean needed = c.getAccessor().isAnnotationPresent(NotNull.class)
                    || c.getAccessor().isAnnotationPresent(NotBlank.class);
            return new Column(
                    c.getName().replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT), c.getType(), needed, c);
        }

        Object of(KitLine line) {
            try {
                return component.getAccessor().invoke(line);
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException("a record's own part", e);
            }
        }
    }

    /** Returns a line of values in the order of {@link #COLUMNS}. */
    static KitLine of(List<?> values) {
        try {
            return (KitLine) KitLine.class.getDeclaredConstructors()[0].newInstance(values.toArray());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("a record's own constructor", e);
        }
    }

    /**
     * Returns the line of a file as it changes a product of the kit: what the file does not say stays. Other colours are no longer
     * those that were measured, nor what stripes taught of them, unless the file says so.
     */
    KitLine over(KitLine kit) {
        boolean recoloured = !colours().equals(kit.colours());
        List<Object> values = new ArrayList<>();
        for (Column c : COLUMNS) {
            Object own = c.of(this);
            boolean drops = recoloured && OF_THE_COLOURS.contains(c.name());
            values.add(own != null || drops ? own : c.of(kit));
        }
        KitLine line = of(values);
        return Boolean.FALSE.equals(colourless) ? line.coloured() : line;
    }

    private static final Set<String> OF_THE_COLOURS =
            Set.of("measured_by", "measured_on", "doubt", "slope", "learned_l", "learned_a", "learned_b");

    private List<Double> colours() {
        return List.of(wetL, wetA, wetB, settledL, settledA, settledB);
    }

    /** Returns the columns in which two lines part. */
    List<Column> partsFrom(KitLine other) {
        return COLUMNS.stream()
                .filter(c -> !Objects.equals(c.of(this), c.of(other)))
                .toList();
    }

    /** A colour of its own is written by leaving the column out. */
    private KitLine coloured() {
        return of(COLUMNS.stream()
                .map(c -> c.name().equals("colourless") ? null : c.of(this))
                .toList());
    }

    /** Returns line|name in lower case, which no two products of a kit share. */
    @JsonIgnore
    String key() {
        return (line.strip() + "|" + name.strip()).toLowerCase(Locale.ROOT);
    }

    @JsonIgnore
    @AssertTrue(message = "{kit.measured.whole}")
    public boolean isMeasuredWhole() {
        return measuredBy == null || measuredBy == Measure.By.TYPED || measuredOn != null;
    }

    @JsonIgnore
    @AssertTrue(message = "{kit.learned.whole}")
    public boolean isLearnedWhole() {
        return allOrNone(learnedL, learnedA, learnedB);
    }

    @JsonIgnore
    @AssertTrue(message = "{kit.sheen.whole}")
    public boolean isSheenWhole() {
        return allOrNone(sheenL, sheenA, sheenB, glint);
    }

    private static boolean allOrNone(Double... figures) {
        long given = Stream.of(figures).filter(f -> f != null).count();
        return given == 0 || given == figures.length;
    }

    static KitLine of(KitRow row) {
        Product p = row.product();
        Formula f = row.formula();
        Swatch s = p.swatch();
        Measure m = s.measure();
        DryDown.Shift learned = s.learned();
        Traits t = p.traits();
        Sheen sheen = t.sheen();
        return new KitLine(
                p.line(),
                p.name(),
                p.role(),
                p.form(),
                p.finish(),
                hundredths(p.contrastRatio() * 100),
                hundredths(s.wet().lightness()),
                hundredths(s.wet().a()),
                hundredths(s.wet().b()),
                hundredths(s.recorded().lightness()),
                hundredths(s.recorded().a()),
                hundredths(s.recorded().b()),
                p.opened().on(),
                p.opened().months(),
                p.allergens(),
                p.stock(),
                f == null ? null : f.carrier(),
                f == null ? null : f.density(),
                f == null ? null : f.price(),
                f == null ? null : f.contentMl(),
                f == null ? null : fine(f.strength()),
                m.by() == Measure.By.TYPED ? null : m.by(),
                m.on(),
                fine(m.doubt()),
                fine(m.slope()),
                learned == null ? null : fine(learned.lightness()),
                learned == null ? null : fine(learned.a()),
                learned == null ? null : fine(learned.b()),
                sheen == null ? null : hundredths(sheen.colour().lightness()),
                sheen == null ? null : hundredths(sheen.colour().a()),
                sheen == null ? null : hundredths(sheen.colour().b()),
                sheen == null ? null : fine(sheen.glint()),
                t.colourless() ? true : null,
                fine(t.mineralShare()),
                said(t.alcohol()),
                said(t.waterproof()),
                said(t.transferProof()),
                said(t.eyeSafe()),
                fine(t.wornShare()));
    }

    private static Told said(Told told) {
        return told == Told.UNKNOWN ? null : told;
    }

    private static Told orUnknown(Told told) {
        return told == null ? Told.UNKNOWN : told;
    }

    private static double hundredths(double v) {
        return Math.round(v * 100) / 100.0;
    }

    /** Figures that nobody types: as exact as they are of use, so that a file read and written again is the same. */
    private static Double fine(Double v) {
        return v == null ? null : Math.round(v * 1e4) / 1e4;
    }

    /** Returns the product that this writes; call it only when every rule holds. */
    KitRow row() {
        Swatch swatch =
                new Swatch(Lab.of(wetL, wetA, wetB), Lab.of(settledL, settledA, settledB), learned(), measure());
        Product product = Product.fresh(line.strip(), name.strip(), role, form, finish, coveragePercent / 100, swatch)
                .with(traits())
                .with(new Opened(openedOn, monthsOpen))
                .withAllergens(allergens == null || allergens.isBlank() ? null : allergens.strip())
                .with(stock == null ? Stock.ENOUGH : stock);
        return new KitRow(product, formula(Formula.guessed(product)));
    }

    private Traits traits() {
        return new Traits(
                glint == null ? null : new Sheen(Lab.of(sheenL, sheenA, sheenB), glint),
                Boolean.TRUE.equals(colourless),
                mineralShare,
                orUnknown(alcohol),
                orUnknown(waterproof),
                orUnknown(transferProof),
                orUnknown(eyeSafe),
                wornShare);
    }

    private DryDown.Shift learned() {
        return learnedL == null ? null : new DryDown.Shift(learnedL, learnedA, learnedB);
    }

    private Measure measure() {
        return measuredBy == null || measuredBy == Measure.By.TYPED
                ? Measure.TYPED
                : new Measure(measuredBy, measuredOn, doubt, slope);
    }

    /** Returns null when nothing is known. */
    private Formula formula(Formula usual) {
        boolean none = carrier == null && density == null && price == null && contentMl == null && strength == null;
        return none
                ? null
                : new Formula(
                        0, carrier == null ? usual.carrier() : carrier, density, price, contentMl, strength, false);
    }
}
