package scree.core.shade;

import scree.core.colour.Lab;

/**
 * A base as far as ranking asks.
 *
 * @param settled colour when it has settled; of a powder the colour in the pan
 */
public record Candidate(Lab settled, Form form, Finish finish, Coverage coverage) {
    /** Returns the colour on skin: a powder deepens, the rest is as it settles. */
    public Lab onSkin(double wetting) {
        return form == Form.POWDER ? PowderOnSkin.on(settled, wetting) : settled;
    }
}
