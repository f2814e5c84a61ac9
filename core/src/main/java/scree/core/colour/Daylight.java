package scree.core.colour;

/** Phases of daylight by their mean and first two eigenvectors. Judd, MacAdam and Wyszecki (1964); CIE 15:2018, 4.1.2. */
public final class Daylight {
    private static final double[] S0 = {
        63.4, 65.8, 94.8, 104.8, 105.9, 96.8, 113.9, 125.6, 125.5, 121.3, 121.3, 113.5, 113.1, 110.8, 106.5, 108.8,
        105.3, 104.4, 100, 96, 95.1, 89.1, 90.5, 90.3, 88.4, 84, 85.1, 81.9, 82.6, 84.9, 81.3, 71.9, 74.3, 76.4, 63.3,
        71.7
    };
    private static final double[] S1 = {
        38.5, 35, 43.4, 46.3, 43.9, 37.1, 36.7, 35.9, 32.6, 27.9, 24.3, 20.1, 16.2, 13.2, 8.6, 6.1, 4.2, 1.9, 0, -1.6,
        -3.5, -3.5, -5.8, -7.2, -8.6, -9.5, -10.9, -10.7, -12, -14, -13.6, -12, -13.3, -12.9, -10.6, -11.6
    };
    private static final double[] S2 = {
        3, 1.2, -1.1, -.5, -.7, -1.2, -2.6, -2.9, -2.8, -2.6, -2.6, -1.8, -1.5, -1.3, -1.2, -1, -.5, -.3, 0, .2, .5,
        2.1, 3.2, 4.1, 4.7, 5.1, 6.7, 7.3, 8.6, 9.8, 10.2, 8.3, 9.6, 8.5, 7, 7.6
    };

    private Daylight() {}

    /** Returns relative power in 36 bands (about 100 at 560 nm) for 4000 to 25000 K. */
    public static double[] power(double kelvin) {
        double t = Check.inRange("daylight temperature", kelvin, 4000, 25000, "daylight is defined from 4000 K up");
        double k = 1000 / t;
        double x = t <= 7000
                ? -4.6070 * k * k * k + 2.9678 * k * k + 0.09911 * k + 0.244063
                : -2.0064 * k * k * k + 1.9018 * k * k + 0.24748 * k + 0.237040;
        double y = -3 * x * x + 2.870 * x - 0.275;
        double m = 0.0241 + 0.2562 * x - 0.7341 * y;
        double m1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m;
        double m2 = (0.0300 - 31.4424 * x + 30.0717 * y) / m;
        double[] power = new double[Spectrum.BANDS];
        for (int i = 0; i < power.length; i++) {
            power[i] = S0[i] + m1 * S1[i] + m2 * S2[i];
        }
        return power;
    }
}
