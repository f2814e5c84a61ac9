package scree.core.cover;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.CieDe2000;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.colour.Xyz;

/** Lays stacks on a place by the thousand and keeps those that reach the target, and the nearest of all. */
final class Trial<T> {
    static final double HARDLY = 1e-9;
    private static final double JUST_LESS = 1e-12;
    /** The largest weight of a lightness difference: ΔE00 is at least |ΔL*| over it. Derived. */
    private static final double MOST_LIGHTNESS_WEIGHT = 1.76;

    private static final double[][] WEIGHTS = weights();

    private final Place<T> place;
    private final Lab target;
    private final Bands base;
    private final Bands powder;
    private final double[] zone;
    private final double[] laid = new double[Spectrum.BANDS];
    private Hit<T> nearest;
    private double leastY;
    private double mostY;

    /** A stack that was tried. */
    record Hit<T>(List<Layer<T>> under, List<Layer<T>> over, double microns, double left) {}

    Trial(Place<T> place, Lab target) {
        this.place = place;
        this.target = target;
        this.base = place.baseCoats() == 0 ? null : Bands.of(place.base().coat().worn(place.baseCoats()));
        this.powder =
                place.powder() == null ? null : Bands.of(place.powder().coat().worn(place.powderCoats()));
        this.zone = place.zone().toArray();
        bound(Double.MAX_VALUE);
    }

    private static double[][] weights() {
        double[][] w = new double[3][Spectrum.BANDS];
        for (int axis = 0; axis < w.length; axis++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                w[axis][i] = Illuminant.D65.weight(axis, i);
            }
        }
        return w;
    }

    Hit<T> nearest() {
        return nearest;
    }

    /** Tries every stack of so many coats and returns those that reach the target. */
    List<Hit<T>> stage(Sides<T> sides, int coats) {
        List<Hit<T>> hits = new ArrayList<>();
        for (int under = 0; under <= coats; under++) {
            int over = coats - under;
            lay(sides.oneBefore(under), sides.oneAfter(over), hits);
        }
        for (int under = 0; under <= coats; under++) {
            int over = coats - under;
            lay(sides.twoBefore(under), sides.oneAfter(over), hits);
        }
        for (int under = 0; under <= coats; under++) {
            int over = coats - under;
            lay(sides.oneBefore(under), sides.twoAfter(over), hits);
        }
        return hits;
    }

    private void lay(List<Sides.Side<T>> under, List<Sides.Side<T>> over, List<Hit<T>> hits) {
        if (over.isEmpty()) {
            return;
        }
        double room = place.bears().microns() - place.baseMicrons() + HARDLY;
        Bands[] tops = over.stream().map(this::top).toArray(Bands[]::new);
        double[] ground = new double[Spectrum.BANDS];
        for (Sides.Side<T> u : under) {
            System.arraycopy(zone, 0, ground, 0, ground.length);
            if (u.bands() != null) {
                u.bands().over(ground, ground);
            }
            if (base != null) {
                base.over(ground, ground);
            }
            for (int i = 0; i < tops.length; i++) {
                Sides.Side<T> o = over.get(i);
                if (u.microns() + o.microns() <= room) {
                    offer(u, o, tops[i], ground, hits);
                }
            }
        }
    }

    private Bands top(Sides.Side<T> over) {
        if (powder == null) {
            return over.bands();
        }
        return over.bands() == null ? powder : over.bands().then(powder);
    }

    private void offer(Sides.Side<T> u, Sides.Side<T> o, Bands top, double[] ground, List<Hit<T>> hits) {
        double[] seen = ground;
        if (top != null) {
            top.over(ground, laid);
            seen = laid;
        }
        double y = dot(WEIGHTS[1], seen);
        if (y < leastY || y > mostY) {
            return;
        }
        Lab colour = new Xyz(dot(WEIGHTS[0], seen), y, dot(WEIGHTS[2], seen)).toLab(Illuminant.D65.white());
        double left = CieDe2000.between(
                colour.lightness(), colour.a(), colour.b(), target.lightness(), target.a(), target.b());
        boolean nearer = nearest == null || left < nearest.left() - JUST_LESS;
        if (nearer || left <= Place.TARGET) {
            Hit<T> hit = new Hit<>(u.layers(), o.layers(), u.microns() + o.microns(), left);
            if (left <= Place.TARGET) {
                hits.add(hit);
            }
            if (nearer) {
                nearest = hit;
                bound(Math.max(Place.TARGET, left));
            }
        }
    }

    private static double dot(double[] weights, double[] values) {
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            sum += weights[i] * values[i];
        }
        return sum;
    }

    /** What is farther off in lightness alone is not looked at. */
    private void bound(double left) {
        double reach = left * MOST_LIGHTNESS_WEIGHT;
        double white = Illuminant.D65.white().y();
        leastY = luminance(target.lightness() - reach) * white;
        mostY = luminance(target.lightness() + reach) * white;
    }

    private static double luminance(double lightness) {
        if (lightness <= 0) {
            return 0;
        }
        return lightness >= 100
                ? Double.MAX_VALUE
                : Lab.of(lightness, 0, 0).toXyz().y();
    }
}
