package scree.standins.face;

import java.util.Random;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import scree.core.face.Shape;

/**
 * The edge of a face by another hand: a smooth line through widths at fixed heights, each drawn from a range of its own, so that jaws are
 * uneven in ways that no formula of {@link EdgeDrawing} makes. For measuring only: nothing was derived on it.
 */
final class KnottedEdge implements EdgeLine {
    private static final double[] HEIGHTS = {0, .25, .5, .7, .85, .95, 1};
    /** How far a width may lie from the middle of its range. */
    private static final double FREEDOM = .028;

    private final double length;
    private final double temple;
    private final PolynomialSplineFunction line;

    private KnottedEdge(double length, double temple, double[] widths) {
        this.length = length;
        this.temple = temple;
        this.line = new AkimaSplineInterpolator().interpolate(HEIGHTS, widths);
    }

    static KnottedEdge of(Shape shape, Random r) {
        double[] m = middle(shape);
        double[] widths = new double[HEIGHTS.length];
        widths[0] = 1;
        for (int i = 1; i < widths.length - 1; i++) {
            widths[i] = m[i + 1] + FREEDOM * (2 * r.nextDouble() - 1);
        }
        double length = m[0] + .06 * (2 * r.nextDouble() - 1);
        double temple = m[1] + .03 * (2 * r.nextDouble() - 1);
        return new KnottedEdge(length, temple, widths);
    }

    /** Length over width, temple share, then the widths below the cheek, from the words for the shapes. */
    private static double[] middle(Shape shape) {
        return switch (shape) {
            case OVAL -> new double[] {1.38, .905, .975, .87, .72, .53, .30};
            case ROUND -> new double[] {1.155, .89, .985, .91, .78, .60, .36};
            case SQUARE -> new double[] {1.22, .93, .99, .945, .86, .68, .42};
            case OBLONG -> new double[] {1.54, .92, .985, .91, .79, .61, .37};
            case HEART -> new double[] {1.34, .975, .95, .79, .60, .41, .21};
            case DIAMOND -> new double[] {1.38, .79, .94, .78, .60, .41, .22};
            case TRIANGLE -> new double[] {1.26, .795, 1.01, .985, .89, .70, .43};
        };
    }

    @Override
    public double lengthToWidth() {
        return length;
    }

    @Override
    public double below(double u) {
        return Math.max(0, line.value(Math.max(0, Math.min(1, u))));
    }

    @Override
    public double above(double u) {
        double t = Math.min(1.5, u);
        return 1 - (1 - temple) * Math.pow(t, 1.7);
    }
}
