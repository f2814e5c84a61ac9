package scree.core.shade;

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

    /** Returns the colour over the white of the chart that contrast is told on. */
    public Lab overWhite() {
        return KubelkaMunk.film(product, Spectrum.flat(KubelkaMunk.CHART_WHITE), thickness)
                .toLab();
    }

    /** Returns the colour over its black. */
    public Lab overBlack() {
        return KubelkaMunk.film(product, Spectrum.flat(0), thickness).toLab();
    }
}
