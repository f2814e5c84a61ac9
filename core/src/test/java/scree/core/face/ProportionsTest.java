package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.image.Point;

class ProportionsTest {
    private static final LevelledFace FACE =
            LevelledFace.of(FacePoints.template(new Point(420, 500), new Point(580, 500), new Point(500, 870)));

    @Test
    void thirdsMakeTheWholeFaceAndFifthsTheWholeWidth() {
        Proportions p = Proportions.of(FACE);
        assertThat(sum(p.thirds())).isCloseTo(1, within(1e-9));
        double eye = p.columns().get(2) - p.columns().get(1);
        double across = p.columns().get(5) - p.columns().get(0);
        assertThat(p.fifths()).hasSize(5);
        assertThat(sum(p.fifths()) * eye).isCloseTo(across, within(1e-9)); // both eyes of a template are alike
        assertThat(p.fifths().get(1)).isCloseTo(1, within(1e-9));
    }

    @Test
    void widthsAreSharesOfTheCheeks() {
        Proportions p = Proportions.of(FACE);
        assertThat(p.widths().get(Landmark.CHEEK)).isEqualTo(1);
        assertThat(p.widths().get(Landmark.CHIN_SIDE)).isLessThan(p.widths().get(Landmark.JAW));
    }

    private static double sum(List<Double> parts) {
        return parts.stream().mapToDouble(Double::doubleValue).sum();
    }
}
