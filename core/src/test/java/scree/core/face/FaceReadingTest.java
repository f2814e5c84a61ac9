package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static scree.core.face.Landmark.*;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.plane.Vec;

class FaceReadingTest {
    private static final BiFunction<PointKey, Vec, Vec> AS_IS = (k, p) -> p;

    private static FaceReading read(PointState state, BiFunction<PointKey, Vec, Vec> change) {
        return FaceReading.of(UsualFace.points(state, change));
    }

    @Test
    void measuresAreTheRatiosOfTheirPoints() {
        Measures m = read(PointState.PLACED, AS_IS).measures();
        assertThat(m.of(Measure.LENGTH_TO_WIDTH)).isCloseTo((1.86 + 1.10) / 2.12, within(1e-9));
        assertThat(m.of(Measure.UPPER_THIRD)).isCloseTo((1.10 - .26) / 2.96, within(1e-9));
        assertThat(m.of(Measure.EYE_SPACING)).isCloseTo(.51 / .49, within(1e-9));
        assertThat(m.of(Measure.NOSE_WIDTH)).isCloseTo(.54 / .51, within(1e-9));
        assertThat(m.of(Measure.MOUTH_WIDTH)).isCloseTo(.8, within(1e-9));
        assertThat(m.of(Measure.EYE_TILT)).isCloseTo(Math.toDegrees(Math.atan2(.03, .49)), within(1e-9));
        assertThat(m.of(Measure.CHIN_LENGTH)).isCloseTo(.76 / 1.12, within(1e-9));
    }

    /** One standard deviation with every point placed to 0.02: worked out apart from this code, on drawn faces. */
    @ParameterizedTest
    @CsvSource({
        "LENGTH_TO_WIDTH,.022,.005",
        "TEMPLE_TO_CHEEK,.018,.005",
        "JAW_TO_CHEEK,.020,.005",
        "CHIN_TO_CHEEK,.034,.010",
        "LOWER_FULLNESS,.018,.005",
        "JAW_ANGLE,2.5,.8",
        "EYE_SPACING,.09,.02",
        "EYE_TILT,2.3,.4"
    })
    void doubtOfMeasuresFollowsFromTheDoubtOfPoints(Measure measure, double expected, double within) {
        assertThat(read(PointState.CONFIRMED, AS_IS).measures().doubt(measure)).isCloseTo(expected, within(within));
    }

    /** Laid by hand on a picture that was asked for again: what the found pose spoils is not told all the same. */
    @Test
    void onAHeadThatNodsHeightsAreNotToldAndOnATurnedOneSidesAreNot() {
        FacePoints longChin = UsualFace.points(
                PointState.PLACED,
                (k, p) -> k.landmark() == CHIN ? p.plus(0, .25) : k.landmark() == EYE_OUT ? p.plus(0, -.05) : p);
        assertThat(FaceReading.of(longChin).findings())
                .extracting(Finding::trait)
                .contains(Trait.CHIN_LENGTH);
        for (double pitch : new double[] {9, -15}) {
            FacePoints nods = longChin.on(new HeadTurn(0, pitch, List.of()));
            assertThat(FaceReading.of(nods).findings())
                    .extracting(Finding::trait)
                    .doesNotContain(Trait.CHIN_LENGTH, Trait.EYE_TILT, Trait.LOWER_FACE, Trait.MIDFACE);
        }
        FacePoints wide = UsualFace.points(
                PointState.PLACED, (k, p) -> k.side() == Side.LEFT && k.landmark() == CHEEK ? p.plus(.15, 0) : p);
        assertThat(FaceReading.of(wide).balance().uneven()).isNotEmpty();
        FacePoints turned = wide.on(new HeadTurn(12, -3, List.of()));
        assertThat(FaceReading.of(turned).balance().uneven())
                .extracting(Unevenness::kind)
                .doesNotContain(Unevenness.Kind.CHEEK_WIDTH);
        assertThat(FaceReading.of(turned).balance().turned()).isNotNull();
    }

    @Test
    void aGuessIsMoreDoubtfulThanAHand() {
        Measures guessed = read(PointState.GUESSED, AS_IS).measures();
        Measures placed = read(PointState.PLACED, AS_IS).measures();
        for (Measure m : Measure.values()) {
            assertThat(guessed.doubt(m)).as(m.name()).isGreaterThan(placed.doubt(m));
        }
    }

