package scree.app.base;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.app.base.SampleLists.NOW;
import static scree.app.base.SampleLists.SKIN;
import static scree.app.base.SampleLists.TARGET;
import static scree.app.base.SampleLists.WORDS;
import static scree.app.base.SampleLists.list;
import static scree.app.base.SampleLists.product;

import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.shade.RankBases;
import scree.core.shade.ShadeReason;
import scree.core.shade.Wear;
import scree.core.skin.SkinReading;

/** The Base page's list: what stands beside each stone, what is loud and what is quiet. */
class BaseViewTest {
    private static final double PAN = 66;

    private static BaseView view(Shortlist list) {
        return BaseView.of(
                list,
                Sights.around(list.target().colour()),
                Optional.empty(),
                5,
                NOW,
                WORDS,
                Optional.of("A lamp from above."));
    }

    private static List<RankBases.Priced> priced(List<Reason> reasons, double each) {
        return reasons.stream().map(r -> new RankBases.Priced(r, each)).toList();
    }

    /** A list of one base whose figures are given. */
    private static Shortlist one(Product p, Lab on, BaseSetting setting, List<Reason> undertone, List<Reason> wear) {
        double cost = undertone.size() + .5 * wear.size();
        Shortlist.Ranked ranked = new Shortlist.Ranked(
                p,
                1,
                new RankBases.Placed(0, on, on.differenceFrom(SKIN), cost, priced(undertone, 1), priced(wear, .5)),
                ShadeReason.of(on, TARGET),
                List.of());
        Shortlist l = list(62);
        return new Shortlist(
                l.target(),
                l.places(),
                l.trust(),
                l.family(),
                l.wish(),
                setting,
                List.of(ranked),
                l.apart(),
                List.of(ranked),
                1,
                1,
                l.light());
    }

    @Test
    void theNearestHeadsThePageAndEveryStoneIsInTheList() {
        BaseView view = view(list(62, 60, 66, 50));
        assertThat(view.verdict()).isEqualTo("Marl N1 goes unseen.");
        assertThat(view.rows()).hasSize(4);
        assertThat(view.rows()).extracting(BaseView.Row::rank).containsExactly(1, 2, 3, 4);
        assertThat(view.rows()).allSatisfy(r -> {
            assertThat(r.drawing()).contains("class=\"under\"").contains("class=\"shade\"");
            assertThat(r.press()).isEqualTo("/sittings/5/base/stripe?product=" + r.id());
            assertThat(r.rankedAs()).isNull();
        });
    }

    @Test
    void anEmptyListSaysThatNothingPasses() {
        assertThat(view(list()).verdict()).isEqualTo("No base passes these filters.");
        assertThat(view(list()).rows()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"62, unseen", "50, No base"})
    void theHeadingPromisesNoMoreThanTheNearestHolds(double depth, String word) {
        assertThat(view(list(depth)).verdict()).contains(word);
    }

    @Test
    void onlyThirtyAreListedHoweverManyAreNear() {
        double[] depths = new double[50];
        for (int i = 0; i < depths.length; i++) {
            depths[i] = 62 - i * .1;
        }
        BaseView view = view(list(depths));
        assertThat(view.rows()).hasSize(30);
        assertThat(view.shown()).isEqualTo(50);
    }

    @Test
    void stripesCarryTheirLettersInListAndBed() {
        BaseView view = view(list(62, 60, 66));
        assertThat(view.stripes()).extracting(BaseView.Stripe::letter).containsExactly("A", "B", "C");
        assertThat(view.rows().get(1).drawing()).contains(">B</text>");
        assertThat(view.rows()).allMatch(BaseView.Row::striped);
        for (int i = 1; i < 3; i++) {
            assertThat(view.stripes().get(i).x())
                    .isGreaterThan(view.stripes().get(i - 1).x() + 92);
        }
        assertThat(view.stripes()).allSatisfy(s -> {
            assertThat(s.left()).startsWith("M").endsWith("Z").doesNotContain("NaN");
            assertThat(s.right()).isNotEqualTo(s.left());
        });
    }

    /** A powder looks deeper on skin than in the pan: both are shown, and by how much. */
    @Test
    void aPowderShowsItsPanBehindItsStone() {
        Product powder = product(7, PAN, Form.POWDER);
        Lab on = Lab.of(62, powder.settled().a(), powder.settled().b());
        BaseView.Row row = view(one(powder, on, BaseSetting.usual().or(false, false), List.of(), List.of()))
                .rows()
                .get(0);
        assertThat(row.drawing()).contains(Srgb.hex(powder.settled())).contains(Srgb.hex(on));
        assertThat(row.marks()).singleElement().satisfies(m -> {
            assertThat(m.loud()).isFalse();
            assertThat(m.words()).contains("4.0 deeper");
        });
        Product liquid = product(8, PAN, Form.LIQUID);
        BaseView.Row plain = view(one(liquid, on, BaseSetting.usual().or(false, false), List.of(), List.of()))
                .rows()
                .get(0);
        assertThat(plain.drawing()).doesNotContain(Srgb.hex(liquid.settled()));
        assertThat(plain.marks()).isEmpty();
    }

