package scree.core.swatch;

import scree.core.colour.FilmFit;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * What one picture says of one field, without the picture.
 *
 * @param colour at full opacity, or null where nothing could be fitted
 * @param coat S·X at 550 nm
 * @param slope of scattering over wavelength
 * @param contrast Y over black / Y over white 0.80 of the coat as it lies
 * @param doubt of the colour, ΔE00
 * @param coatDoubt of ln S·X
 * @param light over the light at the card
 * @param uneven whether the light at its two sides differs by more than is good
 * @param usualContrast contrast of this coat by the colour of its partner, the thick one beside it; null without such a partner
 */
public record FieldRead(
        int number,
        SheetReading.Verdict verdict,
        Lab colour,
        double coat,
        double slope,
        double contrast,
        double doubt,
        double coatDoubt,
        double light,
        boolean uneven,
        Double usualContrast) {

    private static final double DIM = .6;

    static FieldRead of(SheetReading.Field field, FilmFit.Coat usual) {
        FilmFit.Film film = field.film().orElse(null);
        return new FieldRead(
                field.number(),
                field.verdict(),
                film == null ? null : film.colour(),
                film == null ? 0 : film.coat(),
                film == null ? 0 : film.slope(),
                film == null ? 0 : film.contrast(),
                film == null ? 0 : film.doubt(),
                film == null ? 0 : film.coatDoubt(),
                field.light(),
                field.uneven(),
                usual == null ? null : usual.contrast());
    }

    /**
     * Returns the coat as it lies over a ground, by the smoothest spectra of both.
     *
     * @throws IllegalStateException when nothing was fitted
     * @throws IllegalArgumentException when no surface has the ground's colour
     */
    public Lab over(Lab ground) {
        if (colour == null) {
            throw new IllegalStateException("field " + number + " was not fitted");
        }
        Spectrum product = LeastSlope.spectrumOf(colour)
                .orElse(Spectrum.flat(colour.toXyz().y()));
        Spectrum under = LeastSlope.spectrumOf(ground)
                .orElseThrow(() -> new IllegalArgumentException("no surface has the colour " + ground));
        return KubelkaMunk.film(product, under, coat).toLab();
    }

    /** Returns whether it is so much darker there than at the card that it is to be said. Derived: method.md. */
    public boolean dim() {
        return light < DIM;
    }

    /** Returns whether what one coat hides is known, though the colour may not be. */
    public boolean coverKnown() {
        return verdict.good() || verdict == SheetReading.Verdict.THIN;
    }
}
