package scree.standins.camera;

import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import scree.core.colour.Illuminant;
import scree.core.colour.Spectrum;
import scree.core.colour.Srgb;
import scree.core.image.CardField;
import scree.core.image.CardLayout;

/**
 * A made-up camera: spectral sensitivities with crosstalk, its maker's colour matrices, a tone curve, extra saturation, flare
 * and noise. Two families, so that what is tuned on one is measured on the other.
 */
public final class Camera {
    /** How the sensitivities are made. */
    public enum Family {
        /** Flat-topped bands; for trying things out. */
        TUNING,
        /** Dye edges × sensor × cut filters; for measuring only. */
        EVALUATION
    }

    private final String name;
    private final double[][] sensitivity = new double[3][Spectrum.BANDS];
    private final double[][] dayMatrix;
    private final double[][] warmMatrix;
    final double saturation;
    final double contrast;
    final double flare;
    final double noise;
    final double twist;

    public Camera(Family family, long seed) {
        this(family, seed, 1);
    }

    /** Returns a camera with a quiet picture style, as artists set theirs: a quarter of the usual contrast and colour. */
    public static Camera quiet(long seed) {
        return new Camera(Family.TUNING, seed, .25);
    }

    private Camera(Family family, long seed, double style) {
        Random random = new Random(seed * 6364136223846793005L + family.ordinal());
        random.nextDouble();
        this.name = family.name().toLowerCase(java.util.Locale.ROOT) + " camera " + seed;
        double[][] pure = family == Family.TUNING ? flatTopped(random) : dyed(random);
        crosstalk(pure, random);
        this.saturation = 1 + style * .22 * random.nextDouble();
        this.contrast = style * .22 * random.nextDouble();
        this.flare = .012 * random.nextDouble();
        this.noise = .0008 + .0018 * random.nextDouble();
        this.twist = Math.toRadians(3) * (2 * random.nextDouble() - 1);
        this.dayMatrix = makersMatrix(Illuminant.D65.power());
        this.warmMatrix = makersMatrix(Illuminant.A.power());
    }

    public String name() {
        return name;
    }

    private static double[][] flatTopped(Random r) {
        double[][] s = new double[3][Spectrum.BANDS];
        double[] centre = {602 + 14 * r.nextDouble(), 532 + 14 * r.nextDouble(), 452 + 14 * r.nextDouble()};
        double[] half = {34 + 12 * r.nextDouble(), 38 + 12 * r.nextDouble(), 28 + 10 * r.nextDouble()};
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                double d = Math.abs(Spectrum.wavelength(i) - centre[c]) / half[c];
                s[c][i] = Math.exp(-Math.pow(d, 3.2));
            }
        }
        return s;
    }

    private static double[][] dyed(Random r) {
        double[][] s = new double[3][Spectrum.BANDS];
        double blueFall = 496 + 16 * r.nextDouble();
        double greenRise = 484 + 14 * r.nextDouble();
        double greenFall = 584 + 16 * r.nextDouble();
        double redRise = 580 + 16 * r.nextDouble();
        double infrared = 655 + 30 * r.nextDouble();
        double ultraviolet = 404 + 14 * r.nextDouble();
        double soft = 9 + 6 * r.nextDouble();
        for (int i = 0; i < Spectrum.BANDS; i++) {
            double nm = Spectrum.wavelength(i);
            double sensor = (.45 + .55 * Math.sin(Math.PI * (nm - 330) / 480))
                    * edge(nm, ultraviolet, 7)
                    * edge(-nm, -infrared, 11);
            s[0][i] = sensor * (edge(nm, redRise, soft) + .05 * edge(-nm, -470, 18));
            s[1][i] = sensor * edge(nm, greenRise, soft * 1.2) * edge(-nm, -greenFall, soft);
            s[2][i] = sensor * edge(-nm, -blueFall, soft);
        }
        return s;
    }

    private static double edge(double nm, double at, double soft) {
        return 1 / (1 + Math.exp(-(nm - at) / soft));
    }

    private void crosstalk(double[][] pure, Random r) {
        for (int c = 0; c < 3; c++) {
            for (int k = 0; k < 3; k++) {
                double share = c == k ? 1 : .03 + .09 * r.nextDouble();
                for (int i = 0; i < Spectrum.BANDS; i++) {
                    sensitivity[c][i] += share * pure[k][i];
                }
            }
        }
    }

    /** Returns raw {r, g, b} of a surface under a lamp, scaled so that a perfect white gives 1 in each. */
    double[] raw(Spectrum surface, double[] lamp) {
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            double sum = 0;
            double white = 0;
            for (int i = 0; i < Spectrum.BANDS; i++) {
                double w = sensitivity[c][i] * lamp[i];
                sum += w * surface.at(i);
                white += w;
            }
            out[c] = sum / white;
        }
        return out;
    }

    /** Returns the {r, g, b} of a white under one lamp while the camera balances for another, green 1. */
    double[] tint(double[] lamp, double[] balancedFor) {
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            double here = 0;
            double there = 0;
            for (int i = 0; i < Spectrum.BANDS; i++) {
                here += sensitivity[c][i] * lamp[i];
                there += sensitivity[c][i] * balancedFor[i];
            }
            out[c] = here / there;
        }
        return new double[] {out[0] / out[1], 1, out[2] / out[1]};
    }

    /** Returns the maker's matrix that is used under a lamp of this blue to red balance. */
    double[][] matrixFor(double[] lamp) {
        return lamp[7] / lamp[27] < .45 ? warmMatrix : dayMatrix;
    }

    /** Least squares from raw to linear sRGB over the chromatic fields, rows scaled so that white stays white. */
    private double[][] makersMatrix(double[] lamp) {
        List<CardField> fields = CardLayout.fields();
        double[][] x = new double[fields.size()][];
        double[][] y = new double[3][fields.size()];
        for (int i = 0; i < x.length; i++) {
            x[i] = raw(fields.get(i).reflectance(), lamp);
            double[] srgb = Srgb.toLinear(fields.get(i).colour().toXyz());
            for (int c = 0; c < 3; c++) {
                y[c][i] = srgb[c];
            }
        }
        var solver = new QRDecomposition(new Array2DRowRealMatrix(x, false)).getSolver();
        double[][] m = new double[3][];
        for (int c = 0; c < 3; c++) {
            m[c] = solver.solve(new ArrayRealVector(y[c], false)).toArray();
            double sum = m[c][0] + m[c][1] + m[c][2];
            for (int k = 0; k < 3; k++) {
                m[c][k] /= sum;
            }
        }
        return m;
    }

    /** Returns the matrix from linear sRGB paint to this camera's raw, for what is not modelled as a spectrum. */
    double[][] paintMatrix(double[] lamp) {
        List<CardField> fields = CardLayout.fields();
        double[][] x = new double[fields.size()][];
        double[][] y = new double[3][fields.size()];
        for (int i = 0; i < x.length; i++) {
            x[i] = Srgb.toLinear(fields.get(i).colour().toXyz());
            double[] raw = raw(fields.get(i).reflectance(), lamp);
            for (int c = 0; c < 3; c++) {
                y[c][i] = raw[c];
            }
        }
        var solver = new QRDecomposition(new Array2DRowRealMatrix(x, false)).getSolver();
        double[][] m = new double[3][];
        for (int c = 0; c < 3; c++) {
            m[c] = solver.solve(new ArrayRealVector(y[c], false)).toArray();
        }
        return m;
    }
}
