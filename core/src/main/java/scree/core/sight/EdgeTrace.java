package scree.core.sight;

import java.util.Arrays;

/**
 * Finds where skin ends along neighbouring rays: each place costs what skin it leaves outside and what else it takes in, less the step in
 * colour there, and the line through all rays that costs least is taken (dynamic programming). Derived on photographs: docs/method.md.
 */
final class EdgeTrace {
    /** Samples, one a pixel, that are skin for sure. */
    private static final int OWN = 16;
    /** No pixel counts as farther from skin than this. */
    private static final double FAR = 12;

    private static final int WINDOW = 16;
    private static final double LOOSE = 1.7;
    private static final double GAIN = 2;
    private static final int HALF_STEP = 4;
    private static final double FULL_STEP = 24;
    private static final int MOST_JUMP = 6;
    private static final double JUMP = .06;
    private static final double PRIOR = .09;
    private static final double INSIDE = .9;
    private static final double UNSEEN = .5;
    private static final int NEIGHBOURS = 3;
    /** A median of absolute deviations as a standard deviation of a normal distribution, and room for what skin varies more. */
    private static final double SPREAD = 1.3 * 1.4826;

    private EdgeTrace() {}

    /**
     * One ray in pixels.
     *
     * @param x of the place where the edge is expected
     * @param outX of the unit arrow outward
     * @param prior standard deviation of the expected place, pupil distances
     */
    record Ray(double x, double y, double outX, double outY, double prior) {}

    /**
     * What a ray says.
     *
     * @param shift of the edge outward from where it was expected, pixels
     * @param contrast of what lies outside to what lies inside, −1 to 1
     * @param step in colour at the edge, 0 to 1
     */
    record Found(double shift, double contrast, double step) {}

