package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

class SkinModelTest {
    @Test
    void reflectanceMatchesTheCheckedRows() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("src/test/resources/golden/skin_model.csv"));
        assertThat(lines).hasSize(36);
        for (String line : lines.subList(1, lines.size())) {
            double[] v = java.util.Arrays.stream(line.split(","))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            Spectrum skin = SkinModel.reflectance(new SkinModel.Content(v[0], v[1], v[2], v[3]));
            assertThat(skin.toLab().differenceFrom(Lab.of(v[4], v[5], v[6]))).isLessThan(2e-3);
            for (int i = 0; i < Spectrum.BANDS; i++) {
                assertThat(skin.at(i)).isCloseTo(v[7 + i], within(1e-4)); // the file's blood share has five decimals
            }
        }
    }

    @Test
    void theReferenceCurveIsTheModelsAverageLine() {
        for (double melanin : new double[] {0.01, 0.03, 0.08, 0.2}) {
            Lab skin = SkinModel.reflectance(SkinModel.Content.average(melanin)).toLab();
            assertThat(ReferenceCurve.hueLean(skin)).isCloseTo(0, within(0.6));
        }
    }

    @Test
    void moreBloodIsPinkerAndMoreCaroteneMoreGolden() {
        var usual = SkinModel.Content.average(0.04);
        Lab flushed = SkinModel.reflectance(usual.withBloodTimes(2)).toLab();
        Lab golden = SkinModel.reflectance(new SkinModel.Content(0.04, usual.blood(), 0.7, 3))
                .toLab();
        assertThat(ReferenceCurve.hueLean(flushed)).isLessThan(-3);
        assertThat(ReferenceCurve.hueLean(golden)).isGreaterThan(3);
    }
}
