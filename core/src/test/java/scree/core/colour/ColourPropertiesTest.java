package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class ColourPropertiesTest {
    @Property
    void lightnessAloneNeverExceedsTheWholeDifference(
            @ForAll @DoubleRange(max = 100) double l1,
            @ForAll @DoubleRange(max = 100) double l2,
            @ForAll @DoubleRange(min = -60, max = 60) double a,
            @ForAll @DoubleRange(min = -60, max = 60) double b) {
        double bound = Math.abs(l1 - l2) / CieDe2000.lightnessWeight((l1 + l2) / 2);
        assertThat(Lab.of(l1, a, b).differenceFrom(Lab.of(l2, b, a))).isGreaterThanOrEqualTo(bound - 1e-9);
    }

    @Property
    void codesSurviveTheWayToLabAndBack(
            @ForAll @IntRange(max = 255) int r,
            @ForAll @IntRange(max = 255) int g,
            @ForAll @IntRange(max = 255) int b) {
        assertThat(Srgb.hex(Srgb.toLab(r, g, b))).isEqualTo("#%02x%02x%02x".formatted(r, g, b));
    }

    @Property
    void polarAndPlainFormsAgree(
            @ForAll @DoubleRange(min = 1, max = 60) double chroma, @ForAll @DoubleRange(max = 359.9) double hue) {
        Lab lab = Lab.ofLch(50, chroma, hue);
        assertThat(lab.chroma()).isCloseTo(chroma, within(1e-9));
        assertThat(lab.hueDegrees()).isCloseTo(hue, within(1e-6));
    }

    @Property(tries = 60)
    void aThickerFilmMovesFromTheGroundToTheProduct(
            @ForAll @DoubleRange(min = 0.05, max = 0.9) double product,
            @ForAll @DoubleRange(min = 0.05, max = 0.9) double ground,
            @ForAll @DoubleRange(min = 0.01, max = 5) double thickness) {
        double thin = KubelkaMunk.film(product, ground, thickness);
        double thick = KubelkaMunk.film(product, ground, thickness * 2);
        assertThat(Math.abs(product - thick)).isLessThanOrEqualTo(Math.abs(product - thin) + 1e-12);
        assertThat(KubelkaMunk.film(product, ground, 0)).isCloseTo(ground, within(1e-12));
        assertThat(KubelkaMunk.film(product, ground, 1e6)).isCloseTo(product, within(1e-12));
    }

    @Property(tries = 60)
    void mixingAColourWithItselfChangesNothing(@ForAll @DoubleRange(min = 0.02, max = 1) double r) {
        var part = new KubelkaMunk.Part(Spectrum.flat(r), 2);
        assertThat(KubelkaMunk.mix(List.of(part, part)).at(7)).isCloseTo(r, within(1e-9));
    }

    @Test
    void whiteIsExactlyNeutralOnBothPaths() {
        assertThat(Spectrum.flat(1).toLab()).isEqualTo(Lab.of(100, 0, 0));
        Lab pixel = Srgb.toLab(255, 255, 255);
        assertThat(pixel.chroma()).isLessThan(1e-4);
    }

    @Test
    void aValueOutOfRangeIsRefusedWithTheWayOut() {
        assertThatThrownBy(() -> Lab.of(104.2, 0, 0))
                .hasMessage("lightness is 104.2, but runs from 0.0 to 100.0: rescale 0–255 readings by 100/255");
        assertThatThrownBy(() -> Lab.of(Double.NaN, 0, 0)).hasMessageContaining("lightness is NaN");
        assertThatThrownBy(() -> Spectrum.of(1, 2)).hasMessageContaining("needs 36");
    }

    @Test
    void fullContrastIsCappedInsteadOfEndless() {
        assertThat(KubelkaMunk.thicknessFor(Spectrum.flat(0.5), 1)).isLessThan(1e3);
    }
}
