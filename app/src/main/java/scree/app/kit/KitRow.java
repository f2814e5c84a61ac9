package scree.app.kit;

/**
 * Everything that is known of a product, as a file carries it.
 *
 * @param formula what it is in a mix, or null when nothing was recorded
 */
public record KitRow(Product product, Formula formula) {
    /** Returns the row of a product that is stored. */
    KitRow storedAs(Product stored) {
        Product own = product.stored(stored.id(), stored.version());
        return new KitRow(own, formula == null ? null : formula.of(stored.id()));
    }
}
