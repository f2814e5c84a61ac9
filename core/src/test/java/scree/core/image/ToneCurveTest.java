package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import scree.core.colour.Srgb;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class ToneCurveTest {
    private static final double[] GREYS = {.88, .60, .37, .20, .095, .04};

    @Seeds(100)
    void sixGreysRecoverAPhonesCurve(Draw draw) {
        double exposure = draw.between(.75, 1);
        double contrast = draw.between(0, .2);
        ToneCurve curve = ToneCurve.through(codes(GREYS, exposure, contrast), GREYS);
        for (double linear : new double[] {.06, .15, .3, .5, .8}) {
            double code = codes(new double[] {linear}, exposure, contrast)[0];
            assertThat(curve.linear(code)).isCloseTo(linear, within(.035 * linear + .003));
        }
    }

    @Seeds(60)
    void codeIsTheInverseOfLinear(Draw draw) {
        double linear = draw.between(.05, .85);
        ToneCurve curve = ToneCurve.through(codes(GREYS, .9, .1), GREYS);
        assertThat(curve.linear(curve.code(linear))).isCloseTo(linear, within(1e-6));
    }

    /** Greys in glare make the cubic bend back; the fallback still rises, or bisection would find nonsense. */
    @Test
    void aCurveThroughSpoiltGreysStillRises() {
        double[] spoilt = {.95, .94, .935, .50, .49, .10};
        ToneCurve curve = ToneCurve.through(spoilt, GREYS);
        double last = -1;
        for (double code = .05; code <= 1; code += .01) {
            double linear = curve.linear(code);
            assertThat(linear).isGreaterThanOrEqualTo(last - 1e-9);
            last = linear;
        }
    }

    @Test
    void threeGreysGiveAStraightLineInLogarithms() {
        double[] reference = {.88, .20, .04};
        double[] codes = {Math.pow(.88, 1 / 2.2), Math.pow(.20, 1 / 2.2), Math.pow(.04, 1 / 2.2)};
        ToneCurve curve = ToneCurve.through(codes, reference);
        assertThat(curve.linear(Math.pow(.5, 1 / 2.2))).isCloseTo(.5, within(1e-9));
        assertThat(curve.linear(0)).isZero();
    }

    private static double[] codes(double[] linear, double exposure, double contrast) {
        double[] codes = new double[linear.length];
        for (int i = 0; i < codes.length; i++) {
            double c = Srgb.toCode(linear[i] * exposure);
            codes[i] = c - contrast * Math.sin(2 * Math.PI * c) / (2 * Math.PI);
        }
        return codes;
    }
}
