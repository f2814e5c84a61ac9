package scree.app.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.app.Sentences;
import scree.app.skin.LightWords;
import scree.core.light.LightVerdict;
import scree.core.light.MeteredLight;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The five measures of a light on their lines, by meter alone. */
class LightViewTest {
    private static final LightWords WORDS = words();
    private static final LightVerdict GOOD = new LightVerdict(LightVerdict.Grade.GOOD, List.of());

    private static LightWords words() {
        return new LightWords(Sentences.all());
    }

    private static LightView.Scale scale(MeteredLight light, int at) {
        return LightView.of(null, null, light, GOOD, WORDS).scales().get(at);
    }

    @Test
    void withoutPictureAndMeterNothingIsKnownAndNothingIsGood() {
        LightView view = LightView.of(null, null, null, null, WORDS);
        assertThat(view.scales()).hasSize(5).allSatisfy(s -> {
            assertThat(s.at()).isNull();
            assertThat(s.pebble()).isNull();
            assertThat(s.good()).isFalse();
            assertThat(s.value()).isEqualTo("not known");
        });
    }

    /** The stone lies in the good stretch exactly when the figure does. */
    @Seeds(200)
    void theStoneLiesInTheGoodStretchWhenTheFigureDoes(Draw draw) {
        double kelvin = draw.between(2000, 9000);
        double duv = draw.between(-.02, .02);
        double lux = draw.between(10, 40000);
        MeteredLight light = new MeteredLight(kelvin, duv, lux);
        if (Math.abs(kelvin - 5000) > 40 && Math.abs(kelvin - 6500) > 80) {
            assertThat(scale(light, 0).good()).isEqualTo(kelvin > 5000 && kelvin < 6500);
        }
        if (Math.abs(Math.abs(duv) - .006) > .0002) {
            assertThat(scale(light, 1).good()).isEqualTo(Math.abs(duv) < .006);
        }
        if (Math.abs(Math.log(lux / 300)) > .05 && Math.abs(Math.log(lux / 2000)) > .05) {
            assertThat(scale(light, 2).good()).isEqualTo(lux > 300 && lux < 2000);
        }
    }

    @Seeds(100)
    void warmerLightLiesFurtherLeft(Draw draw) {
        double kelvin = draw.between(2500, 8000);
        double more = draw.between(200, 1500);
        double warm = scale(new MeteredLight(kelvin, 0, 500), 0).at();
        double cool = scale(new MeteredLight(kelvin + more, 0, 500), 0).at();
        assertThat(warm).isLessThan(cool);
        assertThat(warm).isBetween(8.0, 292.0);
    }

    @ParameterizedTest
    @CsvSource({"0.001, none to see (0.001)", "0.012, greenish (0.012)", "-0.009, pinkish (-0.009)"})
    void tintIsSaidInAWord(double duv, String words) {
        assertThat(scale(new MeteredLight(5600, duv, 800), 1).value()).isEqualTo(words);
    }

    @Test
    void aMeterIsNamedAsTheSourceAndFiguresAreExact() {
        assertThat(scale(new MeteredLight(5623, 0, 812), 0).value()).isEqualTo("5620 K");
        assertThat(scale(new MeteredLight(5623, 0, 812), 2).value()).isEqualTo("812 lx");
        LightView view = LightView.of(null, null, new MeteredLight(5623, 0, 812), GOOD, WORDS);
        assertThat(view.metered()).isTrue();
        assertThat(view.heading()).isEqualTo("Good light to decide in.");
    }
}
