package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.colour.Table;
import scree.core.face.PointsRefused.Why;
import scree.core.mesh.HeadMesh;

class MeshGuessTest {
    private static final Table USUAL = Table.beside(HeadMesh.class, "canonical.csv");
    private static final double UNIT = 160;

    /** The usual mesh, turned to the side and rolled by degrees, at the middle of a picture of 1000 × 1250. */
    private static HeadMesh mesh(double yaw, double roll) {
        double[] xyz = new double[3 * HeadMesh.POINTS];
        double y = Math.toRadians(yaw);
        double r = Math.toRadians(roll);
        for (int i = 0; i < HeadMesh.POINTS; i++) {
            double[] p = USUAL.numbers(i, 2);
            double turned = p[0] * Math.cos(y) + p[2] * Math.sin(y);
            xyz[3 * i] = 500 + UNIT * (turned * Math.cos(r) - p[1] * Math.sin(r));
            xyz[3 * i + 1] = 480 + UNIT * (turned * Math.sin(r) + p[1] * Math.cos(r));
            xyz[3 * i + 2] = UNIT * (p[2] * Math.cos(y) - p[0] * Math.sin(y));
        }
        return HeadMesh.of(xyz);
    }

    private static FacePoints guess(double yaw, double roll) {
        return MeshGuess.from(mesh(yaw, roll), 1000, 1250);
    }

    @Test
    void knownBiasesAreTakenOut() {
        LevelledFace f = LevelledFace.of(guess(0, 0));
        double meshChin = USUAL.numbers(152, 2)[1];
        double meshCheek = USUAL.numbers(454, 2)[0];
        assertThat(f.at(Landmark.CHIN).y())
                .isCloseTo(meshChin + .123 + .007, within(.005)); // and the pupils lie .007 higher
        assertThat(f.at(Landmark.CHEEK, Side.LEFT).x()).isCloseTo(1.015 * meshCheek, within(.01));
        assertThat(f.at(Landmark.HAIRLINE).y())
                .isCloseTo(USUAL.numbers(10, 2)[1] - MeshGuess.HAIRLINE_UP + .007, within(.005));
    }

    @Test
    void everyPointIsAGuessAndARolledFaceGivesTheSame() {
        FacePoints upright = guess(0, 0);
        assertThat(upright.marks()).allMatch(m -> m.state() == PointState.GUESSED);
        LevelledFace a = LevelledFace.of(upright);
        LevelledFace b = LevelledFace.of(guess(0, 12));
        for (PointKey key : PointKey.all()) {
            assertThat(a.at(key.landmark(), key.side()).distanceTo(b.at(key.landmark(), key.side())))
                    .as(key.toString())
                    .isLessThan(.002);
        }
    }

    /** Half widths of a turned head part in the picture; turned back, all that is left is the mesh's own fault on photographs. */
    @ParameterizedTest
    @ValueSource(doubles = {-8, -4, 4, 8})
    void aTurnedHeadIsHardlyWiderOnOneSide(double yaw) {
        FacePoints seen = guess(yaw, 3);
        assertThat(seen.turn().yawDegrees()).isCloseTo(yaw, within(.1));
        for (Landmark l : new Landmark[] {Landmark.CHEEK, Landmark.JAW, Landmark.TEMPLE}) {
            assertThat(apart(seen.turnedBack(), l)).as(l.name()).isLessThan(2.5);
        }
        assertThat(apart(seen, Landmark.CHEEK)).isGreaterThan(8);
        Balance balance = FaceReading.of(seen).balance();
        assertThat(balance.turned()).isEqualTo(Math.abs(yaw) <= 5 ? null : yaw > 0 ? Side.RIGHT : Side.LEFT);
    }

    /** Percent by which one half is wider. */
    private static double apart(FacePoints points, Landmark l) {
        LevelledFace f = LevelledFace.of(points);
        double right = f.outward(l, Side.RIGHT).x() + f.midline();
        double left = f.outward(l, Side.LEFT).x() - f.midline();
        return 200 * Math.abs(right - left) / (right + left);
    }

    @Test
    void whatLiesOutsideThePictureIsRefused() {
        HeadMesh mesh = mesh(0, 0);
        assertThatThrownBy(() -> MeshGuess.from(mesh, 400, 400))
                .isInstanceOfSatisfying(
                        PointsRefused.class, r -> assertThat(r.why()).isEqualTo(Why.NO_PUPILS));
        assertThatThrownBy(() -> MeshGuess.from(mesh, 1000, 700))
                .isInstanceOfSatisfying(
                        PointsRefused.class, r -> assertThat(r.why()).isEqualTo(Why.OUTSIDE_PICTURE));
    }
}
