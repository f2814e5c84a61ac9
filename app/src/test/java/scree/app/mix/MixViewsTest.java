package scree.app.mix;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.app.Sentences;
import scree.app.base.BaseWords;
import scree.app.kit.Formula;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.app.look.Lines;
import scree.core.colour.Lab;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;
import scree.core.mix.MixPool;
import scree.core.mix.Recipe;
import scree.core.mix.RecipeSearch;
import scree.core.mix.SeasonParts;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;

/** What the bench and the seasons show: words, stones in their place, what is said when. */
class MixViewsTest {
    private static final BaseWords WORDS = words();

    private static BaseWords words() {
        return new BaseWords(Sentences.all());
    }

    private static Product product(long id, String name, Role role, Lab c) {
        return new Product(
                id,
                "Marl",
                name,
                role,
                role == Role.MIXER ? Form.DROPS : Form.LIQUID,
                Finish.SATIN,
                .8,
                Swatch.of(Lab.of(c.lightness() + 1, c.a(), c.b()), Lab.of(c.lightness(), c.a(), c.b())),
                Traits.UNTOLD,
                Opened.UNKNOWN,
                null,
                Stock.ENOUGH,
                0);
    }

    private static MixBench.Bench bench(double skin, Carrier deepCarrier, List<MixSheet.Part> parts) {
        Lab t = ReferenceCurve.at(skin);
        MatchTarget target = new MatchTarget(t, t, t, t, MatchTarget.School.JAW_TO_NECK);
        Map<Long, Product> products = new LinkedHashMap<>();
        products.put(1L, product(1, "fair", Role.BASE, ReferenceCurve.at(skin + 6)));
        products.put(2L, product(2, "deep", Role.BASE, ReferenceCurve.at(skin - 12)));
        products.put(3L, product(3, "White", Role.MIXER, Lab.of(95, 0, 2)));
        Map<Long, Formula> formulas = Map.of(
                1L, new Formula(1, Carrier.WATER, 1.05, 30.0, 30.0, 1.0, false),
                2L, new Formula(2, deepCarrier, 1.05, 30.0, 30.0, 1.0, false),
                3L, new Formula(3, Carrier.ANY, null, null, null, 1.6, true));
        List<Ingredient> ingredients = products.values().stream()
                .map(p -> formulas.get(p.id()).ingredient(p))
                .toList();
        MixBench.Pool pool = new MixBench.Pool(products, formulas, ingredients);
        MixSheet sheet = new MixSheet(parts, Batch.For.FACE, 2, Batch.Unit.DROP);
        RecipeSearch.Found found = MixPool.best(ingredients, pool.drops(), t);
        return new MixBench.Bench(
                target,
                pool,
                found,
                sheet,
                pool.recipe(sheet, t).orElseThrow(),
                Batch.Measures.usual(),
                true,
                true,
                false);
    }

    private static final List<MixSheet.Part> TWO = List.of(new MixSheet.Part(1, 3), new MixSheet.Part(2, 1));

    @ParameterizedTest
    @ValueSource(doubles = {74, 62, 48, 36})
    void everyStoneStandsWithinTheFieldAndThePathLeadsToTheMix(double skin) {
        MixField field = MixField.of(bench(
                skin,
                Carrier.WATER,
                List.of(new MixSheet.Part(1, 3), new MixSheet.Part(2, 2), new MixSheet.Part(3, 1))));
        List<MixField.Stone> all = new ArrayList<>(field.parts());
        all.addAll(field.steps());
        all.add(field.result());
        for (MixField.Stone s : all) {
            assertThat(s.x()).isBetween(30.0, MixField.WIDTH - 30);
            assertThat(s.y()).isBetween(30.0, MixField.HEIGHT - 30);
            assertThat(s.nameX()).isBetween(20.0, MixField.WIDTH - 20);
        }
        assertThat(field.parts()).hasSize(3);
        String last = Lines.open(
                List.of(new double[] {field.result().x(), field.result().y()}));
        assertThat(field.path()).startsWith("M").endsWith("L" + last.substring(1));
        assertThat(field.steps()).hasSize(2); // of 3 + 2 + 1, short of the mix
    }

