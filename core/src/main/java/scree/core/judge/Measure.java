package scree.core.judge;

/**
 * A measure of a result on its ground, with the unit in which an excess over a bound counts: about one ΔE00, derived from S_L 1.2,
 * S_C 1.7 at chroma 15 and S_H 1.2, rounded (docs/method.md).
 */
enum Measure {
    /** L* of result minus ground. */
    LIGHTER(1.2),
    /** a* of result minus ground. */
    REDDER(1.5),
    /** Difference of hue angles, degrees, less on greyish skin. */
    HUE_TURN(4),
    /** Chroma against what this very skin would have at the result's lightness. */
    OWN_CHROMA(.11),
    /** Chroma against the ground's. */
    CHROMA(.11),
    /** ΔE00 to the ground. */
    DIFFERENCE(1),
    /** Luminance left: the cube of (L* + 16) over that of the ground. */
    LUMINANCE(.05),
    /** Direction in which colour is pushed, degrees from +a* towards +b*. */
    PUSH(12),
    /** L* lost for each unit of colour pushed. */
    DARKENING(.2),
    LIGHTNESS(2),
    ABSOLUTE_CHROMA(4),
    HUE(8),
    /** ΔE00 to the ground away from the glint. */
    REST_DIFFERENCE(1),
    /** {@link #OWN_CHROMA} away from the glint. */
    REST_OWN_CHROMA(.11),
    /** ΔE00 to the ground in a flash. */
    FLASH_DIFFERENCE(1),
    /** ΔE00 that a tenth of a coat makes. */
    CONTROL(.8);

    private final double unit;

    Measure(double unit) {
        this.unit = unit;
    }

    double unit() {
        return unit;
    }
}
