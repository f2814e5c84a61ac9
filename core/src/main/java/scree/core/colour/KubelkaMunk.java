package scree.core.colour;

import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * Pigments after Kubelka and Munk (1931), Kubelka (1948): intimate mixes in the single-constant form, and a film of finite
 * thickness over a ground. Reflectances are the internal ones of a matt layer; no surface correction.
 */
public final class KubelkaMunk {
    /** Past this contrast no finite thickness exists. Derived: 1.0 is only reached at infinite thickness. */
    public static final double MOST_CONTRAST = 0.999;
    /** Reflectance of the white half of a contrast chart; its black is 0. Cited: ISO 6504-3 asks for 0.80 ± 0.02. */
    public static final double CHART_WHITE = 0.80;

    private static final double THINNEST = 1e-6;
    private static final double THICKEST = 1e4;
    /** How close a thickness is sought, ln and ratio. */
    private static final double CLOSE = 1e-13;

    private static final int MOST_TRIES = 100;

    private KubelkaMunk() {}

    /**
     * One part of a mix.
     *
     * @param spectrum the part at full opacity
     * @param amount parts × tinting strength, above 0
     */
    public record Part(Spectrum spectrum, double amount) {
        public Part {
            amount = Check.inRange("amount", amount, 1e-9, 1e9, "leave a part of nothing out");
        }
    }

    /** Returns K/S for a reflectance in (0, 1]. */
    public static double absorption(double r) {
        return (1 - r) * (1 - r) / (2 * r);
    }

    /** Returns the reflectance of an infinitely thick layer with the given K/S; written so that large values do not cancel. */
    public static double reflectance(double ks) {
        return 1 / (1 + ks + Math.sqrt(ks * ks + 2 * ks));
    }

    /** Returns the spectrum of the parts mixed through. */
    public static Spectrum mix(List<Part> parts) {
        double total = parts.stream().mapToDouble(Part::amount).sum();
        double[] mixed = new double[Spectrum.BANDS];
        for (int i = 0; i < mixed.length; i++) {
            double ks = 0;
            for (Part part : parts) {
                ks += part.amount() / total * absorption(part.spectrum().at(i));
            }
            mixed[i] = reflectance(ks);
        }
        return Spectrum.of(mixed);
    }

    /**
     * Returns the reflectance of a film over a ground, free of overflow.
     *
     * @param ri reflectance of the film's material at infinite thickness, 0..1 exclusive
     * @param rg reflectance of the ground, 0..1
     * @param thickness scattering power S·x, 0 or more
     */
    public static double film(double ri, double rg, double thickness) {
        return filmLeaving(Math.exp(-thickness * (1 / ri - ri)), ri, rg);
    }

    /** The same where it is known how much of the ground's part is left. */
    private static double filmLeaving(double left, double ri, double rg) {
        double far = rg - 1 / ri;
        return ((rg - ri) / ri * left - ri * far) / ((rg - ri) * left - far);
    }

    /** Returns a film of the given scattering power over a ground, band by band. */
    public static Spectrum film(Spectrum product, Spectrum ground, double thickness) {
        double[] r = new double[Spectrum.BANDS];
        for (int i = 0; i < r.length; i++) {
            r[i] = film(Math.min(product.at(i), 1 - 1e-9), ground.at(i), thickness);
        }
        return Spectrum.of(r);
    }

    /**
     * Returns the scattering power S·x of one coat with the given contrast ratio (Y over black / Y over white 0.80, D65).
     * Sought in ln S·x, since the ratio rises with thickness. Ratios over {@link #MOST_CONTRAST} are taken as that.
     */
    public static double thicknessFor(Spectrum product, double contrastRatio) {
        double wanted = Math.min(
                MOST_CONTRAST, Check.inRange("contrast ratio", contrastRatio, 0, 1, "give it as a share, not in %"));
        Luminance luminance = new Luminance(product);
        UnivariateFunction shortBy = ln -> luminance.contrast(Math.exp(ln)) - wanted;
        double low = Math.log(THINNEST);
        double high = Math.log(THICKEST);
        if (shortBy.value(low) >= 0) {
            return THINNEST;
        }
        return shortBy.value(high) <= 0
                ? THICKEST
                : Math.exp(new BracketingNthOrderBrentSolver(CLOSE, CLOSE, CLOSE, 5)
                        .solve(MOST_TRIES, shortBy, low, high));
    }

    /** Returns Y over black / Y over the chart's white for a film of the given scattering power. */
    public static double contrastRatio(Spectrum product, double thickness) {
        return new Luminance(product).contrast(thickness);
    }

    /** A material's films over the two halves of a contrast chart as the eye weighs them, ready to be asked for many thicknesses. */
    private static final class Luminance {
        private final double[] own = new double[Spectrum.BANDS];
        private final double[] fall = new double[Spectrum.BANDS];

        Luminance(Spectrum product) {
            for (int i = 0; i < own.length; i++) {
                own[i] = Math.min(product.at(i), 1 - 1e-9);
                fall[i] = 1 / own[i] - own[i];
            }
        }

        double contrast(double thickness) {
            double black = 0;
            double white = 0;
            for (int i = 0; i < own.length; i++) {
                double left = Math.exp(-thickness * fall[i]);
                double weight = Illuminant.D65.weight(1, i);
                black += weight * filmLeaving(left, own[i], 0);
                white += weight * filmLeaving(left, own[i], CHART_WHITE);
            }
            return black / white;
        }
    }
}
