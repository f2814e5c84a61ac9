package scree.core.mesh;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * How a head is turned: R = Rz(roll) · Ry(yaw) · Rx(pitch), found as the similarity that lays the usual mesh on the seen one (S.
 * Umeyama 1991, "Least-squares estimation of transformation parameters between two point patterns"), with points that do not fit
 * weighted down.
 *
 * @param yawDegrees positive with the nose to the picture's left; the mesh's relief is drawn towards an average, so it is 0.77 of the
 *     true turn
 * @param pitchDegrees positive with the chin down
 * @param rollDegrees positive clockwise as seen
 * @param scale pixels per pupil distance
 * @param misfit root of the mean squared distance of the stable points, pupil distances
 */
public record Pose(double yawDegrees, double pitchDegrees, double rollDegrees, double scale, double misfit) {
    /** A head that looks straight at the camera. */
    public static final Pose FRONTAL = new Pose(0, 0, 0, 1, 0);

    /** Found over true turn. Derived: photographs warped by 5 to 20° over the mesh's own relief. */
    public static final double FOUND_OVER_TRUE = .77;

    private static final int ROUNDS = 6;
    /** Distances past this multiple of the median count for less. */
    private static final double LOOSE = 1.5;

    private static final double LEAST = 1e-9;
    private static final double LEAST_MEDIAN = 1e-6;

