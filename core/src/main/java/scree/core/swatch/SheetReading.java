package scree.core.swatch;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import scree.core.colour.FilmFit;
import scree.core.image.SheetLayout;

/**
 * What one picture of a swatch sheet says.
 *
 * @param number that the sheet's stones tell; empty when they cannot be read
 * @param colourCard whether the full card lay on it; with the grey card colours are rough
 * @param kelvin of the lamp; empty with the grey card
 * @param grounds bare paper and print as they were read
 * @param fields in the order of their numbers
 */
public record SheetReading(
        OptionalInt number, boolean colourCard, OptionalDouble kelvin, FilmFit.Grounds grounds, List<Field> fields) {
    private static final double WARM = 4000;

    public SheetReading {
        fields = List.copyOf(fields);
    }

    /** Returns whether a lamp is so warm that colours are less sure. Derived: method.md. */
    public static boolean warm(double kelvin) {
        return kelvin < WARM;
    }

    /** Returns what is kept of it; a thin coat beside a thick one of the same product is fitted by that one's colour. */
    public List<FieldRead> kept() {
        return fields.stream().map(f -> FieldRead.of(f, usual(f))).toList();
    }

    private FilmFit.Coat usual(Field thin) {
        Field thick = fields.get(SheetLayout.fields().get(thin.number() - 1).partner() - 1);
        boolean fitted = thick.verdict().good()
                && thin.film().isPresent()
                && thin.reading().isPresent();
        return fitted
                ? FilmFit.usualCoat(
                        thick.film().orElseThrow(), grounds, thin.reading().orElseThrow())
                : null;
    }

    /**
     * One field.
     *
     * @param verdict what came of it
     * @param film what lies there, where it could be fitted
     * @param reading codes as the fit took them, to fit a thin coat by a thick one's colour; only with the colour card
     * @param light over the light at the card
     * @param uneven whether the light at its two sides differs by more than is good
     */
    public record Field(
            int number,
            Verdict verdict,
            Optional<FilmFit.Film> film,
            Optional<FilmFit.Responses> reading,
            double light,
            boolean uneven) {}

    /** What came of a field. */
    public enum Verdict {
        FITS(true),
        /** Hides fully: the coat is at least so thick. */
        HIDES(true),
        /** Too thin to tell its colour; what one coat hides is told. */
        THIN(false),
        /** Nothing lies on it. */
        EMPTY(false),
        /** Lies over paper or over print only. */
        ONE_GROUND(false),
        TWO_PRODUCTS(false),
        /** Something lies on the bare ground beside it: a hand, or the smear itself. */
        COVERED(false),
        /** The light at its left and right differs: a shadow's edge. */
        SHADOW(false),
        /** The light there has another colour than at the card. */
        OTHER_LIGHT(false),
        TOO_DARK(false),
        TOO_BRIGHT(false),
        /** The print beside it shines. */
        GLARE(false),
        /** Shines, shades, or is thinner on one side. */
        UNEVEN(false);

        private final boolean good;

        Verdict(boolean good) {
            this.good = good;
        }

        /** Returns whether its colour can be taken. */
        public boolean good() {
            return good;
        }
    }
}
