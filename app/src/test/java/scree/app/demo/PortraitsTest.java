package scree.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import scree.core.image.PictureIntake;

class PortraitsTest {
    /** Else a change of the simulated camera would show in new pictures only; {@code ./scree portraits} makes them anew. */
    @Test
    void whatShipsIsWhatTheCameraMakesToday() {
        Portraits.Portrait portrait = Portraits.of(0, 700).get(1);
        int[] shipped = PictureIntake.read(portrait.shipped().orElseThrow()).rgb();
        int[] made = PictureIntake.read(portrait.render()).rgb();
        assertThat(shipped).hasSameSizeAs(made);
        double off = IntStream.range(0, made.length)
                .mapToDouble(i -> Math.abs((made[i] >> 8 & 255) - (shipped[i] >> 8 & 255)))
                .average()
                .orElseThrow();
        assertThat(off).as("codes of green, mean").isLessThan(.2);
    }

    @Test
    void theSheetThatShipsIsWhatTheCameraMakesToday() {
        int[] shipped =
                PictureIntake.read(DemoSheet.When.WET.shipped().orElseThrow()).rgb();
        int[] made = PictureIntake.read(DemoSheet.When.WET.render()).rgb();
        assertThat(shipped).hasSameSizeAs(made);
        double off = IntStream.range(0, made.length)
                .mapToDouble(i -> Math.abs((made[i] >> 8 & 255) - (shipped[i] >> 8 & 255)))
                .average()
                .orElseThrow();
        assertThat(off).as("codes of green, mean").isLessThan(.2);
        assertThat(DemoSheet.When.SETTLED.shipped()).isPresent();
    }

    @Test
    void allThatTheDemoShowsShips() {
        for (int width : new int[] {1100, 700}) {
            for (int i = 0; i < 12; i++) {
                assertThat(Portraits.of(i, width)).allMatch(p -> p.shipped().isPresent());
            }
        }
    }
}