    /** Finds the pose of a mesh. */
    public static Pose of(HeadMesh mesh) {
        int[] stable = CanonicalMesh.stablePoints();
        double[] weights = new double[stable.length];
        java.util.Arrays.fill(weights, 1);
        double[] distances = new double[stable.length];
        Similarity s = null;
        for (int round = 0; round < ROUNDS; round++) {
            s = Similarity.between(stable, mesh, weights);
            for (int i = 0; i < stable.length; i++) {
                distances[i] = s.distance(CanonicalMesh.at(stable[i]), mesh.place(stable[i]));
            }
            double limit = LOOSE * median(distances) + LEAST_MEDIAN;
            for (int i = 0; i < stable.length; i++) {
                weights[i] = Math.min(1, limit / Math.max(distances[i], LEAST));
            }
        }
        double squares = java.util.Arrays.stream(distances).map(d -> d * d).sum();
        RealMatrix r = s.rotation();
        return new Pose(
                Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, -r.getEntry(2, 0))))),
                Math.toDegrees(Math.atan2(r.getEntry(2, 1), r.getEntry(2, 2))),
                Math.toDegrees(Math.atan2(r.getEntry(1, 0), r.getEntry(0, 0))),
                s.scale(),
                Math.sqrt(squares / distances.length));
    }

    /** Returns the true turn to the side as it may be quoted, degrees. */
    public double aboutYawDegrees() {
        return yawDegrees / FOUND_OVER_TRUE;
    }

    /** Returns a mesh turned back to the front: pupil distances about the pupils' middle. */
    public HeadMesh turnedBack(HeadMesh mesh) {
        double[] right = back(mesh.pupilPlace(true));
        double[] left = back(mesh.pupilPlace(false));
        double unit = Math.hypot(left[0] - right[0], left[1] - right[1]);
        double[][] turned = new double[HeadMesh.POINTS][3];
        for (int i = 0; i < turned.length; i++) {
            double[] p = back(mesh.place(i));
            for (int c = 0; c < 3; c++) {
                turned[i][c] = (p[c] - (right[c] + left[c]) / 2) / unit;
            }
        }
        return HeadMesh.ofPlaces(turned);
    }

    /** Returns a place as it lies when the head is turned to the front, in the unit that it came in. */
    public double[] back(double... place) {
        double[][] r = matrix();
        double[] back = new double[3];
        for (int c = 0; c < 3; c++) {
            for (int k = 0; k < 3; k++) {
                back[c] += r[k][c] * place[k];
            }
        }
        return back;
    }

    /** Returns the rotation that turns a frontal head into this pose. */
    double[][] matrix() {
        double y = Math.toRadians(yawDegrees);
        double p = Math.toRadians(pitchDegrees);
        double r = Math.toRadians(rollDegrees);
        RealMatrix rz =
                matrix(new double[][] {{Math.cos(r), -Math.sin(r), 0}, {Math.sin(r), Math.cos(r), 0}, {0, 0, 1}});
        RealMatrix ry =
                matrix(new double[][] {{Math.cos(y), 0, Math.sin(y)}, {0, 1, 0}, {-Math.sin(y), 0, Math.cos(y)}});
        RealMatrix rx =
                matrix(new double[][] {{1, 0, 0}, {0, Math.cos(p), -Math.sin(p)}, {0, Math.sin(p), Math.cos(p)}});
        return rz.multiply(ry).multiply(rx).getData();
    }

    private static RealMatrix matrix(double[][] rows) {
        return new Array2DRowRealMatrix(rows);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        java.util.Arrays.sort(sorted);
        int n = sorted.length;
        return (sorted[(n - 1) / 2] + sorted[n / 2]) / 2;
    }

    /** y ≈ scale · rotation · x + shift, weighted. */
    private record Similarity(double scale, RealMatrix rotation, double[] shift) {
        static Similarity between(int[] points, HeadMesh mesh, double[] weights) {
            double total = java.util.Arrays.stream(weights).sum();
            double[] fromMean = new double[3];
            double[] toMean = new double[3];
            for (int i = 0; i < points.length; i++) {
                for (int c = 0; c < 3; c++) {
                    fromMean[c] += weights[i] / total * CanonicalMesh.at(points[i])[c];
                    toMean[c] += weights[i] / total * mesh.place(points[i])[c];
                }
            }
            double[][] cross = new double[3][3];
            double variance = 0;
            for (int i = 0; i < points.length; i++) {
                double w = weights[i] / total;
                double[] from = CanonicalMesh.at(points[i]);
                double[] to = mesh.place(points[i]);
                for (int a = 0; a < 3; a++) {
                    variance += w * (from[a] - fromMean[a]) * (from[a] - fromMean[a]);
                    for (int b = 0; b < 3; b++) {
                        cross[a][b] += w * (to[a] - toMean[a]) * (from[b] - fromMean[b]);
                    }
                }
            }
            return solve(cross, variance, fromMean, toMean);
        }

        private static Similarity solve(double[][] cross, double variance, double[] fromMean, double[] toMean) {
            SingularValueDecomposition svd = new SingularValueDecomposition(matrix(cross));
            RealMatrix u = svd.getU();
            RealMatrix vt = svd.getVT();
            double[] signs = {1, 1, Math.signum(determinant(u.multiply(vt)))};
            RealMatrix flipped = u.copy();
            double trace = 0;
            for (int c = 0; c < 3; c++) {
                trace += svd.getSingularValues()[c] * signs[c];
                for (int row = 0; row < 3; row++) {
                    flipped.setEntry(row, c, u.getEntry(row, c) * signs[c]);
                }
            }
            RealMatrix rotation = flipped.multiply(vt);
            double scale = trace / variance;
            double[] moved = rotation.operate(fromMean);
            double[] shift = new double[3];
            for (int c = 0; c < 3; c++) {
                shift[c] = toMean[c] - scale * moved[c];
            }
            return new Similarity(scale, rotation, shift);
        }

        private static double determinant(RealMatrix m) {
            return new org.hipparchus.linear.LUDecomposition(m).getDeterminant();
        }

        double distance(double[] from, double[] to) {
            double[] laid = rotation.operate(from);
            double squares = 0;
            for (int c = 0; c < 3; c++) {
                double d = to[c] - scale * laid[c] - shift[c];
                squares += d * d;
            }
            return Math.sqrt(squares) / scale;
        }
    }
}
