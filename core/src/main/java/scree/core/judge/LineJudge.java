package scree.core.judge;

import scree.core.shade.Role;

/** Judges an opaque line, eye liner or mascara, by its depth alone: never much deeper than the brow, never lost against the lid. */
public final class LineJudge {
    /** L* that a line may be deeper than the brow by day, in the evening. House choice after the craft's rule of brows. */
    private static final double LINER_DAY = 22;

    private static final double LINER_EVENING = 32;
    private static final double MASCARA_DAY = 28;
    private static final double MASCARA_EVENING = 38;
    /** L* that a line must be deeper than the lid to be seen. House choice. */
    private static final double SEEN = 12;

    private LineJudge() {}

    /**
     * What is seen of a line.
     *
     * @param margin L* to the nearest bound; below 0 outside
     */
    public record Line(Looks looks, double margin) {}

    /**
     * @param role liner or mascara
     * @param lightness L* of the product
     * @param lid L* of the lid it lies on
     */
    public static Line of(Role role, RoleSkin skin, double lightness, boolean evening, double lid) {
        double below =
                role == Role.MASCARA ? evening ? MASCARA_EVENING : MASCARA_DAY : evening ? LINER_EVENING : LINER_DAY;
        double floor = skin.brow() - below;
        double ceiling = lid - SEEN;
        if (lightness < floor) {
            return new Line(Looks.TOO_STRONG, lightness - floor);
        }
        if (lightness > ceiling) {
            return new Line(Looks.INVISIBLE, ceiling - lightness);
        }
        return new Line(Looks.FITS, Math.min(lightness - floor, ceiling - lightness));
    }
}
