package scree.core.mix;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import scree.core.colour.Lab;
import scree.core.shade.ShadeIndex;

/** The question what can be mixed for a skin: of which bases, and the best recipe of them with all drops. */
public final class MixPool {
    /** Bases that a recipe may choose from, nearest to the skin first, beside all drops. Derived: more never won in the bench. */
    private static final int BASES = 280;
    /** Parts of a proposed recipe. House choice: still counted and repeated by hand. */
    public static final int PARTS = 8;

    /** Shades of one range that are tried together, nearest first. Derived: a pair further off spans too much to hit. */
    private static final int NEIGHBOURS = 8;

    /** What neighbours of a range may leave more, ΔE00. House choice: half of what an eye sees. */
    private static final double HARDLY_WORSE = 0.5;

    private MixPool() {}

    /**
     * Returns positions of the bases to choose from, nearest first.
     *
     * @param bases by their settled colours
     * @param mixes says by position which can be stirred into a mix; powders cannot
     */
    public static List<Integer> near(ShadeIndex bases, Lab skin, IntPredicate mixes) {
        return bases.nearest(skin, BASES, i -> mixes.test(i) ? 0 : ShadeIndex.NOT_LISTED).stream()
                .map(ShadeIndex.Hit::position)
                .toList();
    }

    /**
     * Returns the best recipes of the bases, turned by a few drops where that is worth it.
     *
     * @param drops ids of what only colours a base
     */
    public static RecipeSearch.Found best(List<Ingredient> pool, Set<Long> drops, Lab skin) {
        return best(pool, drops, skin, PARTS);
    }

    /**
     * The same, but of two products those of one range are taken, if the mix is hardly worse: they are made of one another's stuff, so
     * they mix, settle and wear alike.
     *
     * @param ranges the range that a base belongs to, by id; a base without one has no neighbours
     */
    public static RecipeSearch.Found best(List<Ingredient> pool, Set<Long> drops, Lab skin, Map<Long, String> ranges) {
        RecipeSearch.Found found = best(pool, drops, skin);
        if (found.two().filter(r -> ofOneRange(r, ranges)).isPresent()) {
            return found;
        }
        Map<String, List<Ingredient>> byRange = new LinkedHashMap<>();
        for (Ingredient i : pool) {
            String range = drops.contains(i.id()) ? null : ranges.get(i.id());
            if (range != null) {
                byRange.computeIfAbsent(range, r -> new ArrayList<>()).add(i);
            }
        }
        Optional<Recipe> neighbours = byRange.values().stream()
                .filter(r -> r.size() > 1)
                .map(r -> new RecipeSearch(r.subList(0, Math.min(NEIGHBOURS, r.size())), PARTS).best(skin))
                .flatMap(f -> f.two().stream())
                .filter(r -> r.parts().size() == 2)
                .min(Comparator.comparingDouble(Recipe::difference));
        boolean hardlyWorse = neighbours.isPresent()
                && found.two().isPresent()
                && neighbours.get().difference() <= found.two().get().difference() + HARDLY_WORSE;
        return hardlyWorse ? new RecipeSearch.Found(found.one(), neighbours, found.three()) : found;
    }

    private static boolean ofOneRange(Recipe recipe, Map<Long, String> ranges) {
        return recipe.parts().size() == 2
                && recipe.parts().stream()
                                .map(p -> ranges.get(p.ingredient().id()))
                                .distinct()
                                .count()
                        == 1;
    }

    static RecipeSearch.Found best(List<Ingredient> pool, Set<Long> drops, Lab skin, int parts) {
        List<Ingredient> bases =
                pool.stream().filter(i -> !drops.contains(i.id())).toList();
        List<Ingredient> pigments =
                pool.stream().filter(i -> drops.contains(i.id())).toList();
        RecipeSearch.Found found = new RecipeSearch(bases, parts).best(skin);
        Optional<Recipe> two = nearer(found.two(), found.one().flatMap(r -> Drops.turned(r, pigments, skin)));
        Optional<Recipe> three = nearer(
                nearer(found.three(), two),
                found.two().filter(r -> r.parts().size() == 2).flatMap(r -> Drops.turned(r, pigments, skin)));
        return new RecipeSearch.Found(found.one(), two, three);
    }

    private static Optional<Recipe> nearer(Optional<Recipe> a, Optional<Recipe> b) {
        return a.isPresent() && b.isPresent() && b.get().difference() >= a.get().difference() ? a : b.or(() -> a);
    }
}
