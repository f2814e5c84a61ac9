package scree.core.cover;

/** Why a place is treated as it is; words live in messages. */
public enum CoverCode {
    /** The base does it alone. */
    BASE_ALONE,
    /** More base, no other product. */
    MORE_BASE,
    /** A cover does it, no corrector: it would save nothing. */
    COVER_ALONE,
    /** Args: leaning of the corrector in the plan, µm that it saves, coats that it saves. */
    CORRECTED,
    /** Without the corrector nothing reaches. Args: leaning. */
    ONLY_CORRECTED,
    /** Reaches, but only just: look after each coat. */
    JUST,
    /** Args: ΔE00 left, which way, how far. */
    OUT_OF_REACH,
    /** Args: family of the table, ΔE00 that it leaves. Green on deep skin leaves more than the base alone. */
    TABLE_HARMS,
    /** Thinnest skin of the face: fingertip or small soft brush, no pulling. */
    THIN_SKIN,
    CREPE,
    FINE_LINES,
    BAG,
    /** Args: minutes. */
    SOFTEN_FIRST,
    PORES,
    RAISED,
    /** Args: µm. */
    CAKES,
    /** Press, do not wipe. */
    PRESS,
    BROKEN
}
