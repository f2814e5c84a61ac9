package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class DoseTest {
    private static final Spectrum SKIN =
            LeastSlope.spectrumOf(Lab.of(66, 10, 17)).orElseThrow();

    private static Dose.Film film(double l, double a, double b, double contrast) {
        return Dose.Film.of(Lab.of(l, a, b), contrast).orElseThrow();
    }

    @Test
    void aFilmThatLeavesAllLightTurnsNothingAndOneThatTakesItAllTurnsAway() {
        assertThat(Dose.degrees(1)).isCloseTo(0, within(1e-9));
        assertThat(Dose.degrees(0)).isCloseTo(90 - Dose.LIGHT_DEGREES, within(1e-9));
        double k = Math.cos(Math.toRadians(Dose.LIGHT_DEGREES + 20)) / Math.cos(Math.toRadians(Dose.LIGHT_DEGREES));
        assertThat(Dose.degrees(k)).as("Lambert at φ + 20°").isCloseTo(20, within(1e-9));
    }

    @Seeds(60)
    void shadowIsDosedToItsSlope(Draw draw) {
        double strength = draw.between(.2, 1.2);
        Dose.Film slate = film(40, 9, 12, .8);
        Dose dose = Dose.of(slate, SKIN, Family.SHADOW, strength);
        double k = slate.over(SKIN, dose.coats()).toXyz(Illuminant.D65).y()
                / SKIN.toXyz(Illuminant.D65).y();
        assertThat(k).isCloseTo(Dose.wantedRatio(Family.SHADOW, strength, SKIN.toLab()), within(.003));
        assertThat(dose.degrees()).isPositive();
        assertThat(dose.result().lightness()).isLessThan(66);
    }

    @Seeds(60)
    void lightComesForward(Draw draw) {
        double strength = draw.between(.2, 1);
        Dose dose = Dose.of(film(84, 5, 16, .8), SKIN, Family.LIGHT, strength);
        assertThat(dose.degrees()).isNegative();
        assertThat(dose.result().lightness()).isGreaterThan(66);
    }

    @Test
    void orangeGreyAndUselessShadowsAreCalledSo() {
        assertThat(code(Dose.of(film(46, 12, 40, .85), SKIN, Family.SHADOW, .9)))
                .isEqualTo(Dose.Judgement.ORANGE);
        assertThat(code(Dose.of(film(40, 0, 0, .9), SKIN, Family.SHADOW, 1))).isEqualTo(Dose.Judgement.GREY);
        assertThat(code(Dose.of(film(66, 10, 17, .8), SKIN, Family.SHADOW, .9))).isEqualTo(Dose.Judgement.NO_SHADOW);
        assertThat(code(Dose.of(film(64, 10, 17, .8), SKIN, Family.LIGHT, .9))).isEqualTo(Dose.Judgement.NO_LIGHT);
        assertThat(code(Dose.of(film(50, 8, 12, .75), SKIN, Family.SHADOW, .9))).isEqualTo(Dose.Judgement.OWN_SHADOW);
        assertThat(code(Dose.of(film(30, 12, 16, .8), SKIN, Family.SHADOW, .9))).isEqualTo(Dose.Judgement.VIVID);
    }

    private static Enum<?> code(Dose dose) {
        return dose.judgement().get(0).code();
    }

    @Test
    void thePersonsOwnShadowIsPreferredToOrangeAndGrey() {
        List<Dose.Film> films = List.of(film(46, 12, 40, .85), film(40, 0, 0, .9), film(50, 8, 12, .75));
        double[] badness = films.stream()
                .mapToDouble(f -> Dose.of(f, SKIN, Family.SHADOW, .9).badness(SKIN, Family.SHADOW, .9))
                .toArray();
        assertThat(badness[2]).isLessThan(badness[0]).isLessThan(badness[1]);
    }

    @Test
    void tooThinAProductStopsAtItsMost() {
        Dose dose = Dose.of(film(50, 9, 14, .05), SKIN, Family.SHADOW, 1.2);
        assertThat(dose.reached()).isFalse();
        assertThat(dose.coats()).isEqualTo(Dose.MOST_COATS);
    }
}
