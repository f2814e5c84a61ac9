package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static scree.core.face.Landmark.*;

import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.face.PointsRefused.Why;
import scree.core.image.Point;
import scree.core.plane.Vec;

class FacePointsTest {
    @Test
    void threeTapsLayAWholeFaceAndKeepTheTaps() {
        Point right = new Point(420, 500);
        Point left = new Point(610, 520);
        Point chin = new Point(480, 880);
        FacePoints laid = FacePoints.template(right, left, chin);
        assertThat(laid.at(new PointKey(PUPIL, Side.RIGHT)).at()).isEqualTo(right);
        assertThat(laid.at(PointKey.of(CHIN)).at()).isEqualTo(chin);
        assertThat(laid.at(PointKey.of(CHIN)).state()).isEqualTo(PointState.PLACED);
        assertThat(laid.at(new PointKey(JAW, Side.LEFT)).state()).isEqualTo(PointState.GUESSED);
        assertThat(FaceReading.of(laid).shape().settled()).isFalse();
    }

    @Test
    void aKeyIsReadAsItIsWritten() {
        for (PointKey key : PointKey.all()) {
            assertThat(PointKey.parse(key.toString())).contains(key);
            assertThat(PointKey.all().get(key.index())).isEqualTo(key);
            assertThat(key.mirrored().mirrored()).isEqualTo(key);
        }
        assertThat(PointKey.all()).hasSize(47);
        assertThat(PointKey.parse("CHIN.LEFT")).isEmpty();
    }

    @Test
    void movingAlikeMirrorsThePartnerAlsoOnALeaningHead() {
        FacePoints before = UsualFace.points(k -> PointState.GUESSED, (k, p) -> p, 9);
        PointKey jaw = new PointKey(JAW, Side.RIGHT);
        FacePoints after = before.moved(jaw, -14, 6, true);
        LevelledFace f = LevelledFace.of(after);
        assertThat(f.at(JAW, Side.RIGHT).x()).isCloseTo(-f.at(JAW, Side.LEFT).x(), within(1e-9));
        assertThat(f.at(JAW, Side.RIGHT).y()).isCloseTo(f.at(JAW, Side.LEFT).y(), within(1e-9));
        assertThat(after.at(jaw).state()).isEqualTo(PointState.MOVED);
        assertThat(after.at(jaw.mirrored()).state()).isEqualTo(PointState.MOVED);
        assertThat(before.moved(jaw, -14, 6, false).at(jaw.mirrored())).isEqualTo(before.at(jaw.mirrored()));
    }

    @Test
    void confirmingTouchesGuessesOnly() {
        FacePoints p = UsualFace.points(
                        k -> k.landmark() == JAW && k.side() == Side.LEFT ? PointState.MOVED : PointState.GUESSED,
                        (k, v) -> v,
                        0)
                .confirmed(JAW);
        assertThat(p.at(new PointKey(JAW, Side.LEFT)).state()).isEqualTo(PointState.MOVED);
        assertThat(p.at(new PointKey(JAW, Side.RIGHT)).state()).isEqualTo(PointState.CONFIRMED);
        assertThat(p.settled(JAW)).isTrue();
        assertThat(p.settled(CHIN)).isFalse();
    }

    static Stream<Arguments> impossible() {
        return Stream.of(
                impossible(CHIN, new Vec(0, 1.05), Why.CHIN_ABOVE_MOUTH),
                impossible(STOMION, new Vec(0, .7), Why.MOUTH_ABOVE_NOSE),
                impossible(SUBNASALE, new Vec(0, .2), Why.NOSE_ABOVE_EYES),
                impossible(BROW_ARCH, new Vec(.6, .1), Why.BROWS_BELOW_EYES),
                impossible(HAIRLINE, new Vec(0, -.3), Why.HAIRLINE_BELOW_BROWS),
                impossible(CHEEK, new Vec(.5, .2), Why.EDGE_INSIDE),
                impossible(JAW, new Vec(.2, 1.1), Why.EDGE_INSIDE),
                impossible(MOUTH, new Vec(-.2, 1.1), Why.SIDES_SWAPPED),
                impossible(CHIN, new Vec(0, 3.6), Why.CHIN_TOO_FAR));
    }

    private static Arguments impossible(Landmark landmark, Vec outward, Why why) {
        BiFunction<PointKey, Vec, Vec> change =
                (k, p) -> k.landmark() != landmark ? p : k.side() == Side.RIGHT ? outward.mirrored() : outward;
        return Arguments.of(why, change);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("impossible")
    void pointsInAnImpossibleOrderAreRefusedByName(Why why, BiFunction<PointKey, Vec, Vec> change) {
        assertThatThrownBy(() -> UsualFace.points(PointState.PLACED, change))
                .isInstanceOfSatisfying(
                        PointsRefused.class, r -> assertThat(r.why()).isEqualTo(why));
    }

    @Test
    void tapsThatCannotBeAFaceAreRefused() {
        Point a = new Point(400, 500);
        Point b = new Point(600, 500);
        refused(Why.SIDES_SWAPPED, () -> FacePoints.template(b, a, new Point(500, 870)));
        refused(Why.PUPILS_TOO_CLOSE, () -> FacePoints.template(a, new Point(420, 500), new Point(410, 540)));
        refused(Why.CHIN_ABOVE_MOUTH, () -> FacePoints.template(a, b, new Point(500, 560)));
        refused(Why.CHIN_TOO_FAR, () -> FacePoints.template(a, b, new Point(500, 1200)));
        refused(
                Why.OUTSIDE_PICTURE,
                () -> FacePoints.template(a, b, new Point(500, 870)).within(700, 800));
    }

    private static void refused(Why why, org.assertj.core.api.ThrowableAssert.ThrowingCallable by) {
        assertThatThrownBy(by)
                .isInstanceOfSatisfying(
                        PointsRefused.class, r -> assertThat(r.why()).isEqualTo(why));
    }

    @Test
    void levellingUndoesLeanPlaceAndScale() {
        LevelledFace straight = LevelledFace.of(UsualFace.points(PointState.PLACED));
        LevelledFace leaning = LevelledFace.of(UsualFace.points(k -> PointState.PLACED, (k, p) -> p, -11));
        for (PointKey key : PointKey.all()) {
            Vec a = straight.at(key.landmark(), key.side());
            assertThat(a.distanceTo(leaning.at(key.landmark(), key.side()))).isLessThan(1e-9);
            assertThat(leaning.fromPicture(leaning.toPicture(a)).distanceTo(a)).isLessThan(1e-9);
        }
    }
}
