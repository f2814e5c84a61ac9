package scree.core.placement;

import java.util.stream.IntStream;

/**
 * The skin of a picture without what is smaller than a mark: means of blocks of it, softened, and read between the blocks' middles. What is
 * that smooth is told by few points, so the blocks are as wide as a third of the softening.
 */
final class EvenSkin {
    private static final double BLOCKS_IN_SIGMA = 3;
    private static final float HARDLY = 1e-3f;

    private final int step;
    private final int wide;
    private final int high;
    private final float[][] even = new float[3][];

    /**
     * Works it out.
     *
     * @param linear the picture, three values a pixel
     * @param width of the picture
     * @param box left, top, right, bottom of what is evened, px
     * @param skin how much of each pixel of the box counts, 0 to 1
     * @param sigma standard deviation, px
     */
    EvenSkin(float[] linear, int width, int[] box, float[] skin, double sigma) {
        step = Math.max(1, (int) (sigma / BLOCKS_IN_SIGMA));
        int w = box[2] - box[0];
        int h = box[3] - box[1];
        wide = (w + step - 1) / step;
        high = (h + step - 1) / step;
        float[] weight = new float[wide * high];
        for (int c = 0; c < 3; c++) {
            even[c] = new float[wide * high];
        }
        IntStream.range(0, high).parallel().forEach(row -> {
            for (int y = row * step; y < Math.min(h, (row + 1) * step); y++) {
                for (int x = 0; x < w; x++) {
                    float s = skin[y * w + x];
                    if (s > 0) {
                        int block = row * wide + x / step;
                        int pixel = 3 * ((y + box[1]) * width + x + box[0]);
                        weight[block] += s;
                        for (int c = 0; c < 3; c++) {
                            even[c][block] += s * linear[pixel + c];
                        }
                    }
                }
            }
        });
        SoftBlur.of(weight, wide, high, sigma / step);
        for (float[] channel : even) {
            SoftBlur.of(channel, wide, high, sigma / step);
            for (int i = 0; i < channel.length; i++) {
                channel[i] /= Math.max(HARDLY, weight[i]);
            }
        }
    }

    /** Returns a channel at a pixel of the box. */
    float at(int channel, int x, int y) {
        float u = Math.max(0, Math.min(wide - 1, (x + .5f) / step - .5f));
        float v = Math.max(0, Math.min(high - 1, (y + .5f) / step - .5f));
        int left = Math.min(wide - 1, (int) u);
        int top = Math.min(high - 1, (int) v);
        int right = Math.min(wide - 1, left + 1);
        int below = Math.min(high - 1, top + 1);
        float s = u - left;
        float t = v - top;
        float[] e = even[channel];
        float upper = e[top * wide + left] + s * (e[top * wide + right] - e[top * wide + left]);
        float lower = e[below * wide + left] + s * (e[below * wide + right] - e[below * wide + left]);
        return upper + t * (lower - upper);
    }
}
