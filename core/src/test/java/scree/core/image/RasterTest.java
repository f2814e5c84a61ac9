package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class RasterTest {
    @Seeds(60)
    void shrinkingKeepsTheMeanAndTheProportions(Draw draw) {
        int width = draw.whole(40, 300);
        int height = draw.whole(40, 300);
        int longest = draw.whole(10, 39);
        Raster raster = noise(width, height, draw.random());
        Raster small = raster.shrunkTo(longest);
        assertThat(Math.max(small.width(), small.height())).isEqualTo(longest);
        double scale = (double) longest / Math.max(width, height);
        assertThat((double) small.width()).isCloseTo(width * scale, within(.51));
        assertThat((double) small.height()).isCloseTo(height * scale, within(.51));
        assertThat(mean(small)).isCloseTo(mean(raster), within(9.0));
    }

    @Test
    void aPictureThatIsSmallEnoughIsLeftAlone() {
        Raster raster = noise(50, 40, new Random(1));
        assertThat(raster.shrunkTo(50)).isSameAs(raster);
    }

    @Test
    void everyWayAnImageIsStoredGivesTheSamePixels() {
        Raster raster = noise(31, 17, new Random(2));
        for (int type :
                new int[] {BufferedImage.TYPE_3BYTE_BGR, BufferedImage.TYPE_INT_BGR, BufferedImage.TYPE_INT_RGB}) {
            BufferedImage image = new BufferedImage(31, 17, type);
            image.getGraphics().drawImage(raster.toImage(), 0, 0, null);
            assertThat(Arrays.stream(Raster.of(image).rgb())
                            .map(p -> p & 0xffffff)
                            .toArray())
                    .isEqualTo(raster.rgb());
        }
    }

    @Test
    void theWrongNumberOfPixelsIsRefused() {
        assertThatThrownBy(() -> new Raster(3, 2, new int[5])).hasMessageContaining("needs 6 pixels");
    }

    private static double mean(Raster r) {
        double sum = 0;
        for (int y = 0; y < r.height(); y++) {
            for (int x = 0; x < r.width(); x++) {
                sum += r.code(x, y, 1);
            }
        }
        return sum / r.width() / r.height();
    }

    private static Raster noise(int width, int height, Random random) {
        int[] rgb = random.ints((long) width * height, 0, 0x1000000).toArray();
        return new Raster(width, height, rgb);
    }
}
