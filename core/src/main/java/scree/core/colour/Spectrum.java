package scree.core.colour;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * The reflectance factor of a surface in 36 bands, 380 to 730 nm by 10 nm. Each band is above 0 and at most 1.2 (a bright
 * matt white measured against a tile may pass 1 a little).
 */
public final class Spectrum {
    public static final int BANDS = 36;
    private static final double LEAST = 1e-9;
    private static final double MOST = 1.2;
    private final double[] bands;

    private Spectrum(double[] bands) {
        this.bands = bands;
    }

    /** @throws IllegalArgumentException unless there are 36 bands, each 0 to 1.2 */
    public static Spectrum of(double... bands) {
        if (bands.length != BANDS) {
            throw new IllegalArgumentException(
                    "reflectance has %d bands, but needs 36: give 380 to 730 nm by 10 nm".formatted(bands.length));
        }
        double[] copy = new double[BANDS];
        for (int i = 0; i < BANDS; i++) {
            if (!(bands[i] >= 0
                    && bands[i] <= MOST)) { // words are made only when they are said: this is asked a thousand times
                Check.inRange("reflectance at " + wavelength(i) + " nm", bands[i], 0, MOST, "use 0..1, not %");
            }
            copy[i] = Math.max(LEAST, bands[i]);
        }
        return new Spectrum(copy);
    }

    /** Returns a flat spectrum. */
    public static Spectrum flat(double reflectance) {
        double[] bands = new double[BANDS];
        Arrays.fill(bands, reflectance);
        return of(bands);
    }

    /** Returns the centre of band {@code i} in nm. */
    public static int wavelength(int i) {
        return 380 + 10 * i;
    }

    public double at(int band) {
        return bands[band];
    }

    public double[] toArray() {
        return bands.clone();
    }

    /** Returns the spectrum with each band put through {@code f}. */
    public Spectrum map(DoubleUnaryOperator f) {
        return of(Arrays.stream(bands).map(f).toArray());
    }

    /** Returns XYZ under a lamp, Y of its white = 1. */
    public Xyz toXyz(Illuminant illuminant) {
        return illuminant.xyzOf(bands);
    }

    /** Returns L*a*b* under D65. */
    public Lab toLab() {
        return toXyz(Illuminant.D65).toLab(Illuminant.D65.white());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Spectrum s && Arrays.equals(bands, s.bands);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(bands);
    }
}
