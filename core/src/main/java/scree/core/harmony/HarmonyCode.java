package scree.core.harmony;

/** Why a colour was chosen. Arguments are named in order. */
public enum HarmonyCode {
    /** Args: undertone family. */
    BY_UNDERTONE,
    OLIVE_MUTED,
    /** Features stand out little: a lighter hand. */
    LOW_CONTRAST,
    HIGH_CONTRAST,
    /** Brows were not told nor read: a usual contrast is supposed. */
    CONTRAST_SUPPOSED,
    HIDES_REDNESS,
    EVENING_BEARS_MORE,
    /** Args: percent more. The event's light eats red. */
    LAMP_EATS_RED,
    ONE_FAMILY,
    /** Brown, not black: brows and hair are not dark. */
    SOFT_LINE,
    DARK_LINE,
    BESIDE_THE_HAIR
}
