package scree.app.kit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.ibatis.annotations.AutomapConstructor;
import scree.core.care.Sensitivities;
import scree.core.colour.Lab;
import scree.core.shade.Candidate;
import scree.core.shade.Coverage;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;

/**
 * A product of the kit as stored; enum names as text. The learned shift (settled minus wet) is null until a stripe was watched.
 *
 * @param badDate the stored day of opening is none that a calendar has; {@code openedOn} is null then, and the form mends it
 */
public record Product(
        long id,
        String line,
        String name,
        String role,
        String form,
        String finish,
        double contrastRatio,
        double wetL,
        double wetA,
        double wetB,
        double settledL,
        double settledA,
        double settledB,
        LocalDate openedOn,
        Integer monthsOpen,
        String allergens,
        boolean inStock,
        Double learnedL,
        Double learnedA,
        Double learnedB,
        boolean badDate,
        int version) {
    @AutomapConstructor
    public Product {}

    /** A product whose day of opening is one. */
    public Product(
            long id,
            String line,
            String name,
            String role,
            String form,
            String finish,
            double contrastRatio,
            double wetL,
            double wetA,
            double wetB,
            double settledL,
            double settledA,
            double settledB,
            LocalDate openedOn,
            Integer monthsOpen,
            String allergens,
            boolean inStock,
            Double learnedL,
            Double learnedA,
            Double learnedB,
            int version) {
        this(
                id,
                line,
                name,
                role,
                form,
                finish,
                contrastRatio,
                wetL,
                wetA,
                wetB,
                settledL,
                settledA,
                settledB,
                openedOn,
                monthsOpen,
                allergens,
                inStock,
                learnedL,
                learnedA,
                learnedB,
                false,
                version);
    }

    public Lab wet() {
        return Lab.of(wetL, wetA, wetB);
    }

    /** Returns the settled colour to count on: as learned from stripes, or as recorded while none was watched. */
    public Lab settled() {
        return learned() ? new DryDown.Shift(learnedL, learnedA, learnedB).from(wet()) : recorded();
    }

    /** Returns the settled colour as it was typed or measured on a swatch. */
    public Lab recorded() {
        return Lab.of(settledL, settledA, settledB);
    }

    public boolean learned() {
        return learnedL != null;
    }

    /** Returns settled minus wet, as counted on. */
    public DryDown.Shift shift() {
        return DryDown.Shift.between(wet(), settled());
    }

    /** Returns what ranking asks of it. */
    public Candidate candidate() {
        return new Candidate(settled(), Form.valueOf(form), Finish.valueOf(finish), coverage());
    }

    public boolean pastItsTime(LocalDate today) {
        return usableUntil() != null && usableUntil().isBefore(today);
    }

    /** Returns why a client is not to have it, empty when nothing speaks against it. */
    public List<Struck> struck(Sensitivities told, LocalDate today) {
        List<Struck> why = new ArrayList<>();
        if (told.meet(allergens)) {
            why.add(Struck.ALLERGEN);
        }
        if (pastItsTime(today)) {
            why.add(Struck.PAST_ITS_TIME);
        }
        if (!inStock) {
            why.add(Struck.OUT_OF_STOCK);
        }
        return why;
    }

    /** Why a product stands apart. */
    public enum Struck {
        ALLERGEN,
        PAST_ITS_TIME,
        OUT_OF_STOCK
    }

    /** Returns the product with colours measured anew; what stripes had taught is to be worked out again. */
    public Product measured(Lab wet, Lab settled) {
        return new Product(
                id,
                line,
                name,
                role,
                form,
                finish,
                contrastRatio,
                wet.lightness(),
                wet.a(),
                wet.b(),
                settled.lightness(),
                settled.a(),
                settled.b(),
                openedOn,
                monthsOpen,
                allergens,
                inStock,
                null,
                null,
                null,
                badDate,
                version);
    }

    public String fullName() {
        return line + " " + name;
    }

    public Coverage coverage() {
        return Coverage.of(contrastRatio);
    }

    /** Returns the day it should no longer be used, or null when that is not known. */
    public LocalDate usableUntil() {
        return openedOn == null || monthsOpen == null ? null : openedOn.plusMonths(monthsOpen);
    }

    /** Returns the key that its stone keeps in every view. */
    public String stoneId() {
        return line + "|" + name;
    }
}
