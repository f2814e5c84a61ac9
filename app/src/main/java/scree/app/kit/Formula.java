package scree.app.kit;

import org.apache.ibatis.annotations.AutomapConstructor;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;

/**
 * What a product is in a mix.
 *
 * @param guessed whether the carrier was guessed from the form, since nothing was recorded
 */
public record Formula(
        long productId,
        Carrier carrier,
        Double density,
        Double price,
        Double contentMl,
        double strength,
        int version,
        boolean guessed) {
    @AutomapConstructor
    public Formula {}

    /** A formula that was not stored yet. */
    public Formula(
            long productId,
            Carrier carrier,
            Double density,
            Double price,
            Double contentMl,
            double strength,
            boolean guessed) {
        this(productId, carrier, density, price, contentMl, strength, 0, guessed);
    }

    /** Returns what is taken while nothing was recorded. House choice: liquids are mostly water-based, creams and sticks oil. */
    static Formula guessed(Product p) {
        Carrier carrier = switch (p.form()) {
            case LIQUID -> Carrier.WATER;
            case CREAM, STICK -> Carrier.OIL;
            case POWDER -> Carrier.POWDER;
            case DROPS -> Carrier.ANY;
        };
        return new Formula(p.id(), carrier, null, null, null, 1, true);
    }

    /** Returns the same of a product that is stored. */
    Formula of(long product) {
        return new Formula(product, carrier, density, price, contentMl, strength, guessed);
    }

    /** Returns the product as a mix sees it. */
    public Ingredient ingredient(Product p) {
        return Ingredient.of(p.id(), p.settled(), strength, carrier);
    }

    /** Returns density and price, as far as they are known. */
    public Batch.Pack pack() {
        return new Batch.Pack(density, price == null || contentMl == null ? null : price / contentMl);
    }
}
