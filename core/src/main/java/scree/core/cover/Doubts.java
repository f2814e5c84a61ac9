package scree.core.cover;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import scree.core.colour.Film;
import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.colour.Xyz;

/**
 * How far what is left moves when products are not quite what they should be: each in turn 10 % more opaque, then one L* lighter. The base
 * moves place and surround together, so it counts little.
 */
final class Doubts<T> {
    private static final double MORE_OPAQUE = 1.1;
    private static final double LIGHTER_BY = 1;
    private static final int ROUNDS = 6;
    private static final double FIRST_TRY = .9;
    private static final double LEAST_GAIN = .05;

    private final Place<T> place;
    private final Lab target;
    private final double[] zone;
    private final double[] surround;
    private final Map<Object, Bands> films = new HashMap<>();
    private final Map<Ware<T>, Spectrum> lighter = new HashMap<>();

    /** How one product is taken to be. */
    private enum Off {
        NOT,
        OPAQUE,
        LIGHTER
    }

    private record Key(Object ware, double amount, Off off) {}

    Doubts(Place<T> place) {
        this.place = place;
        this.target = place.target().toLab();
        this.zone = place.zone().toArray();
        this.surround = place.surround().toArray();
    }

    /** Returns the root of squares, ΔE00. */
    double of(List<Layer<T>> under, List<Layer<T>> over) {
        Lab seen = seen(zone, under, over, null, Off.NOT);
        Set<Ware<T>> wares = new LinkedHashSet<>();
        under.forEach(l -> wares.add(l.ware()));
        over.forEach(l -> wares.add(l.ware()));
        Stream.ofNullable(place.base()).forEach(wares::add);
        double squares = 0;
        for (Ware<T> ware : wares) {
            for (Off off : List.of(Off.OPAQUE, Off.LIGHTER)) {
                Lab now = seen(zone, under, over, ware, off);
                Lab beside = ware.equals(place.base()) ? seen(surround, List.of(), List.of(), ware, off) : target;
                Lab moved = new Lab(
                        Math.max(
                                0,
                                Math.min(
                                        100,
                                        now.lightness()
                                                - beside.lightness()
                                                - seen.lightness()
                                                + 2 * target.lightness())),
                        now.a() - beside.a() - seen.a() + 2 * target.a(),
                        now.b() - beside.b() - seen.b() + 2 * target.b());
                double shift = moved.differenceFrom(target);
                squares += shift * shift;
            }
        }
        return Math.sqrt(squares);
    }

    private Lab seen(double[] ground, List<Layer<T>> under, List<Layer<T>> over, Ware<T> odd, Off off) {
        double[] on = ground.clone();
        for (Layer<T> l : under) {
            film(l.ware(), l.amount(), odd, off).over(on, on);
        }
        if (place.baseCoats() > 0) {
            film(place.base(), place.baseCoats(), odd, off).over(on, on);
        }
        for (Layer<T> l : over) {
            film(l.ware(), l.amount(), odd, off).over(on, on);
        }
        if (place.powder() != null) {
            film(place.powder(), place.powderCoats(), odd, off).over(on, on);
        }
        return lab(on);
    }

    static Lab lab(double[] reflectance) {
        double[] sum = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < reflectance.length; i++) {
                sum[axis] += Illuminant.D65.weight(axis, i) * reflectance[i];
            }
        }
        return new Xyz(sum[0], sum[1], sum[2]).toLab(Illuminant.D65.white());
    }

    private Bands film(Ware<T> ware, double amount, Ware<T> odd, Off off) {
        Off here = ware.equals(odd) ? off : Off.NOT;
        return films.computeIfAbsent(new Key(ware.what(), amount, here), k -> Bands.of(film(ware, amount, here)));
    }

    private Film film(Ware<T> ware, double amount, Off off) {
        Film film = ware.coat().worn(amount);
        return switch (off) {
            case NOT -> film;
            case OPAQUE -> film.times(MORE_OPAQUE);
            case LIGHTER ->
                new Film(lighter.computeIfAbsent(ware, w -> lighter(w.coat().product())), film.power(), film.microns());
        };
    }

    /** Returns a spectrum one L* lighter, by scaling K/S. */
    private static Spectrum lighter(Spectrum r) {
        double from = r.toLab().lightness();
        double factor = FIRST_TRY;
        for (int round = 0; round < ROUNDS; round++) {
            double gained = scaled(r, factor).toLab().lightness() - from;
            factor = 1 - (1 - factor) * LIGHTER_BY / Math.max(LEAST_GAIN, gained);
        }
        return scaled(r, factor);
    }

    private static Spectrum scaled(Spectrum r, double factor) {
        return r.map(band -> KubelkaMunk.reflectance(KubelkaMunk.absorption(band) * factor));
    }
}
