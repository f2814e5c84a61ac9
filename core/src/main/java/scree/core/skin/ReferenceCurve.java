package scree.core.skin;

import scree.core.colour.Lab;
import scree.core.colour.Table;

/**
 * The usual colour of skin at each depth: a*, b*, chroma and hue against L*. A model curve (average blood), not measured
 * data: about ±3° and ±2.5 C* for L* 36–70, less sure outside. Ends are clamped. Kept in this one place.
 */
public final class ReferenceCurve {
    /** How far the curve itself may be off, in degrees of hue. Derived: stated with the curve's data. */
    public static final double HUE_SPREAD_DEGREES = 3;

    private static final Table TABLE = Table.beside(ReferenceCurve.class, "skin_reference_curve.csv");
    private static final double[] LIGHTNESS = TABLE.column(0);
    private static final double[] A = TABLE.column(1);
    private static final double[] B = TABLE.column(2);

    private ReferenceCurve() {}

    /** Returns usual skin at this L*; beyond 26..78 the chroma of the nearer end. */
    public static Lab at(double lightness) {
        return Lab.of(lightness, interpolate(A, lightness), interpolate(B, lightness));
    }

    /** Returns hue minus usual hue at that depth, −180 to 180 degrees: above 0 more golden, below 0 pinker. */
    public static double hueLean(Lab skin) {
        double lean = skin.hueDegrees() - at(skin.lightness()).hueDegrees();
        return lean > 180 ? lean - 360 : lean < -180 ? lean + 360 : lean;
    }

    private static double interpolate(double[] column, double lightness) {
        int last = LIGHTNESS.length - 1;
        if (lightness <= LIGHTNESS[0]) {
            return column[0];
        }
        if (lightness >= LIGHTNESS[last]) {
            return column[last];
        }
        double step = (lightness - LIGHTNESS[0]) / (LIGHTNESS[1] - LIGHTNESS[0]);
        int i = (int) step;
        return column[i] + (step - i) * (column[i + 1] - column[i]);
    }
}
