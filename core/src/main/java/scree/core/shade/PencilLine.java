package scree.core.shade;

import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.skin.SkinSpectrum;

/**
 * How much a usual coat hides on skin, by a pencil line on the inner wrist: line and skin beside it are read bare, then with one usual coat
 * over both.
 *
 * @param line bare
 * @param skin bare, beside it
 * @param lineUnder the coat
 * @param skinUnder the coat
 */
public record PencilLine(Lab line, Lab skin, Lab lineUnder, Lab skinUnder) {
    /** A line that parts less from the skin tells nothing over the readings' own doubt. House choice, ΔE00. */
    public static final double LEAST_LINE = 8;

    private static final int HALVINGS = 60;

    /** Returns the share of the line's difference that the coat leaves, 0 to over 1. */
    public double left() {
        return lineUnder.differenceFrom(skinUnder) / line.differenceFrom(skin);
    }

    /** Returns whether the line is dark enough to tell. */
    public boolean tells() {
        return line.differenceFrom(skin) >= LEAST_LINE;
    }

    /**
     * Returns the scattering power of the coat over that of its chart coat, by halving until the film leaves what was read; empty when the
     * line does not tell or no coat that anyone lays leaves so much or so little.
     */
    public Optional<Double> wornShare(UsualCoat coat) {
        if (!tells()) {
            return Optional.empty();
        }
        Spectrum under = SkinSpectrum.of(skin);
        Spectrum mark = LeastSlope.spectrumOf(line).orElse(under);
        if (left(coat, UsualCoat.LEAST_SHARE, mark, under) < left()
                || left(coat, UsualCoat.MOST_SHARE, mark, under) > left()) {
            return Optional.empty();
        }
        double low = UsualCoat.LEAST_SHARE;
        double high = UsualCoat.MOST_SHARE;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (left(coat, middle, mark, under) > left()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of((low + high) / 2);
    }

    private double left(UsualCoat coat, double share, Spectrum mark, Spectrum under) {
        var film = coat.onChart(share);
        return film.over(mark).toLab().differenceFrom(film.over(under).toLab()) / line.differenceFrom(skin);
    }
}