    /**
     * Traces one edge.
     *
     * @param rays in order along the edge
     * @param inner pixels looked at inside the expected place
     * @param outer outside
     * @param own leading samples of a ray that are its own skin
     * @param perPupils pixels per pupil distance
     */
    static Found[] trace(SkinFeatures f, Ray[] rays, int inner, int outer, int own, double perPupils) {
        int n = rays.length;
        int length = inner + outer;
        double[][][] samples = new double[n][length][SkinFeatures.COUNT];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < length; k++) {
                double t = k - inner;
                for (int c = 0; c < SkinFeatures.COUNT; c++) {
                    samples[i][k][c] = f.at(rays[i].x() + t * rays[i].outX(), rays[i].y() + t * rays[i].outY(), c);
                }
            }
        }
        int lead = Math.min(own, length);
        double[][] skin = ownSkin(samples, lead);
        double[] spread = spread(samples, skin, lead);
        double[][] off = new double[n][length];
        double[][] cost = new double[n][length];
        double[][] step = new double[n][length];
        for (int i = 0; i < n; i++) {
            costs(samples[i], skin[i], spread, off[i], cost[i], step[i]);
            for (int k = 0; k < length; k++) {
                double from = (k - inner) / perPupils / rays[i].prior();
                cost[i][k] += PRIOR * from * from - GAIN * step[i][k];
            }
        }
        int[] at = cheapest(cost);
        Found[] found = new Found[n];
        for (int i = 0; i < n; i++) {
            found[i] = new Found(at[i] - (double) inner, contrast(off[i], at[i]), step[i][at[i]]);
        }
        return found;
    }

    static Found[] trace(SkinFeatures f, Ray[] rays, int inner, int outer, double perPupils) {
        return trace(f, rays, inner, outer, OWN, perPupils);
    }

    /** Median of each ray's first samples, then of its neighbours: follows shading and coloured light. */
    private static double[][] ownSkin(double[][][] samples, int own) {
        int n = samples.length;
        double[][] first = new double[n][SkinFeatures.COUNT];
        double[] values = new double[own];
        for (int i = 0; i < n; i++) {
            for (int c = 0; c < SkinFeatures.COUNT; c++) {
                for (int k = 0; k < own; k++) {
                    values[k] = samples[i][k][c];
                }
                first[i][c] = median(values.clone());
            }
        }
        double[][] skin = new double[n][SkinFeatures.COUNT];
        for (int i = 0; i < n; i++) {
            int from = Math.max(0, i - NEIGHBOURS);
            int to = Math.min(n, i + NEIGHBOURS + 1);
            for (int c = 0; c < SkinFeatures.COUNT; c++) {
                double[] near = new double[to - from];
                for (int j = from; j < to; j++) {
                    near[j - from] = first[j][c];
                }
                skin[i][c] = median(near);
            }
        }
        return skin;
    }

    private static double[] spread(double[][][] samples, double[][] skin, int own) {
        double[] spread = new double[SkinFeatures.COUNT];
        for (int c = 0; c < SkinFeatures.COUNT; c++) {
            double[] apart = new double[samples.length * own];
            for (int i = 0; i < samples.length; i++) {
                for (int k = 0; k < own; k++) {
                    apart[i * own + k] = Math.abs(samples[i][k][c] - skin[i][c]);
                }
            }
            spread[c] = Math.max(SkinFeatures.floor(c), SPREAD * median(apart));
        }
        return spread;
    }

    private static void costs(
            double[][] samples, double[] skin, double[] spread, double[] off, double[] cost, double[] step) {
        int length = samples.length;
        double[] sum = new double[length + 1];
        double[][] sums = new double[length + 1][SkinFeatures.COUNT];
        for (int k = 0; k < length; k++) {
            double d = 0;
            for (int c = 0; c < SkinFeatures.COUNT; c++) {
                double z = (samples[k][c] - skin[c]) / (spread[c] * LOOSE);
                d += z * z;
                sums[k + 1][c] = sums[k][c] + samples[k][c];
            }
            off[k] = Math.min(d, FAR);
            sum[k + 1] = sum[k] + off[k];
        }
        for (int k = 0; k < length; k++) {
            int low = Math.max(0, k - 2 * WINDOW);
            int high = Math.min(length, k + WINDOW);
            double inside = (sum[k] - sum[low]) / Math.max(1, k - low) * WINDOW * INSIDE;
            double outside = (high - k) * FAR - (sum[high] - sum[k]) + (WINDOW - (high - k)) * FAR * UNSEEN;
            cost[k] = (inside + outside) / (FAR * WINDOW);
            if (k >= HALF_STEP && k < length - HALF_STEP) {
                double d = 0;
                for (int c = 0; c < SkinFeatures.TEXTURE; c++) {
                    double after = sums[k + HALF_STEP][c] - sums[k][c];
                    double before = sums[k][c] - sums[k - HALF_STEP][c];
                    double z = (after - before) / HALF_STEP / spread[c];
                    d += z * z;
                }
                step[k] = Math.min(d / FULL_STEP, 1);
            }
        }
    }

    private static int[] cheapest(double[][] cost) {
        int n = cost.length;
        int length = cost[0].length;
        double[] total = cost[0].clone();
        int[][] from = new int[n][length];
        for (int i = 1; i < n; i++) {
            double[] next = new double[length];
            for (int k = 0; k < length; k++) {
                double best = Double.POSITIVE_INFINITY;
                for (int j = -MOST_JUMP; j <= MOST_JUMP; j++) {
                    int before = k - j;
                    if (before >= 0 && before < length && total[before] + JUMP * Math.abs(j) < best) {
                        best = total[before] + JUMP * Math.abs(j);
                        from[i][k] = before;
                    }
                }
                next[k] = best + cost[i][k];
            }
            total = next;
        }
        int[] at = new int[n];
        for (int k = 1; k < length; k++) {
            if (total[k] < total[at[n - 1]]) {
                at[n - 1] = k;
            }
        }
        for (int i = n - 1; i > 0; i--) {
            at[i - 1] = from[i][at[i]];
        }
        return at;
    }

    private static double contrast(double[] off, int k) {
        double outside = k < off.length - 2 ? mean(off, k, Math.min(off.length, k + WINDOW)) : 0;
        return (outside - mean(off, Math.max(0, k - 2 * WINDOW), Math.max(1, k))) / FAR;
    }

    private static double mean(double[] v, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += v[i];
        }
        return sum / (to - from);
    }

    /** Sorts what it is given. */
    static double median(double[] values) {
        Arrays.sort(values);
        int n = values.length;
        return (values[(n - 1) / 2] + values[n / 2]) / 2;
    }
}
