package scree.app.kit;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.springframework.format.annotation.DateTimeFormat;
import scree.app.web.CalendarDay;
import scree.core.colour.Lab;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;

/** What a product's form sends; kept as typed when something has to be mended. Also the row of an import. */
record ProductForm(
        @NotBlank @Size(max = 60) String line,
        @NotBlank @Size(max = 60) String name,
        @NotNull Role role,
        @NotNull Form form,
        @NotNull Finish finish,
        @NotNull @DecimalMin("2") @DecimalMax("99.9") Double coverage,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double wetL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double wetA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double wetB,
        @NotNull @DecimalMin("0") @DecimalMax("100") Double settledL,
        @NotNull @DecimalMin("-60") @DecimalMax("80") Double settledA,
        @NotNull @DecimalMin("-60") @DecimalMax("90") Double settledB,

        @CalendarDay @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
        LocalDate openedOn,

        @Min(1) @Max(120) Integer monthsOpen,
        @Size(max = 300) String allergens,
        Boolean inStock,
        int version) {
    static ProductForm empty() {
        return new ProductForm(
                "",
                "",
                Role.BASE,
                Form.LIQUID,
                Finish.SATIN,
                75.0,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                "",
                true,
                0);
    }

    static ProductForm of(Product p) {
        return new ProductForm(
                p.line(),
                p.name(),
                p.role(),
                p.form(),
                p.finish(),
                Math.round(p.contrastRatio() * 1000) / 10.0,
                hundredths(p.wet().lightness()),
                hundredths(p.wet().a()),
                hundredths(p.wet().b()),
                hundredths(p.recorded().lightness()),
                hundredths(p.recorded().a()),
                hundredths(p.recorded().b()),
                p.opened().on(),
                p.opened().months(),
                p.allergens(),
                p.inStock(),
                p.version());
    }

    /** No meter tells more. */
    private static double hundredths(double v) {
        return Math.round(v * 100) / 100.0;
    }

    /** Returns the stored product as the form changes it; colours left as they were keep where they come from. */
    Product over(Product stored) {
        Product typed = product(stored.id());
        return typed.swatch().looksLike(stored.swatch()) ? typed.with(stored.swatch()) : typed;
    }

    Product product(long id) {
        return new Product(
                id,
                line.strip(),
                name.strip(),
                role,
                form,
                finish,
                coverage / 100,
                Swatch.of(Lab.of(wetL, wetA, wetB), Lab.of(settledL, settledA, settledB)),
                new Opened(openedOn, monthsOpen),
                allergens == null || allergens.isBlank() ? null : allergens.strip(),
                Boolean.TRUE.equals(inStock),
                version);
    }
}
