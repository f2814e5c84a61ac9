package scree.core.mix;

import scree.core.colour.Check;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * Something that can go into a mix.
 *
 * @param id the maker's own, kept as it is
 * @param spectrum at full opacity, settled
 * @param strength how much one counted part colours against others, 1 for a usual base; fitted from test mixes
 * @param family what it is carried in; families that split are not mixed
 */
public record Ingredient(long id, Spectrum spectrum, double strength, Carrier family) {
    public Ingredient {
        strength =
                Check.inRange("tinting strength", strength, 0.01, 100, "1 is a usual base; log a test mix to learn it");
    }

    /**
     * Returns an ingredient of which only the colour is known.
     *
     * @throws IllegalArgumentException for a colour that no product can have
     */
    public static Ingredient of(long id, Lab settled, double strength, Carrier family) {
        Spectrum spectrum = LeastSlope.spectrumOf(settled)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that a product can have: measure it again".formatted(settled)));
        return new Ingredient(id, spectrum, strength, family);
    }

    /** Returns the same with another strength. */
    public Ingredient withStrength(double other) {
        return new Ingredient(id, spectrum, other, family);
    }
}
