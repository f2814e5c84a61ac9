package scree.standins.camera;

/** The few shapes that everything is modelled from. */
final class Curves {
    private Curves() {}

    /** Returns exp(−(dx/sx)² − (dy/sy)²), 0 past exponent 9. */
    static double bell(double dx, double dy, double sx, double sy) {
        double u = dx / sx;
        double v = dy / sy;
        double e = u * u + v * v;
        return e > 9 ? 0 : Math.exp(-e);
    }

    static double bell(double d, double s) {
        double e = d / s * (d / s);
        return e > 9 ? 0 : Math.exp(-e);
    }

    /** Smooth step from a (0) to b (1); with a over b it falls. */
    static double step(double a, double b, double t) {
        double u = Math.min(1, Math.max(0, (t - a) / (b - a)));
        return u * u * (3 - 2 * u);
    }

    static double lerp(double a, double b, double t) {
        return a + (b - a) * t;
    }

    static double clamp(double v, double low, double high) {
        return v < low ? low : Math.min(v, high);
    }

    /** Returns |x| rounded at 0, so that no crease runs down the midline. */
    static double soft(double x) {
        return Math.sqrt(x * x + 0.0016);
    }

    /** Returns y at x on the Catmull–Rom curve through knots of rising x; flat beyond the ends. */
    static double through(double[][] knots, double x) {
        int n = knots.length;
        if (x <= knots[0][0]) {
            return knots[0][1];
        }
        if (x >= knots[n - 1][0]) {
            return knots[n - 1][1];
        }
        int i = 0;
        while (x > knots[i + 1][0]) {
            i++;
        }
        double[] p1 = knots[i];
        double[] p2 = knots[i + 1];
        double[] p0 = i == 0 ? p1 : knots[i - 1];
        double[] p3 = i + 2 < n ? knots[i + 2] : p2;
        double h = p2[0] - p1[0];
        double t = (x - p1[0]) / h;
        double m1 = i == 0 ? (p2[1] - p1[1]) : (p2[1] - p0[1]) / (p2[0] - p0[0]) * h;
        double m2 = i + 2 < n ? (p3[1] - p1[1]) / (p3[0] - p1[0]) * h : (p2[1] - p1[1]);
        double t2 = t * t;
        double t3 = t2 * t;
        return (2 * t3 - 3 * t2 + 1) * p1[1] + (t3 - 2 * t2 + t) * m1 + (3 * t2 - 2 * t3) * p2[1] + (t3 - t2) * m2;
    }

    /** Returns a polyline along the Catmull–Rom curve through points {x, y}. */
    static double[][] polyline(double[][] p, int perSpan) {
        int spans = p.length - 1;
        double[][] out = new double[spans * perSpan + 1][2];
        for (int s = 0; s < spans; s++) {
            double[] a = p[Math.max(0, s - 1)];
            double[] b = p[s];
            double[] c = p[s + 1];
            double[] d = p[Math.min(spans, s + 2)];
            for (int i = 0; i < perSpan; i++) {
                double t = (double) i / perSpan;
                for (int k = 0; k < 2; k++) {
                    out[s * perSpan + i][k] = catmull(a[k], b[k], c[k], d[k], t);
                }
            }
        }
        out[spans * perSpan] = p[spans].clone();
        return out;
    }

    private static double catmull(double a, double b, double c, double d, double t) {
        return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
    }
}
