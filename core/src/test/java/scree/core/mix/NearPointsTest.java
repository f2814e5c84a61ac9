package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The quick look-up against looking at every point. */
class NearPointsTest {
    /** A long cloud as bases make it, with a few drops far away. */
    private static double[][] cloud(Random random, int count) {
        double[][] points = new double[count][];
        for (int i = 0; i < count; i++) {
            double far = i % 23 == 0 ? 40 : 1;
            points[i] = new double[] {
                far * 25 * random.nextGaussian(), far * 4 * random.nextGaussian(), far * 3 * random.nextGaussian()
            };
        }
        return points;
    }

    private static double squared(double[] p, double x, double y, double z) {
        return (x - p[0]) * (x - p[0]) + (y - p[1]) * (y - p[1]) + (z - p[2]) * (z - p[2]);
    }

    @Seeds(120)
    void itFindsTheNearestWithinReachOrNothing(Draw draw) {
        int count = draw.whole(1, 320);
        double reach = draw.between(0.01, 60);
        findsTheNearest(draw.random(), count, reach, 3);
    }

    @Seeds(120)
    void shortReachesAreAnsweredByOneCellAndStillExact(Draw draw) {
        int count = draw.whole(1, 320);
        double reach = draw.between(0.01, 2.5);
        findsTheNearest(draw.random(), count, reach, reach);
    }

    /** @param around how far the asked places lie from some point */
    private static void findsTheNearest(Random random, int count, double reach, double around) {
        double[][] points = cloud(random, count);
        NearPoints near = new NearPoints(points);
        Nearest tree = new Nearest(points);
        for (int ask = 0; ask < 60; ask++) {
            double[] about = points[random.nextInt(count)];
            double x = about[0] + around * random.nextGaussian();
            double y = about[1] + around * random.nextGaussian();
            double z = about[2] + around * random.nextGaussian();
            double least = Double.MAX_VALUE;
            for (double[] p : points) {
                least = Math.min(least, squared(p, x, y, z));
            }
            int found = near.within(x, y, z, reach);
            int byTree = tree.within(x, y, z, reach * reach);
            if (least < reach * reach) {
                assertThat(squared(points[found], x, y, z)).isEqualTo(least);
                assertThat(squared(points[byTree], x, y, z)).isEqualTo(least);
            } else {
                assertThat(found).isEqualTo(-1);
                assertThat(byTree).isEqualTo(-1);
            }
        }
    }

    @Test
    void withoutAnyPointNothingIsNear() {
        assertThat(new NearPoints(new double[0][]).within(0, 0, 0, 100)).isEqualTo(-1);
    }

    @Test
    void pointsOnOneSpotAreFound() {
        double[][] same = {{1, 1, 1}, {1, 1, 1}, {1, 1, 1}};
        assertThat(new NearPoints(same).within(1.1, 1, 1, .11)).isBetween(0, 2);
        assertThat(new NearPoints(same).within(1.1, 1, 1, .09)).isEqualTo(-1);
        assertThat(new NearPoints(same).within(1, 1, 1, Double.POSITIVE_INFINITY))
                .isBetween(0, 2);
    }
}
