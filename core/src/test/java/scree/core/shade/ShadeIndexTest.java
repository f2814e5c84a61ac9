package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class ShadeIndexTest {
    /** The claim that matters: the walk outwards from the target's lightness never loses a nearer shade. */
    @Seeds(150)
    void shortlistIsTheTrueOptimumOfTheWholeKit(Draw draw) {
        Random random = draw.random();
        int size = draw.whole(0, 400);
        int most = draw.whole(1, 12);
        List<Lab> kit = kit(random, size);
        Lab skin = shade(random);
        assertThat(new ShadeIndex(kit).nearest(skin, most)).isEqualTo(bruteForce(kit, skin, most));
    }

    @Test
    void aLargeKitGivesTheSameTopTenAsBruteForce() {
        Random random = new Random(5);
        List<Lab> kit = kit(random, 50_000);
        ShadeIndex index = new ShadeIndex(kit);
        for (int i = 0; i < 8; i++) {
            Lab skin = shade(random);
            assertThat(index.nearest(skin, 10)).isEqualTo(bruteForce(kit, skin, 10));
        }
    }

    @Test
    void equalShadesComeInTheKitsOrder() {
        Lab same = Lab.of(60, 10, 18);
        List<ShadeIndex.Hit> hits = new ShadeIndex(List.of(same, Lab.of(20, 0, 0), same, same)).nearest(same, 2);
        assertThat(hits).extracting(ShadeIndex.Hit::position).containsExactly(0, 2);
    }

    @Test
    void anEmptyKitHasNoAnswerAndNothingAskedGivesNothing() {
        assertThat(new ShadeIndex(List.of()).nearest(Lab.of(50, 0, 0), 5)).isEmpty();
        assertThat(new ShadeIndex(List.of(Lab.of(50, 0, 0))).nearest(Lab.of(50, 0, 0), 0))
                .isEmpty();
    }

    private static List<ShadeIndex.Hit> bruteForce(List<Lab> kit, Lab skin, int most) {
        List<ShadeIndex.Hit> all = new ArrayList<>();
        for (int i = 0; i < kit.size(); i++) {
            all.add(new ShadeIndex.Hit(i, kit.get(i).differenceFrom(skin), 0));
        }
        // from the target's side, as the index computes it: the last bit may differ by direction
        all.replaceAll(h -> new ShadeIndex.Hit(h.position(), skin.differenceFrom(kit.get(h.position())), 0));
        all.sort(Comparator.comparingDouble(ShadeIndex.Hit::difference).thenComparingInt(ShadeIndex.Hit::position));
        return all.subList(0, Math.min(most, all.size()));
    }

    private static List<Lab> kit(Random random, int size) {
        List<Lab> kit = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            kit.add(shade(random));
        }
        return kit;
    }

    private static Lab shade(Random r) {
        return Lab.of(100 * r.nextDouble(), 25 * r.nextDouble() - 3, 40 * r.nextDouble());
    }
}
