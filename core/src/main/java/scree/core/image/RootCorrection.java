package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * A smooth correction, in cube roots of linear light, of what the estimated response leaves unexplained at the fields: a
 * Gaussian kernel over hue-like coordinates, lightness kept out of it.
 */
final class RootCorrection {
    private static final double REACH = 0.08;
    private static final double RIDGE = 0.3;
    private static final double LIGHTNESS_SHARE = 0.25;
    private static final double DARKEST = 0.10;

    private final List<double[]> places;
    private final double[][] strengths;
    private final double residual;

    private RootCorrection(List<double[]> places, double[][] strengths, double residual) {
        this.places = places;
        this.strengths = strengths;
        this.residual = residual;
    }

    static RootCorrection of(
            CardCalibration.Trial trial, List<double[]> codes, List<CardField> fields, List<Double> uneven) {
        List<double[]> places = new ArrayList<>();
        List<double[]> errors = new ArrayList<>();
        double squares = 0;
        for (int i = 0; i < fields.size(); i++) {
            double[] code = codes.get(i);
            if (Math.min(code[0], Math.min(code[1], code[2])) > DARKEST && uneven.get(i) <= CardSamples.MOST_UNEVEN) {
                double[] seen = CardCalibration.roots(trial.linear.get(i));
                double[] known = CardCalibration.roots(
                        trial.response.response(fields.get(i).reflectance()));
                double[] e = {known[0] - seen[0], known[1] - seen[1], known[2] - seen[2]};
                double mean = (e[0] + e[1] + e[2]) / 3;
                places.add(coordinates(seen));
                errors.add(new double[] {e[0] - mean, e[1] - mean, e[2] - mean});
                squares += e[0] * e[0] + e[1] * e[1] + e[2] * e[2];
            }
        }
        int n = places.size();
        double residual = n == 0 ? 0 : 100 * Math.sqrt(squares / (3 * n));
        return new RootCorrection(places, solve(places, errors), residual);
    }

    /** Returns rms misfit × 100. */
    double residual() {
        return residual;
    }

    double[] apply(double[] p) {
        double[] at = coordinates(p);
        double[] out = p.clone();
        for (int i = 0; i < places.size(); i++) {
            double k = kernel(at, places.get(i));
            for (int c = 0; c < 3; c++) {
                out[c] += k * strengths[i][c];
            }
        }
        return out;
    }

    private static double[][] solve(List<double[]> places, List<double[]> errors) {
        int n = places.size();
        if (n == 0) {
            return new double[0][];
        }
        double[][] k = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                k[i][j] = kernel(places.get(i), places.get(j)) + (i == j ? RIDGE : 0);
            }
        }
        RealMatrix right = new Array2DRowRealMatrix(errors.toArray(new double[0][]), false);
        return new LUDecomposition(new Array2DRowRealMatrix(k, false))
                .getSolver()
                .solve(right)
                .getData();
    }

    private static double[] coordinates(double[] p) {
        double mean = (p[0] + p[1] + p[2]) / 3;
        return new double[] {p[0] - mean, p[1] - mean, p[2] - mean, LIGHTNESS_SHARE * mean};
    }

    private static double kernel(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < 4; i++) {
            sum += (a[i] - b[i]) * (a[i] - b[i]);
        }
        return Math.exp(-sum / (2 * REACH * REACH));
    }
}
