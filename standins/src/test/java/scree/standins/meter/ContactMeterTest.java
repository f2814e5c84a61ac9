package scree.standins.meter;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;

class ContactMeterTest {
    private static final Lab SKIN = Lab.of(61, 11, 18);

    @Test
    void pressesRepeatToAboutAQuarterOfADifference() {
        ContactMeter meter = new ContactMeter(1, 90, 0);
        meter.touch(SKIN);
        List<Lab> presses = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            presses.add(lab(meter.answer("READ")));
        }
        double mean = presses.stream()
                .mapToDouble(p -> p.differenceFrom(SKIN))
                .average()
                .orElseThrow();
        assertThat(mean).isBetween(.1, .6);
    }

    @Test
    void itDriftsUntilItSeesItsTileAndThenAsksForIt() {
        ContactMeter meter = new ContactMeter(2, 90, 0);
        meter.touch(SKIN);
        for (int i = 0; i < 60; i++) {
            assertThat(meter.answer("READ")).startsWith("LAB");
        }
        assertThat(meter.answer("READ")).isEqualTo("ERR TILE");
        assertThat(meter.answer("TILE")).isEqualTo("OK TILE");
        assertThat(meter.answer("READ")).startsWith("LAB");
    }

    @Test
    void liftedEmptyAndUnknownAreSaid() {
        ContactMeter meter = new ContactMeter(3, 90, 0);
        assertThat(meter.answer("READ")).isEqualTo("ERR LIFTED");
        meter.touch(SKIN);
        meter.setBattery(3);
        assertThat(meter.answer("READ")).isEqualTo("ERR BATTERY");
        assertThat(meter.answer("DANCE")).isEqualTo("ERR UNKNOWN");
    }

    private static Lab lab(String line) {
        String[] v = line.split(" ");
        return Lab.of(Double.parseDouble(v[1]), Double.parseDouble(v[2]), Double.parseDouble(v[3]));
    }
}
