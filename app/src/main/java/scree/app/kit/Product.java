package scree.app.kit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import scree.core.care.Sensitivities;
import scree.core.colour.Lab;
import scree.core.shade.Candidate;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;

/**
 * A product of the kit.
 *
 * @param contrastRatio how much of black under it it hides where it lies as on its swatch, 0 to 1
 * @param allergens as the label says, or null
 */
public record Product(
        long id,
        String line,
        String name,
        Role role,
        Form form,
        Finish finish,
        double contrastRatio,
        Swatch swatch,
        Traits traits,
        Opened opened,
        String allergens,
        Stock stock,
        int version) {
    /** A product that is not stored yet: in stock, nothing known against it. */
    public static Product fresh(
            String line, String name, Role role, Form form, Finish finish, double contrastRatio, Swatch swatch) {
        return new Product(
                0,
                line,
                name,
                role,
                form,
                finish,
                contrastRatio,
                swatch,
                Traits.UNTOLD,
                Opened.UNKNOWN,
                null,
                Stock.ENOUGH,
                0);
    }

    /** Returns the colour just laid. */
    public Lab wet() {
        return swatch.wet();
    }

    /** Returns the settled colour to count on. */
    public Lab settled() {
        return swatch.settled();
    }

    /** Returns the settled colour as it was typed or measured on a swatch. */
    public Lab recorded() {
        return swatch.recorded();
    }

    /** Returns whether stripes taught what it does while it settles. */
    public boolean learned() {
        return swatch.learned() != null;
    }

    /** Returns what ranking asks of it. */
    public Candidate candidate() {
        return new Candidate(settled(), form, finish, coverage());
    }

    /** Returns whether it is laid dry. */
    public boolean powder() {
        return form == Form.POWDER;
    }

    /** Returns whether it should no longer be used on a day. */
    public boolean pastItsTime(LocalDate today) {
        LocalDate until = opened.until();
        return until != null && until.isBefore(today);
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
        if (!inStock()) {
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
    public Product measured(Lab wet, Lab settled, Measure measure) {
        return with(Swatch.of(wet, settled).by(measure));
    }

    /** Returns the product hiding as much as was measured. */
    public Product hiding(double contrast) {
        return new Product(
                id, line, name, role, form, finish, contrast, swatch, traits, opened, allergens, stock, version);
    }

    /** Returns the product with other colours. */
    public Product with(Swatch other) {
        return new Product(
                id, line, name, role, form, finish, contrastRatio, other, traits, opened, allergens, stock, version);
    }

    /** Returns the product with what is known of its opening. */
    public Product with(Opened other) {
        return new Product(
                id, line, name, role, form, finish, contrastRatio, swatch, traits, other, allergens, stock, version);
    }

    /** Returns the product with what its label says, null when nothing. */
    public Product withAllergens(String label) {
        return new Product(
                id, line, name, role, form, finish, contrastRatio, swatch, traits, opened, label, stock, version);
    }

    /** Returns the product with what was told of it beside its colour. */
    public Product with(Traits other) {
        return new Product(
                id, line, name, role, form, finish, contrastRatio, swatch, other, opened, allergens, stock, version);
    }

    /** Returns the product of which so much is left. */
    public Product with(Stock left) {
        return new Product(
                id, line, name, role, form, finish, contrastRatio, swatch, traits, opened, allergens, left, version);
    }

    /** Returns the product there to be used, or used up. */
    public Product inStock(boolean there) {
        return with(there ? Stock.ENOUGH : Stock.OUT);
    }

    /** Returns whether it is there to be used. */
    public boolean inStock() {
        return stock != Stock.OUT;
    }

    /** Returns the product under the id that it is stored by. */
    public Product stored(long as, int at) {
        return new Product(
                as, line, name, role, form, finish, contrastRatio, swatch, traits, opened, allergens, stock, at);
    }

    /** Returns line and name. */
    public String fullName() {
        return line + " " + name;
    }

    /** Returns how much it hides, in the words of the craft. */
    public Coverage coverage() {
        return Coverage.of(contrastRatio);
    }

    /** Returns the key that its stone keeps in every view. */
    public String stoneId() {
        return line + "|" + name;
    }
}
