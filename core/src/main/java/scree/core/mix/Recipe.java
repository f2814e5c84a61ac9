package scree.core.mix;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

/**
 * Counted parts of one to three products.
 *
 * @param parts largest count first
 * @param colour what they give, settled, under D65
 * @param difference ΔE00 to what is wanted
 */
public record Recipe(List<Part> parts, Lab colour, double difference) {
    /** Past this spread of L* between its parts a recipe is an estimate until it was tried. From the colour notes. */
    static final double ESTIMATE_FROM = 15;

    /** Counted parts of one product, 1 and up. */
    public record Part(Ingredient ingredient, int count) {}

    public Recipe {
        List<Part> sorted = new ArrayList<>(parts);
        sorted.sort(Comparator.comparingInt(Part::count).reversed());
        parts = List.copyOf(sorted);
    }

    /** Returns what these parts give against a target. */
    public static Recipe of(List<Part> parts, Lab target) {
        Lab colour = mixed(parts).toLab();
        return new Recipe(parts, colour, colour.differenceFrom(target));
    }

    /** Returns the spectrum of the parts mixed through. */
    public static Spectrum mixed(List<Part> parts) {
        return KubelkaMunk.mix(parts.stream()
                .map(p -> new KubelkaMunk.Part(
                        p.ingredient().spectrum(), p.count() * p.ingredient().strength()))
                .toList());
    }

    public int total() {
        return parts.stream().mapToInt(Part::count).sum();
    }

    /** Returns whether its parts lie so far apart that only a test mix makes it sure. */
    public boolean estimate() {
        return spread() > ESTIMATE_FROM;
    }

    /** Returns L* between the lightest and the deepest part. */
    double spread() {
        var lightness = parts.stream()
                .mapToDouble(p -> p.ingredient().spectrum().toLab().lightness())
                .summaryStatistics();
        return lightness.getMax() - lightness.getMin();
    }

    /** Returns the recipe with some parts more (or fewer, down to none) of one product. */
    public Recipe plus(Ingredient ingredient, int count, Lab target) {
        List<Part> changed = new ArrayList<>();
        boolean there = false;
        for (Part p : parts) {
            boolean same = p.ingredient().id() == ingredient.id();
            there |= same;
            int now = same ? p.count() + count : p.count();
            if (now > 0) {
                changed.add(new Part(p.ingredient(), now));
            }
        }
        if (!there && count > 0) {
            changed.add(new Part(ingredient, count));
        }
        if (changed.isEmpty()) {
            throw new IllegalArgumentException("a mix of nothing has no colour: leave one part in");
        }
        return of(changed, target);
    }
}
