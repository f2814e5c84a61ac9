package scree.core.mix;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import scree.core.colour.Lab;

/**
 * Learns tinting strengths from test mixes: the strengths whose mixes come nearest to what was seen, in ln strength, by
 * Gauss–Newton with a pull towards what was believed before, so that one doubtful test does not overturn everything.
 */
public final class TintFit {
    /** How far strengths usually are from 1, as a standard deviation of ln strength. House choice (start value). */
    static final double BELIEF = 0.5;
    /** Error of a seen or measured test mix in ΔE units a channel. House choice (start value): a stripe judged by eye. */
    static final double SEEN = 0.7;

    private static final int STEPS = 25;
    private static final double STEP = 1e-3;
    private static final double FURTHEST = Math.log(20);

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
        double[] x = new double[free.size()];
        for (int step = 0; step < STEPS; step++) {
            double[] move = gaussNewton(tests, all, free, x);
            double size = 0;
            for (int i = 0; i < x.length; i++) {
                x[i] = Math.max(-FURTHEST, Math.min(FURTHEST, x[i] + move[i]));
                size = Math.max(size, Math.abs(move[i]));
            }
            if (size < 1e-7) {
                break;
            }
        }
        Map<Long, Double> strengths = new LinkedHashMap<>();
        strengths.put(anchor, all.get(anchor).strength());
        for (int i = 0; i < free.size(); i++) {
            strengths.put(free.get(i), all.get(free.get(i)).strength() * Math.exp(x[i]));
        }
        return strengths;
    }

    private static double[] gaussNewton(List<TestMix> tests, Map<Long, Ingredient> all, List<Long> free, double[] x) {
        int n = free.size();
        double[] rest = residuals(tests, all, free, x);
        double[][] normal = new double[n][n];
        double[] right = new double[n];
        double[][] slopes = new double[n][];
        for (int i = 0; i < n; i++) {
            double[] moved = x.clone();
            moved[i] += STEP;
            double[] there = residuals(tests, all, free, moved);
            slopes[i] = new double[rest.length];
            for (int r = 0; r < rest.length; r++) {
                slopes[i][r] = (there[r] - rest[r]) / STEP;
                right[i] -= slopes[i][r] * rest[r];
            }
            right[i] -= x[i] / (BELIEF * BELIEF);
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                for (int r = 0; r < rest.length; r++) {
                    normal[i][j] += slopes[i][r] * slopes[j][r];
                }
            }
            normal[i][i] += 1 / (BELIEF * BELIEF) + 1e-9;
        }
        if (n == 0) {
            return new double[0];
        }
        return new LUDecomposition(new Array2DRowRealMatrix(normal, false))
                .getSolver()
                .solve(new ArrayRealVector(right))
                .toArray();
    }

    private static double[] residuals(List<TestMix> tests, Map<Long, Ingredient> all, List<Long> free, double[] x) {
        double[] out = new double[3 * tests.size()];
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
        return out;
    }
}
