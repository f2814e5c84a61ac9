package scree.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import scree.app.Alike;

class PortraitsTest {
    /** Else a change of the simulated camera would show in new pictures only; {@code ./scree portraits} makes them anew. */
    @Test
    void whatShipsIsWhatTheCameraMakesToday() {
        Portraits.Portrait portrait = Portraits.of(0, 700).get(1);
        Alike.assertAlike(portrait.shipped().orElseThrow(), portrait.render());
    }

    @Test
    void theSheetThatShipsIsWhatTheCameraMakesToday() {
        Alike.assertAlike(DemoSheet.When.WET.shipped().orElseThrow(), DemoSheet.When.WET.render());
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
