package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import scree.core.colour.Lab;

/**
 * The map from cube roots of linear light to L*a*b*, fitted on virtual skins as the estimated response would see them: linear
 * for one sure response, quadratic over several possible ones.
 */
final class SkinMap {
    private final double[][] rows;
    private final boolean quadratic;

    private SkinMap(double[][] rows, boolean quadratic) {
        this.rows = rows;
        this.quadratic = quadratic;
    }

    /** Fits 3 × 4 numbers on one response. */
    static SkinMap of(ResponseEstimate response) {
        return fit(List.of(response), false);
    }

    /** Fits 3 × 10 numbers on several possible responses at once, so that their doubt flattens the map. */
    static SkinMap pooled(List<ResponseEstimate> responses) {
        return fit(responses, true);
    }

    /** @param roots cube roots of linear light */
    Lab at(double[] roots) {
        double[] x = features(roots, quadratic);
        double[] lab = new double[3];
        for (int row = 0; row < 3; row++) {
            for (int i = 0; i < x.length; i++) {
                lab[row] += rows[row][i] * x[i];
            }
        }
        return Lab.ofClamped(lab[0], lab[1], lab[2]);
    }

    private static SkinMap fit(List<ResponseEstimate> responses, boolean quadratic) {
        List<double[]> x = new ArrayList<>();
        int n = responses.size() * VirtualSkins.ALL.size();
        double[][] y = new double[3][n];
        for (ResponseEstimate response : responses) {
            for (VirtualSkins.Skin skin : VirtualSkins.ALL) {
                y[0][x.size()] = skin.colour().lightness();
                y[1][x.size()] = skin.colour().a();
                y[2][x.size()] = skin.colour().b();
                x.add(features(CardCalibration.roots(response.response(skin.reflectance())), quadratic));
            }
        }
        var solver = new QRDecomposition(new Array2DRowRealMatrix(x.toArray(new double[0][]), false)).getSolver();
        double[][] rows = new double[3][];
        for (int i = 0; i < 3; i++) {
            rows[i] = solver.solve(new ArrayRealVector(y[i], false)).toArray();
        }
        return new SkinMap(rows, quadratic);
    }

    private static double[] features(double[] p, boolean quadratic) {
        return quadratic
                ? new double[] {
                    1, p[0], p[1], p[2], p[0] * p[0], p[1] * p[1], p[2] * p[2], p[0] * p[1], p[0] * p[2], p[1] * p[2]
                }
                : new double[] {1, p[0], p[1], p[2]};
    }
}
