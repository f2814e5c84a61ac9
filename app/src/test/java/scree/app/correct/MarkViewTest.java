package scree.app.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.app.correct.Corrected.DUNE;
import static scree.app.correct.Corrected.LOAM;
import static scree.app.correct.Corrected.MOSS;
import static scree.app.correct.Corrected.PEACH;
import static scree.app.correct.Corrected.SAND;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.app.Sentences;
import scree.app.correct.MarkView.Beside;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.cover.Mark;
import scree.core.cover.Ware;
import scree.core.skin.Texture;

/** What is said of the open mark and what can be changed on it. */
class MarkViewTest {
    private static final CorrectWords WORDS = new CorrectWords(Sentences.all());

    private static MarkView view(TakenCorrections.Treated mark) {
        return MarkView.of(Corrected.taken(mark), mark, null, WORDS);
    }

    private static Layer<Pot> coat(Ware<Pot> ware, double amount) {
        return new Layer<>(ware, amount);
    }

    @ParameterizedTest
    @CsvSource({".25, true", ".5, false", "3, false"})
    void ofTheThinnestCoatLessIsNone(double amount, boolean thinnest) {
        MarkView.LayerRow row = view(Corrected.byHand(Corrected.red(), List.of(), List.of(coat(SAND, amount))))
                .layers()
                .get(0);
        assertThat(row.thinnest()).isEqualTo(thinnest);
        assertThat(row.of()).isEqualTo(SAND.what().id());
    }

    @Test
    void anotherProductOfTheRoleIsOfferedNearestFirstAndNeverItself() {
        MarkView.LayerRow row = view(Corrected.byHand(Corrected.red(), List.of(), List.of(coat(LOAM, 1))))
                .layers()
                .get(0);
        assertThat(row.swaps()).extracting(MarkView.Swap::name).containsExactly("Marl Sand", "Marl Dune");
        assertThat(row.swaps())
                .extracting(s -> Double.valueOf(s.left()))
                .isSortedAccordingTo(Comparator.naturalOrder());
    }

    @Test
    void whatAnAddedProductWouldLeaveIsWhatIsLeftOnceItIsAdded() {
        Mark red = Corrected.red();
        TakenCorrections.Treated before = Corrected.byHand(red, List.of(), List.of(coat(DUNE, .5)));
        MarkView.Swap first = view(before).adding().get(1).wares().get(0);
        Ware<Pot> ware = Corrected.KIT.stream()
                .filter(w -> w.what().id() == first.id())
                .findFirst()
                .orElseThrow();
        TakenCorrections.Treated after = Corrected.byHand(red, List.of(), List.of(coat(DUNE, .5), coat(ware, .5)));
        assertThat(view(after).done().words()).contains("planned, " + first.left());
    }

    /** Without a base the layers are one pile, and coats of one product on each other are one film. */
    @Test
    void onTheBodyNothingIsOfferedTwiceAndALayersNeighbourMayTakeItsPlace() {
        MarkView one = view(Corrected.byHand(Corrected.tattoo(), List.of(), List.of(coat(SAND, 1))));
        assertThat(one.base()).as("no base lies there").isNull();
        assertThat(one.adding()).extracting(MarkView.Adding::words).containsExactly("Add a corrector", "Add a cover");
        assertThat(one.adding().get(1).wares())
                .extracting(MarkView.Swap::name)
                .containsExactlyInAnyOrder("Marl Dune", "Marl Loam");
        MarkView two = view(Corrected.byHand(Corrected.tattoo(), List.of(), List.of(coat(DUNE, 1), coat(SAND, 1))));
        assertThat(two.layers().get(1).swaps())
                .extracting(MarkView.Swap::name)
                .containsExactlyInAnyOrder("Marl Dune", "Marl Loam");
    }

    @Test
    void noMoreThanTwoGoOnASide() {
        MarkView full = view(Corrected.byHand(
                Corrected.red(), List.of(coat(PEACH, .5), coat(MOSS, .5)), List.of(coat(SAND, .5), coat(DUNE, .5))));
        assertThat(full.adding()).isEmpty();
    }

    @Test
    void aPlanByTheTableSaysSoAndNotWhatTheComputedOneSaves() {
        MarkView view = view(Corrected.byTable(Corrected.red()));
        assertThat(view.why().get(0)).isEqualTo("The craft’s table names Green for this.");
        assertThat(view.why()).noneMatch(s -> s.contains("saves") || s.contains("nothing is gained"));
        assertThat(view.beside())
                .extracting(MarkView.Choice::value)
                .contains("COMPUTED")
                .doesNotContain("BY_TABLE");
        assertThat(view(Corrected.computed(Corrected.red())).why()).noneMatch(s -> s.startsWith("The craft’s table"));
    }

    @Test
    void whatIsComparedIsWhatWasAskedForWhereItIsThere() {
        TakenCorrections.Treated purple = Corrected.computed(Corrected.purple());
        MarkView straight = MarkView.of(Corrected.taken(purple), purple, Beside.BRIGHTENER_STRAIGHT, WORDS);
        assertThat(straight.beside())
                .filteredOn(MarkView.Choice::chosen)
                .singleElement()
                .satisfies(c -> assertThat(c.value()).isEqualTo("BRIGHTENER_STRAIGHT"));
        assertThat(straight.strata().columns()).hasSize(2);
        MarkView notThere = MarkView.of(Corrected.taken(purple), purple, Beside.COMPUTED, WORDS);
        assertThat(notThere.beside())
                .as("the plan is the computed one: it is not beside itself")
                .extracting(MarkView.Choice::value)
                .doesNotContain("COMPUTED");
    }

    @Test
    void onBrokenSkinNothingIsOfferedUntilTheArtistsOwnNote() {
        Mark broken = Corrected.red(Texture.BROKEN_SKIN);
        MarkView view = view(Corrected.computed(broken));
        assertThat(view.broken()).isTrue();
        assertThat(view.cautions()).isNotEmpty();
        assertThat(view.layers()).isEmpty();
        assertThat(view.steps()).isEmpty();
        assertThat(view.adding()).isEmpty();
        assertThat(view.strata()).isNull();
        MarkView noted = view(Corrected.noted(broken, "closed since Monday"));
        assertThat(noted.cautions()).as("the caution stays").isEqualTo(view.cautions());
        assertThat(noted.adding()).isNotEmpty();
    }

    @Test
    void lightGoesOntoWhatIsCorrectedOnlyAndOntoCornersWhereItWouldCrease() {
        Mark purple = Corrected.purple();
        CoverPlan<Pot> plan = Corrected.answer(purple).plan();
        assertThat(plan.left()).as("this kit brings it back").isLessThan(2);
        assertThat(view(Corrected.computed(purple)).light())
                .contains("Marl Glint")
                .contains("brightest points");
        assertThat(view(Corrected.left(purple)).light()).contains("turns grey");
        assertThat(view(Corrected.byHand(purple, List.of(), List.of())).light()).contains("turns grey");
        TakenCorrections.Treated creped = Corrected.computed(Corrected.purple(Texture.CREPE));
        assertThat(view(creped).light())
                .containsAnyOf("corner only", "turns grey")
                .doesNotContain("groove");
        assertThat(view(Corrected.computed(Corrected.red())).light()).isNull();
    }

    @Test
    void whatIsLeftAsItIsHasNoStepsAndKeepsItsPlan() {
        MarkView left = view(Corrected.left(Corrected.purple()));
        assertThat(left.steps()).isEmpty();
        assertThat(left.layers()).isNotEmpty();
    }
}