    @Test
    void thePageCountsSaysAndPours() {
        MixView view = MixView.of(bench(62, Carrier.WATER, TWO), List.of(), Set.of(), ZoneOffset.UTC, WORDS);
        assertThat(view.counted()).isEqualTo("3 Marl fair + 1 Marl deep");
        assertThat(view.verdict()).startsWith("3 Marl fair + 1 Marl deep");
        assertThat(view.poured().lines()).extracting(MixView.Line::count).containsExactly("18 drops", "6 drops");
        assertThat(view.poured().cost()).isEqualTo("costs 1.20");
        assertThat(view.poured().grams()).isEqualTo("1.26 g");
        assertThat(view.parts().get(0).drops()).hasSize(3);
        assertThat(view.parts().get(0).more()).contains("One more:").contains("lighter");
        assertThat(view.parts().get(1).more()).contains("deeper");
        assertThat(view.drops()).extracting(MixView.Choice::name).containsExactly("Marl White");
    }

    @Test
    void carriersThatSplitAreCautionedOnTheBenchAndMarkedWhereTheyCouldBePutOn() {
        MixView split = MixView.of(bench(62, Carrier.OIL, TWO), List.of(), Set.of(), ZoneOffset.UTC, WORDS);
        assertThat(split.remarks().get(0).caution()).isTrue();
        assertThat(split.remarks().get(0).words())
                .isEqualTo(
                        "Marl fair (water) and Marl deep (oil) split. Take a mixer that carries both, or layer them.");
        MixView alone = MixView.of(
                bench(62, Carrier.OIL, List.of(new MixSheet.Part(1, 2))), List.of(), Set.of(), ZoneOffset.UTC, WORDS);
        assertThat(alone.bases())
                .singleElement()
                .satisfies(c -> assertThat(c.closed()).contains("splits"));
        assertThat(alone.drops()).allMatch(c -> c.closed() == null);
    }

    @Test
    void anEstimateIsSaidUntilAllItsPartsWereTried() {
        MixBench.Bench bench = bench(62, Carrier.WATER, TWO);
        assertThat(MixView.of(bench, List.of(), Set.of(1L), ZoneOffset.UTC, WORDS)
                        .remarks())
                .anyMatch(r -> r.words().contains("an estimate until"));
        MixView tried = MixView.of(bench, List.of(), Set.of(1L, 2L), ZoneOffset.UTC, WORDS);
        assertThat(tried.remarks()).noneMatch(r -> r.words().contains("an estimate until"));
        assertThat(tried.parts().get(0).strength()).contains("1.0 times");
    }

    @Test
    void testsOfProductsThatAreGoneAreNotShown() {
        var here = new TestMixes.Tried(
                new TestMixRow(4, "", 60, 10, 17, true, OffsetDateTime.parse("2026-06-01T10:00:00Z"), "Runa Vestby"),
                TWO);
        var gone = new TestMixes.Tried(
                new TestMixRow(5, "", 60, 10, 17, false, OffsetDateTime.parse("2026-06-01T10:00:00Z"), "Runa Vestby"),
                List.of(new MixSheet.Part(99, 1)));
        MixView view = MixView.of(bench(62, Carrier.WATER, TWO), List.of(here, gone), Set.of(), ZoneOffset.UTC, WORDS);
        assertThat(view.tests()).singleElement().satisfies(t -> {
            assertThat(t.words()).isEqualTo("3 Marl fair + 1 Marl deep");
            assertThat(t.seen()).isEqualTo("Metered, Runa, 2026-06-01: 60.0 10.0 17.0");
        });
    }

