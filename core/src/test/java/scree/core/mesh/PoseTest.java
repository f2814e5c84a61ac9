package scree.core.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PoseTest {
    private static final int CHEEK_RIGHT = 234;
    private static final int CHEEK_LEFT = 454;

    /** The usual mesh with one cheek wider, turned, scaled and moved, as the worked example of the method has it. */
    private static HeadMesh turned(double yaw, double pitch, double roll, double wider) {
        double[][] r = new Pose(yaw, pitch, roll, 1, 0).matrix();
        double[] shift = {300, 400, 0};
        double[] xyz = new double[3 * HeadMesh.POINTS];
        for (int i = 0; i < HeadMesh.POINTS; i++) {
            double[] p = CanonicalMesh.at(i).clone();
            p[0] += i == CHEEK_LEFT ? wider : 0;
            for (int c = 0; c < 3; c++) {
                xyz[3 * i + c] = 120 * (r[c][0] * p[0] + r[c][1] * p[1] + r[c][2] * p[2]) + shift[c];
            }
        }
        return HeadMesh.of(xyz);
    }

    @Test
    void theWorkedExampleIsReproduced() {
        HeadMesh mesh = turned(8, -4, 5, .05);
        Pose pose = Pose.of(mesh);
        assertThat(pose.yawDegrees()).isCloseTo(8.00, within(.01));
        assertThat(pose.pitchDegrees()).isCloseTo(-4.00, within(.01));
        assertThat(pose.rollDegrees()).isCloseTo(5.00, within(.01));
        assertThat(pose.scale()).isCloseTo(120.00, within(.01));
        assertThat(pose.misfit()).isCloseTo(.0059, within(.0001));
        HeadMesh back = pose.turnedBack(mesh);
        double middle = middle(back);
        assertThat(middle - back.at(CHEEK_RIGHT).x()).isCloseTo(1.0551, within(.01));
        assertThat(back.at(CHEEK_LEFT).x() - middle).isCloseTo(1.1051, within(.01));
    }

    private static double middle(HeadMesh m) {
        double[] v = {
            (m.pupil(true).x() + m.pupil(false).x()) / 2,
            (m.at(133).x() + m.at(362).x()) / 2,
            m.at(168).x(),
            m.at(9).x()
        };
        java.util.Arrays.sort(v);
        return (v[1] + v[2]) / 2;
    }

    @Test
    void aMirroredHeadHasTheMirroredPose() {
        Random random = new Random(5);
        for (int i = 0; i < 40; i++) {
            double yaw = 40 * random.nextDouble() - 20;
            double pitch = 30 * random.nextDouble() - 15;
            double roll = 80 * random.nextDouble() - 40;
            Pose pose = Pose.of(turned(yaw, pitch, roll, 0));
            Pose mirrored = Pose.of(turned(-yaw, pitch, -roll, 0));
            assertThat(pose.yawDegrees()).isCloseTo(yaw, within(.1));
            assertThat(mirrored.yawDegrees()).isCloseTo(-pose.yawDegrees(), within(.02));
            assertThat(mirrored.pitchDegrees()).isCloseTo(pose.pitchDegrees(), within(.02));
            assertThat(mirrored.rollDegrees()).isCloseTo(-pose.rollDegrees(), within(.02));
        }
    }

    @Test
    void looksAreAveragedWithTheirSidesTheRightWayRound() {
        HeadMesh plain = turned(0, 0, 0, .05);
        HeadMesh mirrored = plain.mirroredSides();
        assertThat(mirrored.at(CHEEK_RIGHT)).isEqualTo(plain.at(CHEEK_LEFT));
        assertThat(mirrored.mirroredSides().at(CHEEK_RIGHT)).isEqualTo(plain.at(CHEEK_RIGHT));
        assertThat(HeadMesh.spread(List.of(plain, plain))).isZero();
        double[] moved = new double[3 * HeadMesh.POINTS];
        for (int i = 0; i < HeadMesh.POINTS; i++) {
            moved[3 * i] = plain.at(i).x() + .04 * plain.unit();
            moved[3 * i + 1] = plain.at(i).y();
        }
        HeadMesh beside = HeadMesh.of(moved);
        assertThat(HeadMesh.mean(List.of(plain, beside)).at(9).x())
                .isCloseTo(plain.at(9).x() + .02 * plain.unit(), within(1e-6));
        assertThat(HeadMesh.spread(List.of(plain, beside))).isCloseTo(.02, within(1e-6));
    }

    @Test
    void aFaceIsBelievedByItsScoresAndAWallIsNot() {
        List<HeadMesh> look = List.of(turned(0, 0, 0, 0));
        FaceSearch.Seen sure = new FaceSearch.Seen(.9, .95, 300);
        assertThat(new FaceSearch(sure, null, .7, look).found()).isTrue();
        assertThat(new FaceSearch(new FaceSearch.Seen(.49, .95, 300), null, null, look).found())
                .isFalse();
        assertThat(new FaceSearch(new FaceSearch.Seen(.9, .79, 300), null, null, look).found())
                .isFalse();
        assertThat(FaceSearch.NOTHING.found()).isFalse();
        assertThat(new FaceSearch(sure, new FaceSearch.Seen(.8, .9, 110), null, look).two())
                .isTrue();
        assertThat(new FaceSearch(sure, new FaceSearch.Seen(.8, .9, 100), null, look).two())
                .isFalse();
        assertThat(new FaceSearch(sure, new FaceSearch.Seen(.4, .9, 290), null, look).two())
                .isFalse();
        assertThat(new FaceSearch(sure, null, .93, look).upsideDown()).isTrue();
        assertThat(new FaceSearch(sure, null, .91, look).upsideDown()).isFalse();
    }
}
