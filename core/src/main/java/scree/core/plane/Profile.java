package scree.core.plane;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Check;

/**
 * A value along a line, given at a few places and carried between them by monotone cubic pieces, so that it never
 * overshoots. Fritsch and Carlson (1980) with the harmonic mean of Fritsch and Butland (1984).
 */
public final class Profile {
    private final double[] t;
    private final double[] v;
    private final double[] slope;

    private Profile(double[] t, double[] v) {
        this.t = t;
        this.v = v;
        this.slope = slopes(t, v);
    }

    /** Takes pairs t, value with t rising from 0 to 1. */
    public static Profile of(double... pairs) {
        double[] t = new double[pairs.length / 2];
        double[] v = new double[t.length];
        for (int i = 0; i < t.length; i++) {
            t[i] = Check.inRange("place", pairs[2 * i], i == 0 ? 0 : t[i - 1] + 1e-9, 1, "let the places rise");
            v[i] = pairs[2 * i + 1];
        }
        return new Profile(t, v);
    }

    /** Takes values at even places from 0 to 1. */
    public static Profile even(double... values) {
        double[] t = new double[values.length];
        for (int i = 0; i < t.length; i++) {
            t[i] = i / (double) (t.length - 1);
        }
        return new Profile(t, values.clone());
    }

    /** Begins a profile with its value at place 0; further stops follow by name. */
    public static Stops from(double value) {
        return new Stops(value);
    }

    /** A profile in the making, stop by stop. */
    public static final class Stops {
        private final List<Double> pairs = new ArrayList<>();

        private Stops(double start) {
            pairs.add(0.0);
            pairs.add(start);
        }

        /** @param place over the last one, under 1 */
        public Stops at(double place, double value) {
            pairs.add(place);
            pairs.add(value);
            return this;
        }

        /** Ends it with its value at place 1. */
        public Profile to(double value) {
            return at(1, value).done();
        }

        private Profile done() {
            return of(pairs.stream().mapToDouble(Double::doubleValue).toArray());
        }
    }

    public Profile times(double k) {
        double[] scaled = v.clone();
        for (int i = 0; i < scaled.length; i++) {
            scaled[i] *= k;
        }
        return new Profile(t, scaled);
    }

    /** Returns the value at a place, held beyond both ends. */
    public double at(double place) {
        int last = t.length - 1;
        if (place <= t[0]) {
            return v[0];
        }
        if (place >= t[last]) {
            return v[last];
        }
        int i = 0;
        while (t[i + 1] < place) {
            i++;
        }
        double h = t[i + 1] - t[i];
        double s = (place - t[i]) / h;
        double s2 = s * s;
        double s3 = s2 * s;
        return (2 * s3 - 3 * s2 + 1) * v[i]
                + (s3 - 2 * s2 + s) * h * slope[i]
                + (-2 * s3 + 3 * s2) * v[i + 1]
                + (s3 - s2) * h * slope[i + 1];
    }

    private static double[] slopes(double[] t, double[] v) {
        int n = t.length;
        double[] m = new double[n];
        if (n < 2) {
            return m;
        }
        double[] d = new double[n - 1];
        for (int i = 0; i + 1 < n; i++) {
            d[i] = (v[i + 1] - v[i]) / (t[i + 1] - t[i]);
        }
        for (int i = 1; i + 1 < n; i++) {
            if (d[i - 1] * d[i] > 0) {
                double a = 2 * (t[i + 1] - t[i]) + (t[i] - t[i - 1]);
                double b = (t[i + 1] - t[i]) + 2 * (t[i] - t[i - 1]);
                m[i] = (a + b) / (a / d[i - 1] + b / d[i]);
            }
        }
        m[0] = n == 2 ? d[0] : end(t[1] - t[0], t[2] - t[1], d[0], d[1]);
        m[n - 1] = n == 2 ? d[0] : end(t[n - 1] - t[n - 2], t[n - 2] - t[n - 3], d[n - 2], d[n - 3]);
        return m;
    }

    private static double end(double h1, double h2, double d1, double d2) {
        double m = ((2 * h1 + h2) * d1 - h1 * d2) / (h1 + h2);
        if (m * d1 <= 0) {
            return 0;
        }
        return d1 * d2 < 0 && Math.abs(m) > 3 * Math.abs(d1) ? 3 * d1 : m;
    }
}
