package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;

/** One coat on grounds, and a colour told by its neighbour. */
class OneCoatTest {
    private static final Lab COLOUR = Lab.of(60, 12, 18);

    @Test
    void aCoatHidesAsMuchAsItsContrastSays() {
        OneCoat coat = OneCoat.of(COLOUR, .8);
        double over = coat.overBlack().toXyz().y() / coat.overWhite().toXyz().y();
        assertThat(over).isCloseTo(.8, within(.02));
        assertThat(OneCoat.of(COLOUR, .995).over(Lab.of(20, 5, 5)).differenceFrom(COLOUR))
                .isLessThan(2);
        Lab skin = ReferenceCurve.at(40);
        assertThat(OneCoat.of(COLOUR, .02).over(skin).differenceFrom(skin)).isLessThan(2);
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
