package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import scree.core.colour.Spectrum;
import scree.core.colour.Table;

/**
 * A camera's spectral weights under the present lamp, estimated from fields of known reflectance: weights = mean + Σ z·PC
 * over 20 components of 700 made-up cameras and lights, z ~ N(0, 1); one 20 × 20 solve of the Gaussian posterior. Method and
 * figures: docs/method.md, "Reading colour with a card".
 */
final class ResponseEstimate {
    static final int COMPONENTS = 20;
    private static final double FIELD_NOISE = 0.012;
    private static final double FLOOR_NOISE = 0.0006;
    private static final double COMMON_LIGHT = 0.015;
    private static final double UNUSABLE = 10;
    /** Fixed, so that one picture always reads the same. */
    private static final long DRAW_SEED = 12;

    private static final double[][] MEAN = new double[3][];
    private static final double[][][] PARTS = new double[COMPONENTS][3][];

    static {
        Table prior = Table.beside(ResponseEstimate.class, "prior_all.csv");
        for (int c = 0; c < 3; c++) {
            MEAN[c] = prior.numbers(c, 2);
            for (int k = 0; k < COMPONENTS; k++) {
                PARTS[k][c] = prior.numbers(3 + 3 * k + c, 2);
            }
        }
    }

    private final double[][] weights;
    private final double evidence;
    private final double[] components;
    private final RealMatrix precision;

    private ResponseEstimate(double[] z, double evidence, RealMatrix precision) {
        this.precision = precision;
        this.components = z;
        this.weights = weightsFor(z);
        this.evidence = evidence;
    }

    /**
     * Estimates from linear light of the fields.
     *
     * @param linear {r, g, b} per field, greys scaled to their reflectance
     * @param usable per field and channel; false where the code was clipped or too dark
     */
    static ResponseEstimate of(List<double[]> linear, PrintedCard card, List<boolean[]> usable) {
        List<CardField> fields = card.fields();
        double[][] precision = new double[COMPONENTS][COMPONENTS];
        for (int k = 0; k < COMPONENTS; k++) {
            precision[k][k] = 1;
        }
        double[] g = new double[COMPONENTS];
        double misfit = 0;
        double logNoise = 0;
        for (int i = 0; i < linear.size(); i++) {
            Spectrum a = fields.get(i).reflectance();
            double[] d = minus(linear.get(i), response(MEAN, a));
            double[][] h = new double[COMPONENTS][];
            for (int k = 0; k < COMPONENTS; k++) {
                h[k] = response(PARTS[k], a);
            }
            double[][] doubt = noise(linear.get(i), usable.get(i));
            if (!card.spectraKnown()) {
                add(doubt, Metamers.seen(MEAN, fields.get(i)));
            }
            var noise = new LUDecomposition(new Array2DRowRealMatrix(doubt, false));
            double[][] inverse = noise.getSolver().getInverse().getData();
            logNoise += Math.log(noise.getDeterminant());
            misfit += dot(d, times(inverse, d));
            for (int k = 0; k < COMPONENTS; k++) {
                double[] nh = times(inverse, h[k]);
                g[k] += dot(nh, d);
                for (int j = 0; j <= k; j++) {
                    double v = dot(nh, h[j]);
                    precision[k][j] += v;
                    precision[j][k] += j == k ? 0 : v;
                }
            }
        }
        var chol = new CholeskyDecomposition(new Array2DRowRealMatrix(precision, false), 1e-9, 1e-12);
        double[] z = chol.getSolver().solve(new ArrayRealVector(g)).toArray();
        double evidence = -0.5 * (misfit - dot(g, z)) - 0.5 * (logNoise + Math.log(chol.getDeterminant()));
        return new ResponseEstimate(z, evidence, new Array2DRowRealMatrix(precision, false));
    }

    /** Returns responses drawn from what the estimate leaves open: z + chol(precision⁻¹)·n; the same ones every time. */
    List<ResponseEstimate> possible(int count) {
        RealMatrix spread = new CholeskyDecomposition(
                        new LUDecomposition(precision).getSolver().getInverse(), 1e-6, 1e-14)
                .getL();
        Random random = new Random(DRAW_SEED);
        List<ResponseEstimate> drawn = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double[] n = new double[COMPONENTS];
            for (int k = 0; k < COMPONENTS; k++) {
                n[k] = random.nextGaussian();
            }
            double[] z = spread.operate(n);
            for (int k = 0; k < COMPONENTS; k++) {
                z[k] += components[k];
            }
            drawn.add(new ResponseEstimate(z, 0, null));
        }
        return drawn;
    }

    /** Returns the log evidence up to a constant, to compare trial saturations. */
    double evidence() {
        return evidence;
    }

    /** Returns the 20 components of the estimate; camera and lamp together. */
    double[] components() {
        return components.clone();
    }

    /** Returns the camera's linear {r, g, b} for a surface; 1 for a perfect white. */
    double[] response(Spectrum surface) {
        return response(weights, surface);
    }

    /** Returns the weights, three channels of 36 bands. */
    double[][] weights() {
        return new double[][] {weights[0].clone(), weights[1].clone(), weights[2].clone()};
    }

    /** Returns cameras and lamps drawn from what is known without any field: the same ones every time. */
    static List<ResponseEstimate> usual(int count) {
        Random random = new Random(DRAW_SEED);
        List<ResponseEstimate> drawn = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double[] z = new double[COMPONENTS];
            for (int k = 0; k < COMPONENTS; k++) {
                z[k] = random.nextGaussian();
            }
            drawn.add(new ResponseEstimate(z, 0, null));
        }
        return drawn;
    }

    private static double[][] weightsFor(double[] z) {
        double[][] w = new double[3][Spectrum.BANDS];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                w[c][i] = MEAN[c][i];
                for (int k = 0; k < COMPONENTS; k++) {
                    w[c][i] += z[k] * PARTS[k][c][i];
                }
            }
        }
        return w;
    }

    private static double[][] noise(double[] linear, boolean[] usable) {
        double[][] n = new double[3][3];
        for (int r = 0; r < 3; r++) {
            double vr = Math.max(linear[r], 0.01);
            for (int c = 0; c < 3; c++) {
                n[r][c] = COMMON_LIGHT * COMMON_LIGHT * vr * Math.max(linear[c], 0.01);
            }
            double own = FIELD_NOISE * Math.max(vr, 0.05) + FLOOR_NOISE;
            n[r][r] += own * own + (usable[r] ? 0 : UNUSABLE);
        }
        return n;
    }

    private static double[] response(double[][] weights, Spectrum surface) {
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                out[c] += weights[c][i] * surface.at(i);
            }
        }
        return out;
    }

    private static void add(double[][] to, double[][] m) {
        for (int r = 0; r < to.length; r++) {
            for (int c = 0; c < to.length; c++) {
                to[r][c] += m[r][c];
            }
        }
    }

    private static double[] minus(double[] a, double[] b) {
        return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    private static double[] times(double[][] m, double[] v) {
        return new double[] {dot(m[0], v), dot(m[1], v), dot(m[2], v)};
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
