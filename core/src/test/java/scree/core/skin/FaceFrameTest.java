package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import scree.core.image.Point;

class FaceFrameTest {
    @Property
    void placesComeBackFromThePictureWhateverTheTiltAndLength(
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double tilt,
            @ForAll @DoubleRange(min = 1.4, max = 2.4) double chin,
            @ForAll @DoubleRange(min = -1.2, max = 1.2) double x,
            @ForAll @DoubleRange(min = -1.5, max = 4) double y) {
        FaceFrame face = face(tilt, chin);
        Point back = face.toFace(face.toPicture(x, y));
        assertThat(back.x()).isCloseTo(x, within(1e-9));
        assertThat(back.y()).isCloseTo(y, within(1e-9));
    }

    @Property
    void theTemplatesChinLiesOnTheChin(
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double tilt,
            @ForAll @DoubleRange(min = 1.4, max = 2.4) double chin) {
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
