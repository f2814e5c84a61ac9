package scree.core.mix;

/** What a product is carried in. Water and oil split; silicone carries most; powder goes into none of them evenly. */
public enum Carrier {
    WATER,
    OIL,
    SILICONE,
    POWDER,
    /** Drops that their label allows in any base. */
    ANY;

    /** How two carriers go together. */
    public enum Together {
        FINE,
        /** Usually holds; stir, wait and look. */
        LOOK,
        /** Splits or clumps. */
        SPLITS
    }

    /** Returns how they go together. Craft rule: families that split are not mixed unless the mixer takes both. */
    public Together with(Carrier other) {
        if (this == other || this == ANY || other == ANY) {
            return Together.FINE;
        }
        if (this == POWDER || other == POWDER) {
            return Together.SPLITS;
        }
        return this == SILICONE || other == SILICONE ? Together.LOOK : Together.SPLITS;
    }
}
