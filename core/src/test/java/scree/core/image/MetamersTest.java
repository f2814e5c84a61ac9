package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** How much a camera sees of what an eye under daylight cannot. */
class MetamersTest {
    private static CardField field(int number, double l, double a, double b) {
        Lab colour = Lab.of(l, a, b);
        return new CardField(number, colour, LeastSlope.spectrumOf(colour).orElseThrow());
    }

    private static final CardField ORANGE = field(7, 62, 30, 50);
    private static final CardField GREY = field(21, 60, 0, 0);

    /** Bell-shaped channels round three wavelengths, each of sum 1. */
    private static double[][] camera(double red, double green, double blue, double width) {
        double[][] w = new double[3][Spectrum.BANDS];
        double[] centre = {red, green, blue};
        for (int c = 0; c < 3; c++) {
            double sum = 0;
            for (int i = 0; i < Spectrum.BANDS; i++) {
                double d = (Spectrum.wavelength(i) - centre[c]) / width;
                w[c][i] = Math.exp(-d * d / 2);
                sum += w[c][i];
            }
            for (int i = 0; i < Spectrum.BANDS; i++) {
                w[c][i] /= sum;
            }
        }
        return w;
    }

    @Test
    void anEyeUnderDaylightSeesNothingOfIt() {
        double[][] eye = new double[3][Spectrum.BANDS];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                eye[axis][i] = Illuminant.D65.weight(axis, i) / 100;
            }
        }
        // the shape of the deviation differs from band to band, so a field that reflects evenly is taken
        double[][] seen = Metamers.seen(eye, field(8, 60, 0, 0));
        for (double[] row : seen) {
            assertThat(row).containsOnly(new double[] {0, 0, 0}, within(1e-6));
        }
    }

    @Seeds(60)
    void whatACameraSeesIsASpread(Draw draw) {
        Random random = draw.random();
        double[][] seen = Metamers.seen(
                camera(
                        590 + 30 * random.nextDouble(),
                        530 + 20 * random.nextDouble(),
                        450 + 20 * random.nextDouble(),
                        20 + 20 * random.nextDouble()),
                field(3, 35 + 40 * random.nextDouble(), 25 * random.nextDouble(), 30 * random.nextDouble()));
        for (int c = 0; c < 3; c++) {
            assertThat(seen[c][c]).isPositive();
            for (int d = 0; d < 3; d++) {
                assertThat(seen[c][d]).isCloseTo(seen[d][c], within(1e-12));
                assertThat(Math.abs(seen[c][d])).isLessThanOrEqualTo(Math.sqrt(seen[c][c] * seen[d][d]) + 1e-12);
            }
        }
    }

    @Test
    void greysOfACardHideNothingAndStrongColoursMuch() {
        double[][] camera = camera(600, 540, 455, 28);
        double grey = Math.sqrt(Metamers.seen(camera, GREY)[0][0]);
        double orange = Math.sqrt(Metamers.seen(camera, ORANGE)[0][0]);
        assertThat(GREY.grey()).isTrue();
        assertThat(grey).isLessThan(.001);
        assertThat(orange).isBetween(.002, .06).isGreaterThan(10 * grey);
    }

    /** Narrow channels see more of a deviation than broad ones, which even it out. */
    @Test
    void narrowChannelsSeeMore() {
        double narrow = Metamers.seen(camera(600, 540, 455, 15), ORANGE)[1][1];
        double broad = Metamers.seen(camera(600, 540, 455, 60), ORANGE)[1][1];
        assertThat(narrow).isGreaterThan(2 * broad);
    }
}
