package scree.core.shade;

import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * One usual coat of a product, to be laid on grounds. The film follows Kubelka and Munk with equal scattering in all bands.
 *
 * @param product spectrum at full opacity
 * @param thickness scattering power S·x of the coat
 */
public record OneCoat(Spectrum product, double thickness) {
    /** Of a lacquered white card, reflectance. */
    private static final double CARD_WHITE = 0.80;

    private static final double CARD_BLACK = 0.01;

    /**
     * Returns a coat of a product of which colour and cover are known.
     *
     * @throws IllegalArgumentException for a colour that no product can have
     */
    public static OneCoat of(Lab settled, double contrastRatio) {
        Spectrum spectrum = LeastSlope.spectrumOf(settled)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that a product can have: measure it again".formatted(settled)));
        return new OneCoat(spectrum, KubelkaMunk.thicknessFor(spectrum, contrastRatio));
    }

    /** Returns the colour of the coat on skin or on anything else of a colour. */
    public Lab over(Lab ground) {
        return LeastSlope.spectrumOf(ground)
                .map(g -> KubelkaMunk.film(product, g, thickness).toLab())
                .orElse(ground);
    }

    /** Returns the same where the light glances off it. */
    public Lab glinting(Lab ground, Sheen sheen) {
        Spectrum under = LeastSlope.spectrumOf(ground).orElseThrow();
        Spectrum film = KubelkaMunk.film(product, under, thickness);
        Spectrum glint = LeastSlope.spectrumOf(sheen.colour()).orElse(product);
        double scale = sheen.glint() / glint.toXyz(Illuminant.D65).y();
        double[] bands = new double[Spectrum.BANDS];
        for (int i = 0; i < bands.length; i++) {
            bands[i] = Math.min(1, film.at(i) + scale * glint.at(i));
        }
        return Spectrum.of(bands).toLab();
    }

    /** Returns the colour on a white card. */
    public Lab overWhite() {
        return KubelkaMunk.film(product, Spectrum.flat(CARD_WHITE), thickness).toLab();
    }

    /** Returns the colour on a black card. */
    public Lab overBlack() {
        return KubelkaMunk.film(product, Spectrum.flat(CARD_BLACK), thickness).toLab();
    }
}
