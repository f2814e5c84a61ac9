package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.mix.SeasonParts.Day;
import scree.core.mix.SeasonParts.Word;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class SeasonPartsTest {
    private static final Ingredient WINTER = Ingredient.of(1, ReferenceCurve.at(68), 1, Carrier.WATER);
    private static final Ingredient SUMMER = Ingredient.of(2, ReferenceCurve.at(60), 1, Carrier.WATER);
    private static final LocalDate MIDWINTER = LocalDate.of(2026, 1, 15);

    @Seeds(40)
    void deeperSkinNeverAsksForLessSummer(Draw draw) {
        double l = draw.between(58, 70);
        double deeper = draw.between(0, 4);
        int now = SeasonParts.between(WINTER, SUMMER, ReferenceCurve.at(l)).summer();
        int then = SeasonParts.between(WINTER, SUMMER, ReferenceCurve.at(l - deeper))
                .summer();
        assertThat(then).isGreaterThanOrEqualTo(now);
    }

    @Test
    void atEitherEndOneShadeIsWornAlone() {
        assertThat(SeasonParts.between(WINTER, SUMMER, ReferenceCurve.at(75)).winter())
                .isEqualTo(6);
        var summer = SeasonParts.between(WINTER, SUMMER, ReferenceCurve.at(50));
        assertThat(summer.summer()).isEqualTo(6);
        assertThat(summer.recipe().parts()).hasSize(1);
    }

    @Test
    void chalkyAsksForOneSummerPartMoreOrangeForOneLess() {
        Lab skin = ReferenceCurve.at(64);
        var now = SeasonParts.blend(WINTER, SUMMER, 3, skin);
        assertThat(SeasonParts.after(now, Word.CHALKY, WINTER, SUMMER, skin).summer())
                .isEqualTo(4);
        assertThat(SeasonParts.after(now, Word.ORANGE_OR_DIRTY, WINTER, SUMMER, skin)
                        .summer())
                .isEqualTo(2);
        var last = SeasonParts.blend(WINTER, SUMMER, 6, skin);
        assertThat(SeasonParts.after(last, Word.CHALKY, WINTER, SUMMER, skin).summer())
                .isEqualTo(6);
    }

    /** A year that was made up is found again from readings over it. */
    @Seeds(40)
    void theWaveIsFoundAgain(Draw draw) {
        double swing = draw.between(1.5, 4);
        int deepest = draw.whole(170, 280);
        List<Day> days = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            LocalDate day = MIDWINTER.plusDays(45L * i);
            double l = 62 - swing * Math.cos(2 * Math.PI * (day.getDayOfYear() - deepest) / 365.25);
            days.add(new Day(day, ReferenceCurve.at(l)));
        }
        var year = SeasonParts.year(days).orElseThrow();
        assertThat(year.fitted()).isTrue();
        assertThat(year.swing()).isCloseTo(swing, within(.35));
        assertThat((double) year.deepest()).isCloseTo(deepest, within(12.0));
    }

    @Test
    void twoReadingsTakeTheUsualPhaseAndOneIsNoYear() {
        var year = SeasonParts.year(List.of(
                        new Day(LocalDate.of(2026, 2, 10), ReferenceCurve.at(68)),
                        new Day(LocalDate.of(2026, 8, 10), ReferenceCurve.at(62))))
                .orElseThrow();
        assertThat(year.fitted()).isFalse();
        assertThat(year.deepest()).isBetween(220, 236);
        assertThat(year.on(LocalDate.of(2026, 8, 10)).lightness()).isCloseTo(62, within(.3));
        assertThat(SeasonParts.year(List.of(new Day(MIDWINTER, ReferenceCurve.at(68)))))
                .isEmpty();
    }

    @Test
    void theCalendarGoesThereAndBackInAYear() {
        var year = SeasonParts.year(List.of(
                        new Day(LocalDate.of(2026, 2, 10), ReferenceCurve.at(68)),
                        new Day(LocalDate.of(2026, 8, 10), ReferenceCurve.at(61))))
                .orElseThrow();
        var changes = SeasonParts.calendar(year, WINTER, SUMMER, MIDWINTER);
        assertThat(changes).hasSizeGreaterThan(3);
        assertThat(changes).isSortedAccordingTo((a, b) -> a.day().compareTo(b.day()));
        int most = changes.stream().mapToInt(c -> c.blend().summer()).max().orElseThrow();
        assertThat(most).isGreaterThanOrEqualTo(5);
        assertThat(changes.get(changes.size() - 1).blend().summer()).isLessThanOrEqualTo(1);
    }

    /** One reading tells no year: winter is taken lighter and less golden than today, summer deeper. */
    @Test
    void theEndsOfAYearAreReadOrAUsualSwingFromToday() {
        Lab today = ReferenceCurve.at(64);
        SeasonParts.Ends guessed = SeasonParts.ends(List.of(new Day(MIDWINTER, today)), today);
        assertThat(guessed.winter().lightness()).isCloseTo(67, within(1e-9));
        assertThat(guessed.summer().lightness()).isCloseTo(61, within(1e-9));
        assertThat(guessed.summer().b()).isGreaterThan(today.b());
        Lab tanned = ReferenceCurve.at(58);
        SeasonParts.Ends read =
                SeasonParts.ends(List.of(new Day(MIDWINTER, today), new Day(MIDWINTER.plusDays(180), tanned)), today);
        assertThat(read.summer()).isEqualTo(tanned);
        assertThat(read.winter()).isEqualTo(guessed.winter());
    }
}
