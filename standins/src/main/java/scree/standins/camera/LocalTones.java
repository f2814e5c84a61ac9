package scree.standins.camera;

import scree.core.image.Raster;

/** Works a picture over as phones do to save shadows: dark surroundings are lifted, light ones lowered, edges keep a halo. */
final class LocalTones {
    private static final double MIDDLE = 118;

    private LocalTones() {}

    /** @param share 0 leaves the picture, 1 flattens it strongly */
    static Raster over(Raster picture, double share) {
        int w = picture.width();
        int h = picture.height();
        double[] base = blurred(picture, Math.max(4, w / 28));
        int[] out = new int[w * h];
        for (int i = 0; i < out.length; i++) {
            double gain = Math.pow(MIDDLE / Math.max(12, base[i]), 0.6 * share);
            int p = picture.rgb()[i];
            out[i] = eight((p >> 16 & 0xff) * gain) << 16
                    | eight((p >> 8 & 0xff) * gain) << 8
                    | eight((p & 0xff) * gain);
        }
        return new Raster(w, h, out);
    }

    private static double[] blurred(Raster picture, int reach) {
        int w = picture.width();
        int h = picture.height();
        long[] sums = new long[(w + 1) * (h + 1)];
        for (int y = 0; y < h; y++) {
            long row = 0;
            for (int x = 0; x < w; x++) {
                row += picture.luma(x, y);
                sums[(y + 1) * (w + 1) + x + 1] = sums[y * (w + 1) + x + 1] + row;
            }
        }
        double[] out = new double[w * h];
        for (int y = 0; y < h; y++) {
            int top = Math.max(0, y - reach);
            int bottom = Math.min(h, y + reach + 1);
            for (int x = 0; x < w; x++) {
                int left = Math.max(0, x - reach);
                int right = Math.min(w, x + reach + 1);
                long sum = sums[bottom * (w + 1) + right]
                        - sums[top * (w + 1) + right]
                        - sums[bottom * (w + 1) + left]
                        + sums[top * (w + 1) + left];
                out[y * w + x] = (double) sum / ((bottom - top) * (right - left));
            }
        }
        return out;
    }

    private static int eight(double v) {
        return (int) Math.max(0, Math.min(255, Math.round(v)));
    }
}
