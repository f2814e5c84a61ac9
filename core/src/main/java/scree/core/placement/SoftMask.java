package scree.core.placement;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Arrays;
import java.util.function.Consumer;

/**
 * Amounts over a part of a picture, kept by square blocks and read between their middles. What is softened over many pixels is told by few
 * points, so blocks may be as wide as a third of the softness.
 */
final class SoftMask {
    private static final double BLOCKS_IN_SIGMA = 3;
    private static final int MOST = 255;

    private final int left;
    private final int top;
    private final int step;
    private final int wide;
    private final int high;
    private final float[] amounts;

    /**
     * An empty mask.
     *
     * @param box left, top, right, bottom in the picture, px
     * @param step width of a block, px
     */
    SoftMask(int[] box, int step) {
        this.left = box[0];
        this.top = box[1];
        this.step = step;
        this.wide = (box[2] - box[0] + step - 1) / step;
        this.high = (box[3] - box[1] + step - 1) / step;
        this.amounts = new float[wide * high];
    }

    /** Returns how wide blocks may be under a softness, px. */
    static int step(double sigma) {
        return Math.max(1, (int) (sigma / BLOCKS_IN_SIGMA));
    }

    /**
     * Adds what is drawn in grey.
     *
     * @param paint draws in pixels of the picture
     * @param share that white adds
     */
    void add(Consumer<Graphics2D> paint, float share) {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.scale(1.0 / step, 1.0 / step);
        g.translate(-left, -top);
        paint.accept(g);
        g.dispose();
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < amounts.length; i++) {
            amounts[i] += share / MOST * (data[i] & MOST);
        }
    }

    /** Softens by a standard deviation in px. */
    void soften(double sigma) {
        SoftBlur.of(amounts, wide, high, sigma / step);
    }

    float most() {
        float most = 0;
        for (float a : amounts) {
            most = Math.max(most, a);
        }
        return most;
    }

    void times(float by) {
        for (int i = 0; i < amounts.length; i++) {
            amounts[i] *= by;
        }
    }

    /**
     * Writes the amounts of a row of pixels.
     *
     * @param from first pixel of the row
     * @param beyond what stands outside the box
     */
    void row(int y, int from, float[] to, float beyond) {
        boolean in = y >= top && y < top + high * step;
        int first = in ? Math.max(from, left) - from : to.length;
        int last = in ? Math.min(from + to.length, left + wide * step) - from : 0;
        Arrays.fill(to, 0, Math.max(0, Math.min(first, to.length)), beyond);
        if (!in || last <= first) {
            Arrays.fill(to, beyond);
            return;
        }
        Arrays.fill(to, last, to.length, beyond);
        float v = Math.max(0, Math.min(high - 1, (y - top + .5f) / step - .5f));
        int j = (int) v;
        int upper = j * wide;
        int lower = Math.min(high - 1, j + 1) * wide;
        float t = v - j;
        for (int x = first; x < last; x++) {
            float u = Math.max(0, Math.min(wide - 1, (x + from - left + .5f) / step - .5f));
            int i = (int) u;
            int k = Math.min(wide - 1, i + 1);
            float here = amounts[upper + i] + t * (amounts[lower + i] - amounts[upper + i]);
            float next = amounts[upper + k] + t * (amounts[lower + k] - amounts[upper + k]);
            to[x] = here + (u - i) * (next - here);
        }
    }
}
