package scree.core.colour;

import java.util.Arrays;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * Finds what a product is from one coat over white and black: its colour at full opacity, how thick the coat is and how much it
 * hides, each with its doubt. A film after Kubelka (1948) is fitted to what was seen, in the camera's own responses where they
 * are known, with a prior over the colours that make-up has. Method and figures: docs/method.md, "A kit from pictures".
 *
 * <p>Eleven unknowns: eight components of the colour, ln S·X at 550 nm, the difference of the two halves in ln S·X, and the slope s of
 * scattering over wavelength, S(λ) = S·(λ/550)^−s.
 */
public final class FilmFit {
    private static final int COAT = MadeUpColours.COMPONENTS;
    private static final int HALVES = COAT + 1;
    private static final int SLOPE = COAT + 2;
    private static final int UNKNOWN = COAT + 3;
    private static final int SEEN = 6;
    /** Prior: middles and spreads. Derived: twice as loose changes nothing, tighter by a third hurts. */
    private static final double[] MIDDLE = new double[UNKNOWN];

    private static final double[] SPREAD = new double[UNKNOWN];

    static {
        Arrays.fill(SPREAD, 1);
        MIDDLE[SLOPE] = .3;
        SPREAD[COAT] = 1.2;
        SPREAD[HALVES] = .08;
        SPREAD[SLOPE] = .3;
    }

    /** Error of one channel's cube root of light, and how far both halves err alike: the card's map errs on both. Derived. */
    private static final double RESPONSE_ERROR = .0045;

    private static final double ALIKE = .5;
    /** Error of a colour read as L*a*b*, per axis at no chroma, and its growth with chroma. Derived. */
    private static final double[] COLOUR_ERROR = {.55, .5, .6};

    private static final double[] ERROR_BY_CHROMA = {0, .03, .03};
    private static final double COLOUR_SCALE = 1.5;
    /** Misfit from which a field is uneven, as camera responses and as colours; twice that is beyond any thinness. Derived. */
    private static final double MISFIT_RESPONSES = 6;

    private static final double MISFIT_COLOURS = 4;
    /** ΔE00 of doubt over which a coat is too thin to tell its colour; and S·X under which it always is. Derived. */
    private static final double MOST_DOUBT = 2.5;

    private static final double LEAST_COAT = .12;
    /** Spread of ln S·X over which the coat hides fully. Derived. */
    private static final double HIDING = .25;

    private static final double MIDDLE_WAVE = 550;
    private static final double CHART_WHITE = KubelkaMunk.CHART_WHITE;
    private static final double STEP = 1e-4;
    private static final double LEAST_RESPONSE = 1e-5;
    private static final double LEAST_REFLECTANCE = 1e-5;
    private static final double MOST_REFLECTANCE = 1 - 1e-6;
    private static final int EVALUATIONS = 400;
    /** Grid over ln S·X of a usual coat whose colour is known. */
    private static final double THINNEST = Math.log(.005);

    private static final double THICKEST = Math.log(4);
    private static final double THICKNESS_STEP = .005;

    private FilmFit() {}

    /** The bare grounds beside the coat, as they were read: paper and print differ, so they are never assumed. */
    public record Grounds(Lab white, Lab black) {}

    /** What was seen of a coat on both grounds. */
    public sealed interface Seen {}

    /** Colours of the film over white and over black: from other instruments, or typed. */
    public record Colours(Lab onWhite, Lab onBlack) implements Seen {}

    /**
     * A camera's view: cube roots of corrected linear light.
     *
     * @param onWhite {r, g, b}
     * @param onBlack {r, g, b}
     * @param weights the camera's weights under the lamp, three channels of 36 bands, as estimated from the card of the same picture
     */
    public record Responses(double[] onWhite, double[] onBlack, double[][] weights) implements Seen {}

