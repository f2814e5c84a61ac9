package scree.app.kit;

import org.apache.ibatis.annotations.AutomapConstructor;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.Drops;
import scree.core.mix.Ingredient;
import scree.core.shade.Role;

/**
 * What a product is in a mix.
 *
 * @param strength how much one part colours against a usual base, or null until a test mix taught it
 * @param guessed whether the carrier was guessed from the form, since nothing was recorded
 */
public record Formula(
        long productId,
        Carrier carrier,
        Double density,
        Double price,
        Double contentMl,
        Double strength,
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
            Double strength,
            boolean guessed) {
        this(productId, carrier, density, price, contentMl, strength, 0, guessed);
    }

    /** Returns what is taken while nothing was recorded. House choice: liquids are mostly water-based, creams and sticks oil. */
    static Formula guessed(Product p) {
        Carrier carrier = switch (p.form()) {
            case LIQUID, GEL, MIST -> Carrier.WATER;
            case CREAM, STICK, PENCIL -> Carrier.OIL;
            case POWDER -> Carrier.POWDER;
            case DROPS, OBJECT -> Carrier.ANY;
        };
        return new Formula(p.id(), carrier, null, null, null, null, true);
    }

    /** Returns the same of a product that is stored. */
    Formula of(long product) {
        return new Formula(product, carrier, density, price, contentMl, strength, guessed);
    }

    /** Returns how strongly it colours as far as is known: drops of which nothing is known are taken for strong ones. */
    public double strengthOf(Product p) {
        return strength != null ? strength : usualStrength(p);
    }

    /** Returns how strongly a product is taken to colour until a test mix taught it. */
    public static double usualStrength(Product p) {
        return p.role() == Role.MIXER ? Drops.UNKNOWN_STRENGTH : 1;
    }

    /** Returns the product as a mix sees it. */
    public Ingredient ingredient(Product p) {
        return Ingredient.of(p.id(), p.settled(), strengthOf(p), carrier);
    }

    /** Returns density and price, as far as they are known. */
    public Batch.Pack pack() {
        return new Batch.Pack(density, price == null || contentMl == null ? null : price / contentMl);
    }
}
