package scree.core.mix;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;
import scree.core.colour.Lab;

/**
 * Learns tinting strengths from test mixes: the strengths whose mixes come nearest to what was seen, in ln strength, by
 * Levenberg–Marquardt with a pull towards what was believed before, so that one doubtful test does not overturn everything.
 */
public final class TintFit {
    /** How far strengths usually are from 1, as a standard deviation of ln strength. House choice (start value). */
    static final double BELIEF = 0.5;
    /** Error of a seen or measured test mix in ΔE units a channel. House choice (start value): a stripe judged by eye. */
    static final double SEEN = 0.7;

    private static final int EVALUATIONS = 200;
    private static final double STEP = 1e-3;
    private static final double FURTHEST = Math.log(20);
    /** What one test may make of a strength at most: a factor of two. House choice: no single look teaches a factor of five. */
    private static final double ONE_TEST = Math.log(2);
    /** A mix that is said to have vanished though it was predicted so far off is asked about, ΔE00. House choice: past what an edge shows. */
    public static final double SURPRISING = 4;

    private TintFit() {}

    /** Counted parts that were mixed, and the colour that came out. */
    public record TestMix(List<Recipe.Part> parts, Lab seen) {
        public TestMix {
            parts = List.copyOf(parts);
        }
    }

    /**
     * Returns the strength of every ingredient in the test mixes, by id. Only ratios count, so the ingredient that occurs most
     * often keeps its strength.
     */
    public static Map<Long, Double> of(List<TestMix> tests) {
        Map<Long, Ingredient> all = new LinkedHashMap<>();
        Map<Long, Integer> seen = new LinkedHashMap<>();
        for (TestMix t : tests) {
            for (Recipe.Part p : t.parts()) {
                all.putIfAbsent(p.ingredient().id(), p.ingredient());
                seen.merge(p.ingredient().id(), 1, Integer::sum);
            }
        }
        if (all.isEmpty()) {
            return Map.of();
        }
        long anchor = seen.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        List<Long> free = all.keySet().stream().filter(id -> id != anchor).toList();
        double[] bounds = free.stream()
                .mapToDouble(id -> Math.min(FURTHEST, ONE_TEST * seen.get(id)))
                .toArray();
        double[] x = free.isEmpty() ? new double[0] : fitted(tests, all, free, bounds);
        Map<Long, Double> strengths = new LinkedHashMap<>();
        strengths.put(anchor, all.get(anchor).strength());
        for (int i = 0; i < free.size(); i++) {
            strengths.put(free.get(i), all.get(free.get(i)).strength() * Math.exp(x[i]));
        }
        return strengths;
    }

    private static double[] fitted(List<TestMix> tests, Map<Long, Ingredient> all, List<Long> free, double[] bounds) {
        int n = free.size();
        MultivariateJacobianFunction model = point -> {
            double[] x = point.toArray();
            double[] here = residuals(tests, all, free, x);
            double[][] slopes = new double[here.length][n];
            for (int i = 0; i < n; i++) {
                double[] moved = x.clone();
                moved[i] += STEP;
                double[] there = residuals(tests, all, free, moved);
                for (int r = 0; r < here.length; r++) {
                    slopes[r][i] = (there[r] - here[r]) / STEP;
                }
            }
            return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(slopes, false));
        };
        LeastSquaresProblem problem = new LeastSquaresBuilder()
                .start(new double[n])
                .model(model)
                .target(new double[3 * tests.size() + n])
                .parameterValidator(p -> within(p, bounds))
                .maxEvaluations(EVALUATIONS)
                .maxIterations(EVALUATIONS)
                .build();
        return new LevenbergMarquardtOptimizer().optimize(problem).getPoint().toArray();
    }

    private static RealVector within(RealVector x, double[] bounds) {
        RealVector in = x.copy();
        for (int i = 0; i < bounds.length; i++) {
            in.setEntry(i, Math.max(-bounds[i], Math.min(bounds[i], x.getEntry(i))));
        }
        return in;
    }

    /** In units of their doubts: three of every test, and how far each strength is from what was believed. */
    private static double[] residuals(List<TestMix> tests, Map<Long, Ingredient> all, List<Long> free, double[] x) {
        double[] out = new double[3 * tests.size() + x.length];
        for (int t = 0; t < tests.size(); t++) {
            List<Recipe.Part> parts = new ArrayList<>();
            for (Recipe.Part p : tests.get(t).parts()) {
                Ingredient own = all.get(p.ingredient().id());
                int at = free.indexOf(own.id());
                double strength = at < 0 ? own.strength() : own.strength() * Math.exp(x[at]);
                parts.add(new Recipe.Part(own.withStrength(Math.max(.01, Math.min(100, strength))), p.count()));
            }
            Lab mixed = Recipe.mixed(parts).toLab();
            Lab seen = tests.get(t).seen();
            out[3 * t] = (mixed.lightness() - seen.lightness()) / SEEN;
            out[3 * t + 1] = (mixed.a() - seen.a()) / SEEN;
            out[3 * t + 2] = (mixed.b() - seen.b()) / SEEN;
        }
        for (int i = 0; i < x.length; i++) {
            out[3 * tests.size() + i] = x[i] / BELIEF;
        }
        return out;
    }
}
