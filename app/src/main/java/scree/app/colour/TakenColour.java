package scree.app.colour;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.kit.Product;
import scree.app.place.TakenPlan;
import scree.core.colour.Lab;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Harmony;
import scree.core.harmony.LipLayer;
import scree.core.harmony.Part;
import scree.core.judge.LaidProduct;
import scree.core.judge.Looks;
import scree.core.reason.Reason;

/**
 * Colour as it stands.
 *
 * @param plan the face and what is placed on it
 * @param options by family, for cheeks and lips
 * @param picks what is worn; a part that nothing in the kit serves is missing
 * @param layer over the lip, or null
 * @param edge what draws the lips' edge where it is not their own, or null
 * @param lip own colour of the lips
 * @param nothing parts that nothing in this kit serves, with what to look for where that can be told
 * @param unsaid what is kept from the eye because nobody said whether it is safe there
 */
public record TakenColour(
        ColourSheet sheet,
        int seq,
        boolean undoable,
        boolean redoable,
        TakenPlan plan,
        Map<Part, List<Harmony.Option<Product>>> options,
        Map<Part, Pick> picks,
        Layer layer,
        Product edge,
        LaidProduct edgeLaid,
        Lab lip,
        Map<Part, Optional<Reason>> nothing,
        Map<Part, List<Product>> unsaid) {
    /**
     * A product that is worn.
     *
     * @param family null where colour is not chosen by families
     * @param coats for the event's light
     * @param ground what it lies on
     * @param result what it looks like by day
     * @param looks what one would see of it, right or not
     * @param others that would look right too
     */
    record Pick(
            Part part,
            Product product,
            LaidProduct laid,
            ColourFamily family,
            double coats,
            Lab ground,
            Lab result,
            Looks looks,
            boolean byHand,
            List<Reason> why,
            List<Product> others) {}

    /** A layer over the lip. */
    record Layer(Product product, LaidProduct laid, LipLayer turn) {}

    /** Returns what a part wears, empty for none. */
    public Optional<Product> worn(Part part) {
        return Optional.ofNullable(picks.get(part)).map(Pick::product);
    }

    /** Returns what lies over the lip's colour, empty for nothing. */
    public Optional<Product> layered() {
        return Optional.ofNullable(layer).map(Layer::product);
    }

    /** Returns what draws the lips' edge, empty for nothing. */
    public Optional<Product> lined() {
        return Optional.ofNullable(edge);
    }

    /** Returns the family that is worn on a part, null when none serves. */
    ColourFamily family(Part part) {
        return picks.containsKey(part) ? picks.get(part).family() : null;
    }
}
