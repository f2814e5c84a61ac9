package scree.core.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class CurvesTest {
    @Seeds(300)
    void aCurvePassesThroughItsPoints(Draw draw) {
        List<Double> heights = draw.list(3, 9, () -> draw.between(-3, 3));
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i < heights.size(); i++) {
            points.add(new Vec(i, heights.get(i)));
        }
        List<Vec> open = Curves.through(points, 8);
        List<Vec> closed = Curves.closedThrough(points, 8);
        for (int i = 0; i < points.size(); i++) {
            assertThat(open.get(8 * i).distanceTo(points.get(i))).isLessThan(1e-9);
            assertThat(closed.get(8 * i).distanceTo(points.get(i))).isLessThan(1e-9);
        }
    }

    @Test
    void aStraightLineStaysStraightAndEven() {
        List<Vec> line = Curves.through(List.of(new Vec(0, 0), new Vec(1, 1), new Vec(4, 4)), 10);
        assertThat(line).allSatisfy(p -> assertThat(p.y()).isCloseTo(p.x(), within(1e-9)));
        List<Vec> even = Curves.evenly(line, 5);
        for (int i = 0; i < 5; i++) {
            assertThat(even.get(i).x()).isCloseTo(i, within(1e-6));
        }
    }

    @Test
    void aProfileHoldsItsValuesAndNeverOvershoots() {
        Profile p = Profile.of(0, .82, .28, 1, .64, .68, .87, .26, 1, .05);
        assertThat(p.at(.28)).isCloseTo(1, within(1e-12));
        assertThat(p.at(-1)).isEqualTo(.82);
        assertThat(p.at(2)).isEqualTo(.05);
        for (double t = 0; t <= 1; t += .001) {
            assertThat(p.at(t)).isBetween(.05, 1.0);
        }
        for (double t = .28; t < 1; t += .001) {
            assertThat(p.at(t + .001)).isLessThanOrEqualTo(p.at(t) + 1e-12);
        }
    }

    @Test
    void placesOfAProfileMustRise() {
        assertThatThrownBy(() -> Profile.of(0, 1, .5, 2, .4, 3)).hasMessageContaining("let the places rise");
    }
}
