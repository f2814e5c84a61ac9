package scree.core.cover;

/**
 * An amount of a product in a plan.
 *
 * @param amount in usual coats, above 0; 1½ are a usual and a thin one
 */
public record Layer<T>(Ware<T> ware, double amount) {
    /** Returns how many coats these are by hand. */
    public int coats() {
        return (int) Math.ceil(amount);
    }

    /** Returns how thick it lies where a place swells it, µm. */
    double microns(Bears bears) {
        return amount * ware.coat().microns() * bears.swollen();
    }
}
