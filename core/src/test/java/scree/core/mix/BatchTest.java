package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.reason.Severity;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class BatchTest {
    private static final Ingredient FAIR = Ingredient.of(1, ReferenceCurve.at(70), 1, Carrier.WATER);
    private static final Ingredient DEEP = Ingredient.of(2, ReferenceCurve.at(48), 1, Carrier.SILICONE);
    private static final Ingredient OIL = Ingredient.of(3, ReferenceCurve.at(60), 1, Carrier.OIL);
    private static final Ingredient WHITE = Ingredient.of(4, scree.core.colour.Lab.of(95, 0, 2), 1.6, Carrier.ANY);

    private static Recipe recipe(int fair, int deep) {
        return Recipe.of(List.of(new Recipe.Part(FAIR, fair), new Recipe.Part(DEEP, deep)), ReferenceCurve.at(62));
    }

    /** Enough, whole counts in the recipe's proportion, and not a round more than is needed. */
    @Seeds(100)
    void aBatchIsTheLeastWholeMultipleThatCovers(Draw draw) {
        int fair = draw.whole(1, 7);
        int deep = draw.whole(1, 5);
        int people = draw.whole(1, 40);
        Batch.For what = draw.one(Batch.For.values());
        Batch.Unit unit = draw.one(Batch.Unit.values());
        Batch batch =
                Batch.of(recipe(fair, deep), what, people, unit, Batch.Measures.usual(), id -> Batch.Pack.UNKNOWN);
        assertThat(batch.millilitres()).isGreaterThanOrEqualTo(what.millilitres() * people - 1e-6);
        double once = (fair + deep) * unit.millilitres();
        assertThat(batch.millilitres() - once).isLessThan(Math.max(1e-6, what.millilitres() * people));
        for (Batch.Poured p : batch.poured()) {
            int own = p.ingredient().id() == 1 ? fair : deep;
            assertThat(p.count()).isEqualTo(own * batch.times());
        }
    }

    @Test
    void gramsAndCostAreKnownOnlyWhenAllAreKnown() {
        Batch.Packs known = id -> new Batch.Pack(1.1, 2.0);
        Batch batch = Batch.of(recipe(3, 1), Batch.For.FACE, 1, Batch.Unit.DROP, Batch.Measures.usual(), known);
        assertThat(batch.millilitres()).isCloseTo(.6, within(1e-9));
        assertThat(batch.grams().orElseThrow()).isCloseTo(.66, within(1e-9));
        assertThat(batch.cost().orElseThrow()).isCloseTo(1.2, within(1e-9));
        Batch half = Batch.of(
                recipe(3, 1),
                Batch.For.FACE,
                1,
                Batch.Unit.DROP,
                Batch.Measures.usual(),
                id -> id == 1 ? known.of(1) : Batch.Pack.UNKNOWN);
        assertThat(half.cost()).isEmpty();
        assertThat(half.poured().get(0).cost()).isPresent();
        assertThatThrownBy(
                        () -> Batch.of(recipe(1, 1), Batch.For.FACE, 0, Batch.Unit.DROP, Batch.Measures.usual(), known))
                .hasMessageContaining("number of people");
    }

    @Test
    void carriersAreRemarkedOnByHowTheyGoTogether() {
        List<scree.core.reason.Reason> look = RecipeAdvice.of(recipe(3, 1), ReferenceCurve.at(62));
        assertThat(look).anyMatch(r -> r.code() == RecipeAdvice.Code.MAY_SPLIT && r.severity() == Severity.CHECK);
        Recipe split = recipe(3, 1).plus(OIL, 1, ReferenceCurve.at(62));
        assertThat(RecipeAdvice.of(split, ReferenceCurve.at(62)).get(0).code()).isEqualTo(RecipeAdvice.Code.SPLITS);
        assertThat(RecipeAdvice.of(split, ReferenceCurve.at(62)))
                .as("70 and 48 lie over 15 apart")
                .anyMatch(r -> r.code() == RecipeAdvice.Code.ESTIMATE);
    }

    @Test
    void whiteIsSaidNotToMendTheUndertone() {
        var usual = ReferenceCurve.at(64);
        Ingredient pink = Ingredient.of(
                9, scree.core.colour.Lab.ofLch(58, usual.chroma(), usual.hueDegrees() - 9), 1, Carrier.WATER);
        Recipe lightened = Recipe.of(List.of(new Recipe.Part(pink, 5), new Recipe.Part(WHITE, 1)), usual);
        assertThat(RecipeAdvice.of(lightened, usual))
                .anyMatch(r -> r.code() == RecipeAdvice.Code.WHITE_DOES_NOT_MEND
                        && (double) r.args().get(0) < -2.5);
    }

    @Test
    void oneDropMoreOfTheDeepPartDeepensAndOneLessLightens() {
        List<RecipeAdvice.Step> steps = RecipeAdvice.sensitivity(recipe(4, 1), ReferenceCurve.at(62));
        assertThat(steps).hasSize(4);
        for (RecipeAdvice.Step s : steps) {
            boolean deepens = s.ingredient().id() == 2 == s.by() > 0;
            assertThat(s.lightness() < 0)
                    .as("%s by %d", s.ingredient().id(), s.by())
                    .isEqualTo(deepens);
        }
    }

    @Test
    void aSimplerRecipeIsOfferedOnlyWhenItIsHardlyWorse() {
        Ingredient near = Ingredient.of(7, ReferenceCurve.at(61.4), 1, Carrier.WATER);
        var found = new RecipeSearch(List.of(FAIR, DEEP, near), 8).best(ReferenceCurve.at(62));
        assertThat(RecipeAdvice.simpler(found))
                .get()
                .satisfies(r -> assertThat(r.parts()).hasSize(1));
        var far = new RecipeSearch(List.of(FAIR, DEEP), 8).best(ReferenceCurve.at(60));
        assertThat(RecipeAdvice.simpler(far)).isEmpty();
    }
}
