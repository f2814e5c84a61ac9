package scree.core.image;

import java.util.Arrays;
import java.util.List;

/**
 * A robust mean of the skin's codes within an outline, and what was left out of it.
 *
 * @param code mean {r, g, b}, 0..1
 * @param spread standard deviation of the kept pixels' luma, in codes 0..1
 * @param used pixels kept
 * @param shine pixels left out as much lighter and paler than the rest
 * @param shadow pixels left out as much darker: hair, lashes, folds
 * @param clipped pixels left out as clipped or nearly black
 */
public record ZoneSample(double[] code, double spread, int used, int shine, int shadow, int clipped) {
    private static final int BRIGHTEST = 251;
    private static final int DARKEST = 12;
    /** Enough for a mean to 0.001; larger zones are sampled evenly. */
    private static final int MOST_PIXELS = 6000;
    /** Robust deviations beyond which a pixel is no longer the same skin. House choice: pores and freckles stay inside. */
    private static final double SHINE_AT = 2.2;

    private static final double SHADOW_AT = 2.6;
    private static final double LEAST_DEVIATION = 3;

    /** Returns pixels looked at. */
    public int total() {
        return used + shine + shadow + clipped;
    }

    /** Returns the share of pixels that was kept, 0..1. */
    public double kept() {
        return total() == 0 ? 0 : (double) used / total();
    }

    /** Samples a polygon of pixels; a polygon outside the picture has no pixels. */
    public static ZoneSample of(Raster picture, List<Point> polygon) {
        int[] pixels = PolygonPixels.in(picture, polygon, MOST_PIXELS);
        int[] lumas = new int[pixels.length];
        int count = 0;
        int clipped = 0;
        for (int p : pixels) {
            int r = p >> 16 & 0xff;
            int g = p >> 8 & 0xff;
            int b = p & 0xff;
            if (Math.max(r, Math.max(g, b)) > BRIGHTEST || Math.max(r, Math.max(g, b)) < DARKEST) {
                clipped++;
            } else {
                pixels[count] = p;
                lumas[count++] = luma(p);
            }
        }
        return count == 0
                ? new ZoneSample(new double[3], 0, 0, 0, 0, clipped)
                : robust(Arrays.copyOf(pixels, count), Arrays.copyOf(lumas, count), clipped);
    }

    private static ZoneSample robust(int[] pixels, int[] lumas, int clipped) {
        int[] sorted = lumas.clone();
        Arrays.sort(sorted);
        double median = sorted[sorted.length / 2];
        double deviation =
                Math.max(LEAST_DEVIATION, 0.7413 * (sorted[sorted.length * 3 / 4] - sorted[sorted.length / 4]));
        double[] sum = new double[3];
        double squares = 0;
        int used = 0;
        int shine = 0;
        int shadow = 0;
        for (int i = 0; i < pixels.length; i++) {
            double off = (lumas[i] - median) / deviation;
            if (off > SHINE_AT) {
                shine++;
            } else if (off < -SHADOW_AT) {
                shadow++;
            } else {
                used++;
                squares += (lumas[i] - median) * (lumas[i] - median);
                for (int c = 0; c < 3; c++) {
                    sum[c] += (pixels[i] >> (16 - 8 * c) & 0xff) / 255.0;
                }
            }
        }
        double[] mean = {sum[0] / used, sum[1] / used, sum[2] / used};
        return new ZoneSample(mean, Math.sqrt(squares / used) / 255, used, shine, shadow, clipped);
    }

    private static int luma(int p) {
        return (299 * (p >> 16 & 0xff) + 587 * (p >> 8 & 0xff) + 114 * (p & 0xff)) / 1000;
    }
}
