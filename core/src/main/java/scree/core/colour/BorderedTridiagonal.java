package scree.core.colour;

import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;

/**
 * A symmetric system of which all but a few unknowns couple only with their neighbours:
 *
 * <pre>
 * | T  Bᵀ |   T tridiagonal with one value beside its diagonal,
 * | B  0  |   B a few full rows
 * </pre>
 *
 * T is eliminated along its band and the small rest (Schur's complement) by LU decomposition: about a thousand multiplications
 * instead of the forty thousand of a full one. T alone may be singular, as that of the first Newton step is, so one diagonal
 * element is raised and taken back by one more row of the border.
 */
final class BorderedTridiagonal {
    private static final double RAISED = 1;
    /** A pivot this small against its diagonal would cost half the digits; then the whole system is decomposed. */
    private static final double WEAK = 1e-7;

    private static final double SINGULAR = 1e-14;

    private final double[] diagonal;
    private final double beside;
    private final double[][] border;

    /**
     * @param diagonal of T, n values
     * @param beside the one value above and below it
     * @param border rows of B, each of n values
     */
    BorderedTridiagonal(double[] diagonal, double beside, double[][] border) {
        this.diagonal = diagonal;
        this.beside = beside;
        this.border = border;
    }

    /**
     * Returns the solution, or empty for a singular system.
     *
     * @param right n values and one for each row of the border
     */
    Optional<double[]> solve(double[] right) {
        return alongBand(right).or(() -> whole(right));
    }

    private Optional<double[]> alongBand(double[] right) {
        int n = diagonal.length;
        int rows = border.length + 1;
        int raised = n / 2;
        double[][] full = new double[rows + 1][];
        System.arraycopy(border, 0, full, 0, border.length);
        double[] back = new double[n];
        back[raised] = -1;
        full[rows - 1] = back;
        full[rows] = right;
        double[][] solved = eliminated(full, raised);
        if (solved == null) {
            return Optional.empty();
        }
        double[][] rest = new double[rows][rows];
        double[] restRight = new double[rows];
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < rows; j++) {
                rest[i][j] = -dot(full[i], solved[j]);
            }
            restRight[i] = (i < border.length ? right[n + i] : 0) - dot(full[i], solved[rows]);
        }
        rest[rows - 1][rows - 1] += 1 / RAISED;
        return small(rest, restRight).map(m -> {
            double[] x = new double[n + border.length];
            for (int i = 0; i < n; i++) {
                x[i] = solved[rows][i];
                for (int j = 0; j < rows; j++) {
                    x[i] -= solved[j][i] * m[j];
                }
            }
            System.arraycopy(m, 0, x, n, border.length);
            return x;
        });
    }

    /** Solves T, raised in one place, for several right sides at once; null when a pivot is too weak. */
    private double[][] eliminated(double[][] sides, int raised) {
        int n = diagonal.length;
        double[] pivot = new double[n];
        double[][] x = new double[sides.length][n];
        for (int i = 0; i < n; i++) {
            double own = diagonal[i] + (i == raised ? RAISED : 0);
            double factor = i == 0 ? 0 : beside / pivot[i - 1];
            pivot[i] = own - factor * beside;
            if (!(Math.abs(pivot[i]) > WEAK * (1 + Math.abs(own)))) {
                return null;
            }
            for (int s = 0; s < sides.length; s++) {
                x[s][i] = sides[s][i] - (i == 0 ? 0 : factor * x[s][i - 1]);
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int s = 0; s < sides.length; s++) {
                x[s][i] = (x[s][i] - (i == n - 1 ? 0 : beside * x[s][i + 1])) / pivot[i];
            }
        }
        return x;
    }

    private double dot(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < diagonal.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }

    private Optional<double[]> whole(double[] right) {
        int n = diagonal.length;
        double[][] all = new double[n + border.length][n + border.length];
        for (int i = 0; i < n; i++) {
            all[i][i] = diagonal[i];
            if (i > 0) {
                all[i][i - 1] = beside;
                all[i - 1][i] = beside;
            }
            for (int row = 0; row < border.length; row++) {
                all[i][n + row] = border[row][i];
                all[n + row][i] = border[row][i];
            }
        }
        return small(all, right);
    }

    private static Optional<double[]> small(double[][] matrix, double[] right) {
        DecompositionSolver solver = new LUDecomposition(new Array2DRowRealMatrix(matrix, false), SINGULAR).getSolver();
        return solver.isNonSingular()
                ? Optional.of(solver.solve(new ArrayRealVector(right, false)).toArray())
                : Optional.empty();
    }
}
