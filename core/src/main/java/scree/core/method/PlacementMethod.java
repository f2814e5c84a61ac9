package scree.core.method;

/**
 * Aim and schools of one placement. {@code USUAL} in a school leaves it to aim, shape and findings.
 */
public record PlacementMethod(
        Aim aim, CheekLine line, CheekStop stop, UnderEye underEye, BlushWay blush, Widening widening, Shadow shadow) {

    /** Where the cheek's shadow lies. */
    public enum CheekLine {
        USUAL,
        BONE,
        HOLLOW
    }

    /** How far forward the cheek's shadow comes. */
    public enum CheekStop {
        BROW_ARCH,
        OUTER_CORNER,
        PUPIL
    }

    /** How the under-eye is brightened. */
    public enum UnderEye {
        USUAL,
        TRIANGLE,
        CORNERS,
        DOWNWARD,
        WEDGE
    }

    /** Where the blush goes. */
    public enum BlushWay {
        USUAL,
        LIFT,
        APPLES,
        HORIZONTAL,
        DRAPE
    }

    /** Which narrow part is widened by light. */
    public enum Widening {
        USUAL,
        JAW_EDGE,
        EYE_CORNER,
        NEITHER
    }

    /** How the contour's colour is found. */
    public enum Shadow {
        OWN_SHADOW,
        STEPS
    }

    public static PlacementMethod usual() {
        return new PlacementMethod(
                Aim.BALANCE,
                CheekLine.USUAL,
                CheekStop.OUTER_CORNER,
                UnderEye.USUAL,
                BlushWay.USUAL,
                Widening.USUAL,
                Shadow.OWN_SHADOW);
    }

    public PlacementMethod withAim(Aim other) {
        return new PlacementMethod(other, line, stop, underEye, blush, widening, shadow);
    }
}
