package scree.core.cover;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What may lie before the base and after it: nothing, one product or two, in the amounts that the place bears, by coats. */
final class Sides<T> {
    private final Place<T> place;
    private final List<Ware<T>> before;
    private final List<Ware<T>> after;
    private final Layer<T> first;
    private final Map<Integer, List<Side<T>>> one = new HashMap<>();
    private final Map<Integer, List<Side<T>>> two = new HashMap<>();
    private final Map<Layer<T>, Bands> films = new HashMap<>();

    /**
     * Layers on one side of the base.
     *
     * @param bands all of them as one film, or null for none
     */
    record Side<T>(List<Layer<T>> layers, double microns, Bands bands) {}

    /** @param first the only layer under the base, or null where any may lie there */
    Sides(Place<T> place, List<Ware<T>> before, List<Ware<T>> after, Layer<T> first) {
        this.first = first;
        this.place = place;
        this.before = before;
        this.after = after;
    }

    /** Returns nothing or one product before the base, of so many coats. */
    List<Side<T>> oneBefore(int coats) {
        if (first != null) {
            return first.coats() == coats
                    ? List.of(new Side<>(List.of(first), first.microns(place.bears()), film(first)))
                    : List.of();
        }
        return one.computeIfAbsent(-1 - coats, k -> single(before, place.bears().before(), coats));
    }

    List<Side<T>> oneAfter(int coats) {
        return one.computeIfAbsent(coats, k -> single(after, place.bears().after(), coats));
    }

    List<Side<T>> twoBefore(int coats) {
        return first != null
                ? List.of()
                : two.computeIfAbsent(
                        -1 - coats, k -> pairs(before, place.bears().before(), coats));
    }

    List<Side<T>> twoAfter(int coats) {
        return two.computeIfAbsent(coats, k -> pairs(after, place.bears().after(), coats));
    }

    private List<Side<T>> single(List<Ware<T>> wares, List<Double> amounts, int coats) {
        List<Side<T>> all = new ArrayList<>();
        if (coats == 0) {
            all.add(new Side<>(List.of(), 0, null));
        }
        for (Ware<T> w : wares) {
            for (double amount : amounts) {
                Layer<T> layer = new Layer<>(w, amount);
                if (layer.coats() == coats) {
                    all.add(new Side<>(List.of(layer), layer.microns(place.bears()), film(layer)));
                }
            }
        }
        return all;
    }

    private List<Side<T>> pairs(List<Ware<T>> wares, List<Double> amounts, int coats) {
        List<Side<T>> all = new ArrayList<>();
        for (Ware<T> first : wares) {
            for (Ware<T> second : wares) {
                if (first != second) {
                    pair(first, second, amounts, coats, all);
                }
            }
        }
        return all;
    }

    private void pair(Ware<T> first, Ware<T> second, List<Double> amounts, int coats, List<Side<T>> into) {
        double room = place.bears().microns() - place.baseMicrons();
        for (double a : amounts) {
            for (double b : amounts) {
                Layer<T> lower = new Layer<>(first, a);
                Layer<T> upper = new Layer<>(second, b);
                double microns = lower.microns(place.bears()) + upper.microns(place.bears());
                if (lower.coats() + upper.coats() == coats && microns <= room + Trial.HARDLY) {
                    into.add(new Side<>(
                            List.of(lower, upper), microns, film(lower).then(film(upper))));
                }
            }
        }
    }

    private Bands film(Layer<T> layer) {
        return films.computeIfAbsent(layer, l -> Bands.of(l.ware().coat().worn(l.amount())));
    }
}
