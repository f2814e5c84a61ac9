package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import scree.core.image.Point;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class FaceFrameTest {
    @Seeds(1000)
    void placesComeBackFromThePictureWhateverTheTiltAndLength(Draw draw) {
        double tilt = draw.between(-0.5, 0.5);
        double chin = draw.between(1.4, 2.4);
        double x = draw.between(-1.2, 1.2);
        double y = draw.between(-1.5, 4);
        FaceFrame face = face(tilt, chin);
        Point back = face.toFace(face.toPicture(x, y));
        assertThat(back.x()).isCloseTo(x, within(1e-9));
        assertThat(back.y()).isCloseTo(y, within(1e-9));
    }

    @Seeds(1000)
    void theTemplatesChinLiesOnTheChin(Draw draw) {
        double tilt = draw.between(-0.5, 0.5);
        double chin = draw.between(1.4, 2.4);
        FaceFrame face = face(tilt, chin);
        assertThat(face.toPicture(0, FaceFrame.USUAL_CHIN).distanceTo(face.chin()))
                .isLessThan(1e-6);
    }

    @Test
    void swappedPupilsAndAChinOnTheBrowAreRefusedWithTheWayOut() {
        Point left = new Point(300, 300);
        Point right = new Point(200, 300);
        assertThatThrownBy(() -> new FaceFrame(left, right, new Point(250, 480)))
                .hasMessageContaining("left one first");
        assertThatThrownBy(() -> new FaceFrame(right, left, new Point(250, 260)))
                .hasMessageContaining("lower edge");
    }

    private static FaceFrame face(double tilt, double chin) {
        double unit = 150;
        double cos = Math.cos(tilt);
        double sin = Math.sin(tilt);
        Point right = new Point(400 - unit / 2 * cos, 400 - unit / 2 * sin);
        Point left = new Point(400 + unit / 2 * cos, 400 + unit / 2 * sin);
        return new FaceFrame(right, left, new Point(400 - chin * unit * sin, 400 + chin * unit * cos));
    }
}
