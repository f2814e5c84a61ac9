package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Film;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinSpectrum;

/** One coat on grounds, and a colour told by its neighbour. */
class UsualCoatTest {
    private static final Lab COLOUR = Lab.of(60, 12, 18);

    @Test
    void aCoatOnTheChartHidesAsMuchAsItsContrastSays() {
        UsualCoat coat = UsualCoat.of(Form.CREAM, COLOUR, .8);
        double over = coat.overBlack().toXyz().y() / coat.overWhite().toXyz().y();
        assertThat(over).isCloseTo(.8, within(.02));
        assertThat(coat.onChart(1).power())
                .isCloseTo(coat.worn(1 / UsualCoat.ESTIMATED).power(), within(1e-9));
    }

    /** Craft: a medium coat dims a mark and hides it no more than it hides the skin; on a chart it would be gone. */
    @ParameterizedTest
    @CsvSource({"75, .47", "66, .43", "55, .39", "42, .37", "32, .35"})
    void aUsualCoatOnAFaceDimsAMarkAndDoesNotHideIt(double lightness, double workedOut) {
        Lab skin = ReferenceCurve.at(lightness);
        UsualCoat coat = UsualCoat.of(Form.LIQUID, skin, .75);
        double[] left = new double[2];
        List<Lab> marks = List.of(
                Lab.of(lightness - 1, skin.a(), skin.b()),
                Lab.of(lightness, skin.a() + 1, skin.b()),
                Lab.of(lightness, skin.a(), skin.b() + 1));
        for (Lab mark : marks) {
            left[0] += share(coat.worn(1), mark, skin) / marks.size();
            left[1] += share(coat.onChart(1), mark, skin) / marks.size();
        }
        assertThat(left[0])
                .as("mean over directions")
                .isCloseTo(workedOut, within(.15))
                .isGreaterThan(.2);
        assertThat(left[1]).isLessThan(.6 * left[0]);
    }

    private static double share(Film film, Lab mark, Lab skin) {
        Lab beside = film.over(SkinSpectrum.of(skin)).toLab();
        return film.over(SkinSpectrum.of(mark)).toLab().differenceFrom(beside) / mark.differenceFrom(skin);
    }

    @Test
    void coversAreCountedAsWornAndColoursAsTheirRolesKitIs() {
        UsualCoat coat = UsualCoat.of(Form.CREAM, COLOUR, .8);
        assertThat(coat.laid(Role.CONCEALER, 1)).isEqualTo(coat.worn(1));
        assertThat(coat.laid(Role.BLUSH, 1)).isEqualTo(coat.onChart(1));
        assertThat(UsualCoat.of(Form.CREAM, COLOUR, .8, 1).worn(1).power())
                .isEqualTo(coat.onChart(1).power());
    }

    @Test
    void deeperIsOneDirectionAndMoreGoldenTheOther() {
        assertThat(new Beside(0, 0).of(COLOUR).differenceFrom(COLOUR)).isLessThan(1e-6);
        Lab deeper = new Beside(2, 0).of(COLOUR);
        assertThat(deeper.lightness()).isEqualTo(55);
        assertThat(deeper.hueDegrees()).isCloseTo(COLOUR.hueDegrees(), within(1e-9));
        assertThat(new Beside(0, 1).of(COLOUR).hueDegrees()).isGreaterThan(COLOUR.hueDegrees());
        assertThat(new Beside(-6, 6).of(Lab.of(95, 2, 4)).lightness()).isEqualTo(100);
    }
}
