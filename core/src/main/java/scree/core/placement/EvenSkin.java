package scree.core.placement;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * The skin of a picture without what is smaller than a mark: means of blocks of it, softened, and read between the blocks' middles. What is
 * that smooth is told by few points, so the blocks are as wide as a third of the softening.
 */
final class EvenSkin {
    private static final double BLOCKS_IN_SIGMA = 3;
    private static final float HARDLY = 1e-3f;

    private final Blocks[] even = new Blocks[3];

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
        int step = Math.max(1, (int) (sigma / BLOCKS_IN_SIGMA));
        int w = box[2] - box[0];
        int h = box[3] - box[1];
        int wide = (w + step - 1) / step;
        int high = (h + step - 1) / step;
        Blocks weight = new Blocks(step, wide, high);
        Arrays.setAll(even, c -> new Blocks(step, wide, high));
        IntStream.range(0, high).parallel().forEach(row -> {
            for (int y = row * step; y < Math.min(h, (row + 1) * step); y++) {
                for (int x = 0; x < w; x++) {
                    float s = skin[y * w + x];
                    if (s > 0) {
                        int block = row * wide + x / step;
                        int pixel = 3 * ((y + box[1]) * width + x + box[0]);
                        weight.amounts[block] += s;
                        for (int c = 0; c < 3; c++) {
                            even[c].amounts[block] += s * linear[pixel + c];
                        }
                    }
                }
            }
        });
        weight.soften(sigma);
        for (Blocks channel : even) {
            channel.soften(sigma);
            for (int i = 0; i < channel.amounts.length; i++) {
                channel.amounts[i] /= Math.max(HARDLY, weight.amounts[i]);
            }
        }
    }

    /** Writes a channel of a row of pixels of the box. */
    void row(int channel, int y, float[] to) {
        even[channel].row(y, 0, to, 0, to.length);
    }
}