    @Test
    void powderOnWetSkinIsWarnedOfUntilThePrimerIsDry() {
        Product powder = product(7, PAN, Form.POWDER);
        BaseSetting justLaid =
                BaseSetting.usual().or(false, false).withPrimer(OffsetDateTime.ofInstant(NOW, ZoneOffset.UTC), 5);
        BaseView wet = view(one(powder, SKIN, justLaid, List.of(), List.of()));
        assertThat(wet.rows().get(0).marks())
                .anyMatch(m -> m.loud() && m.words().contains("still wet"));
        assertThat(wet.asked().primerSeconds()).isEqualTo(300);
        BaseSetting dry = BaseSetting.usual()
                .or(false, false)
                .withPrimer(OffsetDateTime.ofInstant(NOW, ZoneOffset.UTC).minusMinutes(6), 5);
        BaseView after = view(one(powder, SKIN, dry, List.of(), List.of()));
        assertThat(after.rows().get(0).marks()).noneMatch(BaseView.Mark::loud);
        assertThat(after.asked().primerSeconds()).isZero();
        assertThat(view(one(powder, SKIN, BaseSetting.usual().or(false, false), List.of(), List.of()))
                        .asked()
                        .primerSeconds())
                .isNull();
    }

    @ParameterizedTest
    @CsvSource({"0, less", "0.5, less", "1, as usual", "1.5, more", "2, more"})
    void howMuchPowdersDeepenIsSaidInWords(double strength, String word) {
        BaseSetting setting = BaseSetting.usual().or(false, false).withPowder(strength);
        BaseView view = view(one(product(7, PAN, Form.POWDER), SKIN, setting, List.of(), List.of()));
        assertThat(view.asked().powderWords()).contains(word);
        assertThat(view.asked().powders()).isTrue();
        assertThat(view(list(62)).asked().powders()).isFalse();
    }

    /** Past the last step there is nothing to press. */
    @ParameterizedTest
    @CsvSource({"0, false, true", "0.25, true, true", "1, true, true", "1.75, true, true", "2, true, false"})
    void powderIsTakenLessOrMoreUntilTheModelEnds(double strength, boolean less, boolean more) {
        BaseSetting setting = BaseSetting.usual().or(false, false).withPowder(strength);
        BaseView view = view(one(product(7, PAN, Form.POWDER), SKIN, setting, List.of(), List.of()));
        assertThat(view.asked().lessPowder()).isEqualTo(less);
        assertThat(view.asked().morePowder()).isEqualTo(more);
    }

    @ParameterizedTest
    @EnumSource(Wear.Code.class)
    void everyReasonAgainstAWearIsLoudAndEveryNoteQuiet(Wear.Code code) {
        for (boolean against : new boolean[] {true, false}) {
            Reason reason = against ? Reason.check(code) : Reason.note(code);
            BaseView.Row row = view(one(
                            product(1, 62, Form.LIQUID),
                            SKIN,
                            BaseSetting.usual().or(false, false),
                            List.of(),
                            List.of(reason)))
                    .rows()
                    .get(0);
            assertThat(row.marks()).singleElement().satisfies(m -> {
                assertThat(m.loud()).isEqualTo(against);
                assertThat(m.words()).isNotBlank().doesNotContain("wear.");
            });
            assertThat(row.rankedAs()).isEqualTo("ranked as " + Figures.one(Double.parseDouble(row.figure()) + .5));
        }
    }

    @Test
    void aProvisionalReadingSaysWhetherCardOrLightIsToBlame() {
        Shortlist sure = list(62);
        assertThat(view(sure).provisional()).isNull();
        assertThat(view(provisional(sure, LightVerdict.Grade.GOOD)).provisional())
                .contains("without a whole card")
                .doesNotContain("lamp");
        assertThat(view(provisional(sure, LightVerdict.Grade.UNFIT)).provisional())
                .contains("light that is not fit")
                .endsWith("A lamp from above.");
    }

    private static Shortlist provisional(Shortlist l, LightVerdict.Grade grade) {
        return new Shortlist(
                l.target(),
                l.places(),
                SkinReading.Trust.PROVISIONAL,
                l.family(),
                l.wish(),
                l.setting(),
                l.ranked(),
                l.apart(),
                l.stripes(),
                l.total(),
                l.listed(),
                new LightVerdict(grade, List.of()));
    }

    /** Freckles that are to show and a heavy cream contour want opposite things; that is said, not solved silently. */
    @Test
    void wishesThatQuarrelAreNamed() {
        Shortlist l = list(62);
        Wear.Wish both =
                new Wear.Wish(Coverage.MEDIUM, null, l.wish().skin(), l.wish().textures(), true, true, Wear.Day.OPEN);
        Shortlist quarrel = new Shortlist(
                l.target(),
                l.places(),
                l.trust(),
                l.family(),
                both,
                l.setting(),
                l.ranked(),
                l.apart(),
                l.stripes(),
                l.total(),
                l.listed(),
                l.light());
        assertThat(view(quarrel).asked().quarrel()).contains("One of the two has to give");
        assertThat(view(l).asked().quarrel()).isNull();
    }

    @Test
    void theGradientRunsFromCheekToNeckAndADeepSkinGetsALightBed() {
        BaseView view = view(list(62));
        assertThat(view.gradient().get(0).offset()).isZero();
        assertThat(view.gradient().get(view.gradient().size() - 1).offset()).isEqualTo(100);
        assertThat(view.gradient().get(0).colour())
                .isEqualTo(Srgb.hex(TARGET.gradient().get(0)));
        assertThat(view.deepBed()).isFalse();
    }
}
