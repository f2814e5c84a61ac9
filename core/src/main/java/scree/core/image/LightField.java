package scree.core.image;

import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * How light changes over the card: ln light = level + sx·x + sy·y, fitted on the white border. The face lies beside the
 * card, so the slope is carried over shortened.
 */
final class LightField {
    /** A plane overshoots beside the card. Derived: best over simulated rooms in the calibration study. */
    private static final double CARRIED = 0.87;
    /** A curved cheek gets less light than a flat card. Derived: model figure of the same study, to be checked on phones. */
    private static final double CURVED_CHEEK = 1.02;

    private final Point centre;
    private final double sx;
    private final double sy;
    private final double misfit;

    private LightField(Point centre, double sx, double sy, double misfit) {
        this.misfit = misfit;
        this.centre = centre;
        this.sx = sx;
        this.sy = sy;
    }

    static LightField of(List<CardSamples.BorderPoint> border, ToneCurves curves) {
        double cx = border.stream().mapToDouble(p -> p.at().x()).average().orElseThrow();
        double cy = border.stream().mapToDouble(p -> p.at().y()).average().orElseThrow();
        double[][] m = new double[border.size()][];
        double[] right = new double[border.size()];
        for (int i = 0; i < m.length; i++) {
            Point p = border.get(i).at();
            m[i] = new double[] {1, p.x() - cx, p.y() - cy};
            double[] linear = curves.linear(border.get(i).code());
            right[i] = Math.log(Math.max(1e-3, (linear[0] + linear[1] + linear[2]) / 3));
        }
        double[] fit = new QRDecomposition(new Array2DRowRealMatrix(m, false))
                .getSolver()
                .solve(new ArrayRealVector(right))
                .toArray();
        double squares = 0;
        for (int i = 0; i < m.length; i++) {
            double off = right[i] - fit[0] - fit[1] * m[i][1] - fit[2] * m[i][2];
            squares += off * off;
        }
        return new LightField(new Point(cx, cy), fit[1], fit[2], Math.sqrt(squares / m.length));
    }

    /** Returns rms of ln light on the border that the slope leaves. */
    double misfit() {
        return misfit;
    }

    /** Returns the factor that brings a field of the card to the light of the card's centre. */
    double evening(Point at) {
        return Math.exp(-sx * (at.x() - centre.x()) - sy * (at.y() - centre.y()));
    }

    /** Returns the factor that brings skin of a face round {@code face} to the light of the card's centre. */
    double carriedTo(Point face) {
        return CURVED_CHEEK * Math.exp(-CARRIED * sx * (face.x() - centre.x()));
    }
}
