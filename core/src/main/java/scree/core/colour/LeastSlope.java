package scree.core.colour;

import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * Finds the smoothest reflectance that has a given colour under D65: least slope of the hyperbolic tangent (LHTSS), after
 * Burns (2020), doi:10.1002/col.22384. Unknown z in 36 bands, R = (tanh z + 1)/2, minimise Σ(z[i+1] − z[i])² subject to the
 * colour; Newton's method on the Lagrangian, start 0, 3–9 steps. The result stays strictly within 0..1.
 */
public final class LeastSlope {
    private static final int N = Spectrum.BANDS;
    private static final int MOST_STEPS = 60;
    private static final double CLOSE_ENOUGH = 1e-10;

    private LeastSlope() {}

    /** Returns the spectrum, or empty for a colour that no surface can have. */
    public static Optional<Spectrum> spectrumOf(Lab colour) {
        Xyz white = Illuminant.D65.white();
        double fy = (colour.lightness() + 16) / 116;
        Xyz relative = colour.toXyz();
        double[] target = {relative.x() / Xyz.D65.x(), relative.y() / Xyz.D65.y(), relative.z() / Xyz.D65.z()};
        double[][] t = scaledWeights(white);
        return fy <= 16.0 / 116 ? Optional.empty() : solve(t, target);
    }

    private static Optional<Spectrum> solve(double[][] t, double[] target) {
        RealVector unknown = new ArrayRealVector(N + 3);
        for (int step = 0; step < MOST_STEPS; step++) {
            RealVector rest = residual(t, target, unknown);
            if (rest.getLInfNorm() < CLOSE_ENOUGH) {
                return Optional.of(reflectance(unknown));
            }
            var solver = new LUDecomposition(jacobian(t, unknown), 1e-14).getSolver();
            if (!solver.isNonSingular()) {
                return Optional.empty();
            }
            unknown = unknown.subtract(solver.solve(rest));
            if (unknown.isNaN() || unknown.getLInfNorm() > 1e6) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static RealVector residual(double[][] t, double[] target, RealVector u) {
        RealVector rest = new ArrayRealVector(N + 3);
        for (int i = 0; i < N; i++) {
            double slope = diagonal(i) * u.getEntry(i);
            slope -= i > 0 ? 2 * u.getEntry(i - 1) : 0;
            slope -= i < N - 1 ? 2 * u.getEntry(i + 1) : 0;
            rest.setEntry(i, slope + derivative(u.getEntry(i)) * pull(t, u, i));
        }
        for (int axis = 0; axis < 3; axis++) {
            double sum = -target[axis];
            for (int i = 0; i < N; i++) {
                sum += t[axis][i] * (Math.tanh(u.getEntry(i)) + 1) / 2;
            }
            rest.setEntry(N + axis, sum);
        }
        return rest;
    }

    private static Array2DRowRealMatrix jacobian(double[][] t, RealVector u) {
        double[][] j = new double[N + 3][N + 3];
        for (int i = 0; i < N; i++) {
            double z = u.getEntry(i);
            double d = derivative(z);
            j[i][i] = diagonal(i) - 2 * d * Math.tanh(z) * pull(t, u, i);
            if (i > 0) {
                j[i][i - 1] = -2;
            }
            if (i < N - 1) {
                j[i][i + 1] = -2;
            }
            for (int axis = 0; axis < 3; axis++) {
                j[i][N + axis] = t[axis][i] * d;
                j[N + axis][i] = t[axis][i] * d;
            }
        }
        return new Array2DRowRealMatrix(j, false);
    }

    private static double pull(double[][] t, RealVector u, int i) {
        return t[0][i] * u.getEntry(N) + t[1][i] * u.getEntry(N + 1) + t[2][i] * u.getEntry(N + 2);
    }

    private static double diagonal(int i) {
        return i == 0 || i == N - 1 ? 2 : 4;
    }

    private static double derivative(double z) {
        double tanh = Math.tanh(z);
        return (1 - tanh * tanh) / 2;
    }

    private static Spectrum reflectance(RealVector u) {
        double[] r = new double[N];
        for (int i = 0; i < N; i++) {
            r[i] = (Math.tanh(u.getEntry(i)) + 1) / 2;
        }
        return Spectrum.of(r);
    }

    private static double[][] scaledWeights(Xyz white) {
        double[] sums = {white.x(), white.y(), white.z()};
        double[][] t = new double[3][N];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < N; i++) {
                t[axis][i] = Illuminant.D65.weight(axis, i) / sums[axis];
            }
        }
        return t;
    }
}
