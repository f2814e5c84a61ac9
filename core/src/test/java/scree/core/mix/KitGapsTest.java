package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.mix.KitGaps.Cell;
import scree.core.mix.KitGaps.Lean;
import scree.core.mix.KitGaps.Reach;
import scree.core.skin.ReferenceCurve;

class KitGapsTest {
    private static Ingredient base(long id, Lab colour) {
        return Ingredient.of(id, colour, 1, Carrier.WATER);
    }

    private static List<Ingredient> fairNeutrals() {
        List<Ingredient> bases = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            bases.add(base(i, ReferenceCurve.at(76 - 5 * i)));
        }
        return bases;
    }

    private static Cell cell(List<Cell> cells, Lean lean, int l) {
        return cells.stream()
                .filter(c -> c.lean() == lean && c.lightness() == l)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyCellIsReachedAloneMixedOrNotAndSaysHow() {
        List<Cell> cells = new KitGaps(fairNeutrals(), List.of()).cells();
        assertThat(cells).hasSize(44);
        assertThat(cells.get(0).lightness()).isEqualTo(78);
        assertThat(cell(cells, Lean.NEUTRAL, 78).reach()).isEqualTo(Reach.ALONE);
        assertThat(cell(cells, Lean.NEUTRAL, 33).reach())
                .as("far deeper than the kit")
                .isEqualTo(Reach.NOT);
        for (Cell c : cells) {
            Recipe r = c.recipe().orElseThrow();
            assertThat(r.colour().differenceFrom(c.skin()) <= 2).isEqualTo(c.reach() != Reach.NOT);
            assertThat(r.parts().size() == 1).as("%s", c).isEqualTo(c.reach() != Reach.MIXED);
        }
    }

    @Test
    void aDeepBaseOpensTheDepthsByMixing() {
        List<Ingredient> bases = fairNeutrals();
        List<Cell> before = new KitGaps(bases, List.of()).cells();
        bases.add(base(90, ReferenceCurve.at(30)));
        List<Cell> after = new KitGaps(bases, List.of()).cells();
        long mixedBefore = before.stream()
                .filter(c -> c.lightness() < 55 && c.reach() == Reach.MIXED)
                .count();
        long mixedAfter = after.stream()
                .filter(c -> c.lightness() < 55 && c.reach() == Reach.MIXED)
                .count();
        assertThat(mixedAfter).isGreaterThan(mixedBefore);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).recipe().orElseThrow().difference())
                    .as("more to choose from is never worse")
                    .isLessThanOrEqualTo(
                            Math.max(2, before.get(i).recipe().orElseThrow().difference()));
        }
    }

    @Test
    void dropsAloneAreNoBase() {
        Ingredient drops = Ingredient.of(50, ReferenceCurve.at(38), 2, Carrier.ANY);
        List<Cell> cells = new KitGaps(List.of(base(1, ReferenceCurve.at(76))), List.of(drops)).cells();
        for (Cell c : cells) {
            assertThat(c.recipe().orElseThrow().parts())
                    .anyMatch(p -> p.ingredient().id() == 1);
        }
        assertThat(new KitGaps(List.of(), List.of()).cells())
                .allMatch(c -> c.recipe().isEmpty());
    }

    /** What a purchase is said to close is what the grid shows once it was bought. */
    @Test
    void theGainIsWhatTheGridShowsAfterBuying() {
        List<Ingredient> bases = fairNeutrals();
        KitGaps gaps = new KitGaps(bases, List.of());
        List<Cell> now = gaps.cells();
        Ingredient deep = base(90, ReferenceCurve.at(38));
        Ingredient same = base(91, ReferenceCurve.at(70));
        List<KitGaps.Gain> gains = gaps.gains(now, List.of(same, deep));
        assertThat(gains.get(0).purchase().id()).isEqualTo(90);
        assertThat(gains.get(1).closed()).isZero();
        bases.add(deep);
        List<Cell> after = new KitGaps(bases, List.of()).cells();
        long closed = open(now) - open(after);
        assertThat((long) gains.get(0).closed()).isEqualTo(closed).isPositive();
    }

    private static long open(List<Cell> cells) {
        return cells.stream().filter(c -> c.reach() == Reach.NOT).count();
    }
}
