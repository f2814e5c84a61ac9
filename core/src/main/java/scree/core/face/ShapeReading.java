package scree.core.face;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * A face's shape as a blend. Gaussian shares about the prototypes with one common spread widened by the doubt of the measures,
 * softened by {@link #SOFTNESS}.
 *
 * @param shares over all shapes, sum 1
 * @param name how the blend is called
 * @param open looks to take before the name may be called settled; empty when it is
 * @param reasons what speaks for the lead, strongest first, at most three
 * @param against what speaks most against it, or null
 */
public record ShapeReading(
        Map<Shape, Double> shares, Name name, List<Glance> open, List<Ground> reasons, Ground against) {
    /** The measures of the model, in its order. */
    static final Measure[] MODEL = {
        Measure.LENGTH_TO_WIDTH,
        Measure.TEMPLE_TO_CHEEK,
        Measure.JAW_TO_CHEEK,
        Measure.CHIN_TO_CHEEK,
        Measure.LOWER_FULLNESS,
        Measure.JAW_ANGLE
    };

    private static final double[] SPREAD = {.062, .036, .046, .060, .036, 6.1};
    private static final double[][] TOGETHER = {
        {1, 0, 0, 0, 0, 0},
        {0, 1, 0, 0, 0, 0},
        {0, 0, 1, .19, .43, -.39},
        {0, 0, .19, 1, .36, -.09},
        {0, 0, .43, .36, 1, -.31},
        {0, 0, -.39, -.09, -.31, 1}
    };
    /** Divisor of the log likelihoods. House choice: 2 shows half-way faces as blends; 1.0–1.3 is best for plain labels. */
    static final double SOFTNESS = 2.0;

    private static final double BLEND_FROM = .4;
    private static final double TWO_HOLD = .6;
    private static final double CLEARLY = .75;
    private static final double HYSTERESIS = .05;
    /** How far guessed points are taken to be off at most, in standard deviations. House choice: one face in fourteen is worse. */
    private static final double MAY_BE_OFF = 1.8;
    /** No doubt at all in any measure. */
    private static final RealMatrix SURE = new Array2DRowRealMatrix(MODEL.length, MODEL.length);

    private static final double SETTLED_ALONE = .6;
    private static final double SETTLED_REAL = .5;

    public ShapeReading {
        shares = Map.copyOf(shares);
        open = List.copyOf(open);
        reasons = List.copyOf(reasons);
    }

    /** How a blend is called. */
    public enum Manner {
        /** One shape, share 0.75 and more. */
        CLEARLY,
        /** One shape. */
        MOSTLY,
        /** A lead with a modifier. */
        BLEND,
        /** Between three. */
        BETWEEN
    }

    /** A name; second and third are null where the manner does not use them. */
    public record Name(Manner manner, Shape lead, Shape second, Shape third) {}

    /**
     * Why a shape leads.
     *
     * @param value of the measure
     * @param level where the value lies among faces
     * @param weight in log likelihood
     */
    public record Ground(Measure measure, double value, double doubt, Level level, double weight) {}

    public double share(Shape shape) {
        return shares.get(shape);
    }

    public boolean settled() {
        return open.isEmpty();
    }

    /** Reads the shape; {@code before} is the name shown until now, kept within the hysteresis, or null. */
    public static ShapeReading of(Measures measures, FacePoints points, Name before) {
        RealMatrix s = measures.covariance(MODEL);
        double[] v = new double[MODEL.length];
        for (int i = 0; i < v.length; i++) {
            v[i] = measures.of(MODEL[i]);
        }
        double[] share = shares(v, s);
        Name name = name(share, before);
        List<Ground> grounds = grounds(name.lead(), share, v, s);
        List<Ground> reasons = reasons(grounds);
        Optional<Ground> against =
                grounds.stream().filter(g -> g.weight() < 0).min(Comparator.comparingDouble(Ground::weight));
        Map<Shape, Double> shares = new EnumMap<>(Shape.class);
        for (Shape shape : Shape.values()) {
            shares.put(shape, share[shape.ordinal()]);
        }
        return new ShapeReading(shares, name, open(measures, points, share, v, name), reasons, against.orElse(null));
    }

    private static double[] shares(double[] v, RealMatrix s) {
        RealMatrix sum = s.copy();
        for (int i = 0; i < SPREAD.length; i++) {
            for (int j = 0; j < SPREAD.length; j++) {
                sum.addToEntry(i, j, TOGETHER[i][j] * SPREAD[i] * SPREAD[j]);
            }
        }
        var solver = new LUDecomposition(sum).getSolver();
        double[] ll = new double[Shape.values().length];
        double top = Double.NEGATIVE_INFINITY;
        for (Shape shape : Shape.values()) {
            RealVector d = new ArrayRealVector(v.length);
            for (int i = 0; i < v.length; i++) {
                d.setEntry(i, v[i] - shape.centre(i));
            }
            ll[shape.ordinal()] = -.5 * d.dotProduct(solver.solve(d)) / SOFTNESS;
            top = Math.max(top, ll[shape.ordinal()]);
        }
        double total = 0;
        for (int k = 0; k < ll.length; k++) {
            ll[k] = Math.exp(ll[k] - top);
            total += ll[k];
        }
        for (int k = 0; k < ll.length; k++) {
            ll[k] /= total;
        }
        return ll;
    }

    private static Name name(double[] share, Name before) {
        Integer[] order = {0, 1, 2, 3, 4, 5, 6};
        Arrays.sort(order, Comparator.comparingDouble((Integer k) -> -share[k]));
        if (before != null && share[order[0]] - share[before.lead().ordinal()] < HYSTERESIS) {
            List<Integer> kept = new ArrayList<>(List.of(order));
            kept.remove((Integer) before.lead().ordinal());
            kept.add(0, before.lead().ordinal());
            order = kept.toArray(Integer[]::new);
        }
        Shape[] shapes = Shape.values();
        double a = share[order[0]];
        double b = share[order[1]];
        boolean blendBefore = before != null && before.manner() != Manner.CLEARLY && before.manner() != Manner.MOSTLY;
        double from = BLEND_FROM + (before == null ? 0 : blendBefore ? -HYSTERESIS : HYSTERESIS);
        if (b / a < from) {
            double clearly =
                    CLEARLY + (before == null ? 0 : before.manner() == Manner.CLEARLY ? -HYSTERESIS : HYSTERESIS);
            return new Name(a >= clearly ? Manner.CLEARLY : Manner.MOSTLY, shapes[order[0]], null, null);
        }
        if (a + b >= TWO_HOLD) {
            return new Name(Manner.BLEND, shapes[order[0]], shapes[order[1]], null);
        }
        return new Name(Manner.BETWEEN, shapes[order[0]], shapes[order[1]], shapes[order[2]]);
    }

    private static List<Ground> grounds(Shape lead, double[] share, double[] v, RealMatrix s) {
        List<Ground> grounds = new ArrayList<>();
        double rest = Math.max(1e-9, 1 - share[lead.ordinal()]);
        for (int m = 0; m < v.length; m++) {
            double c = 0;
            for (Shape other : Shape.values()) {
                if (other != lead) {
                    double w = share[other.ordinal()] / rest;
                    double half = (lead.centre(m) + other.centre(m)) / 2;
                    c += w * (lead.centre(m) - other.centre(m)) * (v[m] - half);
                }
            }
            double spread = SPREAD[m] * SPREAD[m] + s.getEntry(m, m);
            grounds.add(new Ground(MODEL[m], v[m], Math.sqrt(s.getEntry(m, m)), Shape.level(m, v[m]), c / spread));
        }
        return grounds;
    }

    /** The three strongest; fullness, jaw and angle tell much the same, so at most two of them. */
    private static List<Ground> reasons(List<Ground> grounds) {
        List<Ground> out = new ArrayList<>();
        int alike = 0;
        List<Ground> strongest = grounds.stream()
                .filter(g -> g.weight() > 0)
                .sorted(Comparator.comparingDouble(g -> -g.weight()))
                .toList();
        for (Ground g : strongest) {
            boolean jaw = g.measure() == Measure.LOWER_FULLNESS
                    || g.measure() == Measure.JAW_TO_CHEEK
                    || g.measure() == Measure.JAW_ANGLE;
            if (out.size() < 3 && !(jaw && alike == 2)) {
                out.add(g);
                alike += jaw ? 1 : 0;
            }
        }
        return out;
    }

    /**
     * A name rests on the jaw always, and on every look whose points may lie, by their doubt, where the face would be called
     * another; one that doubts blur as a whole rests on all of them.
     */
    private static List<Glance> open(Measures measures, FacePoints points, double[] share, double[] v, Name name) {
        double[] alone = shares(v, SURE);
        double topAlone = Arrays.stream(alone).max().orElse(0);
        boolean blurred = topAlone >= SETTLED_ALONE && share[name.lead().ordinal()] < SETTLED_REAL;
        return Glance.open(points).stream()
                .filter(g -> blurred || g == Glance.JAW_AND_CHIN || mayTurn(g, measures, points, v, first(alone)))
                .toList();
    }

    private static boolean mayTurn(Glance look, Measures measures, FacePoints points, double[] v, int lead) {
        for (int m = 0; m < MODEL.length; m++) {
            double[] variance = new double[Landmark.values().length];
            measures.addDoubt(variance, MODEL[m], 1, points);
            double sum = look.landmarks().stream()
                    .mapToDouble(l -> variance[l.ordinal()])
                    .sum();
            for (double way : new double[] {-MAY_BE_OFF, MAY_BE_OFF}) {
                double[] moved = v.clone();
                moved[m] += way * Math.sqrt(sum);
                if (first(shares(moved, SURE)) != lead) {
                    return true;
                }
            }
        }
        return false;
    }

    private static int first(double[] share) {
        int best = 0;
        for (int k = 1; k < share.length; k++) {
            best = share[k] > share[best] ? k : best;
        }
        return best;
    }
}