    @Test
    void aShapeFromAnUnconfirmedJawIsNeverSettled() {
        assertThat(read(PointState.GUESSED, AS_IS).shape().settled()).isFalse();
        for (Landmark open : List.of(CHIN, JAW, JAW_MID, CHIN_SIDE)) {
            FacePoints points =
                    UsualFace.points(k -> k.landmark() == open ? PointState.GUESSED : PointState.PLACED, AS_IS, 0);
            ShapeReading shape = FaceReading.of(points).shape();
            assertThat(shape.settled()).as(open.name()).isFalse();
            assertThat(shape.open()).contains(Glance.JAW_AND_CHIN);
        }
        assertThat(read(PointState.PLACED, AS_IS).shape().settled()).isTrue();
    }

    /** Thirteen of a hundred settled names were wrong while temples were only guessed. */
    @Test
    void aNameThatTheTemplesMayTurnIsNotSettledWhileTheyAreGuessed() {
        int turned = 0;
        for (double wider = .84; wider < 1.1; wider += .02) {
            ShapeReading guessed = temples(PointState.GUESSED, wider);
            ShapeReading looked = temples(PointState.PLACED, wider);
            assertThat(looked.settled()).isTrue();
            if (temples(PointState.PLACED, wider + .06).name().lead()
                            != temples(PointState.PLACED, wider).name().lead()
                    || temples(PointState.PLACED, wider - .06).name().lead()
                            != temples(PointState.PLACED, wider).name().lead()) {
                turned++;
                assertThat(guessed.open()).containsExactly(Glance.TEMPLES_AND_CHEEKS);
            }
        }
        assertThat(turned).isPositive();
    }

    private static ShapeReading temples(PointState state, double wider) {
        return FaceReading.of(UsualFace.points(
                        k -> k.landmark() == TEMPLE ? state : PointState.PLACED,
                        (k, p) -> k.landmark() == TEMPLE ? new Vec(p.x() * wider, p.y()) : p,
                        0))
                .shape();
    }

    /** "Temples 0.90: wide" became "narrow" by confirming points that did not move. */
    @Test
    void aWordHoldsStillWhenPointsAreConfirmedWhereTheyAre() {
        for (double wider : new double[] {.94, .97, 1, 1.03, 1.06}) {
            Map<Measure, Level> guessed = words(PointState.GUESSED, wider);
            Map<Measure, Level> confirmed = words(PointState.CONFIRMED, wider);
            guessed.keySet().retainAll(confirmed.keySet());
            assertThat(confirmed).containsAllEntriesOf(guessed);
        }
    }

    private static Map<Measure, Level> words(PointState state, double wider) {
        ShapeReading shape = read(state, (k, p) -> k.landmark() == TEMPLE ? new Vec(p.x() * wider, p.y()) : p)
                .shape();
        return shape.reasons().stream()
                .collect(Collectors.toMap(ShapeReading.Ground::measure, ShapeReading.Ground::level));
    }

    @Test
    void aLargerMeasureIsNeverCalledLessAndTheUsualLiesBetween() {
        Level before = Level.LOW;
        for (int i = 0; i < 400; i++) {
            Level now = Shape.level(4, .50 + .001 * i); // fullness: 0.64 was "full", 0.65 "tapering"
            assertThat(now).isGreaterThanOrEqualTo(before);
            assertThat(now.ordinal() - before.ordinal()).isLessThanOrEqualTo(1);
            before = now;
        }
        assertThat(before).isEqualTo(Level.HIGH);
    }

    @Test
    void sharesAreAWholeAndFlattenWithDoubt() {
        ShapeReading sure = read(PointState.PLACED, AS_IS).shape();
        ShapeReading unsure = read(PointState.GUESSED, AS_IS).shape();
        assertThat(sure.shares().values().stream().mapToDouble(v -> v).sum()).isCloseTo(1, within(1e-12));
        double most = sure.shares().values().stream().mapToDouble(v -> v).max().orElse(0);
        double mostUnsure =
                unsure.shares().values().stream().mapToDouble(v -> v).max().orElse(0);
        assertThat(mostUnsure).isLessThan(most);
    }

    @Test
    void theReasonsSpeakForTheLeadAndAtMostTwoTellOfTheJaw() {
        ShapeReading shape = read(PointState.PLACED, (k, p) -> k.landmark() == CHIN ? p.plus(0, .25) : p)
                .shape();
        assertThat(shape.reasons())
                .isNotEmpty()
                .allSatisfy(g -> assertThat(g.weight()).isPositive());
        assertThat(shape.reasons().stream()
                        .filter(g -> g.measure() == Measure.JAW_ANGLE
                                || g.measure() == Measure.JAW_TO_CHEEK
                                || g.measure() == Measure.LOWER_FULLNESS))
                .hasSizeLessThanOrEqualTo(2);
        assertThat(shape.against() == null || shape.against().weight() < 0).isTrue();
    }

