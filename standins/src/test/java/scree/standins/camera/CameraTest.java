package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.image.CardCalibration;
import scree.core.image.CardLayout;
import scree.core.image.GreyCalibration;
import scree.core.image.PlainDecoding;
import scree.core.image.Point;
import scree.core.skin.SkinModel;

/** The stand-in is honest: neutral stays neutral, lamps are what they say, and reading through it has the known errors. */
class CameraTest {
    @ParameterizedTest
    @EnumSource(Camera.Family.class)
    void aGreySurfaceIsGreyInRawUnderEveryLamp(Camera.Family family) {
        for (long seed = 1; seed < 6; seed++) {
            Camera camera = new Camera(family, seed);
            for (Lamp lamp : List.of(Lamp.daylight(4500), Lamp.led(2900, 60), Lamp.of(Illuminant.F11))) {
                double[] raw = camera.raw(Spectrum.flat(.3), lamp.power());
                assertThat(raw).containsExactly(new double[] {.3, .3, .3}, within(1e-9));
                for (double[] row : camera.matrixFor(lamp.power())) {
                    assertThat(row[0] + row[1] + row[2]).isCloseTo(1, within(1e-9));
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {2700, 3000, 3300, 4000})
    void anLedHasTheTemperatureItSays(double kelvin) {
        var seen = Lamp.led(kelvin, 62).chromaticity().temperature();
        assertThat(seen.kelvin()).isCloseTo(kelvin, within(.01 * kelvin));
        assertThat(Math.abs(seen.duv())).isLessThan(.001);
    }

    @Test
    void theCardReadsSkinsThatTheGreyCardAndTheCameraItselfReadWorse() {
        Random random = new Random(4);
        List<Double> card = new ArrayList<>();
        List<Double> grey = new ArrayList<>();
        List<Double> plain = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Camera camera = new Camera(Camera.Family.TUNING, 100 + i % 12);
            Lamp lamp = Lamp.daylight(4000 + 3500 * random.nextDouble());
            Spectrum skin = skin(random);
            card.add(off(camera, lamp, CardLayout.Kind.COLOUR, skin, i));
            grey.add(off(camera, lamp, CardLayout.Kind.GREY, skin, i));
            plain.add(off(camera, lamp, null, skin, i));
        }
        assertThat(mean(card)).isLessThan(.9);
        assertThat(mean(grey)).isBetween(mean(card), 2.4);
        assertThat(mean(plain)).isGreaterThan(mean(grey));
    }

    @Test
    void aFewLostFieldsHardlyChangeTheReading() {
        Random random = new Random(9);
        Camera camera = new Camera(Camera.Family.TUNING, 7);
        FlatCapture capture = new FlatCapture(camera, Lamp.daylight(5200), Shot.withCard(3));
        var whole = capture.card();
        List<Double> uneven = new ArrayList<>(whole.uneven());
        List<double[]> fields = new ArrayList<>(whole.fields());
        for (int lost : new int[] {7, 12, 16}) {
            uneven.set(lost, .4);
            fields.set(lost, new double[] {.9, .2, .1}); // a finger
        }
        var hurt = new scree.core.image.CardSamples(whole.kind(), fields, uneven, whole.border());
        assertThat(hurt.coveredFields()).isEqualTo(3);
        Spectrum skin = skin(random);
        double[] code = capture.code(skin);
        Lab clean = CardCalibration.of(whole, capture.sighting()).read(code, new Point(0, 0));
        var calibration = CardCalibration.of(hurt, capture.sighting());
        assertThat(calibration.quality().unusable()).isEqualTo(3);
        assertThat(calibration.read(code, new Point(0, 0)).differenceFrom(clean))
                .isLessThan(.8);
    }

    private static double off(Camera camera, Lamp lamp, CardLayout.Kind kind, Spectrum skin, long seed) {
        FlatCapture capture = new FlatCapture(
                camera, lamp, Shot.withCard(seed + 1).withCard(kind == null ? CardLayout.Kind.COLOUR : kind));
        var calibration = kind == null
                ? new PlainDecoding()
                : kind == CardLayout.Kind.COLOUR
                        ? CardCalibration.of(capture.card(), capture.sighting())
                        : GreyCalibration.of(capture.card(), capture.sighting(), GreyCalibration.Light.DAYLIGHT);
        // the curved-cheek factor of 1.02 is meant for faces; a flat patch is 2 % brighter for it: under 0.5 L*
        return calibration.read(capture.code(skin), new Point(0, 0)).differenceFrom(skin.toLab());
    }

    private static Spectrum skin(Random r) {
        double melanin = .008 * Math.pow(40, r.nextDouble());
        double blood = SkinModel.averageBlood(melanin) * (.6 + .9 * r.nextDouble());
        return SkinModel.reflectance(new SkinModel.Content(melanin, blood, .7, 2 * r.nextDouble()));
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(v -> v).average().orElseThrow();
    }
}
