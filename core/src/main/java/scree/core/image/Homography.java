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

    /**
     * Returns the angle in degrees between the plane that is mapped and that of another map into the same picture, as a pinhole
     * camera sees them.
     *
     * @param focal in pixels
     * @param centre of the picture in pixels
     */
    public double degreesTo(Homography other, double focal, Point centre) {
        double[] a = normal(focal, centre);
        double[] b = other.normal(focal, centre);
        double cos = Math.abs(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]);
        return Math.toDegrees(Math.acos(Math.min(1, cos)));
    }

    private double[] normal(double focal, Point centre) {
        double[] across = ray(h[0], h[3], h[6], focal, centre);
        double[] down = ray(h[1], h[4], h[7], focal, centre);
        double x = across[1] * down[2] - across[2] * down[1];
        double y = across[2] * down[0] - across[0] * down[2];
        double z = across[0] * down[1] - across[1] * down[0];
        double length = Math.sqrt(x * x + y * y + z * z);
        return new double[] {x / length, y / length, z / length};
    }

    private static double[] ray(double u, double v, double w, double focal, Point centre) {
        return new double[] {(u - centre.x() * w) / focal, (v - centre.y() * w) / focal, w};
    }
}
