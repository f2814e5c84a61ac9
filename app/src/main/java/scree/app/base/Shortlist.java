package scree.app.base;

import java.util.List;
import scree.app.kit.Product;
import scree.core.colour.Lab;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.shade.Nearness;
import scree.core.shade.RankBases;
import scree.core.shade.Wear;
import scree.core.skin.MatchPlace;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;
import scree.core.skin.Undertone;

/**
 * The kit's bases ranked for a skin.
 *
 * @param family undertone that leads
 * @param ranked best first, those the filter lets through and nothing strikes
 * @param apart struck ones that would have stood near, best first
 * @param stripes products on trial, by letter
 * @param total bases of the kit
 * @param listed bases that the filter lets through, struck or not, as far as they were asked for
 * @param light what the light of the reading was good for
 */
public record Shortlist(
        MatchTarget target,
        List<MatchPlace> places,
        SkinReading.Trust trust,
        Undertone.Family family,
        Wear.Wish wish,
        BaseSetting setting,
        List<Ranked> ranked,
        List<Ranked> apart,
        List<Ranked> stripes,
        int total,
        int listed,
        LightVerdict light) {

    /**
     * One base in its place.
     *
     * @param rank from 1; 0 for one that stands apart
     * @param reasons along which axes it differs from the skin
     */
    public record Ranked(
            Product product, int rank, RankBases.Placed placed, List<Reason> reasons, List<Product.Struck> struck) {
        public Nearness nearness() {
            return Nearness.of(placed.difference());
        }

        public double difference() {
            return placed.difference();
        }

        /** Returns how it stands, for the record. */
        BaseChoice.Standing standing(String overruled) {
            return new BaseChoice.Standing(difference(), Math.max(1, rank), overruled);
        }

        /** Returns its colour on this skin. */
        public Lab onSkin() {
            return placed.onSkin();
        }

        public boolean powder() {
            return product.powder();
        }
    }
}
