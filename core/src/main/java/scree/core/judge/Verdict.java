package scree.core.judge;

import scree.core.colour.Lab;

/**
 * What comes of a product in a role at its best dose.
 *
 * @param coats usual coats
 * @param result colour, where light glances off it if it has sheen
 * @param rest colour away from the glint
 * @param target what was wanted
 * @param looks what one would see, {@link Looks#FITS} when it looks right
 * @param score ΔE00 from the target with what faults and effort cost; the less the better
 * @param margin room to the nearest bound, about ΔE00; below 0 outside
 * @param control ΔE00 that a tenth of a coat makes
 */
public record Verdict(
        double coats,
        Lab result,
        Lab rest,
        Lab target,
        Looks looks,
        double score,
        double offTarget,
        double margin,
        double control) {
    /** Room under which a fit is only just one. */
    private static final double JUST = 0.3;

    public boolean fits() {
        return looks == Looks.FITS;
    }

    /** Returns whether it fits, but only just. */
    public boolean just() {
        return fits() && margin < JUST;
    }
}