    /** How a coat came out. */
    public enum Finding {
        FITS,
        /** Too thin to tell its colour; what it hides is told. */
        THIN,
        /** Hides fully: the colour is told, the coat is at least so thick. */
        HIDES,
        /** Shines, shades, or is thinner on one side: nothing is told. */
        UNEVEN
    }

    /**
     * What one coat tells.
     *
     * @param opaque the product at full opacity
     * @param colour the same as L*a*b*
     * @param coat S·X at 550 nm
     * @param slope of scattering over wavelength
     * @param contrast Y over black / Y over white 0.80
     * @param doubt standard deviation of the colour, ΔE00
     * @param coatDoubt standard deviation of ln S·X
     * @param misfit squared, in the errors that are usual; a good field has about 1
     */
    public record Film(
            Spectrum opaque,
            Lab colour,
            double coat,
            double slope,
            double contrast,
            double doubt,
            double coatDoubt,
            double misfit,
            Finding finding) {
        /** Returns the same with another doubt of its colour; what a coat was found to be stays. */
        public Film withDoubt(double other) {
            return new Film(opaque, colour, coat, slope, contrast, other, coatDoubt, misfit, finding);
        }

        /** Returns the least S·X that the coat has when it hides fully. */
        public double coatAtLeast() {
            return coat * Math.exp(-2 * coatDoubt);
        }
    }

    /** A coat whose colour was known from a thicker one: S·X at 550 nm and Y over black / Y over white. */
    public record Coat(double thickness, double contrast) {}

    /**
     * Fits a film.
     *
     * @throws IllegalArgumentException when a ground has a colour that no surface has
     */
    public static Film of(Grounds grounds, Seen seen) {
        return new Fit(grounds, seen).solve();
    }

    /**
     * Finds a usual coat of a product whose thick coat was fitted: only its thickness is searched.
     *
     * @throws IllegalArgumentException when a ground has a colour that no surface has
     */
    public static Coat usualCoat(Film thick, Grounds grounds, Responses thin) {
        Fit fit = new Fit(grounds, thin);
        double[] opaque = thick.opaque().toArray();
        double best = Double.MAX_VALUE;
        double thickness = THINNEST;
        for (double ln = THINNEST; ln < THICKEST; ln += THICKNESS_STEP) {
            double[] s = scattering(ln, thick.slope());
            double off = squares(fit.view(film(opaque, fit.white, s)), thin.onWhite())
                    + squares(fit.view(film(opaque, fit.black, s)), thin.onBlack());
            if (off < best) {
                best = off;
                thickness = ln;
            }
        }
        return new Coat(Math.exp(thickness), contrast(opaque, scattering(thickness, thick.slope())));
    }

    /** The least-squares problem of one coat, each row divided by its error so that the prior is rows like any other. */
    private static final class Fit {
        private final double[] white;
        private final double[] black;
        private final Seen seen;
        private final double[] readings;
        private final double[][] whitening;

        Fit(Grounds grounds, Seen seen) {
            this.white = surface("bare white", grounds.white());
            this.black = surface("bare black", grounds.black());
            this.seen = seen;
            this.readings = readings(seen);
            this.whitening = whitening(errors(seen));
        }

        Film solve() {
            LeastSquaresOptimizer.Optimum best = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(MIDDLE)
                            .model(jacobian())
                            .target(new double[SEEN + UNKNOWN])
                            .checkerPair(new org.hipparchus.optim.SimpleVectorValueChecker(1e-9, 1e-9))
                            .maxEvaluations(EVALUATIONS)
                            .maxIterations(EVALUATIONS)
                            .build());
            double[] at = best.getPoint().toArray();
            double[] opaque = MadeUpColours.reflectance(at);
            RealMatrix covariance = best.getCovariances(1e-14);
            double[] rows = best.getResiduals().toArray();
            double misfit = 0;
            for (int i = 0; i < rows.length; i++) {
                boolean colourPrior = i >= SEEN && i < SEEN + COAT; // an odd colour is no fault
                misfit += colourPrior ? 0 : rows[i] * rows[i];
            }
            Lab colour = colour(opaque);
            double doubt = doubt(colour, at, covariance);
            double coatDoubt = Math.sqrt(covariance.getEntry(COAT, COAT));
            double coat = Math.exp(at[COAT]);
            return new Film(
                    Spectrum.of(opaque),
                    colour,
                    coat,
                    at[SLOPE],
                    contrast(opaque, scattering(at[COAT], at[SLOPE])),
                    doubt,
                    coatDoubt,
                    misfit,
                    finding(misfit, doubt, coat, coatDoubt));
        }