    private static Seasons.Answer year(int nudge, boolean twoReadings) {
        Lab t = ReferenceCurve.at(64);
        Product winter = product(1, "winter", Role.BASE, ReferenceCurve.at(68));
        Product summer = product(2, "summer", Role.BASE, ReferenceCurve.at(60));
        Ingredient w = Ingredient.of(1, winter.settled(), 1, Carrier.WATER);
        Ingredient s = Ingredient.of(2, summer.settled(), 1, Carrier.WATER);
        List<SeasonParts.Day> days = new ArrayList<>();
        days.add(new SeasonParts.Day(LocalDate.of(2026, 2, 10), ReferenceCurve.at(67)));
        if (twoReadings) {
            days.add(new SeasonParts.Day(LocalDate.of(2026, 8, 10), ReferenceCurve.at(61)));
        }
        Optional<SeasonParts.Year> year = SeasonParts.year(days);
        LocalDate today = LocalDate.of(2026, 6, 20);
        SeasonParts.Blend reading = SeasonParts.between(w, s, t);
        return new Seasons.Answer(
                new MatchTarget(t, t, t, t, MatchTarget.School.JAW_TO_NECK),
                days,
                winter,
                summer,
                false,
                false,
                nudge,
                reading,
                SeasonParts.blend(w, s, reading.summer() + nudge, t),
                year,
                year.map(y -> SeasonParts.calendar(y, w, s, today)).orElse(List.of()),
                List.of(new SaidWord(
                        SeasonParts.Word.CHALKY, OffsetDateTime.parse("2026-06-19T10:00:00Z"), "Bea Hallorin")),
                List.of(winter, summer),
                today,
                w,
                s);
    }

    @Test
    void theYearHasTwelveStonesOnASlopeDeeperInAugust() {
        SeasonsView view = SeasonsView.of(year(0, true), ZoneOffset.UTC, WORDS);
        assertThat(view.slope().months()).hasSize(12);
        assertThat(view.slope().months().get(0).name()).isEqualTo("Jun");
        assertThat(view.slope().months().get(0).now()).isTrue();
        double august = view.slope().months().get(2).y();
        double february = view.slope().months().get(8).y();
        assertThat(august).as("deeper is further down").isGreaterThan(february);
        assertThat(view.slope().months()).allMatch(m -> m.winter() + m.summer() == SeasonParts.PARTS);
        assertThat(view.changes())
                .isNotEmpty()
                .allMatch(c -> c.matches("From \\d+ \\w+: \\d of Marl winter to \\d of Marl summer\\."));
        assertThat(view.rests()).startsWith("Rests on 2 readings and the usual year");
        assertThat(view.said()).containsExactly("Turned chalky, 2026-06-19, told to Bea");
    }

    @Test
    void oneReadingIsNoYearAndWordsAreCountedIn() {
        SeasonsView bare = SeasonsView.of(year(0, false), ZoneOffset.UTC, WORDS);
        assertThat(bare.slope()).isNull();
        assertThat(bare.rests()).startsWith("One reading is no year yet");
        assertThat(bare.why()).startsWith("By today's reading");
        SeasonsView moved = SeasonsView.of(year(1, true), ZoneOffset.UTC, WORDS);
        assertThat(moved.summerParts()).isEqualTo(bare.summerParts() + 1);
        assertThat(moved.why()).endsWith("the client's words moved it deeper by 1.");
    }

    @Test
    void aRecipeThatIsOneShadeAloneIsSaidSo() {
        Recipe one = Recipe.of(
                List.of(new Recipe.Part(Ingredient.of(1, ReferenceCurve.at(68), 1, Carrier.WATER), 1)),
                ReferenceCurve.at(68));
        assertThat(MixView.counted(one, Map.of(1L, product(1, "winter", Role.BASE, ReferenceCurve.at(68)))))
                .isEqualTo("1 Marl winter");
    }
}
