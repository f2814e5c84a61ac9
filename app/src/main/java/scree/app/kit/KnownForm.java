package scree.app.kit;

import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.time.LocalDate;
import scree.app.web.CalendarDay;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;

/** What a file may know of a product beside what its form asks: packing, where its colours come from, what stripes taught. */
record KnownForm(
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
        @DecimalMin("1") @DecimalMax("2") Double kitFormat) {
    @AssertTrue(message = "{kit.measured.whole}")
    boolean isMeasuredWhole() {
        return measuredBy == null || measuredBy == Measure.By.TYPED || measuredOn != null;
    }

    @AssertTrue(message = "{kit.learned.whole}")
    boolean isLearnedWhole() {
        boolean none = learnedL == null && learnedA == null && learnedB == null;
        return none || learnedL != null && learnedA != null && learnedB != null;
    }

    KitRow of(Product typed) {
        Product product = typed.with(new Swatch(typed.wet(), typed.recorded(), learned(), measure()));
        return new KitRow(product, formula(Formula.guessed(product)));
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
                        0,
                        carrier == null ? usual.carrier() : carrier,
                        density,
                        price,
                        contentMl,
                        strength == null ? usual.strength() : strength,
                        false);
    }
}
