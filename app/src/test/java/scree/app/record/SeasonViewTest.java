package scree.app.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.app.Sentences;
import scree.app.base.BaseChoice;
import scree.app.base.Worn;
import scree.app.web.Words;
import scree.core.colour.Lab;
import scree.core.light.LightVerdict;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SeasonPoint;
import scree.core.skin.SkinReading.Trust;

/** A client's line over the seasons, and what no longer fits. */
class SeasonViewTest {
    private static SeasonView view(SeasonView.Sat... sats) {
        return SeasonView.of(List.of(sats), new Words(Sentences.all()));
    }

    private static SeasonView.Sat sat(long id, String day, double l, double lean, String base, double baseL) {
        return sat(id, day, l, lean, base, baseL, Trust.COLOUR_CARD);
    }

    private static SeasonView.Sat sat(
            long id, String day, double l, double lean, String base, double baseL, Trust trust) {
        return new SeasonView.Sat(
                id,
                new SeasonPoint(LocalDate.parse(day), ReferenceCurve.at(l), lean, .01 * id, trust),
                base == null ? null : choice(base, baseL));
    }

    private static BaseChoice choice(String name, double l) {
        Lab c = ReferenceCurve.at(l);
        Worn.Shade shade = new Worn.Shade(1L, "Marl", name, Form.LIQUID, Finish.SATIN, .8, c, c, null);
        return new BaseChoice(
                7,
                1,
                1,
                new Worn.Single(shade, null),
                new BaseChoice.Standing(.5, 1, null),
                c,
                MatchTarget.School.JAW_TO_NECK,
                Trust.COLOUR_CARD,
                LightVerdict.Grade.GOOD,
                null,
                null,
                0);
    }

    /** Two pictures of one day without a card once told that the skin had gone 4.1 lighter. */
    @Test
    void whatCannotBeTrustedMakesNoLineAndNoClaim() {
        assertThat(view(
                        sat(1, "2026-06-20", 62, 0, "13", 62, Trust.PROVISIONAL),
                        sat(2, "2026-06-20", 66.1, 0, null, 0, Trust.PROVISIONAL)))
                .isNull();
        assertThat(view(sat(1, "2026-06-20", 62, 0, "13", 62), sat(2, "2026-06-20", 66.1, 0, null, 0)))
                .as("one day is a point")
                .isNull();
        SeasonView mixed = view(
                sat(1, "2026-01-20", 68, 0, null, 0),
                sat(2, "2026-04-18", 58, 0, "13", 58, Trust.PROVISIONAL),
                sat(3, "2026-08-05", 66, 0, null, 0));
        assertThat(mixed.depthLine().chars().filter(c -> c == 'L')).hasSize(1);
        assertThat(mixed.stones()).hasSize(3);
        assertThat(mixed.notes())
                .singleElement()
                .satisfies(n -> assertThat(n.words())
                        .startsWith("Marl 13 of 18 Apr 2026 no longer fits")
                        .doesNotContain("has gone"));
    }

    @Test
    void aChangeWithinTheDoubtOfBothReadingsIsNotTold() {
        SeasonView view = view(
                sat(1, "2026-01-20", 66, 0, "13", 61, Trust.GREY_CARD),
                sat(2, "2026-08-05", 63.5, 0, null, 0, Trust.GREY_CARD));
        assertThat(view.notes())
                .singleElement()
                .satisfies(n -> assertThat(n.words()).doesNotContain("has gone"));
    }

    @Test
    void aPointIsNoLine() {
        assertThat(view(sat(1, "2026-01-20", 68, 0, "13", 68))).isNull();
        assertThat(view()).isNull();
    }

    @Test
    void timeRunsRightAndLighterLiesHigherWhateverTheOrderTheyCameIn() {
        SeasonView view = view(
                sat(3, "2026-08-05", 62, 2, null, 0),
                sat(1, "2026-01-20", 68, 0, null, 0),
                sat(2, "2026-04-18", 66, 1, null, 0));
        assertThat(view.stones())
                .extracting(SeasonView.Stone::day)
                .containsExactly("20 Jan 2026", "18 Apr 2026", "5 Aug 2026");
        assertThat(view.stones()).isSortedAccordingTo((a, b) -> Double.compare(a.x(), b.x()));
        assertThat(view.stones().get(0).depthY())
                .isLessThan(view.stones().get(2).depthY());
        assertThat(view.stones().get(0).leanY())
                .as("golden lies higher")
                .isGreaterThan(view.stones().get(2).leanY());
        assertThat(view.depthLine()).startsWith("M").contains("L");
        for (SeasonView.Tick t : view.depths()) {
            assertThat(t.y()).isBetween(20.0, 150.0);
        }
    }

    @Test
    void aBaseOfWinterOnDeeperSkinWouldLookChalky() {
        SeasonView view = view(
                sat(1, "2026-01-20", 69, 0, "13", 69),
                sat(2, "2026-04-18", 63.5, 0, "17", 63.5),
                sat(3, "2026-08-05", 62, 0, null, 0));
        assertThat(view.notes()).hasSize(2);
        assertThat(view.notes().get(0).words()).startsWith("Marl 17 of 18 Apr 2026 still fits");
        assertThat(view.notes().get(0).caution()).isFalse();
        assertThat(view.notes().get(1).words())
                .startsWith("Marl 13 of 20 Jan 2026 no longer fits: the skin has gone 7.0 ± 1.4 deeper")
                .endsWith("chalky.");
        assertThat(view.notes().get(1).caution()).isTrue();
    }

    @Test
    void aBaseOfSummerOnLighterSkinWouldLookOrange() {
        SeasonView view = view(sat(1, "2025-08-05", 60, 0, "23", 60), sat(2, "2026-01-20", 68, 0, null, 0));
        assertThat(view.notes())
                .singleElement()
                .satisfies(n -> assertThat(n.words()).contains("lighter").endsWith("orange or dirty."));
    }

    @Test
    void theSameBaseIsSpokenOfOnce() {
        SeasonView view = view(
                sat(1, "2025-08-05", 66, 0, "15", 66),
                sat(2, "2026-01-20", 66.4, 0, "15", 66),
                sat(3, "2026-04-20", 66.2, 0, null, 0));
        assertThat(view.notes()).hasSize(1);
        assertThat(view.stones().get(2).title()).contains("no base taken");
    }
}
