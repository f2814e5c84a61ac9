package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ZoneSampleTest {
    private static final List<Point> WHOLE =
            List.of(new Point(0, 0), new Point(99, 0), new Point(99, 99), new Point(0, 99));

    @Test
    void shineHairAndClippedPixelsAreLeftOutAndCounted() {
        Raster skin = skin();
        for (int i = 0; i < 600; i++) {
            skin.rgb()[i] = 0xf4efe9; // shine
            skin.rgb()[2000 + i] = 0x20140f; // hair
            skin.rgb()[4000 + i] = 0xffffff; // clipped
        }
        ZoneSample sample = ZoneSample.of(skin, WHOLE);
        assertThat(sample.code()[0] * 255).isCloseTo(200, within(0.8));
        assertThat(sample.code()[1] * 255).isCloseTo(160, within(0.8));
        assertThat(sample.shine()).isPositive();
        assertThat(sample.shadow()).isPositive();
        assertThat(sample.clipped()).isPositive();
        assertThat(sample.kept()).isBetween(0.78, 0.84);
    }

    @Test
    void featuresNeverCountAndTheMaskShowsWhy() {
        Raster skin = skin();
        for (int y = 40; y < 60; y++) {
            for (int x = 40; x < 60; x++) {
                skin.rgb()[y * 100 + x] = 0xb05050; // lips: as light as skin, so only their outline keeps them out
            }
        }
        List<Point> lips = List.of(new Point(39, 39), new Point(61, 39), new Point(61, 61), new Point(39, 61));
        ZoneSample sample = ZoneSample.of(skin, WHOLE, List.of(lips));
        assertThat(sample.feature()).isBetween(100, 600);
        assertThat(sample.code()[1] * 255).isCloseTo(160, within(0.8));
        var layer = LeftOut.layer(skin, List.of(WHOLE), List.of(lips), Bare.EVERYWHERE);
        assertThat(layer.getRGB(50, 50) >>> 24).as("opaque over the lips").isGreaterThan(100);
        assertThat(layer.getRGB(10, 10)).as("nothing over skin that counts").isZero();
    }

    @Test
    void aZoneOutsideThePictureHasNoPixels() {
        List<Point> outside = List.of(new Point(-90, -90), new Point(-10, -90), new Point(-10, -10));
        assertThat(ZoneSample.of(skin(), outside).total()).isZero();
    }

    private static Raster skin() {
        Random random = new Random(1);
        int[] rgb = new int[100 * 100];
        for (int i = 0; i < rgb.length; i++) {
            int n = (int) Math.round(random.nextGaussian() * 3);
            rgb[i] = 200 + n << 16 | 160 + n << 8 | 130 + n;
        }
        return new Raster(100, 100, rgb);
    }
}
