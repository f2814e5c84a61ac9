package scree.app.look;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Lays labels beside what they name: down a margin in its order, each as near to its own height as the others let it. */
public final class Margin {
    private final double step;
    private final double top;
    private final double bottom;

    /**
     * @param step least way from label to label, px
     * @param top of the first label
     * @param bottom of the last; when all do not fit, the way from label to label shrinks
     */
    public Margin(double step, double top, double bottom) {
        this.step = step;
        this.top = top;
        this.bottom = bottom;
    }

    /**
     * Returns heights with the least sum of squared moves. Exact: isotonic regression by pooling adjacent violators.
     *
     * @param wanted in rising order
     */
    public double[] down(double... wanted) {
        return down(wanted, top, bottom);
    }

    private double[] down(double[] wanted, double from, double to) {
        int n = wanted.length;
        double gap = n < 2 ? step : Math.min(step, Math.max(0, to - from) / (n - 1));
        List<double[]> blocks = new ArrayList<>(); // sum and count of heights less the gaps before them
        for (int i = 0; i < n; i++) {
            double[] block = {wanted[i] - i * gap, 1};
            while (!blocks.isEmpty() && mean(blocks.get(blocks.size() - 1)) > mean(block)) {
                double[] before = blocks.remove(blocks.size() - 1);
                block = new double[] {before[0] + block[0], before[1] + block[1]};
            }
            blocks.add(block);
        }
        double[] y = new double[n];
        int i = 0;
        for (double[] block : blocks) {
            double at = Math.max(from, Math.min(to - (n - 1) * gap, mean(block)));
            for (int k = 0; k < block[1]; k++, i++) {
                y[i] = at + i * gap;
            }
        }
        return y;
    }

    private static double mean(double[] block) {
        return block[0] / block[1];
    }

    /** Returns the same with a band kept free: the labels above and below it that move least in all. */
    public double[] downAround(double bandTop, double bandBottom, double... wanted) {
        double[] best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int above = 0; above <= wanted.length; above++) {
            boolean fits = (above == 0 || bandTop - top >= (above - 1) * step)
                    && (above == wanted.length || bottom - bandBottom >= (wanted.length - above - 1) * step);
            if (!fits) {
                continue;
            }
            double[] y = Arrays.copyOf(down(Arrays.copyOf(wanted, above), top, bandTop), wanted.length);
            double[] below = down(Arrays.copyOfRange(wanted, above, wanted.length), bandBottom, bottom);
            System.arraycopy(below, 0, y, above, below.length);
            double moved = moved(wanted, y);
            if (moved < least) {
                least = moved;
                best = y;
            }
        }
        return best == null ? down(wanted) : best;
    }

    private static double moved(double[] wanted, double[] y) {
        double sum = 0;
        for (int i = 0; i < y.length; i++) {
            sum += (y[i] - wanted[i]) * (y[i] - wanted[i]);
        }
        return sum;
    }

    /**
     * Pushes places of a drawing apart until none is nearer to another than {@code least}; changes the places.
     *
     * @param passes how often each pair is looked at
     */
    public static void apart(List<double[]> places, double least, int passes) {
        for (int pass = 0; pass < passes; pass++) {
            for (int a = 0; a < places.size(); a++) {
                for (int b = a + 1; b < places.size(); b++) {
                    push(places.get(a), places.get(b), least);
                }
            }
        }
    }

    private static void push(double[] a, double[] b, double least) {
        double d = Math.hypot(b[0] - a[0], b[1] - a[1]);
        if (d >= least) {
            return;
        }
        boolean together = d < .1; // then any way will do, if it is not straight down
        double ux = together ? .4 : (b[0] - a[0]) / d;
        double uy = together ? 1 : (b[1] - a[1]) / d;
        double by = (least - d) / 2;
        a[0] -= ux * by;
        a[1] -= uy * by;
        b[0] += ux * by;
        b[1] += uy * by;
    }
}
