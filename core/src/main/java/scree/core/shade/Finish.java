package scree.core.shade;

import java.util.List;

/** How a product looks when it has settled. */
public enum Finish {
    MATTE,
    SATIN,
    DEWY,
    SHEEN;

    /** Returns those that a base can have. */
    public static List<Finish> ofBases() {
        return List.of(MATTE, SATIN, DEWY);
    }
}
