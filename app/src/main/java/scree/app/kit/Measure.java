package scree.app.kit;

import java.time.LocalDate;

/**
 * Where a product's colours come from, and how far they are to be trusted.
 *
 * @param on the day, or null when nothing was measured
 * @param doubt of the colour, ΔE00, or null when it is not known
 * @param slope of scattering over wavelength as a sheet told it, or null
 */
public record Measure(By by, LocalDate on, Double doubt, Double slope) {
    /** Figures that someone typed, or that came with the kit. */
    public static final Measure TYPED = new Measure(By.TYPED, null, null, null);

    /** What measured it. */
    public enum By {
        TYPED,
        METER,
        /** A swatch sheet with the colour card. */
        SHEET,
        /** A swatch sheet with the grey card: its colours are rough. */
        ROUGH_SHEET
    }

    /** Returns what a contact meter measured on a day. */
    public static Measure meter(LocalDate on) {
        return new Measure(By.METER, on, null, null);
    }
}
