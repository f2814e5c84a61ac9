package scree.app.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class MarginTest {
    @Seeds(300)
    void labelsKeepTheirOrderTheirRoomAndTheMargin(Draw draw) {
        double[] wanted = new double[draw.whole(1, 12)];
        for (int i = 0; i < wanted.length; i++) {
            wanted[i] = draw.between(-50, 700);
        }
        Arrays.sort(wanted);
        double[] y = new Margin(40, 20, 580).down(wanted);
        double room = Math.min(40, wanted.length < 2 ? 40 : 560.0 / (wanted.length - 1));
        for (int i = 0; i < y.length; i++) {
            assertThat(y[i]).isBetween(20 - 1e-6, 580 + 1e-6);
            assertThat(i == 0 ? room : y[i] - y[i - 1]).isGreaterThanOrEqualTo(room - 1e-6);
        }
    }

    @Test
    void twoThatAskForOnePlaceShareTheMove() {
        assertThat(new Margin(40, 0, 600).down(300, 300)).containsExactly(280, 320);
        assertThat(new Margin(40, 0, 600).down(100, 300)).containsExactly(100, 300);
    }

    @Test
    void whatTheCardCoversStaysFree() {
        double[] y = new Margin(40, 20, 580).downAround(200, 400, 180, 290, 310);
        assertThat(Arrays.stream(y)).allMatch(at -> at <= 200 + 1e-9 || at >= 400 - 1e-9);
        assertThat(y[0]).isCloseTo(180, within(25.0));
    }
}
