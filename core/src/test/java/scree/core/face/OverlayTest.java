package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.image.Point;
import scree.core.plane.Vec;

/** One picture of a face laid on another. */
class OverlayTest {
    private static final FacePoints FACE =
            FacePoints.template(new Point(420, 600), new Point(680, 610), new Point(560, 1080));

    private static FacePoints turned(double degrees, double scale, double dx, double dy) {
        double c = scale * Math.cos(Math.toRadians(degrees));
        double s = scale * Math.sin(Math.toRadians(degrees));
        return FACE.moved(PointKey.all(), v -> new Vec(c * v.x() - s * v.y() + dx, s * v.x() + c * v.y() + dy));
    }

    @Test
    void aFaceThatWasTurnedScaledAndMovedLiesOnItselfAgain() {
        Random r = new Random(18);
        for (int i = 0; i < 50; i++) {
            FacePoints other =
                    turned(30 * r.nextDouble() - 15, .7 + r.nextDouble(), 200 * r.nextDouble(), 100 * r.nextDouble());
            Overlay over = Overlay.of(other, FACE);
            assertThat(over.apart()).isLessThan(1e-9);
            assertThat(over.samePose()).isTrue();
            for (PointKey key : PointKey.all()) {
                assertThat(over.at(other.at(key).at()).distanceTo(FACE.at(key).at()))
                        .isCloseTo(0, within(1e-6));
            }
        }
    }

    /** A mouth that smiles or a jaw that opens moves what is left out; a head that turns moves what is kept. */
    @Test
    void aTurnedHeadIsTold() {
        double unit = FACE.unit();
        FacePoints jaw = FACE.moved(List.of(PointKey.of(Landmark.CHIN)), v -> v.plus(0, .3 * unit));
        assertThat(Overlay.of(jaw, FACE).apart()).isLessThan(1e-9);
        FacePoints head = FACE.moved(
                List.of(
                        PointKey.of(Landmark.NOSE_TIP),
                        PointKey.of(Landmark.NOSE_ROOT),
                        PointKey.of(Landmark.SUBNASALE)),
                v -> v.plus(.15 * unit, 0));
        assertThat(Overlay.of(head, FACE).samePose()).isFalse();
    }
}
