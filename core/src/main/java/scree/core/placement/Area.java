package scree.core.placement;

import static scree.core.placement.Family.*;

import scree.core.face.FacePoints;
import scree.core.face.Landmark;

/** A place on the face that make-up can be put to; the enum's order is the usual order of work within a family. */
public enum Area {
    SUN_FOREHEAD(SUN, false),
    SUN_CHEEK(SUN, true),
    SUN_NOSE(SUN, false),
    SUN_CHIN(SUN, false),
    SUN_NECK(SUN, false),
    HAIRLINE_SHADOW(SHADOW, false),
    TEMPLE_SHADOW(SHADOW, true),
    CHEEK_SHADOW(SHADOW, true),
    JAW_SHADOW(SHADOW, true),
    UNDER_CHIN_SHADOW(SHADOW, false),
    CHIN_SHADOW(SHADOW, false),
    NOSE_SHADOW(SHADOW, true),
    NOSE_TIP_SHADOW(SHADOW, false),
    UNDER_LIP_SHADOW(SHADOW, false),
    BLUSH(COLOUR, true),
    BLUSH_OVER_NOSE(COLOUR, false),
    UNDER_EYE_LIGHT(LIGHT, true),
    INNER_EYE_LIGHT(LIGHT, true),
    BRIDGE_LIGHT(LIGHT, false),
    FOREHEAD_LIGHT(LIGHT, false),
    UNDER_BROW_LIGHT(LIGHT, true),
    LIP_BOW_LIGHT(LIGHT, false),
    CHIN_LIGHT(LIGHT, false),
    MOUTH_CORNER_LIGHT(LIGHT, true),
    FOLD_LIGHT(LIGHT, true),
    MARIONETTE_LIGHT(LIGHT, true),
    CLEAN_LINE(LIGHT, true),
    JAW_EDGE_LIGHT(LIGHT, true),
    EYE_CORNER_LIGHT(LIGHT, true),
    T_POWDER(POWDER, false),
    UNDER_EYE_POWDER(POWDER, true),
    NOSE_SIDE_POWDER(POWDER, true),
    UPPER_LIP_POWDER(POWDER, false),
    LID_POWDER(POWDER, true),
    CLEAN_LINE_POWDER(POWDER, true),
    ALL_OVER_POWDER(POWDER, false),
    CHEEK_TOP_SHEEN(SHEEN, true),
    BROW_BONE_SHEEN(SHEEN, true),
    BRIDGE_SHEEN(SHEEN, false),
    NOSE_TIP_SHEEN(SHEEN, false),
    LIP_BOW_SHEEN(SHEEN, false),
    INNER_CORNER_SHEEN(SHEEN, true),
    CHIN_SHEEN(SHEEN, false);

    private final Family family;
    private final boolean paired;

    Area(Family family, boolean paired) {
        this.family = family;
        this.paired = paired;
    }

    public Family family() {
        return family;
    }

    /** Returns whether it exists on both sides. */
    public boolean paired() {
        return paired;
    }

    /** Returns whether it may melt over the hairline. */
    boolean meetsHair() {
        return this == HAIRLINE_SHADOW || this == TEMPLE_SHADOW || this == SUN_CHEEK || this == SUN_FOREHEAD;
    }

    /** Returns whether it may lie on hair: nobody has looked at the hairline or temple that bounds it, and the picture does not show it. */
    public boolean unsure(FacePoints points) {
        return switch (this) {
            case HAIRLINE_SHADOW, SUN_FOREHEAD -> !points.settled(Landmark.HAIRLINE);
            case TEMPLE_SHADOW -> !points.settled(Landmark.TEMPLE);
            default -> false;
        };
    }

    /** Returns whether it may lie on the neck. */
    boolean meetsNeck() {
        return this == JAW_SHADOW || this == UNDER_CHIN_SHADOW || this == CHIN_SHADOW || this == SUN_NECK;
    }
}
