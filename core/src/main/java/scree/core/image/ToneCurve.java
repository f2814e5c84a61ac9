package scree.core.image;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * One channel's way from code 0..1 to linear light, told by the card's greys: the cube root of linear light as a cubic in the
 * code (six greys), a monotone curve through the greys when that cubic does not rise, or a straight line in logarithms (two
 * or three greys).
 */
abstract class ToneCurve {
    private static final double LEAST_ROOT = 0.3;

    /** Returns linear light, 0 or more. */
    abstract double linear(double code);

    /** Returns the code that gives this linear light, by bisection over −0.2 to 1.3. */
    final double code(double linear) {
        double low = -0.2;
        double high = 1.3;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (linear(middle) < linear) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Fits the greys, light to dark; {@code reference} is their linear light in this channel. */
    static ToneCurve through(double[] codes, double[] reference) {
        if (codes.length < 4) {
            return new Line(codes, reference);
        }
        Cubic cubic = new Cubic(codes, reference);
        return cubic.rising() ? cubic : new Monotone(codes, reference);
    }

    private static final class Cubic extends ToneCurve {
        private final double[] c;

        Cubic(double[] codes, double[] reference) {
            double[][] m = new double[codes.length][];
            double[] right = new double[codes.length];
            for (int i = 0; i < codes.length; i++) {
                double root = Math.cbrt(reference[i]);
                double w = 1 / Math.max(root, LEAST_ROOT);
                double q = codes[i];
                m[i] = new double[] {w, w * q, w * q * q, w * q * q * q};
                right[i] = w * root;
            }
            c = new QRDecomposition(new Array2DRowRealMatrix(m, false))
                    .getSolver()
                    .solve(new ArrayRealVector(right))
                    .toArray();
        }

        boolean rising() {
            for (double q = 0.05; q <= 1; q += 0.01) {
                if (c[1] + q * (2 * c[2] + 3 * c[3] * q) <= 0) {
                    return false;
                }
            }
            return true;
        }

        @Override
        double linear(double q) {
            double root = Math.max(0, c[0] + q * (c[1] + q * (c[2] + q * c[3])));
            return root * root * root;
        }
    }

    /** Piecewise cubic Hermite with harmonic slopes: Fritsch and Butland (1984), doi:10.1137/0905021. */
    private static final class Monotone extends ToneCurve {
        private final double[] x;
        private final double[] y;
        private final double[] slope;

        Monotone(double[] codes, double[] reference) {
            int n = codes.length;
            x = new double[n];
            y = new double[n];
            for (int i = 0; i < n; i++) {
                x[i] = i == 0 ? codes[n - 1] : Math.max(codes[n - 1 - i], x[i - 1] + 1e-4);
                y[i] = Math.cbrt(reference[n - 1 - i]);
            }
            slope = new double[n];
            for (int i = 0; i < n; i++) {
                double left = i == 0 ? secant(0) : secant(i - 1);
                double right = i == n - 1 ? secant(n - 2) : secant(i);
                slope[i] = left * right <= 0 ? 0 : 2 * left * right / (left + right);
            }
        }

        private double secant(int i) {
            return (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
        }

        @Override
        double linear(double q) {
            int i = 0;
            while (i < x.length - 2 && q > x[i + 1]) {
                i++;
            }
            double h = x[i + 1] - x[i];
            double t = (q - x[i]) / h;
            if (t < 0 || t > 1) {
                double end = t < 0 ? y[i] + slope[i] * (q - x[i]) : y[i + 1] + slope[i + 1] * (q - x[i + 1]);
                return Math.pow(Math.max(0, end), 3);
            }
            double root = y[i] * (1 + 2 * t) * (1 - t) * (1 - t)
                    + h * slope[i] * t * (1 - t) * (1 - t)
                    + y[i + 1] * t * t * (3 - 2 * t)
                    + h * slope[i + 1] * t * t * (t - 1);
            return Math.pow(Math.max(0, root), 3);
        }
    }

    private static final class Line extends ToneCurve {
        private final double slope;
        private final double offset;

        Line(double[] codes, double[] reference) {
            int n = codes.length;
            double mx = 0;
            double my = 0;
            for (int i = 0; i < n; i++) {
                mx += Math.log(Math.max(codes[i], 1e-3)) / n;
                my += Math.log(reference[i]) / n;
            }
            double sxx = 0;
            double sxy = 0;
            for (int i = 0; i < n; i++) {
                double dx = Math.log(Math.max(codes[i], 1e-3)) - mx;
                sxx += dx * dx;
                sxy += dx * (Math.log(reference[i]) - my);
            }
            slope = sxy / sxx;
            offset = my - slope * mx;
        }

        @Override
        double linear(double q) {
            return q <= 0 ? 0 : Math.exp(offset + slope * Math.log(q));
        }
    }
}
