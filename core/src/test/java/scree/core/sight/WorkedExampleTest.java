package scree.core.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import scree.core.image.Raster;

/** The method's worked example: skin falling into shade at its side, hair beyond a wavy edge. */
class WorkedExampleTest {
    private static final int WIDTH = 200;
    private static final int HEIGHT = 120;

    private static double edge(double y) {
        return 131 + 4 * Math.sin(y / 9);
    }

    private static SkinFeatures drawn() {
        int[] rgb = new int[WIDTH * HEIGHT];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double t = Math.max(0, Math.min(1, (x - 60) / 70.0));
                rgb[y * WIDTH + x] =
                        code(x < edge(y) ? new double[] {62 - 8 * t * t, 14, 18} : new double[] {25, 4, 6});
            }
        }
        return SkinFeatures.of(new Raster(WIDTH, HEIGHT, rgb));
    }

    private static int code(double[] lab) {
        double fy = (lab[0] + 16) / 116;
        double x = .9505 * inverse(fy + lab[1] / 500);
        double y = inverse(fy);
        double z = 1.089 * inverse(fy - lab[2] / 200);
        double r = 3.24063 * x - 1.53721 * y - .49863 * z;
        double g = -.96893 * x + 1.87576 * y + .04152 * z;
        double b = .05571 * x - .20402 * y + 1.05700 * z;
        return byteOf(r) << 16 | byteOf(g) << 8 | byteOf(b);
    }

    private static double inverse(double f) {
        double d = 6.0 / 29;
        return f > d ? f * f * f : 3 * d * d * (f - 4.0 / 29);
    }

    private static int byteOf(double linear) {
        double v = Math.max(0, Math.min(1, linear));
        return (int) Math.round(255 * (v <= .0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - .055));
    }

    @Test
    void theEdgeIsTracedAsInTheExample() {
        EdgeTrace.Ray[] rays = new EdgeTrace.Ray[30];
        for (int i = 0; i < rays.length; i++) {
            rays[i] = new EdgeTrace.Ray(124, 15 + 3.0 * i, 1, 0, .05);
        }
        EdgeTrace.Found[] found = EdgeTrace.trace(drawn(), rays, 34, 26, 100);
        double[] expected = {10, 3, 10, 3};
        int[] at = {0, 10, 20, 29};
        for (int i = 0; i < at.length; i++) {
            assertThat(found[at[i]].shift()).isEqualTo(expected[i]);
        }
        double error = 0;
        double contrast = 0;
        double step = 0;
        for (int i = 0; i < rays.length; i++) {
            error += Math.abs(found[i].shift() - (edge(15 + 3.0 * i) - 124)) / rays.length;
            contrast += found[i].contrast() / rays.length;
            step += found[i].step() / rays.length;
        }
        assertThat(error).isCloseTo(.33, within(.01));
        assertThat(contrast).isCloseTo(.96, within(.01));
        assertThat(step).isCloseTo(1.00, within(.01));
    }

    @Test
    void skinIsKeptAndHairIsNot() {
        SkinFeatures f = drawn();
        double[] cheek = {62, 14, 18, f.pixel(50, 60, SkinFeatures.TEXTURE)};
        int skin = 0;
        int hair = 0;
        int keptSkin = 0;
        int keptHair = 0;
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double[] v = {f.pixel(x, y, 0), f.pixel(x, y, 1), f.pixel(x, y, 2), f.pixel(x, y, 3)};
                boolean kept = SkinMask.skin(v, cheek, cheek, (x - 100) / 100.0);
                if (x < edge(y) - 3) {
                    skin++;
                    keptSkin += kept ? 1 : 0;
                } else if (x > edge(y) + 3) {
                    hair++;
                    keptHair += kept ? 1 : 0;
                }
            }
        }
        assertThat((double) keptSkin / skin).isCloseTo(1.000, within(.001));
        assertThat((double) keptHair / hair).isZero();
    }
}
