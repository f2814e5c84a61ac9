package scree.core.colour;

import java.util.Optional;

/**
 * Finds the smoothest reflectance that has a given colour under D65: least slope of the hyperbolic tangent (LHTSS), after
 * Burns (2020), doi:10.1002/col.22384. Unknown z in 36 bands, R = (tanh z + 1)/2, minimise Σ(z[i+1] − z[i])² subject to the
 * colour; Newton's method on the Lagrangian, start 0, 3–9 steps. The result stays strictly within 0..1.
 */
public final class LeastSlope {
    private static final int N = Spectrum.BANDS;
    private static final int AXES = 3;
    private static final int MOST_STEPS = 60;
    private static final double CLOSE_ENOUGH = 1e-10;
    private static final double FAR_OFF = 1e6;
    private static final double LEAST_FY = 16.0 / 116;
    private static final double[][] WEIGHTS = scaledWeights();

    private final double[] target;
    /** The bands' z. */
    private final double[] z = new double[N];
    /** Multipliers of the three conditions. */
    private final double[] pull = new double[AXES];
    /** tanh z. */
    private final double[] tanh = new double[N];
    /** dR/dz. */
    private final double[] slope = new double[N];
    /** Σ over the axes of weight times multiplier. */
    private final double[] pulled = new double[N];

    private LeastSlope(double[] target) {
        this.target = target;
    }

    /** Returns the spectrum, or empty for a colour that no surface can have. */
    public static Optional<Spectrum> spectrumOf(Lab colour) {
        if ((colour.lightness() + 16) / 116 <= LEAST_FY) {
            return Optional.empty();
        }
        Xyz relative = colour.toXyz();
        return new LeastSlope(
                        new double[] {relative.x() / Xyz.D65.x(), relative.y() / Xyz.D65.y(), relative.z() / Xyz.D65.z()
                        })
                .solve();
    }

    private Optional<Spectrum> solve() {
        for (int step = 0; step < MOST_STEPS; step++) {
            readBands();
            double[] rest = residual();
            if (largest(rest) < CLOSE_ENOUGH) {
                return Optional.of(reflectance());
            }
            Optional<double[]> change = new BorderedTridiagonal(diagonal(), -2, border()).solve(rest);
            if (change.isEmpty() || !follow(change.get())) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private void readBands() {
        for (int i = 0; i < N; i++) {
            tanh[i] = Math.tanh(z[i]);
            slope[i] = (1 - tanh[i] * tanh[i]) / 2;
            pulled[i] = WEIGHTS[0][i] * pull[0] + WEIGHTS[1][i] * pull[1] + WEIGHTS[2][i] * pull[2];
        }
    }

    /** Takes a step; false when it leads nowhere. */
    private boolean follow(double[] change) {
        boolean sound = true;
        for (int i = 0; i < N + AXES; i++) {
            double now = i < N ? (z[i] -= change[i]) : (pull[i - N] -= change[i]);
            sound &= Math.abs(now) <= FAR_OFF;
        }
        return sound;
    }

    private static double largest(double[] of) {
        double most = 0;
        for (double v : of) {
            most = Math.max(most, Math.abs(v));
        }
        return most;
    }

    private double[] residual() {
        double[] rest = new double[N + AXES];
        for (int i = 0; i < N; i++) {
            rest[i] = smoothness(i) * z[i]
                    - (i > 0 ? 2 * z[i - 1] : 0)
                    - (i < N - 1 ? 2 * z[i + 1] : 0)
                    + slope[i] * pulled[i];
        }
        for (int axis = 0; axis < AXES; axis++) {
            double sum = -target[axis];
            for (int i = 0; i < N; i++) {
                sum += WEIGHTS[axis][i] * (tanh[i] + 1) / 2;
            }
            rest[N + axis] = sum;
        }
        return rest;
    }

    private double[] diagonal() {
        double[] d = new double[N];
        for (int i = 0; i < N; i++) {
            d[i] = smoothness(i) - 2 * slope[i] * tanh[i] * pulled[i];
        }
        return d;
    }

    private double[][] border() {
        double[][] b = new double[AXES][N];
        for (int axis = 0; axis < AXES; axis++) {
            for (int i = 0; i < N; i++) {
                b[axis][i] = WEIGHTS[axis][i] * slope[i];
            }
        }
        return b;
    }

    private static double smoothness(int i) {
        return i == 0 || i == N - 1 ? 2 : 4;
    }

    private Spectrum reflectance() {
        double[] r = new double[N];
        for (int i = 0; i < N; i++) {
            r[i] = (tanh[i] + 1) / 2;
        }
        return Spectrum.of(r);
    }

    private static double[][] scaledWeights() {
        Xyz white = Illuminant.D65.white();
        double[] sums = {white.x(), white.y(), white.z()};
        double[][] t = new double[AXES][N];
        for (int axis = 0; axis < AXES; axis++) {
            for (int i = 0; i < N; i++) {
                t[axis][i] = Illuminant.D65.weight(axis, i) / sums[axis];
            }
        }
        return t;
    }
}
