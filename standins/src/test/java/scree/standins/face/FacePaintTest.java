package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.judge.LaidProduct;
import scree.core.placement.FacePaint;
import scree.core.placement.FacePaint.Eyes;
import scree.core.placement.FacePaint.Lips;
import scree.core.placement.MadeUp;
import scree.core.placement.Patch;
import scree.core.placement.Piece;
import scree.core.plane.Vec;
import scree.core.shade.Form;
import scree.core.shade.Traits;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Studio;

/** Colour on lips, lids, lashes and brows of the twelve: where it may lie, and where it never does. */
class FacePaintTest {
    private static final int WIDTH = 900;
    private static final Side[] BOTH = {Side.RIGHT, Side.LEFT};

    static List<LevelledFace> faces() {
        return Ensemble.all().stream()
                .map(s -> LevelledFace.of(Studio.points(s, WIDTH)))
                .toList();
    }

    private static FacePaint paint(LevelledFace face, Tick... ticks) {
        return new FacePaint(face, Set.of(ticks));
    }

    private static List<Vec> points(Patch patch) {
        return patch.layers().stream()
                .flatMap(List::stream)
                .flatMap(c -> c.outline().stream())
                .toList();
    }

    private static double high(Patch patch) {
        return points(patch).stream().mapToDouble(Vec::y).min().orElseThrow();
    }

    private static double low(Patch patch) {
        return points(patch).stream().mapToDouble(Vec::y).max().orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("faces")
    void fullerLipsGoOverTheirEdgeByALinesBreadthAndKeepTheirCorners(LevelledFace face) {
        List<Vec> own = points(paint(face).lips(Lips.NATURAL));
        List<Vec> fuller = points(paint(face).lips(Lips.FULLER));
        for (int i = 0; i < own.size(); i++) {
            assertThat(fuller.get(i).distanceTo(own.get(i))).isLessThanOrEqualTo(.0181);
        }
        assertThat(high(paint(face).lips(Lips.FULLER)))
                .isLessThan(high(paint(face).lips(Lips.NATURAL)) - .01);
        Vec corner = face.at(Landmark.MOUTH, Side.LEFT);
        double out = fuller.stream().mapToDouble(Vec::x).max().orElseThrow();
        assertThat(out).isCloseTo(corner.x(), within(.006));
    }

    /** One corner hangs: evened, both meet half way. */
    @Test
    void evenedLipsMeetHalfWay() {
        FacePoints points = Studio.points(Ensemble.all().get(4), WIDTH);
        PointKey corner = new PointKey(Landmark.MOUTH, Side.LEFT);
        FacePoints hangs = points.moved(List.of(corner), v -> v.plus(0, 9));
        LevelledFace face = LevelledFace.of(hangs);
        double before = difference(points(paint(face).lips(Lips.NATURAL)));
        double after = difference(points(paint(face).lips(Lips.EVENED)));
        assertThat(before).isGreaterThan(.03);
        assertThat(after).isLessThan(before / 3);
    }

    /** Height of the left corner under the right one. */
    private static double difference(List<Vec> lips) {
        Vec left = lips.stream().max(Comparator.comparingDouble(Vec::x)).orElseThrow();
        Vec right = lips.stream().min(Comparator.comparingDouble(Vec::x)).orElseThrow();
        return Math.abs(left.y() - right.y());
    }

    @ParameterizedTest
    @MethodSource("faces")
    void theLidLiesBetweenLashesAndBrowAndHigherWhereItIsHooded(LevelledFace face) {
        for (Side side : BOTH) {
            Patch lid = paint(face).lid(side, Eyes.LIGHT);
            assertThat(high(lid))
                    .isGreaterThan(face.at(Landmark.BROW_ARCH, side).y());
            assertThat(low(lid)).isLessThan(face.at(Landmark.LID_LOW, side).y());
            assertThat(high(paint(face, Tick.HOODED_LIDS).lid(side, Eyes.LIGHT)))
                    .isLessThanOrEqualTo(high(lid));
        }
    }

    @ParameterizedTest
    @MethodSource("faces")
    void aDeepEyeIsDeepestOutsideAndALightOneEven(LevelledFace face) {
        for (Side side : BOTH) {
            List<Piece.Cell> deep = paint(face).lid(side, Eyes.DEEP).layers().get(0);
            assertThat(deep.get(deep.size() - 1).amount())
                    .isGreaterThan(2 * deep.get(0).amount());
            List<Piece.Cell> light = paint(face).lid(side, Eyes.LIGHT).layers().get(0);
            assertThat(light).allSatisfy(c -> assertThat(c.amount()).isBetween(.4, .75));
        }
    }

    @ParameterizedTest
    @MethodSource("faces")
    void linesFollowTheUpperLidAndLowerLashesComeWithDeepEyesOnly(LevelledFace face) {
        for (Side side : BOTH) {
            double middle = (face.at(Landmark.EYE_IN, side).y()
                            + face.at(Landmark.EYE_OUT, side).y())
                    / 2;
            assertThat(low(paint(face).lashes(side, Eyes.LIGHT))).isLessThan(middle + .03);
            assertThat(low(paint(face).lashes(side, Eyes.DEEP))).isGreaterThan(middle + .03);
            assertThat(points(paint(face).liner(side, Eyes.DEEP)))
                    .allSatisfy(p -> assertThat(p.y())
                            .isLessThan(face.at(Landmark.LID_LOW, side).y()));
        }
    }

    /** Whatever is laid round it, the open eye and the teeth stay as they are; lips change and cheeks do not. */
    @Test
    void theOpenEyeStaysClear() {
        LevelledFace face = faces().get(0);
        int high = WIDTH * 5 / 4;
        int[] rgb = new int[WIDTH * high];
        java.util.Arrays.fill(rgb, 0xC89878);
        Raster bare = new Raster(WIDTH, high, rgb);
        LaidProduct black = LaidProduct.of(Form.PENCIL, Lab.of(8, 1, 1), .97, Traits.UNTOLD);
        LaidProduct red = LaidProduct.of(Form.CREAM, Lab.of(46, 32, 16), .6, Traits.UNTOLD);
        FacePaint paint = paint(face);
        Raster made = MadeUp.over(
                bare,
                face,
                MadeUp.Skin.bare(Lab.of(66, 10, 17)),
                List.of(
                        new MadeUp.Layer(paint.lid(Side.LEFT, Eyes.DEEP), black, 1, null, false),
                        new MadeUp.Layer(paint.liner(Side.LEFT, Eyes.DEEP), black, 1, null, false),
                        new MadeUp.Layer(paint.lips(Lips.NATURAL), red, 1, Lab.of(58, 18, 14), false)),
                MadeUp.Light.DAYLIGHT);
        assertThat(green(made, face, face.at(Landmark.PUPIL, Side.LEFT))).isCloseTo(0x98, within(2));
        assertThat(green(made, face, face.at(Landmark.PUPIL, Side.RIGHT))).isCloseTo(0x98, within(1));
        assertThat(green(made, face, face.at(Landmark.LID_UP, Side.LEFT).plus(0, -.03)))
                .isLessThan(0x98 - 30);
        Vec lip = face.at(Landmark.STOMION).towards(face.at(Landmark.LOWER_LIP), .5);
        assertThat(green(made, face, lip)).isLessThan(0x98 - 15);
        assertThat(green(made, face, face.at(Landmark.CHIN).plus(0, -.15))).isCloseTo(0x98, within(1));
    }

    private static int green(Raster r, LevelledFace face, Vec at) {
        Point p = face.toPicture(at);
        return r.code((int) p.x(), (int) p.y(), 1);
    }
}
