package scree.app.kit;

import jakarta.validation.Valid;
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
import java.util.stream.Stream;
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

/** What a product's page sends; kept as typed when something has to be mended. */
record ProductForm(
        @NotBlank @Size(max = 60) String line,
        @NotBlank @Size(max = 60) String name,
        @NotNull Role role,
        @NotNull Form form,
        @NotNull Finish finish,
        @NotNull @DecimalMin("0.5") @DecimalMax("99.9") Double coverage,
        @Valid Colour colour,
        Stock stock,

        @CalendarDay @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
        LocalDate openedOn,

        @Min(1) @Max(120) Integer monthsOpen,
        Set<AllergenFamily> families,
        @Size(max = 300) String allergens,
        @Valid Pack pack,
        @Valid Label label,
        int version) {
    private static final String HEX = "\\s*#?[0-9A-Fa-f]{6}\\s*";

    /** How a colour is told. */
    enum Way {
        /** As it is stored. */
        KEEP,
        /** A little deeper or more golden than another product. */
        BESIDE,
        HEX,
        FIGURES
    }

    /**
     * The colour in one of the ways; those not chosen are kept as typed and not looked at.
     *
     * @param beside id of the other product
     * @param hex as a screen shows it, settled
     */
    record Colour(
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
            @DecimalMin("-60") @DecimalMax("90") Double wetB) {
        static Colour of(Swatch s, Way way) {
            return new Colour(
                    way,
                    null,
                    0,
                    0,
                    Srgb.hex(s.settled()),
                    tenths(s.recorded().lightness()),
                    tenths(s.recorded().a()),
                    tenths(s.recorded().b()),
                    tenths(s.wet().lightness()),
                    tenths(s.wet().a()),
                    tenths(s.wet().b()));
        }

        boolean settledWhole() {
            return settledL != null && settledA != null && settledB != null;
        }

        boolean wetGiven() {
            return wetL != null && wetA != null && wetB != null;
        }

        /** Returns whether the figures are those of a stored product as the page shows them. */
        boolean shows(Swatch stored) {
            Colour was = of(stored, way);
            return Stream.of(settledL, settledA, settledB, wetL, wetA, wetB)
                    .toList()
                    .equals(Stream.of(was.settledL, was.settledA, was.settledB, was.wetL, was.wetA, was.wetB)
                            .toList());
        }
    }

    /** What it is in a mix, and what it costs. */
    record Pack(
            Carrier carrier,
            @DecimalMin("0.2") @DecimalMax("5") Double density,
            @DecimalMin("0") @DecimalMax("100000") Double price,
            @DecimalMin("0.1") @DecimalMax("5000") Double contentMl,
            int version) {
        static Pack of(Formula f) {
            return new Pack(f.guessed() ? null : f.carrier(), f.density(), f.price(), f.contentMl(), f.version());
        }

        /** Returns whether nothing was said, so that nothing need be stored. */
        boolean silent() {
            return carrier == null && density == null && price == null && contentMl == null;
        }
    }

    /**
     * What the label tells.
     *
     * @param glint luminance added at the glint, %; null for no sheen
     * @param minerals mass share of silica, titanium dioxide and zinc oxide, %; null when not known
     */
    record Label(
            @DecimalMin("0.5") @DecimalMax("50") Double glint,
            @Pattern(regexp = HEX, message = "{kit.hex}") String sheen,
            boolean colourless,
            @DecimalMin("0") @DecimalMax("100") Double minerals,
            Told alcohol,
            Told waterproof,
            Told transferProof,
            Told eyeSafe) {
        static Label of(Traits t) {
            return new Label(
                    t.sheen() == null ? null : tenths(t.sheen().glint() * PERCENT),
                    t.sheen() == null ? null : Srgb.hex(t.sheen().colour()),
                    t.colourless(),
                    t.mineralShare() == null ? null : tenths(t.mineralShare() * PERCENT),
                    t.alcohol(),
                    t.waterproof(),
                    t.transferProof(),
                    t.eyeSafe());
        }

        /** @param own colour of the glint when none is given */
        Traits traits(Lab own) {
            return new Traits(
                    glint == null ? null : new Sheen(sheenColour(own), glint / PERCENT),
                    colourless,
                    minerals == null ? null : minerals / PERCENT,
                    told(alcohol),
                    told(waterproof),
                    told(transferProof),
                    told(eyeSafe));
        }

        private Lab sheenColour(Lab own) {
            return sheen == null || sheen.isBlank() ? own : ofHex(sheen);
        }

        private static Told told(Told answer) {
            return answer == null ? Told.UNKNOWN : answer;
        }
    }

    private static final double PERCENT = 100;

    ProductForm {
        families = families == null ? Set.of() : Set.copyOf(families);
        colour = colour == null ? new Colour(Way.KEEP, null, 0, 0, null, null, null, null, null, null, null) : colour;
        pack = pack == null ? new Pack(null, null, null, null, 0) : pack;
        label = label == null ? Label.of(Traits.UNTOLD) : label;
    }

    /** A new product of a role, with what such a one usually is. */
    static ProductForm empty(Role role) {
        return new ProductForm(
                "",
                "",
                role,
                role.usualForm(),
                role.usualFinish(),
                tenths(role.usualContrast() * PERCENT),
                new Colour(Way.BESIDE, null, 0, 0, null, null, null, null, null, null, null),
                Stock.ENOUGH,
                null,
                null,
                Set.of(),
                "",
                null,
                new Label(null, null, role.mostlyClear(), null, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN),
                0);
    }

    static ProductForm of(Product p, Formula formula) {
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
        return new ProductForm(
                p.line(),
                p.name(),
                p.role(),
                p.form(),
                p.finish(),
                tenths(p.contrastRatio() * PERCENT),
                Colour.of(p.swatch(), Way.KEEP),
                p.stock(),
                p.opened().on(),
                p.opened().months(),
                ticked,
                String.join(", ", words),
                Pack.of(formula),
                Label.of(p.traits()),
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

    /** Returns what the label lists: the ticked families by name, then the words. */
    String listed() {
        List<String> all = new ArrayList<>();
        families.stream().sorted().forEach(f -> all.add(f.label()));
        if (allergens != null && !allergens.isBlank()) {
            all.add(allergens.strip());
        }
        return all.isEmpty() ? null : String.join(", ", all);
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
        Traits traits = label.traits(swatch.settled());
        if (stored != null && label.equals(Label.of(stored.traits()))) {
            traits = stored.traits();
        }
        return Product.fresh(line.strip(), name.strip(), role, form, finish, contrast, swatch)
                .with(traits)
                .with(new Opened(openedOn, monthsOpen))
                .withAllergens(listed())
                .with(stock == null ? Stock.ENOUGH : stock)
                .stored(stored == null ? 0 : stored.id(), version);
    }

    /** Returns what it is in a mix; the strength that was learned is not asked here. */
    Formula formula(Product of) {
        Carrier carrier = pack.carrier() == null ? Formula.guessed(of).carrier() : pack.carrier();
        return new Formula(
                of.id(), carrier, pack.density(), pack.price(), pack.contentMl(), null, pack.version(), false);
    }
}
