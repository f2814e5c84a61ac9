package scree.core.colour;

/**
 * What colours make-up can have at full opacity: ln(R/(1−R)) = mean + Σ z·component over eight components, z ~ N(0, 1).
 * Derived from mixes of iron oxides, lakes and white over all roles; one basis for all, since a basis per role gained nothing
 * and hurt the dark ones.
 */
final class MadeUpColours {
    static final int COMPONENTS = 8;

    private static final double[] MEAN;
    private static final double[][] PARTS = new double[COMPONENTS][];

    static {
        Table basis = Table.beside(MadeUpColours.class, "product_basis.csv");
        MEAN = basis.numbers(0, 1);
        for (int k = 0; k < COMPONENTS; k++) {
            PARTS[k] = basis.numbers(1 + k, 1);
        }
    }

    private MadeUpColours() {}

    /** Returns the reflectance at full opacity in 36 bands, strictly within 0..1; reads the first eight of {@code z}. */
    static double[] reflectance(double[] z) {
        double[] r = new double[Spectrum.BANDS];
        for (int i = 0; i < r.length; i++) {
            double odds = MEAN[i];
            for (int k = 0; k < COMPONENTS; k++) {
                odds += z[k] * PARTS[k][i];
            }
            r[i] = 1 / (1 + Math.exp(-odds));
        }
        return r;
    }
}
