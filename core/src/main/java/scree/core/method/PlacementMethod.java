package scree.core.method;

import java.util.EnumSet;
import java.util.Set;

/**
 * Aim and schools of one placement. {@code USUAL} in a school leaves it to aim, shape and findings.
 *
 * @param insisted schools that are laid although the face speaks against them
 */
public record PlacementMethod(
        Aim aim,
        CheekLine line,
        CheekStop stop,
        UnderEye underEye,
        BlushWay blush,
        Widening widening,
        Shadow shadow,
        Set<Insist> insisted) {
    public PlacementMethod {
        insisted = insisted == null ? Set.of() : Set.copyOf(insisted); // from before one could
    }

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
                Shadow.OWN_SHADOW,
                Set.of());
    }

    public PlacementMethod withAim(Aim other) {
        return new PlacementMethod(other, line, stop, underEye, blush, widening, shadow, insisted);
    }

    public PlacementMethod withCheekLine(CheekLine other) {
        return new PlacementMethod(aim, other, stop, underEye, blush, widening, shadow, insisted);
    }

    public PlacementMethod withCheekStop(CheekStop other) {
        return new PlacementMethod(aim, line, other, underEye, blush, widening, shadow, insisted);
    }

    public PlacementMethod withUnderEye(UnderEye other) {
        return new PlacementMethod(aim, line, stop, other, blush, widening, shadow, insisted);
    }

    public PlacementMethod withBlushWay(BlushWay other) {
        return new PlacementMethod(aim, line, stop, underEye, other, widening, shadow, insisted);
    }

    public PlacementMethod withWidening(Widening other) {
        return new PlacementMethod(aim, line, stop, underEye, blush, other, shadow, insisted);
    }

    public PlacementMethod withShadow(Shadow other) {
        return new PlacementMethod(aim, line, stop, underEye, blush, widening, other, insisted);
    }

    /** Returns the same with one more school insisted on. */
    public PlacementMethod insisting(Insist on) {
        Set<Insist> more = EnumSet.of(on);
        more.addAll(insisted);
        return new PlacementMethod(aim, line, stop, underEye, blush, widening, shadow, more);
    }
}
