package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What is kept by blocks is what would be kept by pixels. */
class SoftMaskTest {
    private static final int[] BOX = {10, 20, 210, 180};

    private static float[] rowOf(SoftMask mask, int y) {
        float[] row = new float[260];
        mask.row(y, 0, row, -1);
        return row;
    }

    private static SoftMask square(int step, double sigma) {
        SoftMask mask = new SoftMask(BOX, step);
        mask.add(
                g -> {
                    g.setColor(Color.WHITE);
                    g.fillRect(60, 60, 100, 80);
                },
                1);
        mask.soften(sigma);
        return mask;
    }

    /** An edge moves by half a block at most, which at a third of the softness is a fifteenth of the amount; box blurs round their width. */
    @Seeds(20)
    void blocksAreAsGoodAsPixels(Draw draw) {
        double sigma = draw.between(6, 16);
        SoftMask fine = square(1, sigma);
        SoftMask coarse = square(SoftMask.step(sigma), sigma);
        for (int y = 20; y < 180; y += 13) {
            float[] one = rowOf(fine, y);
            float[] other = rowOf(coarse, y);
            for (int x = 10; x < 205; x += 7) {
                assertThat(other[x]).isCloseTo(one[x], within(.12f));
            }
        }
    }

    @Test
    void outsideItsBoxStandsWhatIsBeyond() {
        SoftMask mask = square(2, 4);
        assertThat(rowOf(mask, 19)).containsOnly(-1);
        assertThat(rowOf(mask, 181)).containsOnly(-1);
        float[] row = rowOf(mask, 100);
        assertThat(Arrays.copyOfRange(row, 0, 10)).containsOnly(-1);
        assertThat(Arrays.copyOfRange(row, 210, 260)).containsOnly(-1);
        assertThat(row[110]).isCloseTo(1, within(.02f));
        assertThat(row[20]).isCloseTo(0, within(.02f));
    }

    @Test
    void aRowMayBeginInsideTheBoxAndEndBeyondIt() {
        SoftMask mask = square(3, 9);
        float[] whole = rowOf(mask, 90);
        float[] part = new float[120];
        mask.row(90, 120, part, -1);
        for (int x = 0; x < part.length; x++) {
            assertThat(part[x]).isEqualTo(whole[120 + x]);
        }
    }

    /** Skin without its marks: a dark dot is gone, the slow run of light stays, and what is no skin tells nothing. */
    @Test
    void evenSkinKeepsLightAndLosesADot() {
        int w = 160;
        int h = 120;
        float[] linear = new float[3 * w * h];
        float[] skin = new float[w * h];
        for (int i = 0; i < w * h; i++) {
            float light = .3f + .001f * (i % w);
            boolean hair = i / w < 20;
            Arrays.fill(linear, 3 * i, 3 * i + 3, hair ? 0 : light);
            skin[i] = hair ? 0 : 1;
        }
        for (int y = 58; y < 62; y++) {
            for (int x = 78; x < 82; x++) {
                Arrays.fill(linear, 3 * (y * w + x), 3 * (y * w + x) + 3, .05f);
            }
        }
        EvenSkin even = new EvenSkin(linear, w, new int[] {0, 0, w, h}, skin, 12);
        assertThat(at(even, 1, 80, 60)).as("the dot").isCloseTo(.38f, within(.02f));
        assertThat(at(even, 0, 30, 60)).isCloseTo(.33f, within(.02f));
        assertThat(at(even, 2, 130, 60)).isCloseTo(.43f, within(.02f));
        assertThat(at(even, 1, 80, 24)).as("no hair in it").isCloseTo(.38f, within(.02f));
    }

    private static float at(EvenSkin even, int channel, int x, int y) {
        float[] row = new float[160];
        even.row(channel, y, row);
        return row[x];
    }
}
