package scree.standins.camera;

import java.util.Random;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.skin.SkinModel;
import scree.core.skin.SkinModel.Content;

/**
 * A sitter's skin as spectra over a grid of extra melanin and extra blood (optical density near 550 nm). The base content is
 * searched so that the model comes nearest to the wanted colour; each sitter's spectra deviate a little and smoothly from the
 * model, since real skin does.
 */
final class SkinPigment {
    static final double LOW = -.5;
    static final double HIGH = 1.4;
    static final int STEPS = 20;
    private static final int GREEN = 17; // 550 nm
    private final Spectrum[][] grid = new Spectrum[STEPS][STEPS];
    private final double[] deviation;

    /** @param roughness size of the smooth deviation from the model, 0.02 for 2 % */
    SkinPigment(Lab wanted, long seed, double roughness) {
        this.deviation = deviation(seed, roughness);
        Content base = nearest(wanted);
        double green = SkinModel.reflectance(base).at(GREEN);
        double[] melanin = new double[STEPS];
        double[] blood = new double[STEPS];
        for (int i = 0; i < STEPS; i++) {
            double wantedGreen = green * Math.exp(-density(i));
            melanin[i] = solve(
                    .002, .69, wantedGreen, v -> new Content(v, base.blood(), base.saturation(), base.carotene()));
            blood[i] = solve(
                    .0004, .29, wantedGreen, v -> new Content(base.melanin(), v, base.saturation(), base.carotene()));
        }
        for (int m = 0; m < STEPS; m++) {
            for (int h = 0; h < STEPS; h++) {
                grid[m][h] = bent(
                        SkinModel.reflectance(new Content(melanin[m], blood[h], base.saturation(), base.carotene())));
            }
        }
    }

    /** Returns the factor on blood that darkens fair skin's green by this density; deep skin shows less of the same. */
    private static double bloodFactor(double density) {
        Content fair = Content.average(.02);
        double wanted = SkinModel.reflectance(fair).at(GREEN) * Math.exp(-density);
        return solve(.0004, .29, wanted, v -> new Content(fair.melanin(), v, .7, 0)) / fair.blood();
    }

    static double density(int step) {
        return LOW + (HIGH - LOW) * step / (STEPS - 1);
    }

    Spectrum at(int melaninStep, int bloodStep) {
        return grid[melaninStep][bloodStep];
    }

    private interface ByAmount {
        Content with(double amount);
    }

    private static double solve(double low, double high, double wantedGreen, ByAmount content) {
        for (int i = 0; i < 40; i++) {
            double middle = Math.sqrt(low * high);
            if (SkinModel.reflectance(content.with(middle)).at(GREEN) > wantedGreen) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.sqrt(low * high);
    }

    /** Coordinate search over melanin, blood and carotene in logarithms; the model is smooth, so steps just halve. */
    private static Content nearest(Lab wanted) {
        double[] v = {Math.log(.04), Math.log(.02), Math.log(.6)};
        double best = error(v, wanted);
        for (double step = .8; step > .002; step *= .6) {
            boolean improved = true;
            for (int round = 0; improved && round < 30; round++) {
                improved = false;
                for (int k = 0; k < 6; k++) {
                    double[] tried = v.clone();
                    tried[k / 2] += k % 2 == 0 ? step : -step;
                    double e = error(tried, wanted);
                    if (e < best - 1e-9) {
                        best = e;
                        v = tried;
                        improved = true;
                    }
                }
            }
        }
        return content(v);
    }

    private static double error(double[] v, Lab wanted) {
        return SkinModel.reflectance(content(v)).toLab().differenceFrom(wanted);
    }

    private static Content content(double[] v) {
        return new Content(
                Curves.clamp(Math.exp(v[0]), .003, .6),
                Curves.clamp(Math.exp(v[1]), .0015, .2),
                .7,
                Curves.clamp(Math.exp(v[2]) - .05, 0, 15));
    }

    private static double[] deviation(long seed, double roughness) {
        Random random = new Random(seed * 7919 + 1);
        double[] phase = random.doubles(3, 0, 2 * Math.PI).toArray();
        double[] d = new double[Spectrum.BANDS];
        for (int i = 0; i < d.length; i++) {
            double t = i / (double) d.length * 2 * Math.PI;
            d[i] = 1
                    + roughness
                            * (.6 * Math.sin(.7 * t + phase[0])
                                    + .5 * Math.sin(1.6 * t + phase[1])
                                    + .4 * Math.sin(2.7 * t + phase[2]));
        }
        return d;
    }

    private Spectrum bent(Spectrum s) {
        double[] r = s.toArray();
        for (int i = 0; i < r.length; i++) {
            r[i] *= deviation[i];
        }
        return Spectrum.of(r);
    }

    /** Returns XYZ under D65 on the grid, for the truth. */
    double[][][] xyzGrid() {
        double[][][] out = new double[STEPS][STEPS][];
        for (int m = 0; m < STEPS; m++) {
            for (int h = 0; h < STEPS; h++) {
                var xyz = grid[m][h].toXyz(Illuminant.D65);
                out[m][h] = new double[] {xyz.x(), xyz.y(), xyz.z()};
            }
        }
        return out;
    }

    /** Returns the grid's value at a density pair, bilinear. */
    static void lookUp(double[][][] table, double melanin, double blood, double[] out) {
        double m = Curves.clamp((melanin - LOW) / (HIGH - LOW) * (STEPS - 1), 0, STEPS - 1.001);
        double h = Curves.clamp((blood - LOW) / (HIGH - LOW) * (STEPS - 1), 0, STEPS - 1.001);
        int i = (int) m;
        int j = (int) h;
        double u = m - i;
        double v = h - j;
        double[] a = table[i][j];
        double[] b = table[i + 1][j];
        double[] c = table[i][j + 1];
        double[] d = table[i + 1][j + 1];
        for (int k = 0; k < 3; k++) {
            out[k] = (a[k] * (1 - u) + b[k] * u) * (1 - v) + (c[k] * (1 - u) + d[k] * u) * v;
        }
    }
}
