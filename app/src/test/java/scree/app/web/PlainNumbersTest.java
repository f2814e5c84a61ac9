package scree.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A number is what people write. */
class PlainNumbersTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"61.5|61.5", "61,5|61.5", " -3 |-3", "-0|0", "1e3|1000", ".5|0.5", "5.|5"})
    void whatPeopleWriteIsRead(String text, double value) {
        assertThat(PlainNumbers.of(text)).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"NaN", "Infinity", "61d", "61f", "0x1p5", "1e308", "99999999", "6 1", "", "--1", "1.2.3", "٣"})
    void whatNobodyMeansIsRefusedInWords(String text) {
        assertThatThrownBy(() -> PlainNumbers.of(text)).hasMessageContaining("give one like 61.5");
    }

    @ParameterizedTest
    @CsvSource({"32,32", "24.5,24.5", "0.05,0.05", "100000,100000", "1e-7,0.0000001", "-3.0,-3", "0,0"})
    void nothingIsWrittenAfterAPointThatIsNotThere(double value, String written) {
        assertThat(PlainNumbers.written(value)).isEqualTo(written);
        assertThat(PlainNumbers.of(written)).isEqualTo(value);
    }
}
