package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class ColourPropertiesTest {
    @Seeds(1000)
    void lightnessAloneNeverExceedsTheWholeDifference(Draw draw) {
        double l1 = draw.between(0, 100);
        double l2 = draw.between(0, 100);
        double a = draw.between(-60, 60);
        double b = draw.between(-60, 60);
        double bound = Math.abs(l1 - l2) / CieDe2000.lightnessWeight((l1 + l2) / 2);
        assertThat(Lab.of(l1, a, b).differenceFrom(Lab.of(l2, b, a))).isGreaterThanOrEqualTo(bound - 1e-9);
    }

    @Seeds(1000)
    void codesSurviveTheWayToLabAndBack(Draw draw) {
        int r = draw.whole(0, 255);
        int g = draw.whole(0, 255);
        int b = draw.whole(0, 255);
        assertThat(Srgb.hex(Srgb.toLab(r, g, b))).isEqualTo("#%02x%02x%02x".formatted(r, g, b));
    }

    @Seeds(1000)
    void polarAndPlainFormsAgree(Draw draw) {
        double chroma = draw.between(1, 60);
        double hue = draw.between(0, 359.9);
        Lab lab = Lab.ofLch(50, chroma, hue);
        assertThat(lab.chroma()).isCloseTo(chroma, within(1e-9));
        assertThat(lab.hueDegrees()).isCloseTo(hue, within(1e-6));
    }

    @Seeds(60)
    void aThickerFilmMovesFromTheGroundToTheProduct(Draw draw) {
        double product = draw.between(0.05, 0.9);
        double ground = draw.between(0.05, 0.9);
        double thickness = draw.between(0.01, 5);
        double thin = KubelkaMunk.film(product, ground, thickness);
        double thick = KubelkaMunk.film(product, ground, thickness * 2);
        assertThat(Math.abs(product - thick)).isLessThanOrEqualTo(Math.abs(product - thin) + 1e-12);
        assertThat(KubelkaMunk.film(product, ground, 0)).isCloseTo(ground, within(1e-12));
        assertThat(KubelkaMunk.film(product, ground, 1e6)).isCloseTo(product, within(1e-12));
    }

    @Seeds(60)
    void mixingAColourWithItselfChangesNothing(Draw draw) {
        double r = draw.between(0.02, 1);
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
