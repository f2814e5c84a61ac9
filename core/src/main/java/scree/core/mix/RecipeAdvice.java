package scree.core.mix;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.skin.ReferenceCurve;

/** What an artist is to know of a recipe: what may split, what white does, how sure it is, what one more part does. */
public final class RecipeAdvice {
    /** A part this light and this pale counts as white. House choice. */
    private static final double WHITE_FROM = 88;

    private static final double WHITE_CHROMA = 8;
    /** A lean that white has to be blamed for not mending. House choice: past half a family. */
    private static final double LEAN_LEFT = 2.5;
    /** A simpler recipe is offered when it leaves at most this much more. House choice: half of what an eye sees. */
    private static final double NOT_MUCH_WORSE = 0.5;

    /** Changes that a step is said to make, in L* and degrees of hue. House choices: what an eye just sees in a mix. */
    private static final double SEEN_DEPTH = 0.15;

    private static final double SEEN_LEAN = 0.4;

    /** One part more shows plainly past this, ΔE00. House choice: what is "close" no longer. */
    private static final double STEEP_FROM = 2;

    private static final int COUNTED_OUT = 8;

    private RecipeAdvice() {}

    /** Reasons. */
    public enum Code {
        /** Args: ids of both, their carriers. They split. */
        SPLITS,
        /** Args: ids of both, their carriers. Stir, wait, look. */
        MAY_SPLIT,
        /** Args: degrees the mix still leans. */
        WHITE_DOES_NOT_MEND,
        /** Args: chroma that the mix falls short of the target. */
        WHITE_GREYS,
        /** Args: spread of L* between parts. */
        ESTIMATE,
        /** Args: id of a product, ΔE00 that one part more of it makes. */
        STEEP,
        ADD_DEEP_DROP_BY_DROP
    }

    /** Returns remarks on a recipe against what is wanted, the gravest first. */
    public static List<Reason> of(Recipe recipe, Lab target) {
        List<Reason> reasons = new ArrayList<>();
        for (int i = 0; i < recipe.parts().size(); i++) {
            for (int j = i + 1; j < recipe.parts().size(); j++) {
                together(
                                recipe.parts().get(i).ingredient(),
                                recipe.parts().get(j).ingredient())
                        .ifPresent(reasons::add);
            }
        }
        if (recipe.parts().size() > 1 && recipe.parts().stream().anyMatch(p -> white(p.ingredient()))) {
            double lean = ReferenceCurve.hueLean(recipe.colour()) - ReferenceCurve.hueLean(target);
            if (Math.abs(lean) > LEAN_LEFT) {
                reasons.add(Reason.check(Code.WHITE_DOES_NOT_MEND, lean));
            }
            double missing = target.chroma() - recipe.colour().chroma();
            if (missing > 1.5) {
                reasons.add(Reason.check(Code.WHITE_GREYS, missing));
            }
        }
        if (recipe.estimate()) {
            reasons.add(Reason.check(Code.ESTIMATE, recipe.spread()));
            if (!deepestIsTheMost(recipe)) {
                reasons.add(Reason.note(Code.ADD_DEEP_DROP_BY_DROP));
            }
        }
        steep(recipe, target).ifPresent(reasons::add);
        reasons.sort((a, b) -> b.severity().compareTo(a.severity()));
        return reasons;
    }

    /** In a mix counted out, one part more of a small part is a slip of the hand: it is said when that shows. */
    private static Optional<Reason> steep(Recipe recipe, Lab target) {
        if (recipe.total() < COUNTED_OUT) {
            return Optional.empty();
        }
        return sensitivity(recipe, target).stream()
                .filter(s -> s.by() > 0 && shift(recipe, s) > STEEP_FROM)
                .max(Comparator.comparingDouble(s -> shift(recipe, s)))
                .map(s -> Reason.note(Code.STEEP, s.ingredient().id(), shift(recipe, s)));
    }

    private static boolean deepestIsTheMost(Recipe recipe) {
        Recipe.Part most = recipe.parts().get(0);
        double its = most.ingredient().spectrum().toLab().lightness();
        return recipe.parts().stream()
                .allMatch(p -> p.ingredient().spectrum().toLab().lightness() >= its);
    }

    private static double shift(Recipe from, Step step) {
        return step.recipe().colour().differenceFrom(from.colour());
    }

    private static Optional<Reason> together(Ingredient a, Ingredient b) {
        return switch (a.family().with(b.family())) {
            case FINE -> Optional.empty();
            case LOOK -> Optional.of(Reason.check(Code.MAY_SPLIT, a.id(), b.id(), a.family(), b.family()));
            case SPLITS -> Optional.of(Reason.caution(Code.SPLITS, a.id(), b.id(), a.family(), b.family()));
        };
    }

    /** Returns whether a part is white or nearly so. */
    static boolean white(Ingredient i) {
        Lab colour = i.spectrum().toLab();
        return colour.lightness() >= WHITE_FROM && colour.chroma() <= WHITE_CHROMA;
    }

    /** What one part more or less of a product does. */
    public record Step(Ingredient ingredient, int by, Recipe recipe, double lightness, double lean, double chroma) {
        /** Returns whether depth is seen to change. */
        public boolean changesDepth() {
            return Math.abs(lightness) >= SEEN_DEPTH;
        }

        /** Returns whether undertone is seen to change. */
        public boolean changesLean() {
            return Math.abs(lean) >= SEEN_LEAN;
        }
    }

    /** Returns what one part more of each product in the recipe does, and one less where one is left. */
    public static List<Step> sensitivity(Recipe recipe, Lab target) {
        List<Step> steps = new ArrayList<>();
        for (Recipe.Part p : recipe.parts()) {
            steps.add(step(recipe, p.ingredient(), 1, target));
            if (recipe.total() > 1) {
                steps.add(step(recipe, p.ingredient(), -1, target));
            }
        }
        return steps;
    }

    private static Step step(Recipe from, Ingredient ingredient, int by, Lab target) {
        Recipe to = from.plus(ingredient, by, target);
        return new Step(
                ingredient,
                by,
                to,
                to.colour().lightness() - from.colour().lightness(),
                ReferenceCurve.hueLean(to.colour()) - ReferenceCurve.hueLean(from.colour()),
                to.colour().chroma() - from.colour().chroma());
    }

    /** Returns a recipe of fewer products that is hardly worse than the best, if there is one. */
    public static Optional<Recipe> simpler(RecipeSearch.Found found) {
        Optional<Recipe> best = found.best();
        return best.flatMap(b -> Optional.<Recipe>empty()
                .or(() -> found.one().filter(r -> simplerThan(r, b)))
                .or(() -> found.two().filter(r -> simplerThan(r, b))));
    }

    private static boolean simplerThan(Recipe simple, Recipe best) {
        return simple.parts().size() < best.parts().size() && simple.difference() <= best.difference() + NOT_MUCH_WORSE;
    }
}
