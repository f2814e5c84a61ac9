package scree.app.base;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.app.base.SampleLists.NOW;
import static scree.app.base.SampleLists.SKIN;
import static scree.app.base.SampleLists.WORDS;
import static scree.app.base.SampleLists.list;
import static scree.app.base.SampleLists.product;
import static scree.app.base.SampleLists.ranked;

import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.app.kit.Product;
import scree.app.kit.WatchedStripe;
import scree.core.reason.Reason;
import scree.core.shade.DryDown;
import scree.core.shade.Form;
import scree.core.shade.NeckBridge;
import scree.core.shade.RankBases;
import scree.core.shade.StripeSight;
import scree.core.shade.StripeSight.Coat;
import scree.core.shade.StripeSight.Look;
import scree.core.shade.Wear;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Undertone;

/** What the rooms of Base show: stripes with their clocks, ways to the neck, what spoke against a choice. */
class BaseRoomsTest {
    private static StripesView stripes(Shortlist list, Map<Long, StripeWatch> watched, Double minutes, Look look) {
        return StripesView.of(
                list,
                new StripeSight(SampleLists.TARGET),
                watched,
                Map.of(),
                Optional.ofNullable(minutes),
                Coat.FULL,
                look,
                NOW,
                ZoneOffset.UTC,
                WORDS);
    }

    private static StripeWatch laid(long product, int minutesAgo, int minutes) {
        return new StripeWatch(
                product, OffsetDateTime.ofInstant(NOW, ZoneOffset.UTC).minusMinutes(minutesAgo), minutes);
    }

    @Test
    void theOneThatVanishesIsNamedAndOnlyWhenItDoes() {
        assertThat(stripes(list(62, 60, 66), Map.of(), null, Look.DAYLIGHT).verdict())
                .isEqualTo("A, Marl N1, vanishes by the window.");
        assertThat(stripes(list(58, 54), Map.of(), null, Look.DAYLIGHT).verdict())
                .startsWith("None vanishes. A, Marl N1, is ");
        assertThat(stripes(list(60, 54), Map.of(), 0.0, Look.DAYLIGHT).verdict())
                .as("wet it is two lighter and looks right: the mistake to catch")
                .isEqualTo("A, Marl N1, vanishes by the window now. Wait until it has settled.");
    }

