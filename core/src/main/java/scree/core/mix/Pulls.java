package scree.core.mix;

import java.util.List;
import java.util.stream.IntStream;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

/**
 * How products pull a mix away from a target, as points in three dimensions: the colour is linearised in K/S round the smoothest
 * spectrum of the target, in about ΔE00 along lightness, chroma and hue.
 *
 * @param at a spectrum of the target
 */
record Pulls(Lab target, Spectrum at) {
    private static final double STEP = 1e-4;

    /** strength × (pull of the product's K/S on the colour at {@code at}, minus what is wanted), scaled to ΔE00. */
    double[][] of(List<Ingredient> ingredients, double[][] ks) {
        double[][] j = slopes();
        double[] k0 = IntStream.range(0, Spectrum.BANDS)
                .mapToDouble(b -> KubelkaMunk.absorption(at.at(b)))
                .toArray();
        double[] off = scaled(at.toLab());
        double[][] v = new double[ks.length][3];
        for (int i = 0; i < ks.length; i++) {
            for (int axis = 0; axis < 3; axis++) {
                double sum = off[axis];
                for (int b = 0; b < Spectrum.BANDS; b++) {
                    sum += j[axis][b] * (ks[i][b] - k0[b]);
                }
                v[i][axis] = ingredients.get(i).strength() * sum;
            }
        }
        return v;
    }

    private double[][] slopes() {
        double[][] j = new double[3][Spectrum.BANDS];
        double[] r = at.toArray();
        double[] here = scaled(at.toLab());
        for (int b = 0; b < Spectrum.BANDS; b++) {
            double k = KubelkaMunk.absorption(r[b]);
            double step = STEP * (1 + k);
            double[] moved = r.clone();
            moved[b] = KubelkaMunk.reflectance(k + step);
            double[] there = scaled(Spectrum.of(moved).toLab());
            for (int axis = 0; axis < 3; axis++) {
                j[axis][b] = (there[axis] - here[axis]) / step;
            }
        }
        return j;
    }

    /** A colour against the target along lightness, chroma and hue, each in about ΔE00. */
    private double[] scaled(Lab colour) {
        double chroma = Math.max(1e-6, target.chroma());
        double cos = target.a() / chroma;
        double sin = target.b() / chroma;
        double da = colour.a() - target.a();
        double db = colour.b() - target.b();
        double dl = target.lightness() - 50;
        double sl = 1 + 0.015 * dl * dl / Math.sqrt(20 + dl * dl);
        return new double[] {
            (colour.lightness() - target.lightness()) / sl,
            (cos * da + sin * db) / (1 + 0.045 * chroma),
            (cos * db - sin * da) / (1 + 0.012 * chroma)
        };
    }
}
