package scree.core.cover;

import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.skin.SkinSpectrum;

/**
 * A place that parts from the skin beside it, and what goes over both.
 *
 * @param zone the place itself
 * @param surround skin beside it
 * @param base worn on both, or null where none is known
 * @param baseCoats in usual coats, 0 where none is worn
 * @param powder last on both, or null
 * @param bears what the skin there bears
 * @param dense whether dense concealers may lie under the base: scars, tattoos, bruises, or where the school paints underneath
 */
public record Place<T>(
        Spectrum zone,
        Spectrum surround,
        Ware<T> base,
        double baseCoats,
        Ware<T> powder,
        double powderCoats,
        Bears bears,
        boolean dense) {
    public Place {
        if (base == null && baseCoats > 0) {
            throw new IllegalArgumentException("coats of a base that is not known: say which, or 0 coats");
        }
    }

    /** ΔE00 that nobody notices beside its surround. Cited, colour-science §G of the method. */
    public static final double TARGET = 2;

    /** Under this nothing is to be seen that asks for a plan. House choice. */
    public static final double SEEN = 2.2;

    /** Returns a place of which two colours are known, without powder. */
    public static <T> Place<T> of(Lab zone, Lab surround, Ware<T> base, double baseCoats, Bears bears) {
        return new Place<>(
                SkinSpectrum.of(zone),
                SkinSpectrum.of(surround),
                base,
                baseCoats,
                null,
                0,
                bears,
                bears == Bears.HEAVY);
    }

    /** Returns the same with a powder over all. */
    public Place<T> powdered(Ware<T> with, double coats) {
        return new Place<>(zone, surround, base, baseCoats, with, coats, bears, dense);
    }

    /** Returns how far the place is from the skin beside it, bare. */
    public double bare() {
        return zone.toLab().differenceFrom(surround.toLab());
    }

    /** Returns what lies beside it when all is done. */
    public Spectrum target() {
        return finished(based(surround));
    }

    /** Returns a ground with the base on. */
    public Spectrum based(Spectrum ground) {
        return base == null ? ground : base.coat().worn(baseCoats).over(ground);
    }

    /** Returns a ground with the last powder on. */
    Spectrum finished(Spectrum ground) {
        return powder == null ? ground : powder.coat().worn(powderCoats).over(ground);
    }

    /** Returns how thick the base lies, µm. */
    double baseMicrons() {
        return base == null ? 0 : baseCoats * base.coat().microns();
    }
}
