package scree.app.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.app.Sentences;
import scree.app.look.Figures;
import scree.app.picture.Picture;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.image.Calibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.light.LightVerdict;
import scree.core.skin.Answer;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinReading;
import scree.core.skin.Testimony;
import scree.core.skin.Undertone;
import scree.core.skin.UndertoneBench;
import scree.core.skin.UndertoneVerdict;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What the Skin page and the undertone bench show of a reading. */
class SkinViewsTest {
    private static final Picture PICTURE = new Picture(3, 5, 900, 1200, "");
    private static final SkinWords WORDS = words();
    private static final CardSighting.Found CARD = new CardSighting.Found(
            CardLayout.Kind.COLOUR,
            List.of(new Point(650, 500), new Point(850, 500), new Point(850, 780), new Point(650, 780)));

    private static SkinWords words() {
        return new SkinWords(Sentences.all());
    }

    private static Lab leaning(double l, double lean) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(l, usual.chroma(), usual.hueDegrees() + lean);
    }

    private static Map<Zone, Lab> face(double l, double lean) {
        Map<Zone, Lab> colours = new EnumMap<>(Zone.class);
        for (Zone z : Zone.values()) {
            if (z.inPortrait()) {
                colours.put(z, leaning(l - z.ordinal() * .1, lean));
            }
        }
        return colours;
    }

    private static TakenReading taken(
            Map<Zone, Lab> colours, SkinReading.Trust trust, Set<Zone> byMeter, Testimony... said) {
        List<ZoneReading> zones = new ArrayList<>();
        new EnumMap<>(colours)
                .forEach((zone, lab) -> zones.add(
                        new ZoneReading(zone, lab, 1.24, new ZoneSample(new double[3], 0, 80, 10, 5, 5, 50))));
        LightFigures figures =
                new LightFigures(LightFigures.Card.COLOUR, 5600.0, 0.0, 0.0, .3, .5, .5, 3.0, 0, .01, null);
        SkinReading skin = new SkinReading(
                trust, new Calibration.Quality(24, 2, .3, 1, 0), zones, List.of(), List.of(), figures, List.of());
        Map<Witness, Testimony> heard = new EnumMap<>(Witness.class);
        for (Testimony t : said) {
            heard.put(t.answer().witness(), t);
        }
        return new TakenReading(
                5,
                3,
                FaceState.usualIn(900, 1200),
                skin,
                byMeter,
                new LightVerdict(LightVerdict.Grade.GOOD, List.of()),
                Optional.empty(),
                heard,
                UndertoneBench.weigh(skin, heard.values()),
                null,
                OffsetDateTime.parse("2026-06-20T12:00:00Z"),
                4);
    }

    private static TakenReading usual() {
        return taken(face(62, 0), SkinReading.Trust.COLOUR_CARD, Set.of());
    }

    private static SkinView view(TakenReading taken, CardSighting card) {
        return SkinView.of(taken, PICTURE, card, Set.of(), WORDS);
    }

    // ---- the picture ----

    @Test
    void thePictureFillsItsBoxAndKeepsItsShape() {
        SkinView.PictureBox high = view(usual(), CARD).picture();
        assertThat(high.width() / high.height()).isCloseTo(900 / 1200.0, within(1e-9));
        assertThat(high.height()).isCloseTo(600, within(1e-9));
        SkinView.PictureBox wide = SkinView.of(usual(), new Picture(3, 5, 1600, 900, ""), CARD, Set.of(), WORDS)
                .picture();
        assertThat(wide.width()).isCloseTo(492, within(1e-9));
    }

    @Test
    void everyZoneIsDrawnNamedWithItsSideAndToldWhetherItWasRead() {
        Map<Zone, Lab> some = face(62, 0);
        some.remove(Zone.CHEST);
        List<SkinView.ZoneShape> zones =
                view(taken(some, SkinReading.Trust.COLOUR_CARD, Set.of()), CARD).zones();
        assertThat(zones).hasSize(usual().face().outlines().size());
        assertThat(zones).allSatisfy(z -> {
            assertThat(z.path()).startsWith("M").endsWith("Z");
            assertThat(z.read()).isEqualTo(!z.zone().equals("CHEST"));
            assertThat(z.gripX()).isGreaterThan(z.left());
        });
        assertThat(zones).extracting(SkinView.ZoneShape::name).doesNotHaveDuplicates();
    }

    /** Leaders that cross cannot be followed, stones under a card cannot be seen. */
    @Seeds(40)
    void theStonesInTheMarginsStandApartAndInsideThePicture(Draw draw) {
        double cardTop = draw.between(60, 1000);
        CardSighting.Found card = new CardSighting.Found(
                CardLayout.Kind.COLOUR,
                List.of(
                        new Point(690, cardTop),
                        new Point(860, cardTop),
                        new Point(860, cardTop + 170),
                        new Point(690, cardTop + 170)));
        SkinView view = view(usual(), card);
        for (boolean left : new boolean[] {true, false}) {
            double middle = view.picture().width() / 2;
            List<SkinView.Tag> column =
                    view.tags().stream().filter(t -> t.x() < middle == left).toList();
            assertThat(column).isNotEmpty();
            for (int i = 0; i < column.size(); i++) {
                assertThat(column.get(i).y()).isBetween(20.0, view.picture().height());
                if (i > 0 && column.get(i).y() < view.picture().height() - 34) {
                    assertThat(column.get(i).y() - column.get(i - 1).y()).isGreaterThanOrEqualTo(58 - 1e-9);
                }
            }
        }
    }

    @Test
    void aZoneThatTheMeterReadSaysSoAndOneWithoutColourIsHollow() {
        Map<Zone, Lab> some = face(62, 0);
        some.remove(Zone.CHIN);
        SkinView view = view(taken(some, SkinReading.Trust.COLOUR_CARD, Set.of(Zone.NECK)), CARD);
        assertThat(view.tags())
                .filteredOn(t -> t.id().equals("NECK"))
                .singleElement()
                .satisfies(t -> assertThat(t.name()).contains("meter"));
        assertThat(view.tags())
                .filteredOn(t -> t.id().equals("CHIN"))
                .singleElement()
                .satisfies(t -> {
                    assertThat(t.colour()).isEqualTo("none");
                    assertThat(t.read()).isFalse();
                });
    }

    @Test
    void theCardIsOutlinedWhereItLiesAndItsLostFieldsAreCounted() {
        SkinView view = view(usual(), CARD);
        double scale = view.picture().scale();
        assertThat(view.cardPath()).startsWith("M").endsWith("Z");
        assertThat(view.cardX()).isBetween(600 * scale, 900 * scale);
        assertThat(view.cardY()).isLessThan(500 * scale);
        assertThat(view.cardWords()).contains("22").contains("24");
        SkinView bare = view(taken(face(62, 0), SkinReading.Trust.PROVISIONAL, Set.of()), new CardSighting.None());
        assertThat(bare.cardPath()).isNull();
        assertThat(bare.cardWords()).isNull();
        assertThat(bare.cautions()).isNotEmpty();
    }

    // ---- words and figures ----

    @ParameterizedTest
    @CsvSource({"78, Very fair", "62, Medium", "30, Very deep"})
    void theHeadingNamesTheDepth(double l, String starts) {
        TakenReading sure = taken(face(l, 0), SkinReading.Trust.COLOUR_CARD, Set.of());
        assertThat(view(sure, CARD).verdict()).startsWithIgnoringCase(starts);
    }

    @Test
    void aProvisionalReadingIsSaidToBeOne() {
        TakenReading sure = usual();
        TakenReading unsure = taken(face(62, 0), SkinReading.Trust.PROVISIONAL, Set.of());
        assertThat(view(unsure, CARD).verdict()).isNotEqualTo(view(sure, CARD).verdict());
        assertThat(view(unsure, CARD).within()).isGreaterThan(view(sure, CARD).within());
        assertThat(view(unsure, CARD).trust()).isEqualTo("PROVISIONAL");
    }

    @Test
    void withoutNeckAndJawItSaysWhatIsMissing() {
        Map<Zone, Lab> some = face(62, 0);
        some.remove(Zone.NECK);
        some.remove(Zone.JAW);
        SkinView view = view(taken(some, SkinReading.Trust.COLOUR_CARD, Set.of()), CARD);
        assertThat(view.missing()).hasSize(2);
        assertThat(view(usual(), CARD).missing()).isEmpty();
        assertThat(view.overtone()).isEqualTo(WORDS.say("overtone.unknown"));
    }

    @Test
    void theTableShowsEveryZoneWithWhatWasLeftOutOfIt() {
        SkinView view = view(usual(), CARD);
        assertThat(view.rows()).hasSize(usual().skin().zones().size());
        SkinView.Row cheek = view.rows().get(Zone.CHEEK.ordinal());
        Lab colour = usual().skin().colourOf(Zone.CHEEK).orElseThrow();
        assertThat(cheek.l()).isEqualTo(Figures.one(colour.lightness()));
        assertThat(cheek.colour()).isEqualTo(Srgb.hex(colour));
        assertThat(cheek.spread()).isEqualTo("± 1.2");
        assertThat(cheek.out()).contains("7").contains("3");
        assertThat(cheek.ita()).endsWith("°");
    }

    @Test
    void bluishSkinHasNoIndividualTypologyAngle() {
        Map<Zone, Lab> odd = face(62, 0);
        odd.put(Zone.UNDER_EYE, Lab.of(50, 6, -1));
        SkinView view = view(taken(odd, SkinReading.Trust.COLOUR_CARD, Set.of()), CARD);
        assertThat(view.rows().get(Zone.UNDER_EYE.ordinal()).ita()).isEqualTo("–");
    }

    /** The slab of shares is cut where they meet, whatever they are. */
    @Seeds(80)
    void theCutsOfTheSlabFollowTheShares(Draw draw) {
        double l = draw.between(30, 78);
        double lean = draw.between(-14, 14);
        UndertoneSlab s = view(taken(face(l, lean), SkinReading.Trust.COLOUR_CARD, Set.of()), CARD)
                .shares();
        assertThat(s.cool() + s.neutral() + s.warm()).isEqualTo(100);
        assertThat(s.coolEnd()).isBetween(0.0, s.neutralEnd());
        assertThat(s.neutralEnd()).isLessThanOrEqualTo(360.5);
        assertThat(s.coolEnd() / 360).isCloseTo(s.cool() / 100.0, within(.02));
        assertThat(s.words()).isNotBlank();
        if (Math.abs(lean) > 8) {
            assertThat(s.leading()).isEqualTo(lean < 0 ? "COOL" : "WARM");
        }
    }

    /** The hatch of an olive cast lies within the leading part, from its right end inward by its share; a breath of it is not drawn. */
    @ParameterizedTest
    @CsvSource({
        ".6, .3, .1, .05, false, 360", // COOL leads
        ".6, .3, .1, .5,  true,  108",
        ".1, .7, .2, .5,  true,  162", // NEUTRAL: from 36 to 288
        ".1, .2, .7, 1,   true,  108", // WARM: from 108 to 360
        ".1, .2, .7, .1,  true,  334.8"
    })
    void theOliveHatchLiesInTheLeadingPart(
            double cool, double neutral, double warm, double olive, boolean shows, double from) {
        UndertoneSlab slab = UndertoneSlab.of(new Undertone(cool, neutral, warm, olive, 0, true, false), 0, WORDS);
        assertThat(slab.oliveShows()).isEqualTo(shows);
        assertThat(slab.oliveFrom()).isCloseTo(from, within(.01));
    }

    @Test
    void aPeachyCastIsShownWithItsShareFromWhereItMeansSomething() {
        Undertone warm = new Undertone(.1, .2, .7, 0, 5, true, false);
        for (double peach : new double[] {0, .29, .3, .8}) {
            var verdict = new UndertoneVerdict(warm, peach, List.of(), Optional.empty());
            Integer shown = UndertoneView.of(null, null, Map.of(), Optional.of(verdict), WORDS)
                    .peach();
            assertThat(shown).isEqualTo(peach < .3 ? null : Integer.valueOf((int) Math.round(100 * peach)));
        }
    }

    // ---- the bench ----

    private static UndertoneView bench(TakenReading taken) {
        return UndertoneView.of(taken, PICTURE, taken.said(), taken.verdict(), WORDS);
    }

    @Test
    void beforeAnyPictureTheTestsAreThereAndNothingIsMeasured() {
        UndertoneView view = UndertoneView.of(null, null, Map.of(), Optional.empty(), WORDS);
        assertThat(view.stones()).isEmpty();
        assertThat(view.shares()).isNull();
        assertThat(view.cloth()).isNull();
        assertThat(view.wrists()).hasSize(3);
        assertThat(view.tests()).extracting(UndertoneView.Test::witness).doesNotContain("MEASURED");
        assertThat(view.tests()).hasSize(Witness.values().length - 1);
        assertThat(view.tests()).allSatisfy(t -> {
            assertThat(t.said()).isFalse();
            assertThat(t.options()).hasSizeGreaterThanOrEqualTo(3).noneMatch(UndertoneView.Option::on);
        });
    }

    @ParameterizedTest
    @EnumSource(Answer.class)
    void everyAnswerIsShownAsGivenAndHasAStone(Answer answer) {
        UndertoneView view =
                bench(taken(face(62, 0), SkinReading.Trust.COLOUR_CARD, Set.of(), new Testimony(answer, false)));
        UndertoneView.Test test = view.tests().stream()
                .filter(t -> t.witness().equals(answer.witness().name()))
                .findFirst()
                .orElseThrow();
        assertThat(test.said()).isTrue();
        assertThat(test.options())
                .filteredOn(UndertoneView.Option::on)
                .extracting(UndertoneView.Option::answer)
                .isEqualTo(answer == Answer.MEASURED_AS_READ ? List.of() : List.of(answer.name()));
        assertThat(view.stones()).hasSize(answer == Answer.MEASURED_AS_READ ? 1 : 2);
    }

    @Test
    void aCoolWitnessLiesLeftAWarmOneRightAndOneSetAsideIsStruck() {
        TakenReading taken = taken(
                face(62, 0),
                SkinReading.Trust.COLOUR_CARD,
                Set.of(),
                new Testimony(Answer.BRIGHT_PINK, false),
                new Testimony(Answer.PAST_PINK, false),
                new Testimony(Answer.DRAPES_YELLOW, true));
        List<UndertoneView.Stone> stones = bench(taken).stones();
        UndertoneView.Stone pink = stone(stones, Witness.BRIGHT);
        UndertoneView.Stone warm = stone(stones, Witness.PAST);
        assertThat(pink.x()).isLessThan(warm.x());
        assertThat(pink.anchor()).isEqualTo("start");
        assertThat(stone(stones, Witness.DRAPES).struck()).isTrue();
        for (int i = 1; i < stones.size(); i++) {
            assertThat(stones.get(i).y()).isGreaterThan(stones.get(i - 1).y() + 20);
        }
    }

    private static UndertoneView.Stone stone(List<UndertoneView.Stone> stones, Witness witness) {
        return stones.stream()
                .filter(s -> s.name().equals(WORDS.say("witness." + witness)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void witnessesAgainstEachOtherAreNamedWithWhatToRepeat() {
        TakenReading taken = taken(
                face(62, -9),
                SkinReading.Trust.COLOUR_CARD,
                Set.of(),
                new Testimony(Answer.DRAPES_YELLOW, false),
                new Testimony(Answer.BRIGHT_ORANGE, false));
        assertThat(bench(taken).conflict())
                .isNotNull()
                .containsIgnoringCase("cool")
                .containsIgnoringCase("warm");
        assertThat(bench(usual()).conflict()).isNull();
    }

    @Test
    void aRedFaceIsWarnedOfAndOtherwiseNotMentioned() {
        Map<Zone, Lab> red = face(62, 0);
        Lab cheek = red.get(Zone.CHEEK);
        red.put(Zone.CHEEK, Lab.of(cheek.lightness() - 2, cheek.a() + 7, cheek.b()));
        assertThat(bench(taken(red, SkinReading.Trust.COLOUR_CARD, Set.of())).redFace())
                .isNotNull();
        assertThat(bench(usual()).redFace()).isNull();
    }

    /** The wrist is drawn in the client's own sheltered skin, so that veins are compared on it and not on a stranger's. */
    @Test
    void theWristIsDrawnInTheClientsOwnSkin() {
        Map<Zone, Lab> skin = face(40, 3);
        assertThat(bench(taken(skin, SkinReading.Trust.COLOUR_CARD, Set.of())).wrists())
                .extracting(UndertoneView.Wrist::skin)
                .containsOnly(Srgb.hex(skin.get(Zone.NECK)));
        skin.put(Zone.FOREARM, leaning(46, 3));
        assertThat(bench(taken(skin, SkinReading.Trust.COLOUR_CARD, Set.of())).wrists())
                .extracting(UndertoneView.Wrist::skin)
                .containsOnly(Srgb.hex(skin.get(Zone.FOREARM)));
    }

    @Test
    void theClothLiesUnderTheChinAndReachesPastTheShoulders() {
        TakenReading taken = usual();
        UndertoneView.Cloth cloth = bench(taken).cloth();
        assertThat(cloth.jawTop()).isLessThan(taken.face().chin().y());
        assertThat(cloth.jawBottom()).isGreaterThan(taken.face().chin().y());
        assertThat(cloth.across()).isCloseTo(3.5 * taken.face().frame().unit(), within(1e-6));
        assertThat(cloth.pink()).isNotEqualTo(cloth.orange());
    }
}
