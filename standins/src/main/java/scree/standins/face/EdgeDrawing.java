package scree.standins.face;

import java.util.Random;
import scree.core.face.Shape;

/**
 * The edge of a drawn face: half width at each height, lower part a tapered superellipse, upper part a soft shoulder. The ranges
 * come from the words for the shapes (square: three widths alike, cornered jaw, flat chin …), not from the model that reads
 * them.
 */
final class EdgeDrawing implements EdgeLine {
    /** Length over width; temple share; taper, bulge at the sides and bluntness of the chin of the lower part. */
    private record Range(double[] length, double[] temple, double[] taper, double[] side, double[] blunt) {
        double[] pick(Random r) {
            return new double[] {in(r, length), in(r, temple), in(r, taper), in(r, side), in(r, blunt)};
        }

        private static double in(Random r, double[] range) {
            return range[0] + (range[1] - range[0]) * r.nextDouble();
        }
    }

    private final double[] v;

    private EdgeDrawing(double[] v) {
        this.v = v;
    }

    static EdgeDrawing of(Shape shape, Random random) {
        return new EdgeDrawing(range(shape).pick(random));
    }

    /** Returns a face part of the way from one to another. */
    EdgeDrawing towards(EdgeDrawing other, double t) {
        double[] mixed = new double[v.length];
        for (int i = 0; i < mixed.length; i++) {
            mixed[i] = v[i] + (other.v[i] - v[i]) * t;
        }
        return new EdgeDrawing(mixed);
    }

    private static Range range(Shape shape) {
        return switch (shape) {
            case OVAL -> range(1.34, 1.43, .88, .93, .04, .09, 2.05, 2.3, 2.0, 2.2);
            case ROUND -> range(1.10, 1.21, .86, .92, .02, .08, 2.05, 2.3, 2.0, 2.2);
            case SQUARE -> range(1.17, 1.27, .90, .96, .00, .05, 3.4, 4.6, 2.5, 3.2);
            case OBLONG -> range(1.48, 1.60, .90, .95, .02, .07, 2.5, 3.0, 2.1, 2.4);
            case HEART -> range(1.29, 1.39, .95, 1.0, .19, .27, 2.0, 2.3, 1.7, 1.9);
            case DIAMOND -> range(1.33, 1.43, .76, .82, .18, .25, 2.0, 2.3, 1.7, 1.95);
            case TRIANGLE -> range(1.21, 1.31, .76, .83, -.06, -.01, 3.3, 4.4, 2.5, 3.1);
        };
    }

    private static Range range(double... e) {
        return new Range(
                new double[] {e[0], e[1]},
                new double[] {e[2], e[3]},
                new double[] {e[4], e[5]},
                new double[] {e[6], e[7]},
                new double[] {e[8], e[9]});
    }

    @Override
    public double lengthToWidth() {
        return v[0];
    }

    @Override
    public double below(double u) {
        double flat = Math.pow(Math.max(0, 1 - Math.pow(u, v[3])), 1 / v[4]);
        return (1 - v[2] * Math.pow(u, .9) * 1.15) * flat;
    }

    @Override
    public double above(double u) {
        double t = Math.min(1.5, u);
        return 1 - (1 - v[1]) * Math.pow(t, 1.7);
    }
}
