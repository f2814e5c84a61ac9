package scree.core.colour;

/**
 * A point of the CIE 1931 x, y diagram, with the temperature of the nearest black body.
 *
 * @param x 0..1
 * @param y above 0 to 1
 */
public record Chromaticity(double x, double y) {
    /** c2 of Planck's law in nm K, ITS-90 rounding used by CIE 15. */
    private static final double C2 = 1.4388e7;

    private static final double COLDEST = 1000;
    private static final double HOTTEST = 25000;

    /**
     * Correlated colour temperature and distance to the black-body line.
     *
     * @param kelvin 1000 to 25000
     * @param duv distance in CIE 1960 u, v; positive above the line (greenish), negative below (pinkish)
     */
    public record Temperature(double kelvin, double duv) {}

    public Chromaticity {
        x = Check.inRange("x", x, 0, 1, "give chromaticity, not tristimulus values");
        y = Check.inRange("y", y, 1e-6, 1, "give chromaticity, not tristimulus values");
    }

    public static Chromaticity of(Xyz xyz) {
        double sum = xyz.x() + xyz.y() + xyz.z();
        return new Chromaticity(xyz.x() / sum, xyz.y() / sum);
    }

    /** Returns McCamy's estimate in K: good to a few K between 2800 and 6500 near the line. McCamy (1992). */
    public double mcCamyKelvin() {
        double n = (x - 0.3320) / (0.1858 - y);
        return ((449 * n + 3525) * n + 6823.3) * n + 5520.33;
    }

    /** Returns the nearest black body in u, v: a coarse scan in mired, then golden section. */
    public Temperature temperature() {
        double bestMired = 1e6 / HOTTEST;
        double best = Double.MAX_VALUE;
        for (double mired = 1e6 / HOTTEST; mired <= 1e6 / COLDEST; mired += 5) {
            double distance = distance(mired);
            if (distance < best) {
                best = distance;
                bestMired = mired;
            }
        }
        double mired = goldenSection(Math.max(1e6 / HOTTEST, bestMired - 5), Math.min(1e6 / COLDEST, bestMired + 5));
        double[] locus = planckUv(1e6 / mired);
        double sign = v() >= locus[1] ? 1 : -1;
        return new Temperature(1e6 / mired, sign * distance(mired));
    }

    private double goldenSection(double low, double high) {
        double ratio = (Math.sqrt(5) - 1) / 2;
        while (high - low > 1e-4) {
            double left = high - ratio * (high - low);
            double right = low + ratio * (high - low);
            if (distance(left) < distance(right)) {
                high = right;
            } else {
                low = left;
            }
        }
        return (low + high) / 2;
    }

    private double distance(double mired) {
        double[] locus = planckUv(1e6 / mired);
        return Math.hypot(u() - locus[0], v() - locus[1]);
    }

    private double u() {
        return 4 * x / (-2 * x + 12 * y + 3);
    }

    private double v() {
        return 6 * y / (-2 * x + 12 * y + 3);
    }

    private static double[] planckUv(double kelvin) {
        double[] sum = new double[3];
        for (int i = 0; i < Observer.WAVELENGTH.length; i++) {
            double nm = Observer.WAVELENGTH[i];
            double power = Math.pow(nm / 560, -5) / Math.expm1(C2 / (nm * kelvin));
            for (int axis = 0; axis < 3; axis++) {
                sum[axis] += power * Observer.BAR[axis][i];
            }
        }
        double d = sum[0] + 15 * sum[1] + 3 * sum[2];
        return new double[] {4 * sum[0] / d, 6 * sum[1] / d};
    }

    /** The 2° observer at 5 nm, 360–780; below 380 nm the CIE rows matter for Duv past 1e-5. */
    private static final class Observer {
        private static final Table TABLE = Table.beside(Chromaticity.class, "cie1931_2deg_5nm.csv");
        static final double[] WAVELENGTH = TABLE.column(0);
        static final double[][] BAR = {TABLE.column(1), TABLE.column(2), TABLE.column(3)};
    }
}
