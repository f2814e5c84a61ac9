package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinType;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class PowderOnSkinTest {
    private static double falls(Lab pan, SkinType type) {
        return pan.lightness()
                - PowderOnSkin.on(pan, PowderOnSkin.wetting(type, false, 1)).lightness();
    }

    /** The craft's rule: more so on oily skin. */
    @Seeds(40)
    void itDeepensMoreOnOilierSkin(Draw draw) {
        double l = draw.between(30, 80);
        Lab pan = ReferenceCurve.at(l);
        assertThat(falls(pan, SkinType.DRY)).isPositive().isLessThan(falls(pan, SkinType.NORMAL));
        assertThat(falls(pan, SkinType.NORMAL)).isLessThan(falls(pan, SkinType.COMBINATION));
        assertThat(falls(pan, SkinType.COMBINATION)).isLessThan(falls(pan, SkinType.OILY));
        assertThat(falls(pan, null)).isEqualTo(falls(pan, SkinType.NORMAL));
    }

    /** And more so on deeper shades: with the same skin type a deep shade falls by more. */
    @Seeds(40)
    void itDeepensDeeperShadesMore(Draw draw) {
        double deep = draw.between(34, 52);
        double fair = draw.between(62, 80);
        assertThat(falls(ReferenceCurve.at(deep), SkinType.NORMAL))
                .isGreaterThan(falls(ReferenceCurve.at(fair), SkinType.NORMAL));
    }

    /** A couple of steps of a range, which are 2 to 3 L* each: never a leap. */
    @Test
    void itFallsByACoupleOfStepsAtMost() {
        assertThat(falls(ReferenceCurve.at(72), SkinType.NORMAL)).isBetween(1.5, 5.0);
        assertThat(falls(ReferenceCurve.at(40), SkinType.OILY)).isBetween(3.0, 9.0);
    }

    @ParameterizedTest
    @CsvSource({"-0.5, 0", "0, 0", "1.25, 1.25", "2, 2", "2.5, 2"})
    void aStrengthIsKeptWithinWhatTheModelBears(double wish, double kept) {
        assertThat(PowderOnSkin.within(wish)).isEqualTo(kept);
        assertThat(PowderOnSkin.wetting(SkinType.OILY, true, PowderOnSkin.within(wish)))
                .isGreaterThanOrEqualTo(1);
    }

    @Test
    void moistureAddsAndStrengthNoughtLeavesThePanColour() {
        assertThat(PowderOnSkin.wetting(SkinType.DRY, true, 1))
                .isGreaterThan(PowderOnSkin.wetting(SkinType.DRY, false, 1));
        Lab pan = ReferenceCurve.at(60);
        assertThat(PowderOnSkin.on(pan, PowderOnSkin.wetting(SkinType.OILY, true, 0)))
                .isSameAs(pan);
        assertThatThrownBy(() -> PowderOnSkin.wetting(SkinType.DRY, false, 3)).hasMessageContaining("powder model");
    }
}
