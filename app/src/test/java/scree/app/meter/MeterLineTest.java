package scree.app.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.standins.meter.ContactMeter;
import scree.standins.meter.Device;
import scree.standins.meter.LineServer;

/** A meter that works, one that fails in every way that meters fail, and three presses that agree or do not. */
class MeterLineTest {
    @Test
    void aReadingComesThroughAsItWasSent() throws IOException {
        assertThat(asked(command -> "LAB 61.5 11 -2.25")).containsExactly(61.5, 11, -2.25);
        ContactMeter meter = new ContactMeter(1, 80, 0);
        meter.touch(Lab.of(50, 10, 15));
        assertThat(asked(meter)[0]).isBetween(48.0, 52.0);
    }

    @ParameterizedTest
    @CsvSource({
        "ERR LIFTED, LIFTED",
        "ERR TILE, TILE",
        "ERR BATTERY, BATTERY",
        "ERR WHATEVER, BABBLE",
        "LAB 1 2, BABBLE",
        "LAB one 2 3, BABBLE",
        "LIGHT 5600 0 900, BABBLE",
        "'', BABBLE"
    })
    void everyFailureIsToldApart(String answer, MeterTrouble.Why why) {
        assertThatThrownBy(() -> asked(command -> answer))
                .isInstanceOfSatisfying(
                        MeterTrouble.class, e -> assertThat(e.why()).isEqualTo(why));
    }

    @Test
    void aPulledPlugSilenceAnEndlessLineAndNoMeterAtAll() throws IOException {
        assertThatThrownBy(() -> asked(command -> null)).hasMessageContaining("UNPLUGGED");
        assertThatThrownBy(() -> asked(command -> "LAB " + "9".repeat(5000))).hasMessageContaining("BABBLE");
        LineServer gone = LineServer.start(command -> "OK", 0);
        String address = gone.address();
        gone.close();
        assertThatThrownBy(() -> new MeterLine(address).ask("READ", "LAB", 3)).hasMessageContaining("UNPLUGGED");
        assertThatThrownBy(() -> new MeterLine("").ask("READ", "LAB", 3)).hasMessageContaining("NONE");
        assertThatThrownBy(() -> new MeterLine("nonsense").ask("READ", "LAB", 3))
                .hasMessageContaining("UNPLUGGED");
        assertThatThrownBy(() -> asked(command -> {
                    try {
                        Thread.sleep(2600);
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    return "LAB 1 2 3";
                }))
                .hasMessageContaining("SLOW");
    }

    @Test
    void threePressesMakeAReadingOnlyWhenTheyAgreeAndTheOldestIsDropped() {
        Lab a = Lab.of(60, 10, 16);
        Lab near = Lab.of(60.4, 10.2, 16.1);
        Lab far = Lab.of(66, 12, 19);
        assertThat(Pressed.of(List.of(a, near)).mean()).isEmpty();
        assertThat(Pressed.of(List.of(a, near, far)).agree()).isFalse();
        Pressed again = Pressed.of(List.of(far, a, near, a));
        assertThat(again.agree()).isTrue();
        assertThat(again.mean().orElseThrow().differenceFrom(a)).isLessThan(.3);
        assertThat(again.spread()).isBetween(.05, .4);
    }

    private static double[] asked(Device device) throws IOException {
        try (LineServer server = LineServer.start(device, 0)) {
            return new MeterLine(server.address()).ask("READ", "LAB", 3);
        }
    }
}