        private Finding finding(double misfit, double doubt, double coat, double coatDoubt) {
            double most = seen instanceof Responses ? MISFIT_RESPONSES : MISFIT_COLOURS;
            if (misfit > 2 * most) {
                return Finding.UNEVEN;
            }
            if (doubt > MOST_DOUBT || coat < LEAST_COAT) {
                return Finding.THIN;
            }
            if (misfit > most) {
                return Finding.UNEVEN;
            }
            return coatDoubt > HIDING ? Finding.HIDES : Finding.FITS;
        }

        private MultivariateJacobianFunction jacobian() {
            return point -> {
                double[] x = point.toArray();
                double[][] slopes = new double[SEEN + UNKNOWN][UNKNOWN];
                for (int j = 0; j < UNKNOWN; j++) {
                    double[] up = rows(moved(x, j, STEP));
                    double[] down = rows(moved(x, j, -STEP));
                    for (int i = 0; i < slopes.length; i++) {
                        slopes[i][j] = (up[i] - down[i]) / (2 * STEP);
                    }
                }
                return new Pair<>(new ArrayRealVector(rows(x), false), new Array2DRowRealMatrix(slopes, false));
            };
        }

        private double[] rows(double[] x) {
            double[] opaque = MadeUpColours.reflectance(x);
            double[] onWhite = view(film(opaque, white, scattering(x[COAT] + x[HALVES] / 2, x[SLOPE])));
            double[] onBlack = view(film(opaque, black, scattering(x[COAT] - x[HALVES] / 2, x[SLOPE])));
            double[] off = new double[SEEN];
            for (int c = 0; c < 3; c++) {
                off[c] = onWhite[c] - readings[c];
                off[c + 3] = onBlack[c] - readings[c + 3];
            }
            double[] rows = Arrays.copyOf(new Array2DRowRealMatrix(whitening, false).operate(off), SEEN + UNKNOWN);
            for (int j = 0; j < UNKNOWN; j++) {
                rows[SEEN + j] = (x[j] - MIDDLE[j]) / SPREAD[j];
            }
            return rows;
        }