    @Test
    void eachStripeHasItsOwnClock() {
        Map<Long, StripeWatch> watched = new HashMap<>();
        watched.put(1L, laid(1, 3, 12));
        watched.put(2L, laid(2, 15, 12));
        StripesView view = stripes(list(62, 60, 66), watched, null, Look.DAYLIGHT);
        assertThat(view.stripes().get(0).time().secondsLeft()).isEqualTo(9 * 60);
        assertThat(view.stripes().get(0).time().share()).isEqualTo(.25);
        assertThat(view.stripes().get(1).time().secondsLeft()).isZero();
        assertThat(view.stripes().get(2).time().secondsLeft()).isNull();
        assertThat(view.stripes().get(2).time().minutes())
                .as("usual for a liquid")
                .isEqualTo(12);
        assertThat(view.anyFree()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Look.class)
    void everyLightIsToldOfEveryStripe(Look look) {
        StripesView view = stripes(list(62, 60), Map.of(), null, look);
        for (StripesView.Drawn d : view.stripes()) {
            assertThat(d.lights()).hasSize(Look.values().length);
            assertThat(d.colours()).hasSize(3);
            assertThat(d.path()).startsWith("M").doesNotContain("NaN");
        }
        assertThat(view.gradient())
                .hasSize(13)
                .allSatisfy(s -> assertThat(s.colour()).matches("#[0-9A-Fa-f]{6}"));
    }

    @Test
    void theSliderIsHeldWithinTheLongestDryDown() {
        assertThat(stripes(list(62), Map.of(), 900.0, Look.DAYLIGHT).minutes()).isEqualTo(12);
        assertThat(stripes(list(62), Map.of(1L, laid(1, 0, 40)), null, Look.DAYLIGHT)
                        .longest())
                .isEqualTo(40);
        assertThat(stripes(list(62), Map.of(), -5.0, Look.DAYLIGHT).minutes()).isZero();
    }

    @Test
    void whatWasLearnedIsToldWithWhoSawItOnWhichDayOfTheStudio() {
        WatchedStripe seen = new WatchedStripe(
                7, DryDown.Answer.TOO_DEEP, -3, 0, 0, 2, OffsetDateTime.parse("2026-04-30T23:10:00Z"), "Bea Hallorin");
        StripesView view = StripesView.of(
                list(62),
                new StripeSight(SampleLists.TARGET),
                Map.of(),
                Map.of(1L, List.of(seen)),
                Optional.empty(),
                Coat.FULL,
                Look.DAYLIGHT,
                NOW,
                ZoneId.of("Europe/Oslo"),
                WORDS);
        var learned = view.stripes().get(0).learned();
        assertThat(learned.words())
                .isEqualTo("Deepens by 2.0 as it settles. Learned from 1 watched; the record says -2.0.");
        assertThat(learned.seen())
                .singleElement()
                .satisfies(s -> assertThat(s.words()).isEqualTo("Too deep, Bea, 2026-05-01"));
    }

    @Test
    void waysThatDoNoMoreThanLeavingItSayThatAndTheVerdictNamesTheBest() {
        Product base = product(1, 58, Form.LIQUID);
        Product bronzer = product(2, 44, Form.POWDER);
        var kit = new NeckBridge.Kit(
                new NeckBridge.Product(1, shade(base).coat().worn(1)),
                List.of(),
                List.of(new NeckBridge.Product(2, shade(bronzer).coat().onChart(1))),
                List.of(),
                true);
        List<NeckBridge.Bridge> ways = NeckBridge.of(SKIN, ReferenceCurve.at(64), kit);
        NeckView view = NeckView.of(
                ways,
                SKIN,
                ReferenceCurve.at(64),
                shade(base),
                Map.of(1L, shade(base), 2L, shade(bronzer)),
                true,
                NeckBridge.Way.VEIL,
                WORDS);
        assertThat(view.verdict()).contains("takes the jaw from");
        assertThat(view.kept()).isEqualTo(NeckBridge.Way.VEIL);
        double nothing = ways.stream()
                .filter(w -> w.way() == NeckBridge.Way.NOTHING)
                .findFirst()
                .orElseThrow()
                .left();
        for (NeckView.Strip s : view.ways()) {
            boolean idle = s.way() != NeckBridge.Way.NOTHING && Double.parseDouble(s.figure()) > nothing;
            if (idle) {
                assertThat(s.marks()).anyMatch(m -> m.words().startsWith("Does no more"));
            }
            assertThat(s.jawLine()).startsWith("M0,").endsWith("Z");
        }
    }

    @Test
    void whatSpokeAgainstIsKeptInTheWordsOfThePage() {
        Product p = product(3, 60, Form.POWDER);
        var placed = new RankBases.Placed(
                3,
                p.settled(),
                1.5,
                1.5,
                List.of(new RankBases.Priced(
                        Reason.check(
                                RankBases.Code.NEAR_BUT_OTHER_FAMILY, Undertone.Family.WARM, Undertone.Family.COOL),
                        1)),
                List.of(
                        new RankBases.Priced(Reason.check(Wear.Code.POWDER_CLINGS), .5),
                        new RankBases.Priced(Reason.note(Wear.Code.POWDER_AND_FLASH), .3)));
        var r = new Shortlist.Ranked(p, 2, placed, List.of(), List.of(Product.Struck.OUT_OF_STOCK));
        assertThat(WORDS.overruled(r))
                .startsWith("Out of stock. Near by figures, yet warm on cool skin")
                .contains("Powder clings to dry skin.")
                .doesNotContain("flash");
        assertThat(WORDS.overruled(ranked(p, 1))).isNull();
    }

    private static Worn.Shade shade(Product p) {
        return Worn.Shade.of(p, p.settled());
    }
}
