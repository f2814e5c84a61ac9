package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class SkinSpectrumTest {
    @Seeds(60)
    void itHasTheColourThatWasAskedFor(Draw draw) {
        double l = draw.between(28, 78);
        double lean = draw.between(-9, 9);
        Lab wanted = Skins.leaning(l, lean);
        Lab has = SkinSpectrum.of(wanted).toLab();
        assertThat(has.differenceFrom(wanted)).isLessThan(.15);
    }

    /** Blood bites between 540 and 580 nm: what a smooth spectrum of the same colour does not have. */
    @Test
    void itKeepsTheDipsOfBlood() {
        Spectrum skin = SkinSpectrum.of(ReferenceCurve.at(68));
        Spectrum smooth = LeastSlope.spectrumOf(ReferenceCurve.at(68)).orElseThrow();
        double dip = skin.at(18) - (skin.at(14) + skin.at(22)) / 2;
        double none = smooth.at(18) - (smooth.at(14) + smooth.at(22)) / 2;
        assertThat(dip).isLessThan(none - .01);
    }

    @Test
    void skinAndASmoothProductOfTheSameColourPartUnderTubes() {
        Lab colour = ReferenceCurve.at(64);
        Spectrum skin = SkinSpectrum.of(colour);
        Spectrum smooth = LeastSlope.spectrumOf(colour).orElseThrow();
        var white = Illuminant.F11.white();
        double day = skin.toLab().differenceFrom(smooth.toLab());
        double tubes = skin.toXyz(Illuminant.F11)
                .toLab(white)
                .differenceFrom(smooth.toXyz(Illuminant.F11).toLab(white));
        assertThat(day).isLessThan(.15);
        assertThat(tubes).isGreaterThan(day + .3);
    }
}
