package scree.app.kit;

/**
 * Everything that is known of a product, as a file carries it.
 *
 * @param formula what it is in a mix, or null when nothing was recorded
 */
public record KitRow(Product product, Formula formula) {}
