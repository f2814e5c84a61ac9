package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Rows of pixels told by blocks, and blocks softened: each against the plain way to say it. */
class BlocksTest {
    private static Blocks drawn(Draw draw, int step, int wide, int high) {
        Blocks blocks = new Blocks(step, wide, high);
        for (int i = 0; i < blocks.amounts.length; i++) {
            blocks.amounts[i] = (float) draw.between(0, 1);
        }
        return blocks;
    }

    /** Bilinear between the middles of blocks, as a formula a pixel. */
    private static double told(Blocks b, int x, int y) {
        double u = Math.max(0, Math.min(b.wide - 1, (x + .5) / b.step - .5));
        double v = Math.max(0, Math.min(b.high - 1, (y + .5) / b.step - .5));
        int i = Math.min(b.wide - 2, (int) u);
        int j = Math.min(b.high - 2, (int) v);
        double upper = b.amounts[j * b.wide + i] * (1 - u + i) + b.amounts[j * b.wide + i + 1] * (u - i);
        double lower = b.amounts[(j + 1) * b.wide + i] * (1 - u + i) + b.amounts[(j + 1) * b.wide + i + 1] * (u - i);
        return upper * (1 - v + j) + lower * (v - j);
    }

    @Seeds(200)
    void aRowIsToldWhereverItBeginsAndEnds(Draw draw) {
        Blocks blocks = drawn(draw, draw.whole(1, 6), draw.whole(2, 9), draw.whole(2, 9));
        int wide = blocks.step * blocks.wide;
        int first = draw.whole(0, wide - 1);
        int count = draw.whole(1, wide - first);
        float[] row = new float[count + 3];
        for (int y = 0; y < blocks.step * blocks.high; y++) {
            blocks.row(y, first, row, 2, 2 + count);
            for (int x = 0; x < count; x++) {
                assertThat((double) row[2 + x])
                        .as("%d, %d", first + x, y)
                        .isCloseTo(told(blocks, first + x, y), within(1e-5));
            }
        }
        assertThat(row[0]).as("what lies beside it is not touched").isZero();
        assertThat(row[2 + count]).isZero();
    }

    /** Rows are softened four at a time, columns in stripes: neither may differ from the other. */
    @Seeds(100)
    void acrossIsSoftenedAsDown(Draw draw) {
        int w = draw.whole(1, 23);
        int h = draw.whole(1, 23);
        double sigma = draw.between(.5, 6);
        float[] sheet = drawn(draw, 1, w, h).amounts;
        float[] turned = new float[w * h];
        for (int i = 0; i < sheet.length; i++) {
            turned[i % w * h + i / w] = sheet[i];
        }
        SoftBlur.of(sheet, w, h, sigma);
        SoftBlur.of(turned, h, w, sigma);
        for (int i = 0; i < sheet.length; i++) {
            assertThat(turned[i % w * h + i / w]).isCloseTo(sheet[i], within(1e-5f));
        }
    }
}
