package scree.core.swatch;

import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.shade.DryDown;
import scree.core.shade.Form;

/**
 * What a product is by its fields on a sheet: read just laid, read settled, or both.
 *
 * @param wet just laid
 * @param settled as it stays
 * @param contrast of a usual coat
 * @param slope of scattering over wavelength
 * @param doubt of the colour, ΔE00
 * @param dryDown how settled was come by
 */
public record Swatched(Lab wet, Lab settled, double contrast, double slope, double doubt, Drying dryDown) {
    /** Colours of one sheet that part by less are one: two pictures of one field differ by as much. Derived, ΔE00. */
    public static final double LEAST_SHIFT = 1.2;

    /** What the kit takes as contrast. */
    private static final double LEAST_CONTRAST = .02;

    private static final double MOST_CONTRAST = .999;

    /** How the settled colour was come by. */
    public enum Drying {
        /** Both were read and part. */
        SEEN,
        /** Both were read and do not part by more than pictures do. */
        NONE_SEEN,
        /** Only the wet one was read: moved as its form usually does. */
        USUAL,
        /** Only the settled one was read, and stands for both. */
        SETTLED_ONLY
    }

    /** A product's readings at one time: the coat as it is usually laid, and the thick one beside it where it is thin. */
    public record At(FieldRead usual, FieldRead thick) {
        private Optional<FieldRead> colour() {
            return Optional.ofNullable(thick == null ? usual : thick)
                    .filter(f -> f.verdict().good());
        }

        private Optional<Double> contrast() {
            if (usual == null || !usual.coverKnown()) {
                return Optional.empty();
            }
            return Optional.of(
                    thick != null && usual.usualContrast() != null ? usual.usualContrast() : usual.contrast());
        }
    }

    /**
     * Returns what the readings say.
     *
     * @param wet readings just after it was laid, or null
     * @param settled readings after its dry-down, or null
     * @return empty when no colour or no cover could be read
     */
    public static Optional<Swatched> of(At wet, At settled, Form form) {
        Optional<FieldRead> first = Optional.ofNullable(wet).flatMap(At::colour);
        Optional<FieldRead> second = Optional.ofNullable(settled).flatMap(At::colour);
        Optional<Double> contrast = Optional.ofNullable(settled)
                .flatMap(At::contrast)
                .or(() -> Optional.ofNullable(wet).flatMap(At::contrast));
        if (contrast.isEmpty() || first.isEmpty() && second.isEmpty()) {
            return Optional.empty();
        }
        double cover = Math.max(LEAST_CONTRAST, Math.min(MOST_CONTRAST, contrast.get()));
        FieldRead last = second.orElseGet(first::orElseThrow);
        Lab colour = last.colour();
        if (second.isEmpty()) {
            Lab dried = form.usualShift().from(colour);
            return Optional.of(new Swatched(colour, dried, cover, last.slope(), last.doubt(), Drying.USUAL));
        }
        if (first.isEmpty()) {
            return Optional.of(new Swatched(colour, colour, cover, last.slope(), last.doubt(), Drying.SETTLED_ONLY));
        }
        Lab laid = first.get().colour();
        boolean parts = laid.differenceFrom(colour) >= LEAST_SHIFT;
        return Optional.of(new Swatched(
                parts ? laid : colour,
                colour,
                cover,
                last.slope(),
                last.doubt(),
                parts ? Drying.SEEN : Drying.NONE_SEEN));
    }

    /** Returns settled minus wet. */
    public DryDown.Shift shift() {
        return DryDown.Shift.between(wet, settled);
    }
}
