package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Holds the colour science against figures of independent libraries; docs/method.md names them. */
class GoldenColourTest {
    @Test
    void differenceMatchesEveryPublishedAndCrossCheckedPair() {
        List<String[]> rows = rows("ciede2000.csv");
        assertThat(rows).hasSize(534);
        for (String[] row : rows) {
            double tolerance = row[7].startsWith("sharma") ? 0.00005 : 0.000001; // what each set prints
            Lab first = Lab.of(number(row, 0), number(row, 1), number(row, 2));
            Lab second = Lab.of(number(row, 3), number(row, 4), number(row, 5));
            assertThat(first.differenceFrom(second)).as(row[7]).isCloseTo(number(row, 6), within(tolerance));
            assertThat(second.differenceFrom(first))
                    .as(row[7] + " swapped")
                    .isCloseTo(number(row, 6), within(tolerance));
        }
    }

    @Test
    void screenColoursMatchAnIndependentLibrary() {
        List<String[]> rows = rows("srgb_lab.csv");
        assertThat(rows).hasSize(300);
        for (String[] row : rows) {
            Lab lab = Srgb.toLab((int) number(row, 0), (int) number(row, 1), (int) number(row, 2));
            assertThat(lab.lightness()).isCloseTo(number(row, 3), within(1e-4));
            assertThat(lab.a()).isCloseTo(number(row, 4), within(1e-4));
            assertThat(lab.b()).isCloseTo(number(row, 5), within(1e-4));
        }
    }

    @TestFactory
    List<DynamicTest> temperatureMatchesTheExactNearestPoint() {
        List<DynamicTest> tests = new ArrayList<>();
        for (String[] row : rows("cct.csv")) {
            tests.add(DynamicTest.dynamicTest(row[8], () -> {
                Chromaticity c = new Chromaticity(number(row, 0), number(row, 1));
                assertThat(c.mcCamyKelvin()).isCloseTo(number(row, 2), within(number(row, 2) * 2e-4));
                assertThat(c.temperature().kelvin()).isCloseTo(number(row, 6), within(number(row, 6) * 5e-4));
                assertThat(c.temperature().duv()).isCloseTo(number(row, 7), within(1e-5));
            }));
        }
        assertThat(tests).hasSize(20);
        return tests;
    }

    @Test
    void reconstructionMatchesBandByBandAndReadsBackAsItsColour() {
        List<String[]> rows = rows("reconstruction.csv");
        assertThat(rows).hasSize(40);
        for (String[] row : rows) {
            Lab lab = Lab.of(number(row, 0), number(row, 1), number(row, 2));
            Spectrum spectrum = LeastSlope.spectrumOf(lab).orElseThrow();
            for (int i = 0; i < Spectrum.BANDS; i++) {
                assertThat(spectrum.at(i)).isCloseTo(number(row, 3 + i), within(1e-6));
            }
            assertThat(spectrum.toLab().differenceFrom(lab)).isLessThan(1e-4);
        }
    }

    @Test
    void reconstructionRefusesAColourThatNoSurfaceCanHave() {
        assertThat(LeastSlope.spectrumOf(Lab.of(90, 100, -100))).isEmpty();
        assertThat(LeastSlope.spectrumOf(Lab.of(20, -90, 90))).isEmpty();
    }

    @Test
    void mixesMatchSingleConstantTheory() {
        List<String[]> rows = rows("mix.csv");
        assertThat(rows).hasSize(60);
        for (String[] row : rows) {
            List<KubelkaMunk.Part> parts = new ArrayList<>();
            for (int at = 0; at < 15 && !row[at].isEmpty(); at += 5) {
                Spectrum s = spectrum(row, at);
                parts.add(new KubelkaMunk.Part(s, number(row, at + 3) * number(row, at + 4)));
            }
            Lab mixed = KubelkaMunk.mix(parts).toLab();
            assertThat(mixed.differenceFrom(Lab.of(number(row, 15), number(row, 16), number(row, 17))))
                    .isLessThan(1e-3);
        }
    }

    @Test
    void filmsMatchThicknessAndColour() {
        List<String[]> rows = rows("film.csv");
        assertThat(rows).hasSize(60);
        for (String[] row : rows) {
            Spectrum product = spectrum(row, 0);
            double coat = KubelkaMunk.thicknessFor(product, number(row, 3));
            assertThat(coat).isCloseTo(number(row, 11), within(1e-4 * number(row, 11)));
            Lab lab = KubelkaMunk.film(product, spectrum(row, 5), coat * number(row, 4))
                    .toLab();
            assertThat(lab.differenceFrom(Lab.of(number(row, 8), number(row, 9), number(row, 10))))
                    .isLessThan(1e-3);
        }
    }

    @Test
    void everyLampHasThePublishedWhite() {
        List<String[]> rows = rows("whites.csv");
        assertThat(rows).hasSize(Illuminant.values().length);
        for (int i = 0; i < rows.size(); i++) {
            Xyz white = Illuminant.values()[i].white();
            assertThat(white.x()).isCloseTo(number(rows.get(i), 3), within(1e-6));
            assertThat(white.y()).isCloseTo(1, within(1e-6));
            assertThat(white.z()).isCloseTo(number(rows.get(i), 5), within(1e-6));
        }
    }

    @Test
    void daylightSeriesGivesTheTabulatedD65AndD75() {
        double[] d65 = Daylight.power(6500 * 1.4388 / 1.4380);
        double[] d75 = Daylight.power(7500 * 1.4388 / 1.4380);
        for (int i = 0; i < Spectrum.BANDS; i++) {
            assertThat(d65[i]).isCloseTo(Illuminant.D65.power()[i], within(0.15));
            assertThat(d75[i]).isCloseTo(Illuminant.D75.power()[i], within(0.15));
        }
    }

    private static Spectrum spectrum(String[] row, int at) {
        return LeastSlope.spectrumOf(Lab.of(number(row, at), number(row, at + 1), number(row, at + 2)))
                .orElseThrow();
    }

    static double number(String[] row, int column) {
        return Double.parseDouble(row[column]);
    }

    static List<String[]> rows(String file) {
        try {
            return Files.readAllLines(Path.of("src/test/resources/golden", file)).stream()
                    .skip(1)
                    .map(line -> line.split(",", -1))
                    .toList();
        } catch (IOException e) {
            throw new IllegalStateException(file, e);
        }
    }
}
