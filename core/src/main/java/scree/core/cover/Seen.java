package scree.core.cover;

import scree.core.skin.FreeSpot;
import scree.core.skin.SkinFinding;

/** What is seen at a place that parts from the skin beside it, in words of colour only, never a diagnosis. */
public enum Seen {
    REDNESS,
    BLEMISH,
    CAPILLARY,
    PURPLE,
    BROWN,
    SUN_SPOT,
    DARK_MOUTH,
    SALLOW,
    TATTOO,
    DULL_LID,
    SCAR;

    /** Returns what a zone's finding is, or null where correction has nothing to do: a neck is matched, a tanned forehead left. */
    static Seen of(SkinFinding.Code code) {
        return switch (code) {
            case NOSE_RED, AROUND_NOSE_RED, CHEEKS_RED -> REDNESS;
            case MOUTH_DARK, UPPER_LIP_DARK -> DARK_MOUTH;
            case UNDER_EYE_PURPLE -> PURPLE;
            case UNDER_EYE_BROWN -> BROWN;
            case LIDS_DULL -> DULL_LID;
            case SALLOW -> SALLOW;
            case FOREHEAD_DEEPER,
                    FACE_LIGHTER_THAN_NECK,
                    FACE_DEEPER_THAN_NECK,
                    FACE_REDDER_THAN_NECK,
                    FACE_YELLOWER_THAN_NECK,
                    CHEST_MARKED_BY_SUN -> null;
        };
    }

    /** Returns what a spot is. */
    static Seen of(FreeSpot.Kind kind) {
        return switch (kind) {
            case BLEMISH -> BLEMISH;
            case SUN_SPOT -> SUN_SPOT;
            case CAPILLARY -> CAPILLARY;
            case SCAR -> SCAR;
            case TATTOO -> TATTOO;
            case PATCH -> BROWN;
        };
    }

    /** Returns whether cover is pressed on dense, coat by coat, as on scars and tattoos. */
    public boolean heavy() {
        return this == SCAR || this == TATTOO;
    }
}