    @Test
    void aNameHoldsWithinItsMarginWhileAPointIsDragged() {
        ShapeReading.Name before = null;
        int changes = 0;
        for (int i = 0; i < 40; i++) { // back and forth over a border in steps smaller than the margin
            double by = .12 + .004 * (i % 2);
            ShapeReading.Name now = FaceReading.of(
                            UsualFace.points(PointState.PLACED, (k, p) -> k.landmark() == CHIN ? p.plus(0, by) : p),
                            before)
                    .shape()
                    .name();
            changes += before != null && !now.equals(before) ? 1 : 0;
            before = now;
        }
        assertThat(changes).isLessThanOrEqualTo(1);
    }

    @Test
    void aUsualFaceHasFewFindings() {
        List<Finding> told = read(PointState.PLACED, AS_IS).findings().stream()
                .filter(Finding::told)
                .toList();
        assertThat(told).hasSizeLessThanOrEqualTo(2);
        assertThat(read(PointState.PLACED, AS_IS).balance().uneven()).isEmpty();
    }

    @Test
    void whatStandsOutIsFoundInItsDirection() {
        finding(Trait.FOREHEAD, true, (k, p) -> k.landmark() == HAIRLINE ? p.plus(0, -.35) : p);
        finding(Trait.FOREHEAD, false, (k, p) -> k.landmark() == HAIRLINE ? p.plus(0, .3) : p);
        finding(Trait.NOSE_WIDTH, true, (k, p) -> k.landmark() == ALARE ? p.plus(Math.signum(p.x()) * .09, 0) : p);
        finding(Trait.MOUTH_WIDTH, false, (k, p) -> k.landmark() == MOUTH ? p.plus(-Math.signum(p.x()) * .08, 0) : p);
        finding(Trait.EYE_TILT, false, (k, p) -> k.landmark() == EYE_OUT ? p.plus(0, .07) : p);
        finding(Trait.UPPER_LIP, false, (k, p) -> k.landmark() == CUPID_DIP ? p.plus(0, .06) : p);
    }

    private static void finding(Trait trait, boolean high, BiFunction<PointKey, Vec, Vec> change) {
        assertThat(read(PointState.PLACED, change).findings()).anySatisfy(f -> {
            assertThat(f.trait()).isEqualTo(trait);
            assertThat(f.told()).isTrue();
            assertThat(f.high()).isEqualTo(high);
            assertThat(f.grade()).isGreaterThan(.5);
        });
    }

    @Test
    void whatADoubtfulPointWouldDecideIsNotSaidButAskedFor() {
        List<Finding> findings = read(PointState.GUESSED, (k, p) -> k.landmark() == HAIRLINE ? p.plus(0, -.35) : p)
                .findings();
        assertThat(findings).anySatisfy(f -> {
            assertThat(f.trait()).isEqualTo(Trait.FOREHEAD);
            assertThat(f.told()).isFalse();
            assertThat(f.confirm()).isEqualTo(HAIRLINE);
        });
        assertThat(findings.stream().filter(f -> f.trait() == Trait.JAW))
                .allSatisfy(f -> assertThat(f.told()).isFalse());
    }

    @ParameterizedTest
    @EnumSource(
            value = Side.class,
            names = {"RIGHT", "LEFT"})
    void aDifferenceIsNamedOnItsOwnSide(Side side) {
        int sign = side == Side.RIGHT ? -1 : 1;
        Balance b = read(
                        PointState.PLACED,
                        (k, p) -> k.landmark() == NOSE_TIP
                                ? p.plus(sign * .09, 0)
                                : k.landmark() == CHEEK && k.side() == side ? p.plus(sign * .12, 0) : p)
                .balance();
        assertThat(b.uneven()).anySatisfy(u -> {
            assertThat(u.kind()).isEqualTo(Unevenness.Kind.NOSE_TIP);
            assertThat(u.side()).isEqualTo(side);
        });
        assertThat(b.uneven()).anySatisfy(u -> {
            assertThat(u.kind()).isEqualTo(Unevenness.Kind.CHEEK_WIDTH);
            assertThat(u.side()).isEqualTo(side);
            assertThat(u.percent()).isGreaterThan(3);
        });
    }

