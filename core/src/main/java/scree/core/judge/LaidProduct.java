package scree.core.judge;

import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.shade.Form;
import scree.core.shade.OneCoat;
import scree.core.shade.Sheen;
import scree.core.shade.Traits;

/**
 * A product to be laid: its coat, its sheen, what it sends back in a flash.
 *
 * @param glint spectrum that one coat adds at the glint, or null without sheen
 */
public record LaidProduct(Form form, OneCoat coat, Spectrum glint, double mineralShare) {
    /** Share of the glint that is seen outside it. House choice. */
    private static final double REST_SHARE = .08;

    /** Luminance that a coat of pure white mineral sends back along a flash. House choice, to be fitted by a flash picture. */
    private static final double FLASH_PER_SHARE = .35;

    /** @throws IllegalArgumentException for a colour that no product can have */
    public static LaidProduct of(Form form, Lab settled, double contrastRatio, Traits traits) {
        Spectrum glint = null;
        Sheen sheen = traits.sheen();
        if (sheen != null) {
            Spectrum colour = LeastSlope.spectrumOf(sheen.colour())
                    .orElseThrow(() ->
                            new IllegalArgumentException("%s is no colour that a sheen can have".formatted(sheen)));
            double scale = sheen.glint() / colour.toXyz(Illuminant.D65).y();
            glint = colour.map(r -> Math.min(1, r * scale));
        }
        double share = traits.mineralShare() == null ? 0 : traits.mineralShare();
        return new LaidProduct(form, OneCoat.of(settled, contrastRatio), glint, share);
    }

    /** Returns the colour of one coat on skin, where the light glances off it if it has sheen. */
    public Lab glintOn(Lab skin) {
        return LeastSlope.spectrumOf(skin).map(g -> atTheGlint(film(g, 1), 1)).orElse(skin);
    }

    /** Returns the spectrum of some coats away from every glint. */
    Spectrum film(Spectrum ground, double coats) {
        return KubelkaMunk.film(coat.product(), ground, coat.thickness() * coats);
    }

    Lab atTheGlint(Spectrum film, double coats) {
        return plus(film, coats);
    }

    Lab atRest(Spectrum film, double coats) {
        return plus(film, coats * REST_SHARE);
    }

    private Lab plus(Spectrum film, double glints) {
        if (glint == null) {
            return film.toLab();
        }
        double[] bands = film.toArray();
        for (int i = 0; i < bands.length; i++) {
            bands[i] = Math.min(1, bands[i] + glints * glint.at(i));
        }
        return Spectrum.of(bands).toLab();
    }

    Lab inFlash(Spectrum film, double coats) {
        double back = FLASH_PER_SHARE * mineralShare * coats;
        return film.map(r -> Math.min(1, r + back)).toLab();
    }
}
