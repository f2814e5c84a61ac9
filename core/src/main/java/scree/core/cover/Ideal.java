package scree.core.cover;

import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.shade.UsualCoat;

/**
 * The corrector that would do it: beside and on the place lies the same base, so the mark is gone when the film below turns bare place into
 * bare surround. For thin films it is the mark's complement, overshot, round the skin's own colour.
 *
 * @param colour at full opacity
 * @param leaning in the craft's words
 */
public record Ideal(Lab colour, Leaning leaning) {
    /** Cover of a usual corrector, contrast ratio. House choice within the craft's 0.7 to 0.9. */
    private static final double CONTRAST = .80;

    private static final int ROUNDS = 4;
    private static final int HALVINGS = 50;
    private static final double LEAST = .02;
    private static final double MOST = .92;

    /** Returns what a place asks for. Derived: each band solved for the film's own reflectance, thickness and colour in turn. */
    public static Ideal of(Place<?> place) {
        Spectrum zone = place.zone();
        Spectrum surround = place.surround();
        Spectrum own = surround;
        for (int round = 0; round < ROUNDS; round++) {
            double power = UsualCoat.ESTIMATED * KubelkaMunk.thicknessFor(own, CONTRAST);
            double[] bands = new double[Spectrum.BANDS];
            for (int i = 0; i < bands.length; i++) {
                bands[i] = solve(zone.at(i), surround.at(i), power);
            }
            own = Spectrum.of(bands);
        }
        Lab colour = own.toLab();
        return new Ideal(colour, Leaning.beside(surround.toLab(), colour));
    }

    private static double solve(double zone, double wanted, double power) {
        double low = LEAST;
        double high = MOST;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (KubelkaMunk.film(middle, zone, power) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
