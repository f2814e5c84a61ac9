package scree.core.colour;

import java.util.List;

/**
 * Pigments after Kubelka and Munk (1931), Kubelka (1948): intimate mixes in the single-constant form, and a film of finite
 * thickness over a ground. Reflectances are the internal ones of a matt layer; no surface correction.
 */
public final class KubelkaMunk {
    /** Past this contrast no finite thickness exists. Derived: 1.0 is only reached at infinite thickness. */
    public static final double MOST_CONTRAST = 0.999;
    /** The white of a contrast chart, as reflectance; its black is 0. Cited: ISO 6504-3 asks for 0.80 ± 0.02. */
    /** Reflectance of the white half of a contrast chart. */
    public static final double CHART_WHITE = 0.80;

    private static final double THINNEST = 1e-6;
    private static final double THICKEST = 1e4;

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
        double e = Math.exp(-thickness * (1 / ri - ri));
        double top = (rg - ri) / ri * e - ri * (rg - 1 / ri);
        double bottom = (rg - ri) * e - (rg - 1 / ri);
        return top / bottom;
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
     * Bisection in ln S·x, since the ratio rises with thickness. Ratios over {@link #MOST_CONTRAST} are taken as that.
     */
    public static double thicknessFor(Spectrum product, double contrastRatio) {
        double wanted = Math.min(
                MOST_CONTRAST, Check.inRange("contrast ratio", contrastRatio, 0, 1, "give it as a share, not in %"));
        double low = Math.log(THINNEST);
        double high = Math.log(THICKEST);
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (contrastRatio(product, Math.exp(middle)) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.exp((low + high) / 2);
    }

    /** Returns Y over black / Y over the chart's white for a film of the given scattering power. */
    public static double contrastRatio(Spectrum product, double thickness) {
        double overBlack =
                film(product, Spectrum.flat(0), thickness).toXyz(Illuminant.D65).y();
        double overWhite = film(product, Spectrum.flat(CHART_WHITE), thickness)
                .toXyz(Illuminant.D65)
                .y();
        return overBlack / overWhite;
    }
}
