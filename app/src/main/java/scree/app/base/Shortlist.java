package scree.app.base;

import java.util.List;
import scree.app.kit.Product;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.shade.Nearness;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;

/**
 * The kit's bases ranked for a skin.
 *
 * @param ranked nearest first, those the filter lets through
 * @param stripes products on trial, by letter
 * @param hidden bases the filter keeps back
 * @param light what the light of the reading was good for
 */
public record Shortlist(
        MatchTarget target,
        SkinReading.Trust trust,
        List<Ranked> ranked,
        List<Ranked> stripes,
        int hidden,
        LightVerdict light) {

    /** One base with its rank from 1, its difference and why. */
    public record Ranked(Product product, int rank, double difference, List<Reason> reasons, boolean struck) {
        public Nearness nearness() {
            return Nearness.of(difference);
        }
    }
}
