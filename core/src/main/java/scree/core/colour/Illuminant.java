package scree.core.colour;

/**
 * Lamps with tabulated weights on 36 bands: illuminant × observer at 5 nm folded to 10 nm, so that line spectra (F2…F12)
 * may be summed directly. Source: CIE tables; the two LEDs are made up (blue peak 452 nm and a phosphor band).
 */
public enum Illuminant {
    D65,
    D50,
    D55,
    D75,
    A,
    F2,
    F7,
    F8,
    F11,
    F12,
    LED27("LED27_synthetic"),
    LED40("LED40_synthetic");

    private final String column;

    Illuminant() {
        this.column = name();
    }

    Illuminant(String column) {
        this.column = column;
    }

    /** Returns the white of this lamp: the sums of its weights. */
    public Xyz white() {
        return Tables.WHITES[ordinal()];
    }

    /** Returns the weight of band {@code band} for X (0), Y (1) or Z (2). */
    public double weight(int axis, int band) {
        return Tables.WEIGHTS[ordinal()][axis][band];
    }

    /** Returns relative power in the 36 bands, own scale. For simulated cameras; sums over it are wrong for line lamps. */
    public double[] power() {
        return Tables.POWER[ordinal()].clone();
    }

    Xyz xyzOf(double[] reflectance) {
        double[][] w = Tables.WEIGHTS[ordinal()];
        double[] sum = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                sum[axis] += w[axis][i] * reflectance[i];
            }
        }
        return new Xyz(sum[0], sum[1], sum[2]);
    }

    private static final class Tables {
        static final double[][][] WEIGHTS = new double[values().length][3][Spectrum.BANDS];
        static final Xyz[] WHITES = new Xyz[values().length];
        static final double[][] POWER = new double[values().length][];

        static {
            Table weights = Table.beside(Illuminant.class, "weights_10nm.csv");
            Table power = Table.beside(Illuminant.class, "illuminants.csv");
            for (Illuminant lamp : values()) {
                fill(lamp, weights);
                POWER[lamp.ordinal()] = power.column(1 + lamp.ordinal());
            }
        }

        private static void fill(Illuminant lamp, Table table) {
            double[][] w = WEIGHTS[lamp.ordinal()];
            for (String[] row : table.rows()) {
                if (row[0].equals(lamp.column)) {
                    int band = (Integer.parseInt(row[1]) - 380) / 10;
                    for (int axis = 0; axis < 3; axis++) {
                        w[axis][band] = Double.parseDouble(row[2 + axis]);
                    }
                }
            }
            double[] ones = Spectrum.flat(1).toArray();
            WHITES[lamp.ordinal()] = lamp.xyzOf(ones);
        }
    }
}
