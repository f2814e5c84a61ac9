package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The band's way against the plain product of matrix and solution. */
class BorderedTridiagonalTest {
    @Seeds(300)
    void whatIsSolvedGivesTheRightSideBack(Draw draw) {
        Random random = draw.random();
        int n = 2 + random.nextInt(40);
        double[] diagonal = random.doubles(n, -3, 6).toArray();
        double[][] border = new double[1 + random.nextInt(Math.min(3, n))][];
        for (int i = 0; i < border.length; i++) {
            border[i] = random.doubles(n, -1, 1).toArray();
        }
        double[] right = random.doubles(n + border.length, -5, 5).toArray();
        new BorderedTridiagonal(diagonal, -2, border).solve(right).ifPresent(x -> {
            double scale = 1;
            for (double v : x) {
                scale = Math.max(scale, Math.abs(v));
            }
            double[] again = times(diagonal, border, x);
            for (int i = 0; i < right.length; i++) {
                assertThat(again[i]).isCloseTo(right[i], within(1e-6 * scale));
            }
        });
    }

    @Test
    void aBandThatAloneIsSingularIsSolved() {
        double[] diagonal = {2, 4, 4, 4, 2}; // rows sum to nought: any constant lies in its kernel
        double[][] border = {{.1, .3, .2, .3, .1}};
        double[] right = {1, 0, -1, 0, 2, 3};
        double[] x = new BorderedTridiagonal(diagonal, -2, border).solve(right).orElseThrow();
        assertThat(times(diagonal, border, x)).containsExactly(right, within(1e-12));
    }

    @Test
    void aWeakPivotIsGoneRoundByTheWholeSystem() {
        double[] diagonal = {0, 3, 1, 5};
        double[][] border = {{1, 1, 1, 1}};
        double[] right = {1, 2, 3, 4, 5};
        double[] x = new BorderedTridiagonal(diagonal, -2, border).solve(right).orElseThrow();
        assertThat(times(diagonal, border, x)).containsExactly(right, within(1e-12));
    }

    @Test
    void twoEqualRowsHaveNoAnswer() {
        double[][] twice = {{1, 2, 3}, {1, 2, 3}};
        assertThat(new BorderedTridiagonal(new double[] {4, 4, 4}, -2, twice).solve(new double[] {1, 2, 3, 4, 5}))
                .isEmpty();
    }

    private static double[] times(double[] diagonal, double[][] border, double[] x) {
        int n = diagonal.length;
        double[] right = new double[x.length];
        for (int i = 0; i < n; i++) {
            right[i] = diagonal[i] * x[i] - (i > 0 ? 2 * x[i - 1] : 0) - (i < n - 1 ? 2 * x[i + 1] : 0);
            for (int row = 0; row < border.length; row++) {
                right[i] += border[row][i] * x[n + row];
                right[n + row] += border[row][i] * x[i];
            }
        }
        return right;
    }
}
