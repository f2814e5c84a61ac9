package scree.core.placement;

import java.util.Arrays;

/** Amounts kept by square blocks of a picture and read between the blocks' middles, a row of pixels at a time. */
final class Blocks {
    final int step;
    final int wide;
    final int high;

    /** Amount of each block, row by row. */
    final float[] amounts;

    /** How far each pixel of a block's width lies from one middle to the next, from the first pixel past a middle on. */
    private final float[] along;

    /**
     * Empty blocks.
     *
     * @param step width of a block, px
     * @param wide blocks in a row
     * @param high rows of blocks
     */
    Blocks(int step, int wide, int high) {
        this.step = step;
        this.wide = wide;
        this.high = high;
        this.amounts = new float[wide * high];
        this.along = new float[step];
        for (int i = 0; i < step; i++) {
            along[i] = (step / 2 + i + .5f) / step - .5f;
        }
    }

    /** Softens by a standard deviation in px. */
    void soften(double sigma) {
        SoftBlur.of(amounts, wide, high, sigma / step);
    }

    /**
     * Writes the amounts of pixels side by side, bilinear; beside the outermost middles stand the outermost amounts.
     *
     * @param y row of pixels, from the blocks' top on
     * @param x first pixel of it, from the blocks' left on
     * @param to where they are written
     * @param from first place that is written
     * @param end place after the last that is written
     */
    void row(int y, int x, float[] to, int from, int end) {
        if (end <= from) {
            return;
        }
        if (step == 1) {
            System.arraycopy(amounts, y * wide + x, to, from, end - from);
            return;
        }
        int block = Math.floorDiv(x - step / 2, step);
        int last = Math.min(wide - 1, Math.floorDiv(x + end - 1 - from - step / 2, step) + 1);
        int first = Math.max(0, block);
        float[] line = between(y, first, last);
        int phase = x - step / 2 - block * step;
        int i = from;
        while (i < end) {
            int run = Math.min(step - phase, end - i);
            if (block < 0 || block >= wide - 1) {
                Arrays.fill(to, i, i + run, line[block < 0 ? 0 : wide - 1 - first]);
            } else {
                float here = line[block - first];
                float more = line[block + 1 - first] - here;
                for (int k = 0; k < run; k++) {
                    to[i + k] = here + along[phase + k] * more;
                }
            }
            i += run;
            phase = 0;
            block++;
        }
    }

    /** Returns the amounts of blocks side by side at the height of a row of pixels. */
    private float[] between(int y, int first, int last) {
        float v = Math.max(0, Math.min(high - 1, (y + .5f) / step - .5f));
        int upper = (int) v * wide;
        int lower = Math.min(high - 1, (int) v + 1) * wide;
        float t = v - (int) v;
        float[] line = new float[last - first + 1];
        for (int i = 0; i < line.length; i++) {
            float above = amounts[upper + first + i];
            line[i] = above + t * (amounts[lower + first + i] - above);
        }
        return line;
    }
}
