package scree.core.placement;

/** Why a zone lies where it lies and is as strong as it is. Arguments are named in order. */
public enum Why {
    /** Args: cheek line. */
    FROM_THE_EAR,
    /** Args: cheek stop. */
    STOPS_AT,
    /** Args: shape. The leading shape asks for it. */
    SHAPE_ASKS,
    /** Args: shape. */
    SHAPE_EASES,
    /** Args: aim. */
    AIM_ASKS,
    HOLLOW_EASED,
    /** Args: percent. This side is fuller. */
    FULLER_SIDE,
    TALL_FOREHEAD,
    MELTS_INTO_HAIR,
    FRAMES_THE_EYES,
    JAW_UNDER,
    JOWL_UNDER,
    UNDER_CHIN_FULL,
    NOSE_NARROWER,
    NOSE_LONGER,
    NOSE_SHORTER,
    NOSE_USUAL,
    CLOSE_SET_CLEAR,
    /** Args: side. More on the side with less shadow of its own. */
    CROOKED_MORE,
    CHIN_SHORTER,
    LIP_FULLER,
    TRIANGLE_LIGHT,
    CORNERS_ONLY,
    BAG_GROOVE,
    DOWNWARD_LENGTHENS,
    WEDGE_LIFTS,
    CLOSE_SET_WIDER,
    BRIDGE_CLEAN,
    FOREHEAD_FORWARD,
    BROW_LIFT,
    BOW_CRISP,
    CHIN_FORWARD,
    SHADOW_GONE,
    SHARPENS_SHADOW,
    WIDENS_JAW,
    WIDENS_EYES,
    BETWEEN_LIGHT_AND_SHADOW,
    BLUSH_LIFTS,
    BLUSH_FRESH,
    BLUSH_SHORTENS,
    BLUSH_DRAPED,
    CHEEKS_FULL_OFF_FRONT,
    CHEEKS_FLAT_HIGHER,
    RED_MUTED,
    SUN_LANDS,
    TIES_TO_CHEST,
    CATCHES_LIGHT,
    /** Args: skin type. */
    SKIN_SHINES,
    HOLDS_CONCEALER
}
