package scree.core.shade;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.function.IntToDoubleFunction;
import scree.core.colour.CieDe2000;
import scree.core.colour.Lab;

/**
 * Shades sorted by lightness, to find the nearest ones exactly without looking at all: the lightness term alone is a lower
 * bound of ΔE00, since the rest of the formula is never negative, so the search walks outwards from the target's lightness
 * until that bound passes the worst of the best. Immutable; ties break on the shade's position, so equal questions get equal
 * answers.
 */
public final class ShadeIndex {
    /** The cost that keeps a shade out of the list. */
    public static final double NOT_LISTED = Double.POSITIVE_INFINITY;

    private final int[] order;
    private final double[] lightness;
    private final double[] a;
    private final double[] b;

    /** @param shades settled colours; answers give positions in this list */
    public ShadeIndex(List<Lab> shades) {
        int n = shades.size();
        Integer[] sorted = new Integer[n];
        Arrays.setAll(sorted, i -> i);
        Arrays.sort(sorted, Comparator.comparingDouble(i -> shades.get(i).lightness()));
        order = new int[n];
        lightness = new double[n];
        a = new double[n];
        b = new double[n];
        for (int i = 0; i < n; i++) {
            Lab lab = shades.get(sorted[i]);
            order[i] = sorted[i];
            lightness[i] = lab.lightness();
            a[i] = lab.a();
            b[i] = lab.b();
        }
    }

    /**
     * One answer.
     *
     * @param position in the list that was indexed
     * @param difference ΔE00 to the target
     * @param cost what it stands behind its difference, 0 or more
     */
    public record Hit(int position, double difference, double cost) {
        double standing() {
            return difference + cost;
        }
    }

    private static final Comparator<Hit> NEAREST_FIRST =
            Comparator.comparingDouble(Hit::standing).thenComparingInt(Hit::position);

    /** Returns the {@code most} nearest shades, nearest first; fewer when there are fewer. */
    public List<Hit> nearest(Lab target, int most) {
        return nearest(target, most, i -> 0);
    }

    /**
     * Returns the {@code most} best by difference plus cost.
     *
     * @param cost of a shade by its position, 0 or more: it never makes a shade better, so the bound holds;
     *     {@link #NOT_LISTED} leaves it out
     */
    public List<Hit> nearest(Lab target, int most, IntToDoubleFunction cost) {
        PriorityQueue<Hit> best = new PriorityQueue<>(Math.max(1, most), NEAREST_FIRST.reversed());
        int down = firstAtOrAbove(target.lightness()) - 1;
        int up = down + 1;
        while (most > 0 && (down >= 0 || up < order.length)) {
            boolean takeUp = down < 0
                    || up < order.length && lightness[up] - target.lightness() <= target.lightness() - lightness[down];
            int i = takeUp ? up++ : down--;
            double bound = bound(target, i);
            if (best.size() == most && bound > best.peek().standing()) {
                // walking outwards the bound only grows on this side: nothing further out can be nearer
                if (takeUp) {
                    up = order.length;
                } else {
                    down = -1;
                }
                continue;
            }
            double difference = difference(target, i);
            // most shades are out before their cost is asked
            if (best.size() < most || difference <= best.peek().standing()) {
                double behind = cost.applyAsDouble(order[i]);
                if (behind < NOT_LISTED) {
                    offer(best, most, new Hit(order[i], difference, behind));
                }
            }
        }
        List<Hit> hits = new ArrayList<>(best);
        hits.sort(NEAREST_FIRST);
        return hits;
    }

    private static void offer(PriorityQueue<Hit> best, int most, Hit hit) {
        if (best.size() < most) {
            best.add(hit);
        } else if (NEAREST_FIRST.compare(hit, best.peek()) < 0) {
            best.poll();
            best.add(hit);
        }
    }

    /**
     * The lightness term of ΔE00. It grows with the distance on either side: the distance rises by 1 while its weight
     * S_L, at most 1.75, rises by under 0.0075 per unit.
     */
    private double bound(Lab target, int i) {
        double distance = Math.abs(lightness[i] - target.lightness());
        return distance / CieDe2000.lightnessWeight((lightness[i] + target.lightness()) / 2);
    }

    private double difference(Lab t, int i) {
        return CieDe2000.between(t.lightness(), t.a(), t.b(), lightness[i], a[i], b[i]);
    }

    private int firstAtOrAbove(double l) {
        int found = Arrays.binarySearch(lightness, l);
        int at = found >= 0 ? found : -found - 1;
        while (at > 0 && lightness[at - 1] == l) {
            at--;
        }
        return at;
    }
}
