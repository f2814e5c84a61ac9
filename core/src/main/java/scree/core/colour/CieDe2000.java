package scree.core.colour;

/**
 * The CIEDE2000 colour difference with k_L = k_C = k_H = 1. Sharma, Wu and Dalal (2005), doi:10.1002/col.20070, whose
 * symbols are kept. Symmetric, 0 for equal colours, not a metric (the triangle inequality can fail).
 */
public final class CieDe2000 {
    private static final double POW_25_7 = 6103515625.0;
    private static final double DEGREE = Math.PI / 180;

    private CieDe2000() {}

    /** Returns ΔE00 between two colours. */
    public static double between(Lab first, Lab second) {
        return between(first.lightness(), first.a(), first.b(), second.lightness(), second.a(), second.b());
    }

    /** The same on bare figures, for inner loops. */
    public static double between(double l1, double a1, double b1, double l2, double a2, double b2) {
        double g = greyShift((Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2);
        double a1p = (1 + g) * a1;
        double a2p = (1 + g) * a2;
        double c1 = Math.sqrt(a1p * a1p + b1 * b1);
        double c2 = Math.sqrt(a2p * a2p + b2 * b2);
        double h1 = hue(a1p, b1);
        double h2 = hue(a2p, b2);
        boolean grey = c1 * c2 == 0;
        double dh = grey ? 0 : wrapped(h2 - h1);
        double meanHue = grey ? h1 + h2 : meanHue(h1, h2);
        double dHue = 2 * Math.sqrt(c1 * c2) * Math.sin(dh / 2);
        return weighted(l2 - l1, c2 - c1, dHue, (l1 + l2) / 2, (c1 + c2) / 2, meanHue);
    }

    /** Returns S_L, the weight of a lightness difference around the mean lightness; 1 at 50, at most 1.75 at the ends. */
    public static double lightnessWeight(double meanLightness) {
        double square = (meanLightness - 50) * (meanLightness - 50);
        return 1 + 0.015 * square / Math.sqrt(20 + square);
    }

    /**
     * Returns the spread in ΔE00 of a colour that is known with this covariance of L*, a*, b*: each axis of lightness, chroma and
     * hue over its weight at the colour, without the rotation in blue. Derived.
     */
    static double spread(Lab colour, double[][] covariance) {
        double c = colour.chroma() + 1e-6;
        double sl = lightnessWeight(colour.lightness());
        double sc = 1 + 0.045 * c;
        double sh = 1 + 0.0135 * c; // T taken as 0.9
        double[] outward = {0, colour.a() / c, colour.b() / c};
        double[] across = {0, -colour.b() / c, colour.a() / c};
        return Math.sqrt(covariance[0][0] / (sl * sl)
                + along(outward, covariance) / (sc * sc)
                + along(across, covariance) / (sh * sh));
    }

    private static double along(double[] way, double[][] covariance) {
        double sum = 0;
        for (int i = 0; i < way.length; i++) {
            for (int j = 0; j < way.length; j++) {
                sum += way[i] * covariance[i][j] * way[j];
            }
        }
        return sum;
    }

    private static double greyShift(double meanChroma) {
        double c7 = power7(meanChroma);
        return 0.5 * (1 - Math.sqrt(c7 / (c7 + POW_25_7)));
    }

    private static double weighted(double dl, double dc, double dh, double meanL, double meanC, double meanHue) {
        double t = 1
                - 0.17 * Math.cos(meanHue - 30 * DEGREE)
                + 0.24 * Math.cos(2 * meanHue)
                + 0.32 * Math.cos(3 * meanHue + 6 * DEGREE)
                - 0.20 * Math.cos(4 * meanHue - 63 * DEGREE);
        double hueStep = (meanHue / DEGREE - 275) / 25;
        double dTheta = 30 * DEGREE * Math.exp(-hueStep * hueStep);
        double c7 = power7(meanC);
        double rt = -Math.sin(2 * dTheta) * 2 * Math.sqrt(c7 / (c7 + POW_25_7));
        double l = dl / lightnessWeight(meanL);
        double c = dc / (1 + 0.045 * meanC);
        double h = dh / (1 + 0.015 * meanC * t);
        return Math.sqrt(Math.max(0, l * l + c * c + h * h + rt * c * h));
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double hue = Math.atan2(b, a);
        return hue < 0 ? hue + 2 * Math.PI : hue;
    }

    private static double wrapped(double difference) {
        if (difference > Math.PI) {
            return difference - 2 * Math.PI;
        }
        return difference < -Math.PI ? difference + 2 * Math.PI : difference;
    }

    private static double meanHue(double h1, double h2) {
        double sum = h1 + h2;
        if (Math.abs(h1 - h2) <= Math.PI) {
            return sum / 2;
        }
        return sum < 2 * Math.PI ? sum / 2 + Math.PI : sum / 2 - Math.PI;
    }

    private static double power7(double v) {
        double square = v * v;
        return square * square * square * v;
    }
}
