package scree.core.judge;

import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.shade.Form;
import scree.core.shade.Sheen;
import scree.core.shade.Traits;
import scree.core.shade.UsualCoat;

/**
 * A product to be laid: its coat, its sheen, what it sends back in a flash.
 *
 * @param glint spectrum that one coat adds at the glint, or null without sheen
 */
public record LaidProduct(Form form, UsualCoat coat, Spectrum glint, double mineralShare) {
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
        return new LaidProduct(
                form, UsualCoat.of(form, settled, contrastRatio, traits.wornShareOrEstimate()), glint, share);
    }

    /** Returns whether both can be stirred into each other. */
    boolean mixesWith(LaidProduct other) {
        return wet() && other.wet();
    }

    private boolean wet() {
        return form == Form.LIQUID
                || form == Form.CREAM
                || form == Form.GEL
                || form == Form.STICK
                || form == Form.DROPS;
    }

    /** Returns both stirred together by parts. */
    LaidProduct mixed(int parts, LaidProduct other, int otherParts) {
        double share = (double) parts / (parts + otherParts);
        double mineral = share * mineralShare + (1 - share) * other.mineralShare;
        return new LaidProduct(form, coat.mixed(share, other.coat), glintOf(share, other), mineral);
    }

    private Spectrum glintOf(double share, LaidProduct other) {
        if (glint == null && other.glint == null) {
            return null;
        }
        double[] bands = new double[Spectrum.BANDS];
        for (int i = 0; i < bands.length; i++) {
            bands[i] = (glint == null ? 0 : share * glint.at(i))
                    + (other.glint == null ? 0 : (1 - share) * other.glint.at(i));
        }
        return Spectrum.of(bands);
    }

    /** Returns the spectrum of some coats with a share of the glint, 0 outside it to 1 where it is brightest. */
    public Spectrum laidOn(Spectrum ground, double coats, double glintShare) {
        Spectrum film = film(ground, coats);
        return glint == null ? film : plus(film, coats * (REST_SHARE + (1 - REST_SHARE) * glintShare));
    }

    /** Returns the spectrum of some coats as a flash sends it back. */
    public Spectrum flashedOn(Spectrum ground, double coats, double glintShare) {
        double back = FLASH_PER_SHARE * mineralShare * coats;
        return laidOn(ground, coats, glintShare).map(r -> Math.min(1, r + back));
    }

    /** Returns the contrast ratio of one coat, 0 to 1. */
    public double contrastRatio() {
        return KubelkaMunk.contrastRatio(coat.product(), coat.onChart());
    }

    /** Returns the colour of one coat on skin, where the light glances off it if it has sheen. */
    public Lab glintOn(Lab skin) {
        return LeastSlope.spectrumOf(skin).map(g -> atTheGlint(film(g, 1), 1)).orElse(skin);
    }

    /** Returns the spectrum of some coats away from every glint. */
    Spectrum film(Spectrum ground, double coats) {
        return coat.onChart(coats).over(ground);
    }

    Lab atTheGlint(Spectrum film, double coats) {
        return plus(film, coats).toLab();
    }

    Lab atRest(Spectrum film, double coats) {
        return plus(film, coats * REST_SHARE).toLab();
    }

    private Spectrum plus(Spectrum film, double glints) {
        if (glint == null) {
            return film;
        }
        double[] bands = film.toArray();
        for (int i = 0; i < bands.length; i++) {
            bands[i] = Math.min(1, bands[i] + glints * glint.at(i));
        }
        return Spectrum.of(bands);
    }

    Lab inFlash(Spectrum film, double coats) {
        double back = FLASH_PER_SHARE * mineralShare * coats;
        return film.map(r -> Math.min(1, r + back)).toLab();
    }
}
