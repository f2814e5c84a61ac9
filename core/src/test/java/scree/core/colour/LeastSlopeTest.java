package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The smoothest spectrum of a colour: of that colour, within bounds, and truly the smoothest. */
class LeastSlopeTest {
    @Seeds(200)
    void itHasTheColourAndStaysBetweenBlackAndWhite(Draw draw) {
        double l = draw.between(8, 94);
        double hue = draw.between(0, 360);
        double chroma = 26 * Math.sin(Math.PI * l / 100);
        Lab colour = Lab.ofLch(l, chroma, hue);
        Spectrum s = LeastSlope.spectrumOf(colour).orElseThrow();
        assertThat(s.toLab().differenceFrom(colour)).isLessThan(1e-4);
        for (int i = 0; i < Spectrum.BANDS; i++) {
            assertThat(s.at(i)).isBetween(0.0, 1.0);
        }
    }

    /** Any other spectrum of the same colour has more slope: one is bent by what the eye cannot see. */
    @Seeds(60)
    void noOtherOfTheSameColourIsSmoother(Draw draw) {
        double l = draw.between(25, 80);
        Spectrum smooth = LeastSlope.spectrumOf(Lab.of(l, 10, 16)).orElseThrow();
        double[] z = new double[Spectrum.BANDS];
        for (int i = 0; i < z.length; i++) {
            z[i] = atanh(2 * smooth.at(i) - 1);
        }
        double[] hidden = invisible(draw.random(), smooth);
        double[] bent = z.clone();
        for (int i = 0; i < z.length; i++) {
            bent[i] += .02 * hidden[i];
        }
        assertThat(slope(bent)).isGreaterThan(slope(z));
    }

    /** A change of z that leaves the colour: random, with what the three weights see of it taken out. */
    private static double[] invisible(Random random, Spectrum at) {
        double[][] seen = new double[3][Spectrum.BANDS];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                double r = at.at(i);
                seen[axis][i] = Illuminant.D65.weight(axis, i) * 2 * r * (1 - r);
            }
            for (int before = 0; before < axis; before++) {
                takeOut(seen[axis], seen[before]);
            }
        }
        double[] v = random.doubles(Spectrum.BANDS, -1, 1).toArray();
        for (double[] axis : seen) {
            takeOut(v, axis);
        }
        return v;
    }

    private static void takeOut(double[] from, double[] what) {
        double both = 0;
        double own = 0;
        for (int i = 0; i < from.length; i++) {
            both += from[i] * what[i];
            own += what[i] * what[i];
        }
        for (int i = 0; i < from.length; i++) {
            from[i] -= both / own * what[i];
        }
    }

    private static double atanh(double v) {
        return Math.log((1 + v) / (1 - v)) / 2;
    }

    private static double slope(double[] z) {
        double sum = 0;
        for (int i = 1; i < z.length; i++) {
            sum += (z[i] - z[i - 1]) * (z[i] - z[i - 1]);
        }
        return sum;
    }

    @Seeds(50)
    void aGreyIsFlat(Draw draw) {
        double l = draw.between(10, 95);
        Spectrum grey = LeastSlope.spectrumOf(Lab.of(l, 0, 0)).orElseThrow();
        for (int i = 0; i < Spectrum.BANDS; i++) {
            assertThat(grey.at(i)).isCloseTo(grey.at(0), within(2e-3));
        }
    }

    @Test
    void blackAndColoursOfNoSurfaceHaveNone() {
        assertThat(LeastSlope.spectrumOf(Lab.of(0, 0, 0))).isEmpty();
        assertThat(LeastSlope.spectrumOf(Lab.of(97, 90, -90))).isEmpty();
        assertThat(LeastSlope.spectrumOf(Lab.of(8, -100, 100))).isEmpty();
    }
}
