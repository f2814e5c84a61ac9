package scree.core.image;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import scree.core.colour.Illuminant;
import scree.core.colour.Spectrum;

/**
 * How far the true spectrum of a surface may lie from one guessed by its colour alone: smooth deviations that leave the colour
 * under D65 as it is. a·K0·a with K0 = K − K T'(T K T')⁻¹ T K, K a Gaussian kernel of 40 nm, a = 0.12 √(R(1−R) + .002), greys
 * 0.001. From the calibration study; docs/method.md, "Reading colour with a card".
 */
final class Metamers {
    private static final double REACH_NM = 40;
    private static final double AMOUNT = 0.12;
    private static final double FLOOR = 0.002;
    private static final double GREY = 0.001;
    private static final double[][] KERNEL = invisible();

    private Metamers() {}

    /** Returns the 3 × 3 covariance of what a response of these weights (3 × 36) sees of the field's unknown part. */
    static double[][] seen(double[][] weights, CardField field) {
        int n = Spectrum.BANDS;
        double[] amount = new double[n];
        for (int i = 0; i < n; i++) {
            double r = Math.min(1, field.reflectance().at(i));
            amount[i] = field.grey() ? GREY : AMOUNT * Math.sqrt(r * (1 - r) + FLOOR);
        }
        double[][] half = new double[3][n];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    half[c][i] += weights[c][j] * amount[j] * KERNEL[j][i] * amount[i];
                }
            }
        }
        double[][] out = new double[3][3];
        for (int c = 0; c < 3; c++) {
            for (int d = 0; d < 3; d++) {
                for (int i = 0; i < n; i++) {
                    out[c][d] += half[c][i] * weights[d][i];
                }
            }
        }
        return out;
    }

    private static double[][] invisible() {
        int n = Spectrum.BANDS;
        double[][] k = new double[n][n];
        double[][] t = new double[3][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                double d = (Spectrum.wavelength(i) - Spectrum.wavelength(j)) / REACH_NM;
                k[i][j] = Math.exp(-d * d / 2);
            }
            for (int axis = 0; axis < 3; axis++) {
                t[axis][i] = Illuminant.D65.weight(axis, i);
            }
        }
        RealMatrix kernel = new Array2DRowRealMatrix(k, false);
        RealMatrix eyes = new Array2DRowRealMatrix(t, false);
        RealMatrix kt = kernel.multiplyTransposed(eyes);
        RealMatrix inner = new LUDecomposition(eyes.multiply(kt)).getSolver().getInverse();
        return kernel.subtract(kt.multiply(inner).multiplyTransposed(kt)).getData();
    }
}
