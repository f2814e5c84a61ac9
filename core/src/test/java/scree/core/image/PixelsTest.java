package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Which pixels lie in a polygon, and what each of them is taken for. */
class PixelsTest {
    private static final int SIDE = 120;
    private static final int SKIN = 0xc8a080;

    private static Raster even(int colour) {
        int[] rgb = new int[SIDE * SIDE];
        Arrays.fill(rgb, colour);
        return new Raster(SIDE, SIDE, rgb);
    }

    private static List<Point> box(double left, double top, double right, double bottom) {
        return List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
    }

    private static long count(SortedPixels pixels, SortedPixels.Kind kind) {
        long n = 0;
        for (int i = 0; i < pixels.at().length; i++) {
            n += pixels.kindOf(i) == kind ? 1 : 0;
        }
        return n;
    }

    private static SortedPixels sorted(Raster picture, List<List<Point>> features) {
        return SortedPixels.in(picture, box(-1, -1, SIDE, SIDE), features, Bare.EVERYWHERE, Integer.MAX_VALUE);
    }

    // ---- inside ----

    /** The scan lines against the crossing count of every single pixel. */
    @Seeds(80)
    void scanLinesFindThePixelsThatACrossingCountFinds(Draw draw) {
        Random random = draw.random();
        int corners = 3 + random.nextInt(7);
        double[] x = random.doubles(corners, -20.3, SIDE + 20.3).toArray();
        double[] y = random.doubles(corners, -20.3, SIDE + 20.3).toArray();
        List<Point> polygon = java.util.stream.IntStream.range(0, corners)
                .mapToObj(i -> new Point(x[i], y[i]))
                .toList();
        boolean[] found = new boolean[SIDE * SIDE];
        for (int at : PolygonPixels.in(even(SKIN), polygon, Integer.MAX_VALUE)) {
            assertThat(found[at]).as("pixel %d twice", at).isFalse();
            found[at] = true;
        }
        for (int at = 0; at < found.length; at++) {
            assertThat(found[at])
                    .as("pixel %d, %d", at % SIDE, at / SIDE)
                    .isEqualTo(inside(x, y, at % SIDE, at / SIDE));
        }
    }

    private static boolean inside(double[] x, double[] y, double px, double py) {
        boolean in = false;
        for (int i = 0; i < x.length; i++) {
            int j = (i + 1) % x.length;
            boolean crosses = y[i] <= py != y[j] <= py;
            if (crosses && px < x[i] + (py - y[i]) / (y[j] - y[i]) * (x[j] - x[i])) {
                in = !in;
            }
        }
        return in;
    }

    @Seeds(50)
    void thinningKeepsAboutAsManyAsWereAskedForAndSpreadsThem(Draw draw) {
        int most = draw.whole(40, 4000);
        int[] at = PolygonPixels.in(even(SKIN), box(0, 0, SIDE - 1, SIDE - 1), most);
        assertThat(at.length).isLessThanOrEqualTo((int) (1.5 * most + 40));
        assertThat(Arrays.stream(at).map(p -> p / SIDE).max().orElseThrow()).isGreaterThan(SIDE / 2);
        assertThat(Arrays.stream(at).map(p -> p % SIDE).max().orElseThrow()).isGreaterThan(SIDE / 2);
    }

    @Test
    void aPolygonOffThePictureOrWithoutAreaHasNoPixels() {
        assertThat(PolygonPixels.in(even(SKIN), box(-50, -50, -10, -10), 1000)).isEmpty();
        assertThat(PolygonPixels.in(even(SKIN), box(SIDE + 5, 0, SIDE + 50, 50), 1000))
                .isEmpty();
        assertThat(PolygonPixels.in(even(SKIN), List.of(), 1000)).isEmpty();
    }

    // ---- sorted ----

    @ParameterizedTest
    @CsvSource({
        "ffffff, CLIPPED",
        "fd8060, CLIPPED",
        "0b0806, CLIPPED",
        "fbe8d0, SHINE",
        "40302a, SHADOW",
        "c9a181, SKIN"
    })
    void eachPixelIsTakenForWhatItIs(String hex, SortedPixels.Kind kind) {
        Raster picture = even(SKIN);
        int odd = 60 * SIDE + 60;
        picture.rgb()[odd] = Integer.parseInt(hex, 16);
        SortedPixels pixels = sorted(picture, List.of());
        assertThat(pixels.at()).hasSize(SIDE * SIDE);
        for (int i = 0; i < pixels.at().length; i++) {
            assertThat(pixels.kindOf(i)).isEqualTo(pixels.at()[i] == odd ? kind : SortedPixels.Kind.SKIN);
        }
    }

    @Test
    void whatLiesInAFeatureNeverCountsEvenWhenItIsClipped() {
        Raster picture = even(SKIN);
        picture.rgb()[50 * SIDE + 50] = 0xffffff;
        SortedPixels pixels =
                sorted(picture, List.of(box(40, 40, 61, 61), box(55, 55, 70, 70), box(400, 400, 500, 500)));
        assertThat(count(pixels, SortedPixels.Kind.FEATURE)).isBetween(600L, 680L);
        assertThat(count(pixels, SortedPixels.Kind.CLIPPED)).isZero();
    }

    /** Freckles and pores are skin; what is kept follows the skin's own spread, not a fixed figure. */
    @Seeds(40)
    void roughSkinKeepsItsOwnSpread(Draw draw) {
        Random random = draw.random();
        int rough = draw.whole(1, 18);
        Raster picture = even(SKIN);
        for (int i = 0; i < picture.rgb().length; i++) {
            int n = (int) Math.round(rough * random.nextGaussian());
            int shade = Math.max(20, Math.min(240, 160 + n));
            picture.rgb()[i] = shade << 16 | shade << 8 | shade;
        }
        SortedPixels pixels = sorted(picture, List.of());
        double kept = count(pixels, SortedPixels.Kind.SKIN) / (double) pixels.at().length;
        assertThat(kept).isGreaterThan(.92);
    }

    @Test
    void aPictureOfNothingButClippedPixelsHasNoSkin() {
        SortedPixels pixels = sorted(even(0xffffff), List.of());
        assertThat(count(pixels, SortedPixels.Kind.CLIPPED)).isEqualTo(SIDE * SIDE);
        assertThat(ZoneSample.of(even(0xffffff), box(0, 0, 50, 50)).used()).isZero();
    }

    @Test
    void lumaIsThatOfTheStandard() {
        assertThat(SortedPixels.luma(0xffffff)).isEqualTo(255);
        assertThat(SortedPixels.luma(0xff0000)).isEqualTo(76);
        assertThat(SortedPixels.luma(0x00ff00)).isEqualTo(149);
        assertThat(SortedPixels.luma(0x0000ff)).isEqualTo(29);
    }
}
