package scree.core.cover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import scree.core.colour.Film;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

/**
 * The colour of a spot after contour, bronzer and blush: a small recipe in counted parts of what is in use there already, so that it does not
 * show as a light dot.
 *
 * @param asItIs ΔE00 to what lies beside it when it is not covered again
 * @param recipe that is proposed, empty where leaving it is as good
 * @param dot ΔE00 that the nearest concealer would leave, one coat dotted on, or null without one
 */
public record SpotLast<T>(double asItIs, Optional<Recipe<T>> recipe, Double dot) {
    /** Up to here nobody sees it: leave it. */
    private static final double LEAVE = Place.TARGET;

    private static final int MOST_PARTS = 6;
    private static final int MOST_PRODUCTS = 3;
    private static final int MOST_ITEMS = 5;
    private static final double[] COATS = {.5, 1, 1.5, 2};
    /** What is within this of the best, or under this in all, is chosen by simplicity. House choices, ΔE00. */
    private static final double NEAR_BEST = .3;

    private static final double GOOD = 1;
    /** Less of a film than this share of its peak colours no spot. House choice. */
    private static final double THERE = .1;

    /** A part of a recipe. */
    public record Part<T>(Ware<T> ware, int count) {}

    /**
     * A mix.
     *
     * @param coats in usual coats of what is in it
     * @param left ΔE00 to what lies beside it
     */
    public record Recipe<T>(List<Part<T>> parts, double coats, double left) {
        int products() {
            return parts.size();
        }

        int counts() {
            return parts.stream().mapToInt(Part::count).sum();
        }
    }

    /**
     * A film that lies over the base there.
     *
     * @param ware to be stirred in where it is no powder
     * @param film as thick as it lies there
     * @param powder laid again over the cover instead of stirred in
     */
    public record Over<T>(Ware<T> ware, Film film, boolean powder) {}

    /**
     * Plans a spot.
     *
     * @param place the spot, corrected or not, and the skin beside it
     * @param over what lies over the base there, in order
     * @param concealers of the kit
     */
    public static <T> SpotLast<T> of(Place<T> place, List<Over<T>> over, List<Ware<T>> concealers) {
        Spectrum beside = laid(place.based(place.surround()), over);
        Spectrum spot = laid(place.based(place.zone()), over);
        Lab target = beside.toLab();
        double asItIs = spot.toLab().differenceFrom(target);
        List<Ware<T>> nearest = concealers.stream()
                .sorted(Comparator.comparingDouble((Ware<T> w) -> w.colour().differenceFrom(target))
                        .thenComparing(Ware::key))
                .limit(2)
                .toList();
        Double dot = nearest.isEmpty()
                ? null
                : nearest.get(0).coat().worn(1).over(spot).toLab().differenceFrom(target);
        if (asItIs <= LEAVE) {
            return new SpotLast<>(asItIs, Optional.empty(), dot);
        }
        List<Ware<T>> items = new ArrayList<>(nearest);
        Stream.ofNullable(place.base()).forEach(items::add);
        over.stream().filter(o -> !o.powder()).map(Over::ware).distinct().forEach(items::add);
        List<Over<T>> again = over.stream().filter(Over::powder).toList();
        List<Recipe<T>> all = new ArrayList<>();
        combine(items.subList(0, Math.min(MOST_ITEMS, items.size())), 0, new ArrayList<>(), parts -> {
            for (double coats : COATS) {
                Spectrum seen = laid(film(parts, coats).over(spot), again);
                all.add(new Recipe<>(List.copyOf(parts), coats, seen.toLab().differenceFrom(target)));
            }
        });
        double best = all.stream().mapToDouble(Recipe::left).min().orElse(Double.MAX_VALUE);
        Optional<Recipe<T>> chosen = all.stream()
                .filter(r -> r.left() <= Math.max(GOOD, best + NEAR_BEST))
                .min(Comparator.comparingDouble((Recipe<T> r) -> Math.ceil(r.coats()))
                        .thenComparingInt(Recipe::products)
                        .thenComparingInt(Recipe::counts)
                        .thenComparingDouble(Recipe::left));
        return new SpotLast<>(asItIs, chosen.filter(r -> r.left() < asItIs), dot);
    }

    /** Returns whether so much of a film, of its peak, colours what lies under it. */
    public static boolean colours(double amount) {
        return amount >= THERE;
    }

    private static <T> Spectrum laid(Spectrum ground, List<Over<T>> films) {
        Spectrum on = ground;
        for (Over<T> o : films) {
            on = o.film().over(on);
        }
        return on;
    }

    private interface Tried<T> {
        void with(List<Part<T>> parts);
    }

    /** Counts without a common divisor: doubled recipes are the same mix. */
    private static <T> void combine(List<Ware<T>> items, int from, List<Part<T>> parts, Tried<T> tried) {
        if (!parts.isEmpty() && parts.stream().mapToInt(Part::count).reduce(0, SpotLast::gcd) == 1) {
            tried.with(parts);
        }
        if (parts.size() == MOST_PRODUCTS) {
            return;
        }
        int used = parts.stream().mapToInt(Part::count).sum();
        for (int i = from; i < items.size(); i++) {
            for (int count = 1; used + count <= MOST_PARTS; count++) {
                parts.add(new Part<>(items.get(i), count));
                combine(items, i + 1, parts, tried);
                parts.remove(parts.size() - 1);
            }
        }
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    /** Intimate mix by parts; power and thickness by share. */
    private static <T> Film film(List<Part<T>> parts, double coats) {
        double total = parts.stream().mapToInt(Part::count).sum();
        List<KubelkaMunk.Part> mix = new ArrayList<>();
        double power = 0;
        double microns = 0;
        for (Part<T> p : parts) {
            Film one = p.ware().coat().worn(coats);
            double share = p.count() / total;
            mix.add(new KubelkaMunk.Part(one.product(), p.count()));
            power += share * one.power();
            microns += share * one.microns();
        }
        return new Film(KubelkaMunk.mix(mix), power, microns);
    }
}
