package scree.standins.camera;

/**
 * The silhouette of a head as a smooth polar radius about (0, 0.25): no crease at the chin, and the exact truth for outline
 * measures.
 */
final class HeadOutline {
    static final double CENTRE_Y = 0.25;
    private static final int SAMPLES = 1024;
    private static final double SMOOTHING = 10;

    private final double[] radius;
    private final double asymmetry;

    HeadOutline(Sitter.Face face) {
        this.asymmetry = face.asymmetry();
        Sitter.Shape s = face.shape();
        double[][] knots = {
            {0, -1.74},
            {.52, -1.63},
            {.88, -1.27},
            {s.temple, -.75},
            {(s.temple + s.cheek) / 2 + .01, -.3},
            {s.cheek, .2},
            {s.middle, .72},
            {s.jaw, 1.2},
            {s.chinHalf, s.chin - .22},
            {.52 * s.chinHalf, s.chin - .045},
            {0, s.chin}
        };
        radius = smoothed(sampled(Curves.polyline(knots, 60)));
    }

    /** Returns the distance from the centre to the outline in the direction of (x, y − centre). */
    double radius(double x, double dy) {
        double theta = Math.atan2(Math.abs(x), -dy); // 0 at the crown, π at the chin
        double at = theta / Math.PI * SAMPLES;
        int i = (int) Math.min(SAMPLES - 1, at);
        double r = radius[i] + (at - i) * (radius[i + 1] - radius[i]);
        double sin = Math.sin(theta);
        return r * (1 + .02 * asymmetry * Math.signum(x) * sin * sin);
    }

    /** Returns distance over radius: under 1 inside. */
    double gauge(double x, double y) {
        double dy = y - CENTRE_Y;
        return Math.sqrt(x * x + dy * dy) / radius(x, dy);
    }

    /** Returns |x| where the outline crosses height y on the given side (−1 or 1). */
    double halfWidth(double y, int side) {
        double low = 0;
        double high = 2;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (gauge(side * middle, y) < 1) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static double[] sampled(double[][] line) {
        double[] r = new double[SAMPLES + 1];
        int at = 0;
        for (int i = 0; i <= SAMPLES; i++) {
            double theta = Math.PI * i / SAMPLES;
            while (at < line.length - 2 && angle(line[at + 1]) < theta) {
                at++;
            }
            double a = angle(line[at]);
            double b = angle(line[at + 1]);
            double t = b == a ? 0 : Curves.clamp((theta - a) / (b - a), 0, 1);
            double x = Curves.lerp(line[at][0], line[at + 1][0], t);
            double y = Curves.lerp(line[at][1], line[at + 1][1], t) - CENTRE_Y;
            r[i] = Math.hypot(x, y);
        }
        return r;
    }

    private static double angle(double[] p) {
        return Math.atan2(p[0], -(p[1] - CENTRE_Y));
    }

    private static double[] smoothed(double[] r) {
        double[] out = new double[r.length];
        int reach = (int) (3 * SMOOTHING);
        for (int i = 0; i < r.length; i++) {
            double sum = 0;
            double weights = 0;
            for (int k = -reach; k <= reach; k++) {
                int j = Math.abs(i + k);
                j = j > SAMPLES ? 2 * SAMPLES - j : j;
                double w = Math.exp(-k * k / (2 * SMOOTHING * SMOOTHING));
                sum += w * r[j];
                weights += w;
            }
            out[i] = sum / weights;
        }
        return out;
    }
}
