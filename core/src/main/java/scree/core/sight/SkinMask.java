package scree.core.sight;

import java.util.Arrays;
import scree.core.mesh.HeadMesh;
import scree.core.plane.Vec;

/**
 * Which pixels of a face are bare skin: near the colour of the cheeks, each side its own, blended across the face, and no rougher than they
 * are. Holds only inside the face's edge. Derived on photographs: docs/method.md.
 */
final class SkinMask {
    private static final int[] CHEEK_RIGHT = {50, 101, 118, 205, 36, 117, 123};
    private static final int[] CHEEK_LEFT = HeadMesh.partners(CHEEK_RIGHT);
    private static final double[] SPREAD = {13, 3.6, 4.6, 3.6};
    private static final double LIMIT = 9;
    private static final double DARKER = 26;

    private final UprightFace face;
    private final double[] right;
    private final double[] left;

    private SkinMask(UprightFace face, double[] right, double[] left) {
        this.face = face;
        this.right = right;
        this.left = left;
    }

    static SkinMask of(UprightFace face, HeadMesh mesh) {
        return new SkinMask(face, cheek(face, mesh, CHEEK_RIGHT), cheek(face, mesh, CHEEK_LEFT));
    }

    private static double[] cheek(UprightFace face, HeadMesh mesh, int[] points) {
        double[] cheek = new double[SkinFeatures.COUNT];
        for (int c = 0; c < cheek.length; c++) {
            double[] v = new double[points.length];
            for (int i = 0; i < v.length; i++) {
                Vec at = face.pixelOf(mesh.at(points[i]));
                v[i] = face.features().at(at.x(), at.y(), c);
            }
            Arrays.sort(v);
            cheek[c] = v[v.length / 2];
        }
        return cheek;
    }

    /** Returns whether a pixel of the picture is bare skin. */
    boolean skin(double x, double y) {
        Vec at = face.pixelOf(new Vec(x, y));
        double across = face.axes().level(new Vec(x, y)).x();
        double[] values = new double[SkinFeatures.COUNT];
        for (int c = 0; c < values.length; c++) {
            values[c] = face.features().at(at.x(), at.y(), c);
        }
        return skin(values, right, left, across);
    }

    /** @param across pupil distances from the pupils' middle */
    static boolean skin(double[] values, double[] right, double[] left, double across) {
        double w = Math.max(0, Math.min(1, .5 + across));
        double d = 0;
        for (int c = 0; c < values.length; c++) {
            double z = (values[c] - (right[c] * (1 - w) + left[c] * w)) / SPREAD[c];
            d += c == SkinFeatures.TEXTURE && z < 0 ? 0 : z * z; // smoother than the cheek is no fault
        }
        return d < LIMIT && values[0] > right[0] * (1 - w) + left[0] * w - DARKER;
    }

    /** Returns how far the two cheeks' a* and b* part. */
    double cheeksApart() {
        return Math.hypot(right[1] - left[1], right[2] - left[2]);
    }

    /** Returns the cheeks' mean L*, a*, b* and texture. */
    double[] cheeks() {
        double[] mean = new double[SkinFeatures.COUNT];
        for (int c = 0; c < mean.length; c++) {
            mean[c] = (right[c] + left[c]) / 2;
        }
        return mean;
    }
}
