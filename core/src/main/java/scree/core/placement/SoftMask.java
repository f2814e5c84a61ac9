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
    private final Blocks blocks;

    /**
     * An empty mask.
     *
     * @param box left, top, right, bottom in the picture, px
     * @param step width of a block, px
     */
    SoftMask(int[] box, int step) {
        this.left = box[0];
        this.top = box[1];
        this.blocks = new Blocks(step, (box[2] - box[0] + step - 1) / step, (box[3] - box[1] + step - 1) / step);
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
        BufferedImage image = new BufferedImage(blocks.wide, blocks.high, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.scale(1.0 / blocks.step, 1.0 / blocks.step);
        g.translate(-left, -top);
        paint.accept(g);
        g.dispose();
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < data.length; i++) {
            blocks.amounts[i] += share / MOST * (data[i] & MOST);
        }
    }

    /** Softens by a standard deviation in px. */
    void soften(double sigma) {
        blocks.soften(sigma);
    }

    float most() {
        float most = 0;
        for (float a : blocks.amounts) {
            most = Math.max(most, a);
        }
        return most;
    }

    void times(float by) {
        for (int i = 0; i < blocks.amounts.length; i++) {
            blocks.amounts[i] *= by;
        }
    }

    /**
     * Writes the amounts of a row of pixels.
     *
     * @param from first pixel of the row
     * @param beyond what stands outside the box
     */
    void row(int y, int from, float[] to, float beyond) {
        boolean in = y >= top && y < top + blocks.high * blocks.step;
        int first = in ? Math.max(0, Math.min(to.length, left - from)) : to.length;
        int last = Math.max(first, Math.min(to.length, left + blocks.wide * blocks.step - from));
        Arrays.fill(to, 0, first, beyond);
        Arrays.fill(to, last, to.length, beyond);
        blocks.row(y - top, from + first - left, to, first, last);
    }
}
