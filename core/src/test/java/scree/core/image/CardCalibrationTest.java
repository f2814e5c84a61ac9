package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

class CardCalibrationTest {
    /** 24 fields and five skins, worked out by an independent implementation of the same pipeline. */
    @Test
    void theWorkedExampleIsReproducedToAThousandth() throws IOException {
        List<String[]> rows = Files.readAllLines(Path.of("src/test/resources/calibration/example.csv")).stream()
                .skip(1)
                .map(line -> line.split(",", -1))
                .toList();
        assertThat(rows).hasSize(29);
        List<double[]> codes = new ArrayList<>();
        List<CardField> fields = new ArrayList<>();
        for (String[] row : rows.subList(0, 24)) {
            codes.add(numbers(row, 1, 4));
            double[] lab = numbers(row, 4, 7);
            fields.add(new CardField(
                    fields.size() + 1, Lab.of(lab[0], lab[1], lab[2]), Spectrum.of(numbers(row, 10, 46))));
        }
        CardCalibration calibration = CardCalibration.of(codes, new PrintedCard("worked example", fields, true));
        for (String[] row : rows.subList(24, 29)) {
            Lab read = calibration.read(numbers(row, 1, 4), new Point(0, 0));
            double[] expected = numbers(row, 7, 10);
            assertThat(read.lightness()).as(row[0]).isCloseTo(expected[0], within(0.001));
            assertThat(read.a()).as(row[0]).isCloseTo(expected[1], within(0.001));
            assertThat(read.b()).as(row[0]).isCloseTo(expected[2], within(0.001));
        }
    }

    private static double[] numbers(String[] row, int from, int to) {
        return Arrays.stream(row, from, to).mapToDouble(Double::parseDouble).toArray();
    }
}
