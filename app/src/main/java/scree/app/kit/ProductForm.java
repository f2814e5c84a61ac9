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
                Role.valueOf(p.role()),
                Form.valueOf(p.form()),
                Finish.valueOf(p.finish()),
                Math.round(p.contrastRatio() * 1000) / 10.0,
                hundredths(p.wetL()),
                hundredths(p.wetA()),
                hundredths(p.wetB()),
                hundredths(p.settledL()),
                hundredths(p.settledA()),
                hundredths(p.settledB()),
                p.openedOn(),
                p.monthsOpen(),
                p.allergens(),
                p.inStock(),
                p.version());
    }

    /** No meter tells more. */
    private static double hundredths(double v) {
        return Math.round(v * 100) / 100.0;
    }

    Product product(long id) {
        return new Product(
                id,
                line.strip(),
                name.strip(),
                role.name(),
                form.name(),
                finish.name(),
                coverage / 100,
                wetL,
                wetA,
                wetB,
                settledL,
                settledA,
                settledB,
                openedOn,
                monthsOpen,
                allergens == null || allergens.isBlank() ? null : allergens.strip(),
                Boolean.TRUE.equals(inStock),
                null,
                null,
                null,
                false,
                version);
    }
}
