package scree.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Points as SVG paths. */
class LinesTest {
    /** The quick way of writing a tenth says what the formatter says. */
    @Seeds(500)
    void aNumberIsWrittenToATenth(Draw draw) {
        double v = draw.between(-3000, 3000);
        String written = Lines.number(new StringBuilder(), v).toString();
        assertThat(Double.parseDouble(written)).isEqualTo(Math.round(v * 10) / 10.0);
        String formatted = Figures.one(Math.round(v * 10) / 10.0).replaceAll("\\.0$", "");
        assertThat(written.replace("-0", "0")).isEqualTo(formatted.replace("-0", "0"));
    }

    @Test
    void aLineStartsWithAMoveAndAClosedOneEnds() {
        List<double[]> points = List.of(new double[] {0, 1.26}, new double[] {-3, 4}, new double[] {5.04, 6});
        assertThat(Lines.open(points)).isEqualTo("M0 1.3L-3 4L5 6");
        assertThat(Lines.closed(points)).isEqualTo("M0 1.3L-3 4L5 6Z");
    }

    /** A closed curve passes through every point that was given, and its pieces join. */
    @Seeds(50)
    void aSmoothCurveGoesThroughItsPoints(Draw draw) {
        Random random = draw.random();
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(9); i++) {
            points.add(new double[] {random.nextInt(400), random.nextInt(400)});
        }
        String path = Lines.closedSmooth(points);
        Matcher numbers = Pattern.compile("-?\\d+(\\.\\d+)?").matcher(path);
        List<Double> all = numbers.results().map(m -> Double.valueOf(m.group())).toList();
        assertThat(all).hasSize(2 + 6 * points.size());
        for (int i = 0; i < points.size(); i++) {
            double[] next = points.get((i + 1) % points.size());
            assertThat(all.get(2 + 6 * i + 4)).isEqualTo(next[0]);
            assertThat(all.get(2 + 6 * i + 5)).isEqualTo(next[1]);
        }
        assertThat(path).startsWith("M").endsWith("Z");
    }
}
