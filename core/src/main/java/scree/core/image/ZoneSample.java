package scree.core.image;

import java.util.ArrayList;
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
 * @param feature pixels left out as lips, brows, eyes, nostrils, or no bare skin
 */
public record ZoneSample(double[] code, double spread, int used, int shine, int shadow, int clipped, int feature) {
    /** Enough for a mean to 0.001; larger zones are sampled evenly. */
    private static final int MOST_PIXELS = 6000;

    /** Returns pixels looked at. */
    public int total() {
        return used + shine + shadow + clipped + feature;
    }

    /** Returns the share of pixels that was kept, 0..1. */
    public double kept() {
        return total() == 0 ? 0 : (double) used / total();
    }

    /** Enough for a median of single pixels. */
    private static final int MOST_CODES = 1500;

    /** Returns {r, g, b}, 0..1, of single pixels of a polygon: skin and what shines on it, nothing clipped. */
    public static List<double[]> codes(Raster picture, List<Point> polygon, List<List<Point>> features, Bare bare) {
        SortedPixels pixels = SortedPixels.in(picture, polygon, features, bare, MOST_CODES);
        List<double[]> codes = new ArrayList<>();
        for (int i = 0; i < pixels.at().length; i++) {
            SortedPixels.Kind kind = pixels.kindOf(i);
            if (kind == SortedPixels.Kind.SKIN || kind == SortedPixels.Kind.SHINE) {
                int p = picture.rgb()[pixels.at()[i]];
                codes.add(new double[] {(p >> 16 & 0xff) / 255.0, (p >> 8 & 0xff) / 255.0, (p & 0xff) / 255.0});
            }
        }
        return codes;
    }

    /** Samples a polygon of pixels; a polygon outside the picture has no pixels. */
    public static ZoneSample of(Raster picture, List<Point> polygon) {
        return of(picture, polygon, List.of());
    }

    /** Samples a polygon without the parts of it that lie in one of the features. */
    public static ZoneSample of(Raster picture, List<Point> polygon, List<List<Point>> features) {
        return of(picture, polygon, features, Bare.EVERYWHERE);
    }

    /** Samples what is bare skin of a polygon, without the parts of it that lie in one of the features. */
    public static ZoneSample of(Raster picture, List<Point> polygon, List<List<Point>> features, Bare bare) {
        SortedPixels pixels = SortedPixels.in(picture, polygon, features, bare, MOST_PIXELS);
        int[] counts = new int[SortedPixels.Kind.values().length];
        double[] sum = new double[3];
        double lumas = 0;
        double squares = 0;
        for (int i = 0; i < pixels.at().length; i++) {
            counts[pixels.kind()[i]]++;
            if (pixels.kind()[i] == 0) {
                int p = picture.rgb()[pixels.at()[i]];
                double luma = SortedPixels.luma(p);
                lumas += luma;
                squares += luma * luma;
                for (int c = 0; c < 3; c++) {
                    sum[c] += (p >> (16 - 8 * c) & 0xff) / 255.0;
                }
            }
        }
        int n = counts[0];
        double spread = n == 0 ? 0 : Math.sqrt(Math.max(0, squares / n - lumas / n * (lumas / n))) / 255;
        double[] mean = n == 0 ? new double[3] : new double[] {sum[0] / n, sum[1] / n, sum[2] / n};
        return new ZoneSample(mean, spread, n, counts[1], counts[2], counts[3], counts[4]);
    }
}
