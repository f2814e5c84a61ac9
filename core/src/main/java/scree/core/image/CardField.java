package scree.core.image;

import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

/**
 * One stone of the card with what it is known to be.
 *
 * @param number 1..24 in the card's table: 1–6 skin-like, 7–18 chromatic, 19–24 greys from light to dark
 * @param colour under D65
 * @param reflectance its measured or designed spectrum
 */
public record CardField(int number, Lab colour, Spectrum reflectance) {
    static final int FIRST_GREY = 19;

    public boolean grey() {
        return number >= FIRST_GREY;
    }
}
