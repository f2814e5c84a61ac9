package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class RecipeSearchTest {
    private static final Ingredient WHITE = Ingredient.of(900, Lab.of(95, 0, 2), 1.6, Carrier.ANY);
    private static final Ingredient YELLOW = Ingredient.of(901, Lab.of(78, 6, 52), 2.2, Carrier.ANY);
    private static final Ingredient DEEP = Ingredient.of(902, Lab.of(26, 12, 12), 1.9, Carrier.ANY);

    /** Every product, every count: what the search must not miss by more than a tenth. */
    @Seeds(12)
    void theSearchIsWithinATenthOfTryingEverything(Draw draw) {
        Random random = draw.random();
        List<Ingredient> kit = new ArrayList<>(List.of(WHITE, YELLOW, DEEP));
        for (int i = 0; i < 11; i++) {
            kit.add(Ingredient.of(
                    i, skin(random, 34 + 42 * random.nextDouble()), .6 + random.nextDouble(), Carrier.WATER));
        }
        Lab target = skin(random, 36 + 38 * random.nextDouble());
        RecipeSearch.Found found = new RecipeSearch(kit, 6).best(target);
        double[] all = exhaustive(kit, 6, target);
        assertThat(found.one().orElseThrow().difference()).isCloseTo(all[0], within(1e-9));
        assertThat(found.two().orElseThrow().difference()).isLessThanOrEqualTo(Math.min(all[0], all[1]) + .1);
        assertThat(found.best().orElseThrow().difference()).isLessThanOrEqualTo(all[2] + .1);
        Recipe best = found.best().orElseThrow();
        assertThat(Recipe.of(best.parts(), target).difference()).isCloseTo(best.difference(), within(1e-6));
        assertThat(best.total()).isLessThanOrEqualTo(6);
    }

    @Test
    void aMixOfTwoThatIsWantedIsFoundAgain() {
        Ingredient fair = Ingredient.of(1, ReferenceCurve.at(72), 1, Carrier.WATER);
        Ingredient deep = Ingredient.of(2, ReferenceCurve.at(50), 1.4, Carrier.WATER);
        Lab wanted = Recipe.mixed(List.of(new Recipe.Part(fair, 3), new Recipe.Part(deep, 2)))
                .toLab();
        Recipe best = new RecipeSearch(List.of(WHITE, fair, deep), 6)
                .best(wanted)
                .best()
                .orElseThrow();
        assertThat(best.difference()).isLessThan(.01);
        assertThat(best.parts()).extracting(Recipe.Part::count).containsExactly(3, 2);
        assertThat(best.estimate())
                .as("22 L* apart: only a test mix makes it sure")
                .isTrue();
    }

    @Test
    void carriersThatSplitNeverMeetInARecipe() {
        Ingredient water = Ingredient.of(1, ReferenceCurve.at(70), 1, Carrier.WATER);
        Ingredient oil = Ingredient.of(2, ReferenceCurve.at(50), 1, Carrier.OIL);
        RecipeSearch.Found found = new RecipeSearch(List.of(water, oil), 8).best(ReferenceCurve.at(60));
        assertThat(found.two().orElseThrow().parts()).hasSize(1);
        assertThat(Carrier.WATER.with(Carrier.OIL)).isEqualTo(Carrier.Together.SPLITS);
        assertThat(Carrier.ANY.with(Carrier.OIL)).isEqualTo(Carrier.Together.FINE);
        assertThat(Carrier.SILICONE.with(Carrier.WATER)).isEqualTo(Carrier.Together.LOOK);
    }

    /** White lightens; it does not turn a pink base golden. */
    @Test
    void whiteLightensButDoesNotMendTheUndertone() {
        Lab usual = ReferenceCurve.at(60);
        Ingredient pink = Ingredient.of(1, Lab.ofLch(60, usual.chroma(), usual.hueDegrees() - 9), 1, Carrier.WATER);
        Recipe before = Recipe.of(List.of(new Recipe.Part(pink, 4)), usual);
        Recipe after = before.plus(WHITE, 1, usual);
        assertThat(after.colour().lightness()).isGreaterThan(before.colour().lightness() + 1);
        assertThat(ReferenceCurve.hueLean(after.colour())).isLessThan(-4);
        assertThatThrownBy(() -> before.plus(pink, -4, usual)).hasMessageContaining("leave one part in");
    }

    @Test
    void strengthsAreLearnedFromTestMixes() {
        Ingredient base = Ingredient.of(1, ReferenceCurve.at(68), 1, Carrier.WATER);
        Ingredient believed = DEEP.withStrength(1);
        List<TintFit.TestMix> tests = new ArrayList<>();
        for (int[] n : new int[][] {{6, 1}, {4, 1}, {3, 2}}) {
            Lab seen = Recipe.mixed(List.of(new Recipe.Part(base, n[0]), new Recipe.Part(DEEP.withStrength(2.4), n[1])))
                    .toLab();
            tests.add(new TintFit.TestMix(List.of(new Recipe.Part(base, n[0]), new Recipe.Part(believed, n[1])), seen));
        }
        Map<Long, Double> learned = TintFit.of(tests);
        assertThat(learned.get(1L)).isEqualTo(1);
        assertThat(learned.get(DEEP.id())).isCloseTo(2.4, within(.15));
        assertThat(TintFit.of(List.of())).isEmpty();
    }

    /** What one look says of a mix that was predicted far off is doubted: nothing grows fivefold by it. */
    @Test
    void oneTestChangesAStrengthByAFactorOfTwoAtMost() {
        Ingredient base = Ingredient.of(1, ReferenceCurve.at(68), 1, Carrier.WATER);
        Recipe.Part deep = new Recipe.Part(DEEP.withStrength(1), 1);
        Lab seen = Recipe.mixed(List.of(new Recipe.Part(base, 6), new Recipe.Part(DEEP.withStrength(9), 1)))
                .toLab();
        TintFit.TestMix once = new TintFit.TestMix(List.of(new Recipe.Part(base, 6), deep), seen);
        assertThat(TintFit.of(List.of(once)).get(DEEP.id())).isBetween(1.5, 2.0001);
        assertThat(TintFit.of(List.of(once, once)).get(DEEP.id()))
                .as("said twice, it may be four")
                .isBetween(2.5, 4.0001);
    }

    private static Lab skin(Random random, double l) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(
                l,
                usual.chroma() * (.85 + .3 * random.nextDouble()),
                usual.hueDegrees() + 14 * random.nextDouble() - 7);
    }

    /** Best difference with one, two and up to three products. */
    private static double[] exhaustive(List<Ingredient> kit, int most, Lab target) {
        double[] best = {1e9, 1e9, 1e9};
        for (int i = 0; i < kit.size(); i++) {
            best[0] = Math.min(best[0], difference(target, kit.get(i), 1));
            for (int j = i + 1; j < kit.size(); j++) {
                for (int a = 1; a < most; a++) {
                    for (int b = 1; a + b <= most; b++) {
                        best[1] = Math.min(best[1], difference(target, kit.get(i), a, kit.get(j), b));
                        for (int k = j + 1; k < kit.size(); k++) {
                            for (int c = 1; a + b + c <= most; c++) {
                                best[2] = Math.min(
                                        best[2], difference(target, kit.get(i), a, kit.get(j), b, kit.get(k), c));
                            }
                        }
                    }
                }
            }
        }
        best[2] = Math.min(best[2], Math.min(best[0], best[1]));
        return best;
    }

    private static double difference(Lab target, Object... parts) {
        List<Recipe.Part> all = new ArrayList<>();
        for (int i = 0; i < parts.length; i += 2) {
            all.add(new Recipe.Part((Ingredient) parts[i], (int) parts[i + 1]));
        }
        return Recipe.of(all, target).difference();
    }
}
