package scree.core.sight;

import scree.core.image.Raster;

/**
 * Four figures of each pixel: L*, a*, b* of the 3 × 3 mean, decoded as plain sRGB, and texture as 4 ln(standard deviation of L* in 5 × 5 +
 * 0.7).
 */
final class SkinFeatures {
    static final int COUNT = 4;
    static final int TEXTURE = 3;
    /** Least standard deviations of the four on one skin. Derived on photographs: docs/method.md. */
    private static final double[] FLOOR = {6.5, 2.6, 3.4, 2.4};

    private static final double TEXTURE_SCALE = 4;
    private static final double TEXTURE_FLOOR = .7;
    private static final int NINTHS = 9;
    /** Linear light by nine times a code: a 3 × 3 sum is whole. */
    private static final double[] LINEAR = linear();

    private final int width;
    private final int height;
    private final float[] values;

    private SkinFeatures(int width, int height, float[] values) {
        this.width = width;
        this.height = height;
        this.values = values;
    }

    static double floor(int feature) {
        return FLOOR[feature];
    }

    /** Works them out for a whole picture. */
    static SkinFeatures of(Raster picture) {
        int w = picture.width();
        int h = picture.height();
        float[] values = new float[COUNT * w * h];
        double[] lightness = new double[w * h];
        for (int i = 0; i < lightness.length; i++) {
            int p = picture.rgb()[i];
            lightness[i] = lightness(NINTHS * (p >> 16 & 0xff), NINTHS * (p >> 8 & 0xff), NINTHS * (p & 0xff));
        }
        smoothed(picture, values);
        texture(lightness, w, h, values);
        return new SkinFeatures(w, h, values);
    }

    private static void smoothed(Raster picture, float[] values) {
        int w = picture.width();
        double[] lab = new double[3];
        int[] sums = new int[3];
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < w; x++) {
                java.util.Arrays.fill(sums, 0);
                for (int dy = -1; dy <= 1; dy++) {
                    int row = Math.max(0, Math.min(picture.height() - 1, y + dy)) * w;
                    for (int dx = -1; dx <= 1; dx++) {
                        int p = picture.rgb()[row + Math.max(0, Math.min(w - 1, x + dx))];
                        sums[0] += p >> 16 & 0xff;
                        sums[1] += p >> 8 & 0xff;
                        sums[2] += p & 0xff;
                    }
                }
                lab(sums[0], sums[1], sums[2], lab);
                int at = COUNT * (y * w + x);
                values[at] = (float) lab[0];
                values[at + 1] = (float) lab[1];
                values[at + 2] = (float) lab[2];
            }
        }
    }

    private static void texture(double[] lightness, int w, int h, float[] values) {
        double[] across = new double[w * h];
        double[] squares = new double[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                for (int dx = -2; dx <= 2; dx++) {
                    double l = lightness[y * w + Math.max(0, Math.min(w - 1, x + dx))];
                    across[y * w + x] += l;
                    squares[y * w + x] += l * l;
                }
            }
        }
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double sum = 0;
                double sumOfSquares = 0;
                for (int dy = -2; dy <= 2; dy++) {
                    int at = Math.max(0, Math.min(h - 1, y + dy)) * w + x;
                    sum += across[at] / 25;
                    sumOfSquares += squares[at] / 25;
                }
                double deviation = Math.sqrt(Math.max(0, sumOfSquares - sum * sum));
                values[COUNT * (y * w + x) + TEXTURE] = (float) (TEXTURE_SCALE * Math.log(deviation + TEXTURE_FLOOR));
            }
        }
    }

    /** Returns one figure at a place, between pixels by their distance; beyond the picture that of its rim. */
    double at(double x, double y, int feature) {
        double cx = Math.max(0, Math.min(width - 1.01, x));
        double cy = Math.max(0, Math.min(height - 1.01, y));
        int i = (int) cx;
        int j = (int) cy;
        double a = cx - i;
        double b = cy - j;
        int at = COUNT * (j * width + i) + feature;
        int below = at + COUNT * width;
        return (values[at] * (1 - a) + values[at + COUNT] * a) * (1 - b)
                + (values[below] * (1 - a) + values[below + COUNT] * a) * b;
    }

    double pixel(int x, int y, int feature) {
        return values[COUNT * (y * width + x) + feature];
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    /** L*, a*, b* of nine times the codes, white D65, IEC 61966-2-1 and CIE 15. */
    private static void lab(int r, int g, int b, double[] into) {
        double lr = LINEAR[r];
        double lg = LINEAR[g];
        double lb = LINEAR[b];
        double x = f((.4124 * lr + .3576 * lg + .1805 * lb) / .9505);
        double y = luminous(lr, lg, lb);
        double z = f((.0193 * lr + .1192 * lg + .9505 * lb) / 1.089);
        into[0] = 116 * y - 16;
        into[1] = 500 * (x - y);
        into[2] = 200 * (y - z);
    }

    /** L* alone, of nine times the codes. */
    private static double lightness(int r, int g, int b) {
        return 116 * luminous(LINEAR[r], LINEAR[g], LINEAR[b]) - 16;
    }

    private static double luminous(double r, double g, double b) {
        return f(.2126 * r + .7152 * g + .0722 * b);
    }

    private static double f(double v) {
        return v > .008856 ? Math.cbrt(v) : 7.787 * v + 16.0 / 116;
    }

    private static double[] linear() {
        double[] linear = new double[NINTHS * 255 + 1];
        for (int i = 0; i < linear.length; i++) {
            double v = i / (NINTHS * 255.0);
            linear[i] = v <= .04045 ? v / 12.92 : Math.pow((v + .055) / 1.055, 2.4);
        }
        return linear;
    }
}
