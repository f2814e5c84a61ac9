package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Strong drops: what one does, how many make sense, and never a recipe that nobody would pour. */
class DropsTest {
    private static final Lab WHITE = Lab.of(95, 0, 2);
    private static final Lab YELLOW = Lab.of(78, 6, 52);
    private static final Lab RED = Lab.of(46, 46, 26);
    private static final Lab BLUE = Lab.of(40, 0, -34);

    private static Ingredient drops(long id, Lab colour, double strength) {
        return Ingredient.of(id, colour, strength, Carrier.ANY);
    }

    private static Recipe base(double lightness, int drops) {
        Ingredient base = Ingredient.of(1, ReferenceCurve.at(lightness), 1, Carrier.WATER);
        return Recipe.of(List.of(new Recipe.Part(base, drops)), ReferenceCurve.at(lightness));
    }

    /** Figures of the craft notes for one drop in a millilitre, strengths 1 and 4. */
    @ParameterizedTest
    @CsvSource({
        "95, 0, 2, 76, 0.4, 1.3",
        "78, 6, 52, 76, 3.3, 8.7",
        "78, 6, 52, 56, 0.8, 3.0",
        "46, 46, 26, 66, 6.0, 13",
        "46, 46, 26, 36, 0.9, 3.2",
        "40, 0, -34, 56, 5.6, 17.5"
    })
    void oneDropInAMillilitreDoesWhatTheNotesSay(
            double l, double a, double b, double skin, double weak, double strong) {
        Lab colour = Lab.of(l, a, b);
        Recipe base = base(skin, 3);
        assertThat(Drops.oneInAMillilitre(base, drops(9, colour, 1))).isCloseTo(weak, within(.12 * weak + .1));
        assertThat(Drops.oneInAMillilitre(base, drops(9, colour, 4))).isCloseTo(strong, within(.12 * strong + .1));
    }

    @Test
    void fourYellowDropsInLessThanAMillilitreAreRefused() {
        Recipe base = base(76, 14); // 0.7 ml
        assertThat(Drops.most(base, drops(9, YELLOW, 1))).isEqualTo(1);
        assertThat(Drops.most(base, drops(9, YELLOW, 4)))
                .as("one drop alone is too much")
                .isZero();
        assertThat(Drops.most(base(56, 20), drops(9, WHITE, 1))).isEqualTo(4);
    }

    @Seeds(60)
    void aProposedMixIsPourable(Draw draw) {
        List<Ingredient> pool = new ArrayList<>(
                List.of(drops(101, WHITE, 1), drops(102, YELLOW, 4), drops(103, RED, 1), drops(104, BLUE, 4)));
        for (int i = 0; i < 5; i++) {
            Lab usual = ReferenceCurve.at(draw.between(40, 72));
            pool.add(Ingredient.of(
                    i,
                    Lab.of(usual.lightness(), usual.a() + draw.between(-3, 3), usual.b() + draw.between(-4, 4)),
                    1,
                    Carrier.WATER));
        }
        Set<Long> drops = Set.of(101L, 102L, 103L, 104L);
        Lab skin = ReferenceCurve.at(draw.between(35, 75));
        RecipeSearch.Found found = MixPool.best(pool, drops, skin);
        for (Optional<Recipe> r : List.of(found.one(), found.two(), found.three())) {
            Recipe recipe = r.orElseThrow();
            int counted = recipe.parts().stream()
                    .filter(p -> drops.contains(p.ingredient().id()))
                    .mapToInt(Recipe.Part::count)
                    .sum();
            if (counted > 0) {
                assertThat(recipe.total() - counted).isGreaterThanOrEqualTo(10);
                assertThat((double) counted / recipe.total()).isLessThan(.2);
                assertThat(recipe.difference())
                        .isLessThan(found.one().orElseThrow().difference());
            }
        }
        assertThat(found.three().orElseThrow().difference())
                .isLessThanOrEqualTo(found.two().orElseThrow().difference());
    }

    @Test
    void dropsAloneAreNoMix() {
        Ingredient white = drops(1, WHITE, 1);
        assertThat(MixPool.best(List.of(white), Set.of(1L), ReferenceCurve.at(60))
                        .best())
                .isEmpty();
    }

    @Test
    void whatIsPutInLastIsDeepAndLittle() {
        Recipe lightened = base(66, 12).plus(drops(9, WHITE, 1), 2, ReferenceCurve.at(68));
        Recipe deepened = base(66, 12).plus(drops(9, Lab.of(24, 10, 10), 1), 1, ReferenceCurve.at(60));
        assertThat(RecipeAdvice.of(lightened, ReferenceCurve.at(68)))
                .noneMatch(r -> r.code() == RecipeAdvice.Code.ADD_DEEP_DROP_BY_DROP);
        assertThat(RecipeAdvice.of(deepened, ReferenceCurve.at(60)))
                .anyMatch(r -> r.code() == RecipeAdvice.Code.ADD_DEEP_DROP_BY_DROP);
    }

    @Test
    void aStepThatShowsIsSaid() {
        Recipe few = base(66, 10).plus(drops(9, RED, 3), 1, ReferenceCurve.at(62));
        assertThat(RecipeAdvice.of(few, ReferenceCurve.at(62))).anyMatch(r -> r.code() == RecipeAdvice.Code.STEEP);
        Recipe two = Recipe.of(
                List.of(
                        new Recipe.Part(Ingredient.of(1, ReferenceCurve.at(60), 1, Carrier.WATER), 3),
                        new Recipe.Part(Ingredient.of(2, ReferenceCurve.at(64), 1, Carrier.WATER), 2)),
                ReferenceCurve.at(62));
        assertThat(RecipeAdvice.of(two, ReferenceCurve.at(62))).noneMatch(r -> r.code() == RecipeAdvice.Code.STEEP);
    }
}
