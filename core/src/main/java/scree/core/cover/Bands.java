package scree.core.cover;

import scree.core.colour.Film;
import scree.core.colour.Spectrum;

/**
 * A film, or several on each other, as the fraction (a·g + b) / (d + c·g) of the ground's reflectance in each band; films on films multiply
 * as 2 × 2 matrices. Derived from Kubelka (1948).
 */
final class Bands {
    private static final double NEARLY_ONE = 1 - 1e-9;

    private final double[] a = new double[Spectrum.BANDS];
    private final double[] b = new double[Spectrum.BANDS];
    private final double[] c = new double[Spectrum.BANDS];
    private final double[] d = new double[Spectrum.BANDS];

    /** Returns a film. */
    static Bands of(Film film) {
        Bands made = new Bands();
        for (int i = 0; i < Spectrum.BANDS; i++) {
            double ri = Math.min(NEARLY_ONE, film.product().at(i));
            double e = Math.exp(-film.power() * (1 / ri - ri));
            made.a[i] = e / ri - ri;
            made.b[i] = 1 - e;
            made.c[i] = e - 1;
            made.d[i] = 1 / ri - ri * e;
        }
        return made;
    }

    /** Returns this film with another on it. */
    Bands then(Bands top) {
        Bands made = new Bands();
        for (int i = 0; i < Spectrum.BANDS; i++) {
            made.a[i] = top.a[i] * a[i] + top.b[i] * c[i];
            made.b[i] = top.a[i] * b[i] + top.b[i] * d[i];
            made.c[i] = top.c[i] * a[i] + top.d[i] * c[i];
            made.d[i] = top.c[i] * b[i] + top.d[i] * d[i];
        }
        return made;
    }

    /** Lays it on a ground. */
    void over(double[] ground, double[] into) {
        for (int i = 0; i < into.length; i++) {
            into[i] = (a[i] * ground[i] + b[i]) / (c[i] * ground[i] + d[i]);
        }
    }

    double[] over(double[] ground) {
        double[] into = new double[Spectrum.BANDS];
        over(ground, into);
        return into;
    }
}
