package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.colour.Table;

/**
 * The map from cube roots of linear light to L*a*b* for make-up, its films and the paper under them. A map of its own: skin has blood
 * and make-up has none, and one map for both doubles the error of skin. Quadratic, least squares over 300 virtual products, each also
 * as a film, and seven greys three times. Figures: docs/method.md, "A kit from pictures".
 */
public final class ProductMap {
    private static final double[] GREYS = {.03, .06, .12, .25, .45, .65, .88};
    private static final int GREYS_COUNT = 3;
    private static final double PAPER = .85;
    private static final double PRINT = .06;
    private static final double[] COATS = {.25, .7, 2};
    private static final List<Known> KNOWN = known();

    private final double[][] rows;

    private ProductMap(double[][] rows) {
        this.rows = rows;
    }

    private record Known(Lab colour, Spectrum surface) {}

    static ProductMap of(ResponseEstimate response) {
        return pooled(List.of(response));
    }

    /** Fits one map on several possible responses, so that their doubt flattens it. */
    static ProductMap pooled(List<ResponseEstimate> responses) {
        int n = responses.size() * KNOWN.size();
        double[][] x = new double[n][];
        double[][] y = new double[3][n];
        int i = 0;
        for (ResponseEstimate response : responses) {
            for (Known k : KNOWN) {
                x[i] = features(CardCalibration.roots(response.response(k.surface())));
                y[0][i] = k.colour().lightness();
                y[1][i] = k.colour().a();
                y[2][i] = k.colour().b();
                i++;
            }
        }
        var solver = new QRDecomposition(new Array2DRowRealMatrix(x, false)).getSolver();
        double[][] rows = new double[3][];
        for (int axis = 0; axis < 3; axis++) {
            rows[axis] = solver.solve(new ArrayRealVector(y[axis], false)).toArray();
        }
        return new ProductMap(rows);
    }

    /** @param roots cube roots of corrected linear light */
    public Lab at(double[] roots) {
        double[] x = features(roots);
        double[] lab = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < x.length; i++) {
                lab[axis] += rows[axis][i] * x[i];
            }
        }
        return Lab.ofClamped(lab[0], lab[1], lab[2]);
    }

    private static double[] features(double[] p) {
        return new double[] {
            1, p[0], p[1], p[2], p[0] * p[0], p[1] * p[1], p[2] * p[2], p[0] * p[1], p[0] * p[2], p[1] * p[2]
        };
    }

    private static List<Known> known() {
        Table table = Table.beside(ProductMap.class, "virtual_products.csv");
        List<Known> all = new ArrayList<>();
        for (int i = 0; i < table.rows().size(); i++) {
            Spectrum product = Spectrum.of(table.numbers(i, 3));
            double coat = COATS[i % COATS.length];
            add(all, product);
            add(all, KubelkaMunk.film(product, Spectrum.flat(PAPER), coat));
            add(all, KubelkaMunk.film(product, Spectrum.flat(PRINT), coat));
        }
        for (double grey : GREYS) {
            for (int i = 0; i < GREYS_COUNT; i++) {
                add(all, Spectrum.flat(grey));
            }
        }
        return List.copyOf(all);
    }

    private static void add(List<Known> all, Spectrum surface) {
        all.add(new Known(surface.toLab(), surface));
    }
}
