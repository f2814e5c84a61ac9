package scree.core.light;

/**
 * What a picture tells of its light. A figure is null when the picture cannot tell it.
 *
 * @param card what the reading rests on
 * @param kelvin colour temperature told from the colour card, ± 20 mired
 * @param leftRight ln(right cheek / left cheek) of the light, the sitter's right; above 0 the right side is brighter
 * @param fromAbove ln(forehead / chin) of the light, shine taken out, beyond what a face turned to a window shows; above 0 the light
 *     stands high
 * @param underNose ln(darker of the cheek and the skin beside / skin just under the nose); high when the nose throws a shadow down
 * @param behind luminance of the wall behind against a white card beside the face; above 1 the wall is lit, not the face
 * @param twoColours ΔE00 between the two cheeks once their brightness is made alike
 * @param wallChroma C* of what stands beside the head
 * @param clipped share of the skin's pixels that are clipped, 0..1
 * @param halo rms of ln light on the card's white border that no even slope explains
 * @param tinted whether the light has a strong colour of its own that no card takes out; null when nobody looked
 */
public record LightFigures(
        Card card,
        Double kelvin,
        Double leftRight,
        Double fromAbove,
        Double underNose,
        Double behind,
        Double twoColours,
        Double wallChroma,
        double clipped,
        double halo,
        Boolean tinted) {
    /** What was held beside the face. */
    public enum Card {
        COLOUR,
        GREY,
        NONE
    }

    /** Returns whether the light has a strong colour of its own that no card takes out. */
    public boolean strongCast() {
        return Boolean.TRUE.equals(tinted);
    }

    /** Returns |ln left/right|, 0 when the picture cannot tell. */
    public double slant() {
        return leftRight == null ? 0 : Math.abs(leftRight);
    }
}
