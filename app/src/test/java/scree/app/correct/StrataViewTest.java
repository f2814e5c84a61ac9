package scree.app.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.app.Sentences;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.cover.Place;
import scree.core.cover.Ware;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The cross-section: to scale, in the drawing, with labels that can be read. */
class StrataViewTest {
    private static final CorrectWords WORDS = new CorrectWords(Sentences.all());
    private static final double LABELS_APART = 16.9;

    private static CoverPlan<Pot> drawn(Draw draw) {
        Ware<Pot> under = draw.one(Corrected.PEACH, Corrected.MOSS);
        Ware<Pot> over = draw.one(Corrected.SAND, Corrected.DUNE, Corrected.LOAM);
        Place<Pot> place = Corrected.place(draw.one(Corrected.red(), Corrected.purple(), Corrected.tattoo()));
        return CoverPlan.of(
                draw.one(true, false) ? place : place.powdered(Corrected.VEIL, draw.one(.5, 1.)),
                draw.list(0, 2, () -> new Layer<>(under, draw.one(.25, .5, 1., 3.))),
                draw.list(0, 2, () -> new Layer<>(over, draw.one(.25, .5, 1., 3.))));
    }

    @Seeds(40)
    void layersAreToScaleOnEachOtherAndBothColumnsShareIt(Draw draw) {
        CoverPlan<Pot> mine = drawn(draw);
        CoverPlan<Pot> other = drawn(draw);
        StrataView view = StrataView.of(mine, "mine", other, "other", WORDS);
        double perMicron = (view.skinY() - view.limitY()) / mine.place().bears().microns();
        assertThat(view.columns()).hasSize(2);
        for (int c = 0; c < 2; c++) {
            List<CoverPlan.Stratum<Pot>> strata = (c == 0 ? mine : other).strata();
            List<StrataView.Slice> slices = view.columns().get(c).slices();
            assertThat(slices).hasSameSizeAs(strata);
            double floor = view.skinY();
            for (int i = 0; i < slices.size(); i++) {
                StrataView.Slice s = slices.get(i);
                assertThat(s.height()).isCloseTo(strata.get(i).microns() * perMicron, within(1e-6));
                assertThat(s.y() + s.height()).as("lies on what is below").isCloseTo(floor, within(1e-6));
                floor = s.y();
            }
            assertThat(floor).as("stays in the drawing").isGreaterThanOrEqualTo(0);
        }
    }

    @Seeds(40)
    void labelsStandApartInTheOrderOfTheLayers(Draw draw) {
        for (StrataView.Column column :
                StrataView.of(drawn(draw), "mine", drawn(draw), "other", WORDS).columns()) {
            List<StrataView.Slice> slices = column.slices();
            for (int i = 1; i < slices.size(); i++) {
                assertThat(slices.get(i - 1).labelY() - slices.get(i).labelY()).isGreaterThan(LABELS_APART);
            }
            assertThat(slices).allSatisfy(s -> assertThat(s.labelY()).isBetween(0.0, 176.0));
        }
    }

    @Test
    void aloneThereIsOneColumnAndTheLimitIsWhatTheSkinBears() {
        CoverPlan<Pot> thin = CoverPlan.of(Corrected.place(Corrected.purple()), List.of(), List.of());
        StrataView view = StrataView.of(thin, "mine", null, null, WORDS);
        assertThat(view.columns()).hasSize(1);
        assertThat(view.limit()).contains(Math.round(thin.place().bears().microns()) + " µm");
        assertThat(view.columns().get(0).slices())
                .singleElement()
                .satisfies(s -> assertThat(s.words()).startsWith("Marl Base"));
    }
}
