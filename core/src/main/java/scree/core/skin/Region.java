package scree.core.skin;

/** Regions that are told apart for skin type. */
public enum Region {
    /** Forehead, nose and chin. */
    T_ZONE,
    CHEEKS,
    EYES,
    NECK
}