        private double[] view(double[] reflectance) {
            if (!(seen instanceof Responses r)) {
                Lab c = colour(reflectance);
                return new double[] {c.lightness(), c.a(), c.b()};
            }
            double[] roots = new double[3];
            for (int c = 0; c < 3; c++) {
                double sum = 0;
                for (int i = 0; i < Spectrum.BANDS; i++) {
                    sum += r.weights()[c][i] * reflectance[i];
                }
                roots[c] = Math.cbrt(Math.max(sum, LEAST_RESPONSE));
            }
            return roots;
        }
    }

    private static double[] surface(String which, Lab colour) {
        return LeastSlope.spectrumOf(colour)
                .orElseThrow(() -> new IllegalArgumentException(
                        "no surface has the colour of the " + which + ", " + colour + ": read it again in even light"))
                .toArray();
    }

    private static double[] readings(Seen seen) {
        if (seen instanceof Responses r) {
            return joined(r.onWhite(), r.onBlack());
        }
        Colours c = (Colours) seen;
        return joined(axes(c.onWhite()), axes(c.onBlack()));
    }

    private static double[] errors(Seen seen) {
        if (seen instanceof Colours c) {
            return joined(errors(c.onWhite()), errors(c.onBlack()));
        }
        double[] all = new double[SEEN];
        Arrays.fill(all, RESPONSE_ERROR);
        return all;
    }

    private static double[] errors(Lab colour) {
        double[] all = new double[3];
        for (int i = 0; i < 3; i++) {
            all[i] = COLOUR_SCALE * COLOUR_ERROR[i] * (1 + ERROR_BY_CHROMA[i] * colour.chroma());
        }
        return all;
    }

    /** Returns the inverse of the Cholesky factor of the readings' covariance: rows so weighted have errors of 1 apart from each other. */
    private static double[][] whitening(double[] errors) {
        double[][] n = new double[SEEN][SEEN];
        for (int i = 0; i < SEEN; i++) {
            n[i][i] = errors[i] * errors[i];
        }
        for (int c = 0; c < 3; c++) {
            n[c][c + 3] = ALIKE * errors[c] * errors[c + 3];
            n[c + 3][c] = n[c][c + 3];
        }
        RealMatrix root = new CholeskyDecomposition(new Array2DRowRealMatrix(n, false), 1e-9, 1e-15).getL();
        return new LUDecomposition(root, 1e-15).getSolver().getInverse().getData();
    }

    private static double doubt(Lab colour, double[] at, RealMatrix covariance) {
        double[][] slopes = new double[3][COAT];
        for (int k = 0; k < COAT; k++) {
            double[] up = axes(colour(MadeUpColours.reflectance(moved(at, k, STEP))));
            double[] down = axes(colour(MadeUpColours.reflectance(moved(at, k, -STEP))));
            for (int i = 0; i < 3; i++) {
                slopes[i][k] = (up[i] - down[i]) / (2 * STEP);
            }
        }
        RealMatrix j = new Array2DRowRealMatrix(slopes, false);
        RealMatrix c =
                j.multiply(covariance.getSubMatrix(0, COAT - 1, 0, COAT - 1)).multiplyTransposed(j);
        return CieDe2000.spread(colour, c.getData());
    }

    private static double[] film(double[] opaque, double[] ground, double[] scattering) {
        double[] out = new double[Spectrum.BANDS];
        for (int i = 0; i < out.length; i++) {
            double ri = Math.max(LEAST_REFLECTANCE, Math.min(MOST_REFLECTANCE, opaque[i]));
            out[i] = KubelkaMunk.film(ri, ground[i], scattering[i]);
        }
        return out;
    }

    private static double[] scattering(double lnCoat, double slope) {
        double[] s = new double[Spectrum.BANDS];
        for (int i = 0; i < s.length; i++) {
            s[i] = Math.exp(lnCoat) * Math.pow(Spectrum.wavelength(i) / MIDDLE_WAVE, -slope);
        }
        return s;
    }

    private static double contrast(double[] opaque, double[] scattering) {
        double[] paper = new double[Spectrum.BANDS];
        double overBlack = Illuminant.D65.xyzOf(film(opaque, paper, scattering)).y();
        Arrays.fill(paper, CHART_WHITE);
        return overBlack / Illuminant.D65.xyzOf(film(opaque, paper, scattering)).y();
    }

    private static Lab colour(double[] reflectance) {
        return Illuminant.D65.xyzOf(reflectance).toLab(Illuminant.D65.white());
    }

    private static double[] axes(Lab colour) {
        return new double[] {colour.lightness(), colour.a(), colour.b()};
    }

    private static double[] joined(double[] a, double[] b) {
        return new double[] {a[0], a[1], a[2], b[0], b[1], b[2]};
    }

    private static double[] moved(double[] x, int j, double by) {
        double[] there = x.clone();
        there[j] += by;
        return there;
    }

    private static double squares(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += (a[i] - b[i]) * (a[i] - b[i]);
        }
        return sum;
    }
}
