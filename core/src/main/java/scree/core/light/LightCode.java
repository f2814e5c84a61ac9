package scree.core.light;

/** Why a light is good, usable or not. Each has words that say what to do. */
public enum LightCode {
    /** Even daylight. */
    EVEN_DAYLIGHT,
    /** Args: K. */
    WARM_LAMP,
    /** Args: K. */
    COOL_LIGHT,
    /** Args: Duv × 1000. */
    GREEN_TINT,
    /** Args: Duv × 1000. */
    PINK_TINT,
    /** Args: lux. */
    TOO_DIM,
    /** Args: lux. */
    TOO_BRIGHT,
    /** Args: per cent, brighter side. */
    SLANTS,
    /** Args: per cent, brighter side. */
    FROM_ONE_SIDE,
    /** Args: per cent. */
    FROM_ABOVE,
    /** The light has a colour of its own that no card takes out. */
    STRONG_CAST,
    /** The nose throws a shadow on the lip. */
    NOSE_SHADOW,
    /** Args: times. */
    FROM_BEHIND,
    /** Args: ΔE00. */
    TWO_COLOURS,
    /** Args: C*. */
    COLOURED_WALL,
    /** Args: per cent. */
    SKIN_CLIPPED,
    WORKED_OVER,
    /** The light's colour cannot be told: no card, no meter. */
    COLOUR_UNKNOWN
}
