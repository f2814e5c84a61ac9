package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.skin.SkinReading.Trust;
import scree.core.skin.Undertone.Family;
import scree.core.skin.UndertoneVerdict.Heard;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class UndertoneBenchTest {
    @Test
    void aRedFaceOnAYellowNeckStaysWarmAndItsClothsCountHalf() {
        Lab neck = Skins.leaning(62, 7);
        Lab cheek = Lab.of(58, neck.a() + 6, neck.b() - 1);
        SkinReading red = Skins.reading(Map.of(Zone.CHEEK, cheek, Zone.NECK, neck), Trust.COLOUR_CARD);
        assertThat(UndertoneBench.redFace(red)).isTrue();
        UndertoneVerdict verdict = weigh(red, Answer.BRIGHT_PINK);
        assertThat(verdict.undertone().leading()).isEqualTo(Family.WARM);
        SkinReading calm = Skins.reading(Map.of(Zone.CHEEK, neck, Zone.NECK, neck), Trust.COLOUR_CARD);
        assertThat(strength(verdict, Witness.BRIGHT))
                .isCloseTo(strength(weigh(calm, Answer.BRIGHT_PINK), Witness.BRIGHT) / 2, within(1e-9));
    }

    @Test
    void aGoodMeasurementOutweighsOneWitnessAndAProvisionalOneDoesNot() {
        Map<Zone, Lab> warm = Map.of(Zone.NECK, Skins.leaning(60, 5));
        List<Testimony> cool = said(Answer.BRIGHT_PINK, Answer.DRAPES_PINK);
        assertThat(UndertoneBench.weigh(Skins.reading(warm, Trust.COLOUR_CARD), cool)
                        .orElseThrow()
                        .undertone()
                        .leading())
                .isEqualTo(Family.WARM);
        assertThat(UndertoneBench.weigh(Skins.reading(warm, Trust.PROVISIONAL), cool)
                        .orElseThrow()
                        .undertone()
                        .leading())
                .isEqualTo(Family.COOL);
    }

    @Test
    void aConflictNamesBothAndTheTestToRepeat() {
        SkinReading warm = Skins.reading(Map.of(Zone.NECK, Skins.leaning(60, 7)), Trust.COLOUR_CARD);
        UndertoneVerdict.Conflict conflict =
                weigh(warm, Answer.DRAPES_PINK).conflict().orElseThrow();
        assertThat(conflict.one()).isEqualTo(Witness.MEASURED);
        assertThat(conflict.oneSays()).isEqualTo(Family.WARM);
        assertThat(conflict.other()).isEqualTo(Witness.DRAPES);
        assertThat(conflict.repeat()).isEqualTo(Witness.DRAPES);
        SkinReading rough = Skins.reading(Map.of(Zone.NECK, Skins.leaning(60, 12)), Trust.PROVISIONAL);
        assertThat(weigh(rough, Answer.DRAPES_PINK).conflict().orElseThrow().repeat())
                .as("a provisional picture is doubted first")
                .isEqualTo(Witness.MEASURED);
        assertThat(weigh(warm, Answer.DRAPES_YELLOW).conflict()).isEmpty();
    }

    /** Blue veins against three neutral tests: cool 18, neutral 81, and nothing was said. */
    @Test
    void oneAgainstSeveralNeutralOnesIsNamedToo() {
        SkinReading neutral = Skins.reading(Map.of(Zone.NECK, Skins.leaning(60, 0)), Trust.COLOUR_CARD);
        UndertoneVerdict verdict = weigh(neutral, Answer.VEINS_BLUE, Answer.BRIGHT_BOTH, Answer.DRAPES_NEUTRAL);
        UndertoneVerdict.Conflict conflict = verdict.conflict().orElseThrow();
        assertThat(conflict.other()).isEqualTo(Witness.VEINS);
        assertThat(conflict.otherSays()).isEqualTo(Family.COOL);
        assertThat(conflict.oneSays()).isEqualTo(Family.NEUTRAL);
        assertThat(conflict.repeat()).isEqualTo(Witness.VEINS);
        assertThat(weigh(neutral, Answer.VEINS_MIXED, Answer.BRIGHT_BOTH, Answer.DRAPES_NEUTRAL)
                        .conflict())
                .isEmpty();
        assertThat(weigh(neutral, Answer.VEINS_BLUE, Answer.DRAPES_PINK, Answer.BRIGHT_BOTH)
                        .conflict())
                .as("two stand together")
                .isEmpty();
    }

    @Test
    void aStruckWitnessIsKeptAndCountsForNothing() {
        SkinReading skin = Skins.reading(Map.of(Zone.NECK, Skins.leaning(60, 1)), Trust.COLOUR_CARD);
        UndertoneVerdict alone = UndertoneBench.weigh(skin, List.of()).orElseThrow();
        UndertoneVerdict struck = UndertoneBench.weigh(skin, List.of(new Testimony(Answer.BRIGHT_PINK, true)))
                .orElseThrow();
        assertThat(struck.undertone()).isEqualTo(alone.undertone());
        assertThat(struck.heard()).hasSize(2);
    }

    @Test
    void theMeasurementItselfCanBeSetAside() {
        SkinReading cool = Skins.reading(Map.of(Zone.NECK, Skins.leaning(60, -8)), Trust.COLOUR_CARD);
        UndertoneVerdict verdict = UndertoneBench.weigh(
                        cool,
                        List.of(
                                new Testimony(Answer.MEASURED_AS_READ, true),
                                new Testimony(Answer.DRAPES_YELLOW, false)))
                .orElseThrow();
        assertThat(verdict.undertone().leading()).isEqualTo(Family.WARM);
        assertThat(verdict.heard()).anyMatch(h -> h.witness() == Witness.MEASURED && h.struck());
    }

    @Test
    void veinsCountLessOnDeepSkin() {
        double fair = strength(weigh(neck(68, 0), Answer.VEINS_BLUE), Witness.VEINS);
        double deep = strength(weigh(neck(36, 0), Answer.VEINS_BLUE), Witness.VEINS);
        assertThat(deep).isLessThan(fair / 2);
    }

    @Test
    void oliveIsHeardFromTheMutedCardAndFromSkinThatIsGreener() {
        Lab usual = ReferenceCurve.at(58);
        SkinReading greener =
                Skins.reading(Map.of(Zone.NECK, Lab.of(58, usual.a() - 3, usual.b() + 1)), Trust.COLOUR_CARD);
        double measured = UndertoneBench.weigh(greener, List.of())
                .orElseThrow()
                .undertone()
                .olive();
        double confirmed = weigh(greener, Answer.DRAPES_OLIVE).undertone().olive();
        assertThat(measured).isGreaterThan(.5);
        assertThat(confirmed).isGreaterThan(measured);
        assertThat(UndertoneBench.weigh(neck(58, 0), List.of())
                        .orElseThrow()
                        .undertone()
                        .olive())
                .isLessThan(.3);
    }

    @Test
    void theForearmIsAskedBeforeTheFace() {
        SkinReading tanned = Skins.reading(
                Map.of(Zone.CHEEK, Skins.leaning(52, 10), Zone.FOREARM, Skins.leaning(62, -6)), Trust.COLOUR_CARD);
        assertThat(UndertoneBench.weigh(tanned, List.of())
                        .orElseThrow()
                        .undertone()
                        .leading())
                .isEqualTo(Family.COOL);
    }

    @Test
    void nothingAtAllIsNoVerdict() {
        assertThat(UndertoneBench.weigh(null, List.of())).isEmpty();
        assertThat(UndertoneBench.weigh(null, said(Answer.VEINS_GREEN))
                        .orElseThrow()
                        .undertone()
                        .leading())
                .isEqualTo(Family.WARM);
    }

    @Seeds(300)
    void sharesAddUpAndMoreWitnessesOfOneSideNeverPullBack(Draw draw) {
        Random random = draw.random();
        SkinReading skin = neck(32 + 42 * random.nextDouble(), 16 * random.nextDouble() - 8);
        List<Answer> all = Arrays.asList(Answer.values());
        List<Testimony> some = Arrays.stream(Witness.values())
                .filter(w -> w != Witness.MEASURED && w != Witness.DRAPES && random.nextBoolean())
                .map(w -> {
                    List<Answer> of = all.stream().filter(a -> a.witness() == w).toList();
                    return new Testimony(of.get(random.nextInt(of.size())), random.nextInt(5) == 0);
                })
                .toList();
        Undertone before = UndertoneBench.weigh(skin, some).orElseThrow().undertone();
        assertThat(before.cool() + before.neutral() + before.warm()).isCloseTo(1, within(1e-9));
        List<Testimony> more = new java.util.ArrayList<>(some);
        more.add(new Testimony(Answer.DRAPES_YELLOW, false));
        Undertone after = UndertoneBench.weigh(skin, more).orElseThrow().undertone();
        assertThat(after.warm()).isGreaterThanOrEqualTo(before.warm() - 1e-12);
        assertThat(after.cool()).isLessThanOrEqualTo(before.cool() + 1e-12);
    }

    private static SkinReading neck(double l, double lean) {
        return Skins.reading(Map.of(Zone.NECK, Skins.leaning(l, lean)), Trust.COLOUR_CARD);
    }

    private static UndertoneVerdict weigh(SkinReading skin, Answer... answers) {
        return UndertoneBench.weigh(skin, said(answers)).orElseThrow();
    }

    private static List<Testimony> said(Answer... answers) {
        return Arrays.stream(answers).map(a -> new Testimony(a, false)).toList();
    }

    private static double strength(UndertoneVerdict verdict, Witness witness) {
        return verdict.heard().stream()
                .filter(h -> h.witness() == witness)
                .mapToDouble(Heard::strength)
                .findFirst()
                .orElseThrow();
    }
}
