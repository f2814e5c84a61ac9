package scree.core.image;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;

/** The projective map that takes four points to four others; from the card's millimetres to picture pixels. */
public final class Homography {
    private final double[] h;

    private Homography(double[] h) {
        this.h = h;
    }

    /** @throws org.hipparchus.exception.MathIllegalArgumentException when three points lie on one line */
    public static Homography between(List<Point> from, List<Point> to) {
        double[][] m = new double[8][8];
        double[] right = new double[8];
        for (int i = 0; i < 4; i++) {
            double x = from.get(i).x();
            double y = from.get(i).y();
            double u = to.get(i).x();
            double v = to.get(i).y();
            m[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y};
            m[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y};
            right[2 * i] = u;
            right[2 * i + 1] = v;
        }
        var solver = new LUDecomposition(new Array2DRowRealMatrix(m, false)).getSolver();
        return new Homography(solver.solve(new ArrayRealVector(right)).toArray());
    }

    public Point map(double x, double y) {
        double w = h[6] * x + h[7] * y + 1;
        return new Point((h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w);
    }
}
