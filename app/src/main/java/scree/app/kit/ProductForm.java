package scree.app.kit;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.format.annotation.DateTimeFormat;
import scree.app.web.CalendarDay;
import scree.core.care.AllergenFamily;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.mix.Carrier;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Told;
import scree.core.shade.Traits;

/** What a product's page sends; kept as typed when something has to be mended. Flat, since a nested part is lost with its first bad figure. */
record ProductForm(
        @NotBlank @Size(max = 60) String line,
        @NotBlank @Size(max = 60) String name,
        @NotNull Role role,
        @NotNull Form form,
        @NotNull Finish finish,
        @NotNull @DecimalMin("0.5") @DecimalMax("99.9") Double coverage,
        Way way,
        Long beside,
        @Min(-6) @Max(6) Integer deeper,
        @Min(-6) @Max(6) Integer golden,
        @Pattern(regexp = HEX, message = "{kit.hex}") String hex,
        @DecimalMin("0") @DecimalMax("100") Double settledL,
        @DecimalMin("-60") @DecimalMax("80") Double settledA,
        @DecimalMin("-60") @DecimalMax("90") Double settledB,
        @DecimalMin("0") @DecimalMax("100") Double wetL,
        @DecimalMin("-60") @DecimalMax("80") Double wetA,
        @DecimalMin("-60") @DecimalMax("90") Double wetB,
        Stock stock,

        @CalendarDay @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
        LocalDate openedOn,

        @Min(1) @Max(120) Integer monthsOpen,
        Set<AllergenFamily> families,
        @Size(max = 300) String allergens,
        Carrier carrier,
        @DecimalMin("0.2") @DecimalMax("5") Double density,
        @DecimalMin("0") @DecimalMax("100000") Double price,
        @DecimalMin("0.1") @DecimalMax("5000") Double contentMl,
        Integer packVersion,
        @DecimalMin("0.5") @DecimalMax("50") Double glint,
        @Pattern(regexp = HEX, message = "{kit.hex}") String sheen,
        Boolean colourless,
        @DecimalMin("0") @DecimalMax("100") Double minerals,
        Told alcohol,
        Told waterproof,
        Told transferProof,
        Told eyeSafe,
        Integer version) {
    private static final String HEX = "\\s*(#?[0-9A-Fa-f]{6})?\\s*";
    private static final double PERCENT = 100;

    /** How a colour is told; what belongs to the other ways is kept as typed and not looked at. */
    enum Way {
        /** As it is stored. */
        KEEP,
        /** A little deeper or more golden than another product. */
        BESIDE,
        /** As a screen shows it, settled. */
        HEX,
        FIGURES
    }

    ProductForm {
        families = families == null ? Set.of() : Set.copyOf(families);
    }

    /** A new product of a role, with what such a one usually is. */
    static ProductForm empty(Role role) {
        Product usual = Product.fresh(
                        "", "", role, role.usualForm(), role.usualFinish(), role.usualContrast(), ProductColour.CLEAR)
                .with(new Traits(
                        null, role.mostlyClear(), null, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN, null));
        return of(usual, Formula.guessed(usual), Way.BESIDE, null);
    }

    static ProductForm of(Product p, Formula formula) {
        return of(p, formula, Way.KEEP, p.swatch());
    }

    /** @param shown the colours in figures, or null for none yet */
    private static ProductForm of(Product p, Formula f, Way way, Swatch shown) {
        Set<AllergenFamily> ticked = new TreeSet<>();
        List<String> words = new ArrayList<>();
        for (String word : p.allergens() == null ? new String[0] : p.allergens().split(",")) {
            AllergenFamily family = ofLabel(word.strip());
            if (family == null) {
                words.add(word.strip());
            } else {
                ticked.add(family);
            }
        }
        Traits t = p.traits();
        Lab settled = shown == null ? null : shown.recorded();
        Lab wet = shown == null ? null : shown.wet();
        return new ProductForm(
                p.line(),
                p.name(),
                p.role(),
                p.form(),
                p.finish(),
                tenths(p.contrastRatio() * PERCENT),
                way,
                null,
                0,
                0,
                shown == null ? null : Srgb.hex(shown.settled()),
                settled == null ? null : tenths(settled.lightness()),
                settled == null ? null : tenths(settled.a()),
                settled == null ? null : tenths(settled.b()),
                wet == null ? null : tenths(wet.lightness()),
                wet == null ? null : tenths(wet.a()),
                wet == null ? null : tenths(wet.b()),
                p.stock(),
                p.opened().on(),
                p.opened().months(),
                ticked,
                String.join(", ", words),
                f.guessed() ? null : f.carrier(),
                f.density(),
                f.price(),
                f.contentMl(),
                f.version(),
                t.sheen() == null ? null : tenths(t.sheen().glint() * PERCENT),
                t.sheen() == null ? null : Srgb.hex(t.sheen().colour()),
                t.colourless(),
                t.mineralShare() == null ? null : tenths(t.mineralShare() * PERCENT),
                t.alcohol(),
                t.waterproof(),
                t.transferProof(),
                t.eyeSafe(),
                p.version());
    }

    private static AllergenFamily ofLabel(String word) {
        for (AllergenFamily f : AllergenFamily.values()) {
            if (f.label().equalsIgnoreCase(word)) {
                return f;
            }
        }
        return null;
    }

    /** An artist tells no finer by eye; what was measured is kept whole behind it. */
    private static double tenths(double v) {
        return Math.round(v * 10) / 10.0;
    }

    /** @param hex six digits, with or without # */
    static Lab ofHex(String hex) {
        int rgb = Integer.parseInt(hex.strip().replace("#", ""), 16);
        return Srgb.toLab(rgb >> 16, rgb >> 8 & 0xff, rgb & 0xff);
    }

    /** Returns whether it has no colour of its own. */
    boolean clear() {
        return Boolean.TRUE.equals(colourless);
    }

    boolean settledWhole() {
        return settledL != null && settledA != null && settledB != null;
    }

    boolean wetGiven() {
        return wetL != null && wetA != null && wetB != null;
    }

    /** Returns whether the figures are those of a stored product as the page shows them. */
    boolean shows(Swatch stored) {
        return settledWhole()
                && wetGiven()
                && settledL == tenths(stored.recorded().lightness())
                && settledA == tenths(stored.recorded().a())
                && settledB == tenths(stored.recorded().b())
                && wetL == tenths(stored.wet().lightness())
                && wetA == tenths(stored.wet().a())
                && wetB == tenths(stored.wet().b());
    }

    /** Returns what the label lists: the ticked families by name, then the words. */
    private String listed() {
        List<String> all = new ArrayList<>();
        families.stream().sorted().forEach(f -> all.add(f.label()));
        if (allergens != null && !allergens.isBlank()) {
            all.add(allergens.strip());
        }
        return all.isEmpty() ? null : String.join(", ", all);
    }

    /**
     * Returns what the label tells.
     *
     * @param own colour of the glint when none is given
     * @param stored what is stored, or null; what a tenth cannot show stays
     */
    Traits traits(Lab own, Traits stored) {
        Sheen gleam = glint == null
                ? null
                : new Sheen(sheen == null || sheen.isBlank() ? own : ofHex(sheen), glint / PERCENT);
        boolean sameGleam = stored != null
                && gleam != null
                && stored.sheen() != null
                && glint == tenths(stored.sheen().glint() * PERCENT)
                && Srgb.hex(stored.sheen().colour()).equalsIgnoreCase(sheen == null ? "" : sheen.strip());
        boolean sameMinerals = stored != null
                && stored.mineralShare() != null
                && minerals != null
                && minerals == tenths(stored.mineralShare() * PERCENT);
        return new Traits(
                sameGleam ? stored.sheen() : gleam,
                clear(),
                sameMinerals ? stored.mineralShare() : minerals == null ? null : Double.valueOf(minerals / PERCENT),
                told(alcohol),
                told(waterproof),
                told(transferProof),
                told(eyeSafe),
                stored == null ? null : stored.wornShare());
    }

    private static Told told(Told answer) {
        return answer == null ? Told.UNKNOWN : answer;
    }

    /**
     * Returns the product as the page tells it.
     *
     * @param stored as it is, or null for a new one; what a tenth cannot show stays as it is stored
     */
    Product product(Product stored, Swatch swatch) {
        double contrast = stored != null && coverage == tenths(stored.contrastRatio() * PERCENT)
                ? stored.contrastRatio()
                : coverage / PERCENT;
        return Product.fresh(line.strip(), name.strip(), role, form, finish, contrast, swatch)
                .with(traits(swatch.settled(), stored == null ? null : stored.traits()))
                .with(new Opened(openedOn, monthsOpen))
                .withAllergens(listed())
                .with(stock == null ? Stock.ENOUGH : stock)
                .stored(stored == null ? 0 : stored.id(), version == null ? 0 : version);
    }

    /** Returns whether nothing was said of the mix, so that nothing need be stored. */
    boolean packSilent() {
        return carrier == null && density == null && price == null && contentMl == null;
    }

    /** Returns what it is in a mix; the strength that was learned is not asked here. */
    Formula formula(Product of) {
        return new Formula(
                of.id(),
                carrier == null ? Formula.guessed(of).carrier() : carrier,
                density,
                price,
                contentMl,
                null,
                packVersion == null ? 0 : packVersion,
                false);
    }
}
