package scree.core.shade;

import scree.core.colour.Check;

/** How much one usual coat hides, by contrast ratio. House choice (start values), docs/method.md. */
public enum Coverage {
    SHEER(0),
    MEDIUM(0.60),
    FULL(0.85);

    private final double from;

    Coverage(double from) {
        this.from = from;
    }

    /** @param contrastRatio luminance over black / over white, 0..1 */
    public static Coverage of(double contrastRatio) {
        double ratio = Check.inRange("contrast ratio", contrastRatio, 0, 1, "give it as a share, not in %");
        return ratio >= FULL.from ? FULL : ratio >= MEDIUM.from ? MEDIUM : SHEER;
    }
}
