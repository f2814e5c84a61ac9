package scree.core.routine;

/**
 * How much a step takes, in what can be counted.
 *
 * @param count how many
 * @param other what a kind counts besides: cm of a spray, loads
 */
public record Amount(Kind kind, double count, int other) {
    /** What is counted and for what; words live in messages. */
    public enum Kind {
        NONE,
        PADS,
        SOAKED_BUDS,
        DROPS,
        PEA_SIZES,
        GEL_PEA_SIZES,
        PEA_SIZES_WITH_NECK,
        RICE_GRAINS,
        RICE_GRAINS_AN_EYE,
        RICE_GRAINS_FOR_BOTH,
        TISSUES,
        PUMPS,
        STRIPES,
        HALF_AS_MUCH_DEEPER,
        DAMP_SPONGE,
        WHAT_IS_LEFT,
        TAPS,
        TAPS_HALF_ON_FOREHEAD,
        /** Other: loads. */
        TAPS_OF_LOADS,
        TAPS_TAPPED_OFF,
        /** Other: colours. */
        TAPS_OF_COLOURS,
        TAPS_AN_EYE,
        TAPS_AN_EYE_WITH_BALM,
        TAPS_AN_EYE_LEFT_ON,
        TAPS_A_COAT,
        TAPS_A_PLACE,
        TAPS_A_SIDE,
        TAPS_A_SIDE_LIGHT_HAND,
        TAPS_IN_ALL,
        TAPS_FOR_BOTH,
        TAPS_FOR_BOTH_LINES,
        TAPS_LEFT_ON_BRUSH,
        TAPS_OF_LIP_BRUSH,
        LOADS,
        LOADS_AN_EYE,
        WAND_LOADS,
        WANDS,
        PRESSES,
        PRESSES_AN_EYE,
        DOTS,
        DABS_EACH,
        EMPTY_BRUSH,
        WIPED_BRUSH,
        DRY_BRUSH,
        CLEAN_BRUSH,
        WARM_FINGER,
        SHORT_STROKES,
        GLUE_LINES,
        LINES,
        /** Other: cm. */
        SPRAYS,
        /** Other: cm. */
        SPRAYS_EYES_CLOSED,
        KIT_OF_THREE
    }

    static Amount none() {
        return of(Kind.NONE, 0);
    }

    static Amount of(Kind kind, double count) {
        return new Amount(kind, count, 0);
    }

    static Amount of(Kind kind, double count, int other) {
        return new Amount(kind, count, other);
    }
}
