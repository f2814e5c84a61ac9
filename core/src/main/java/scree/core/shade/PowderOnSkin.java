package scree.core.shade;

import scree.core.colour.Check;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.skin.SkinType;

/**
 * How a pressed powder looks on skin: oil and moisture fill the air between its grains, light is scattered less, so K/S rises by
 * a factor in every band: more on oily skin, and more for deep shades.
 */
public final class PowderOnSkin {
    /** Factor on K/S at skin without oil. House choices, docs/method.md: two steps of a range on normal skin. */
    private static final double DRY = 1.14;

    private static final double NORMAL = 1.28;
    private static final double COMBINATION = 1.38;
    private static final double OILY = 1.52;
    /** What fresh cream or primer adds. */
    private static final double MOIST = 0.10;

    /** Deep shades take more: the factor alone darkens fair and deep by nearly the same L*. House choices. */
    private static final double MIDDLE = 60;

    private static final double PER_SHARE = 50;
    private static final double LEAST_SHARE = 0.6;
    private static final double MOST_SHARE = 1.6;

    /** One answer moves the strength by this. House choice: four answers from the model to none or double. */
    private static final double STEP = 0.25;
    /** Asking for more or less by hand moves it by this. House choice: two answers. */
    public static final double BY_HAND = 0.5;
    /** The most of the model that an eye may confirm: double. House choice. */
    private static final double MOST = 2;

    private PowderOnSkin() {}

    /** How much of the model is taken. */
    public enum Taken {
        LESS,
        USUAL,
        MORE
    }

    /** @param strength 0 to 2, 1 is the model; a step to either side is still usual */
    public static Taken taken(double strength) {
        return strength < 1 - STEP ? Taken.LESS : strength > 1 + STEP ? Taken.MORE : Taken.USUAL;
    }

    /** Returns the strength nearest to a wish, 0 to 2. */
    public static double within(double strength) {
        return Math.max(0, Math.min(MOST, strength));
    }

    /** Returns by how much the strength moves after what was seen of a powder beside the skin. */
    public static double moved(DryDown.Answer seen) {
        return seen == DryDown.Answer.TOO_DEEP ? STEP : seen == DryDown.Answer.TOO_LIGHT ? -STEP : 0;
    }

    /**
     * Returns the factor on K/S.
     *
     * @param type null when unknown, taken as normal
     * @param moist whether cream or primer lies under it
     * @param strength how much of the model the artist's eye confirms, 0 (none) to 2 (double); 1 is the model
     */
    public static double wetting(SkinType type, boolean moist, double strength) {
        Check.inRange("strength of the powder model", strength, 0, MOST, "1 is the model, 0 leaves pan colour");
        double factor = switch (type == null ? SkinType.NORMAL : type) {
            case DRY -> DRY;
            case NORMAL -> NORMAL;
            case COMBINATION -> COMBINATION;
            case OILY -> OILY;
        };
        return 1 + strength * (factor - 1 + (moist ? MOIST : 0));
    }

    /** How much of the factor a shade takes: less when fair, more when deep. */
    private static double share(double lightness) {
        return Math.max(LEAST_SHARE, Math.min(MOST_SHARE, 1 + (MIDDLE - lightness) / PER_SHARE));
    }

    /** Returns the colour on skin; a colour that no powder can have stays as it is. */
    public static Lab on(Lab pan, double wetting) {
        if (wetting == 1) {
            return pan;
        }
        double factor = 1 + (wetting - 1) * share(pan.lightness());
        return LeastSlope.spectrumOf(pan)
                .map(s -> s.map(r -> KubelkaMunk.reflectance(factor * KubelkaMunk.absorption(Math.min(1, r))))
                        .toLab())
                .orElse(pan);
    }
}
