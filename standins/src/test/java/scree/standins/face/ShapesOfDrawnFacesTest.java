package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.FaceReading;
import scree.core.face.Landmark;
import scree.core.face.PointState;
import scree.core.face.Shape;

/** Outlines drawn from the words for the shapes, by a generator that shares nothing with the model. */
class ShapesOfDrawnFacesTest {
    @ParameterizedTest
    @EnumSource(Shape.class)
    void theShapeDrawnIsTheShapeRead(Shape shape) {
        Random random = new Random(40 + shape.ordinal());
        int right = 0;
        int stillRight = 0;
        for (int i = 0; i < 40; i++) {
            DrawnFace face = DrawnFace.of(shape, random);
            right += FaceReading.of(face.points()).shape().name().lead() == shape ? 1 : 0;
            FaceReading noisy = FaceReading.of(face.points(random, .02, 8, PointState.PLACED));
            stillRight += noisy.shape().name().lead() == shape ? 1 : 0;
        }
        assertThat(right).isGreaterThanOrEqualTo(38);
        assertThat(stillRight).isGreaterThanOrEqualTo(32);
    }

    @ParameterizedTest
    @EnumSource(Shape.class)
    void confirmedHairlineChinAndJawAreEnough(Shape shape) {
        Random random = new Random(90 + shape.ordinal());
        int right = 0;
        for (int i = 0; i < 40; i++) {
            var points = DrawnFace.of(shape, random)
                    .guessed(
                            random,
                            EnumSet.of(
                                    Landmark.HAIRLINE,
                                    Landmark.CHIN,
                                    Landmark.JAW,
                                    Landmark.JAW_MID,
                                    Landmark.CHIN_SIDE));
            right += FaceReading.of(points).shape().name().lead() == shape ? 1 : 0;
        }
        assertThat(right).isGreaterThanOrEqualTo(28);
    }
}
