package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.face.PointsRefused.Why;
import scree.core.image.Point;
import scree.core.plane.Vec;

class MeshGuessTest {
    /** A mesh whose used points lie on the usual face; all others at its middle. */
    private static List<Point> mesh() {
        List<Point> mesh = new ArrayList<>(Collections.nCopies(468, at(0, .5)));
        int[][] eyes = {{33, 133, 159, 145, 158, 160, 144, 153}, {263, 362, 386, 374, 385, 387, 380, 373}};
        double[][] around = {{.25, 0}, {-.25, 0}, {0, -.09}, {0, .09}, {-.1, -.08}, {.1, -.08}, {.1, .08}, {-.1, .08}};
        for (int side = 0; side < 2; side++) {
            for (int i = 0; i < 8; i++) {
                double sign = side == 0 ? -1 : 1;
                mesh.set(eyes[side][i], at(sign * (.5 + around[i][0]), around[i][1]));
            }
        }
        put(mesh, 10, 0, -.7);
        put(mesh, 9, 0, -.26);
        put(mesh, 168, 0, -.06);
        put(mesh, 4, 0, .56);
        put(mesh, 2, 0, .74);
        put(mesh, 13, 0, 1.1);
        put(mesh, 0, 0, .99);
        put(mesh, 17, 0, 1.25);
        put(mesh, 152, 0, 1.8);
        pair(mesh, 107, 336, .2, -.33);
        pair(mesh, 55, 285, .2, -.33);
        pair(mesh, 105, 334, .6, -.44);
        pair(mesh, 70, 300, .83, -.34);
        pair(mesh, 46, 276, .83, -.34);
        pair(mesh, 196, 419, .14, .25);
        pair(mesh, 64, 294, .27, .64);
        pair(mesh, 61, 291, .4, 1.1);
        pair(mesh, 37, 267, .085, .965);
        pair(mesh, 54, 284, .93, -.58);
        pair(mesh, 234, 454, 1.0, .22);
        pair(mesh, 172, 397, .81, 1.16);
        pair(mesh, 150, 379, .6, 1.5);
        pair(mesh, 176, 400, .34, 1.73);
        return mesh;
    }

    private static void pair(List<Point> mesh, int right, int left, double x, double y) {
        put(mesh, right, -x, y);
        put(mesh, left, x, y);
    }

    private static void put(List<Point> mesh, int i, double x, double y) {
        mesh.set(i, at(x, y));
    }

    private static Point at(double x, double y) {
        return new Point(500 + 160 * x, 480 + 160 * y);
    }

    @Test
    void knownBiasesAreTakenOut() {
        LevelledFace f = LevelledFace.of(MeshGuess.from(1, mesh(), 1000, 1250));
        assertThat(f.at(Landmark.CHEEK, Side.LEFT).x()).isCloseTo(1.0 / MeshGuess.NARROW, within(.01));
        assertThat(f.at(Landmark.CHIN).y()).isCloseTo(1.8 + MeshGuess.CHIN_DOWN, within(.01));
        assertThat(f.at(Landmark.HAIRLINE).y()).isCloseTo(-.7 - MeshGuess.HAIRLINE_UP, within(.01));
        assertThat(f.at(Landmark.ALARE, Side.RIGHT).distanceTo(new Vec(-.27, .64)))
                .isLessThan(.01);
    }

    @Test
    void everythingIsOnlyGuessed() {
        FacePoints p = MeshGuess.from(1, mesh(), 1000, 1250);
        assertThat(p.marks()).allMatch(m -> m.state() == PointState.GUESSED);
        assertThat(FaceReading.of(p).shape().settled()).isFalse();
    }

    @Test
    void whatIsNoSingleFaceFromTheFrontIsRefused() {
        refused(Why.NO_FACE, 0, List.of());
        refused(Why.NO_FACE, 1, mesh().subList(0, 100));
        refused(Why.TWO_FACES, 2, mesh());
        List<Point> turned = mesh();
        turned.set(4, at(-.6, .5));
        refused(Why.PROFILE, 1, turned);
        List<Point> away = mesh().stream().map(p -> p.plus(-700, 0)).toList();
        refused(Why.NO_PUPILS, 1, away);
    }

    private static void refused(Why why, int faces, List<Point> mesh) {
        assertThatThrownBy(() -> MeshGuess.from(faces, mesh, 1000, 1250))
                .isInstanceOfSatisfying(
                        PointsRefused.class, r -> assertThat(r.why()).isEqualTo(why));
    }
}