    @Test
    void aTurnedHeadIsSaidOnceAndNothingIsComparedAcrossTheMiddle() {
        Balance b = read(PointState.PLACED, (k, p) -> switch (k.landmark()) {
                    case TEMPLE, CHEEK, JAW -> p.plus(.06, 0);
                    case NOSE_TIP -> p.plus(-.06, 0);
                    case CHIN -> p.plus(-.03, 0);
                    default -> p;
                })
                .balance();
        assertThat(b.turned()).isEqualTo(Side.RIGHT);
        assertThat(b.uneven())
                .noneMatch(u -> u.kind() == Unevenness.Kind.NOSE_TIP
                        || u.kind() == Unevenness.Kind.CHEEK_WIDTH
                        || u.kind() == Unevenness.Kind.JAW_WIDTH);
    }

    @Test
    void browsAndMouthLeaningAlikeAreALeaningEyeLine() {
        Balance b = read(
                        PointState.PLACED,
                        (k, p) -> k.landmark() == BROW_ARCH || k.landmark() == MOUTH ? p.plus(0, .08 * p.x()) : p)
                .balance();
        assertThat(b.eyeLineTilted()).isTrue();
        assertThat(b.uneven()).noneMatch(u -> u.kind() == Unevenness.Kind.BROW_HEIGHT);
    }

    /** A left brow 0.07 lower: the reference names it when it was placed, not when it was only confirmed, and never on a guess. */
    @Test
    void aDifferenceIsNamedOnlyByPointsThatAreSureEnough() {
        BiFunction<PointKey, Vec, Vec> lower = (k, p) -> k.side() == Side.LEFT
                        && List.of(BROW_START, BROW_ARCH, BROW_END).contains(k.landmark())
                ? p.plus(0, .07)
                : p;
        assertThat(read(PointState.PLACED, lower).balance().uneven())
                .singleElement()
                .satisfies(u -> {
                    assertThat(u.kind()).isEqualTo(Unevenness.Kind.BROW_HEIGHT);
                    assertThat(u.side()).isEqualTo(Side.RIGHT);
                    assertThat(u.difference()).isCloseTo(.07, within(1e-9));
                });
        assertThat(read(PointState.CONFIRMED, lower).balance().uneven()).isEmpty();
        assertThat(read(PointState.GUESSED, lower).balance().uneven()).isEmpty();
    }

    @Test
    void oneGuessedPointOfTheMidlineWithholdsWidthsButNotHeights() {
        BiFunction<PointKey, Vec, Vec> change = (k, p) -> k.side() != Side.LEFT
                ? p
                : k.landmark() == CHEEK ? p.plus(.14, 0) : k.landmark().name().startsWith("BROW") ? p.plus(0, .09) : p;
        Function<PointKey, PointState> glabellaGuessed =
                k -> k.landmark() == GLABELLA ? PointState.GUESSED : PointState.PLACED;
        assertThat(Balance.of(UsualFace.points(PointState.PLACED, change)).uneven())
                .extracting(Unevenness::kind)
                .contains(Unevenness.Kind.CHEEK_WIDTH, Unevenness.Kind.BROW_HEIGHT);
        assertThat(Balance.of(UsualFace.points(glabellaGuessed, change, 0)).uneven())
                .extracting(Unevenness::kind)
                .contains(Unevenness.Kind.BROW_HEIGHT)
                .doesNotContain(Unevenness.Kind.CHEEK_WIDTH);
    }

    /** A head that leans on one shoulder is as even as one held straight. */
    @Test
    void aRolledHeadIsNoUnevenFace() {
        assertThat(Balance.of(UsualFace.points(k -> PointState.PLACED, AS_IS, 18))
                        .uneven())
                .isEmpty();
        List<Unevenness> rolled = Balance.of(UsualFace.points(
                        k -> PointState.PLACED,
                        (k, p) -> k.landmark() == LID_UP && k.side() == Side.RIGHT ? p.plus(0, -.09) : p,
                        -12))
                .uneven();
        assertThat(rolled).singleElement().satisfies(u -> {
            assertThat(u.kind()).isEqualTo(Unevenness.Kind.LID_HEIGHT);
            assertThat(u.side()).isEqualTo(Side.RIGHT);
        });
    }

    /** Half of all even faces were called uneven once; now fewer than one of twenty, points laid to 0.015 of the pupil distance. */
    @Test
    void anEvenFaceStaysEven() {
        Random random = new Random(14);
        int called = 0;
        for (int i = 0; i < 400; i++) {
            Balance b = read(
                            PointState.PLACED,
                            (k, p) -> p.plus(.015 * random.nextGaussian(), .015 * random.nextGaussian()))
                    .balance();
            called += b.uneven().isEmpty() ? 0 : 1;
        }
        assertThat(called).isLessThanOrEqualTo(20);
    }
}
