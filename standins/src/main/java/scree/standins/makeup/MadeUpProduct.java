package scree.standins.makeup;

import java.util.EnumMap;
import java.util.Map;
import java.util.Random;
import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * A product with known truth: its colour at full opacity and how it scatters.
 *
 * @param opaque reflectance at full opacity
 * @param scattering S by band over S at 550 nm
 * @param parts of pigments that it is mixed of; none when it was made from a colour
 */
public record MadeUpProduct(Spectrum opaque, double[] scattering, Map<Pigment, Double> parts) {
    private static final double MIDDLE_WAVE = 550;
    private static final double CHART_WHITE = .8;

    /** Returns pigments mixed through, two constants each. */
    public static MadeUpProduct of(Map<Pigment, Double> parts) {
        double[] k = new double[Spectrum.BANDS];
        double[] s = new double[Spectrum.BANDS];
        new EnumMap<>(parts).forEach((pigment, part) -> {
            for (int i = 0; i < k.length; i++) {
                k[i] += part * pigment.absorption(Spectrum.wavelength(i));
                s[i] += part * pigment.scattering(Spectrum.wavelength(i));
            }
        });
        double[] r = new double[Spectrum.BANDS];
        double middle = s[17];
        for (int i = 0; i < r.length; i++) {
            r[i] = KubelkaMunk.reflectance(k[i] / s[i]);
            s[i] /= middle;
        }
        return new MadeUpProduct(Spectrum.of(r), s, Map.copyOf(parts));
    }

    /** Returns the smoothest product of a colour, scattering with a slope. */
    public static MadeUpProduct smooth(Lab colour, double slope) {
        Spectrum opaque = LeastSlope.spectrumOf(colour)
                .orElseThrow(() -> new IllegalArgumentException("no product has the colour " + colour));
        return new MadeUpProduct(opaque, Pigment.bands(nm -> Math.pow(nm / MIDDLE_WAVE, -slope)), Map.of());
    }

    /** Returns a product as its lines hold it, from fair to very deep: white and oxides. */
    public static MadeUpProduct skinLike(Random random) {
        double deep = .10 + .90 * random.nextDouble();
        double turn = .7 + .6 * random.nextDouble();
        MadeUpProduct product = of(Map.of(
                Pigment.WHITE,
                1.0,
                Pigment.YELLOW_OXIDE,
                (.03 + 3.2 * deep * deep * deep) * turn,
                Pigment.RED_OXIDE,
                (.02 + 1.5 * deep * deep * deep) / turn,
                Pigment.BLACK_OXIDE,
                .9 * Math.pow(deep, 5) * (.5 + random.nextDouble())));
        Lab colour = product.colour();
        return colour.lightness() > 26 && colour.lightness() < 84 ? product : skinLike(random);
    }

    /** Returns a vivid product, as lips and cheeks wear them: a lake and oxide in a base. */
    public static MadeUpProduct vivid(Random random) {
        double lake = .4 + 3 * random.nextDouble();
        Pigment first = random.nextInt(3) == 0 ? Pigment.ORANGE_LAKE : Pigment.RED_LAKE;
        return of(Map.of(
                Pigment.WHITE,
                .15 + random.nextDouble(),
                first,
                lake,
                Pigment.RED_OXIDE,
                .3 * random.nextDouble(),
                Pigment.BLUE_LAKE,
                .15 * random.nextDouble()));
    }

    /** Returns a dark product for lines and brows. */
    public static MadeUpProduct dark(Random random) {
        return of(Map.of(
                Pigment.WHITE,
                .05 + .25 * random.nextDouble(),
                Pigment.BLACK_OXIDE,
                .5 + random.nextDouble(),
                Pigment.RED_OXIDE,
                .6 * random.nextDouble(),
                Pigment.YELLOW_OXIDE,
                .8 * random.nextDouble()));
    }

    /**
     * Returns the same after its dry-down: pigments come nearer to each other by a few hundredths.
     *
     * @throws IllegalStateException when it was made from a colour
     */
    public MadeUpProduct settled(Random random) {
        if (parts.isEmpty()) {
            throw new IllegalStateException("a product made from a colour has no pigments to settle");
        }
        Map<Pigment, Double> closer = new EnumMap<>(Pigment.class);
        parts.forEach((pigment, part) -> closer.put(pigment, part * Math.exp(.10 * random.nextGaussian())));
        return of(closer);
    }

    /** Returns the colour at full opacity. */
    public Lab colour() {
        return opaque.toLab();
    }

    /** Returns a coat over a ground. */
    public Spectrum over(Spectrum ground, double coat) {
        double[] out = new double[Spectrum.BANDS];
        for (int i = 0; i < out.length; i++) {
            double ri = Math.max(1e-5, Math.min(1 - 1e-6, opaque.at(i)));
            out[i] = KubelkaMunk.film(ri, ground.at(i), coat * scattering[i]);
        }
        return Spectrum.of(out);
    }

    /** Returns Y over black / Y over white 0.80 of a coat. */
    public double contrast(double coat) {
        return over(Spectrum.flat(0), coat).toXyz(Illuminant.D65).y()
                / over(Spectrum.flat(CHART_WHITE), coat).toXyz(Illuminant.D65).y();
    }
}
