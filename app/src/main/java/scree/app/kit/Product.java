package scree.app.kit;

import java.time.LocalDate;
import scree.core.colour.Lab;
import scree.core.shade.Allergens;
import scree.core.shade.Coverage;

/** A product of the kit as stored; enum names as text. */
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
        int version) {
    public Lab wet() {
        return Lab.of(wetL, wetA, wetB);
    }

    public Lab settled() {
        return Lab.of(settledL, settledA, settledB);
    }

    /** Returns the product with colours measured anew. */
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

    /** Returns whether a client must not have it: out of stock, past its time, or holding something that they react to. */
    public boolean struckFor(String allergies, String reactions, LocalDate today) {
        boolean past = usableUntil() != null && usableUntil().isBefore(today);
        return !inStock || past || Allergens.anyIn(allergens, allergies, reactions);
    }

    /** Returns the key that its stone keeps in every view. */
    public String stoneId() {
        return line + "|" + name;
    }
}
