package scree.core.mix;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;

class MixPoolTest {
    private static final Lab SKIN = Lab.of(60, 10, 17);

    private static Ingredient base(long id, double l, double a, double b) {
        return Ingredient.of(id, Lab.of(l, a, b), 1, Carrier.WATER);
    }

    /** Two of one range hit the skin within 0.5 of what two strangers hit. */
    @Test
    void neighboursOfARangeAreTakenWhenTheyAreHardlyWorse() {
        List<Ingredient> pool =
                List.of(base(1, 62, 10, 17), base(2, 58, 10, 17), base(3, 63, 10.2, 17.3), base(4, 57.5, 10.2, 17.3));
        Map<Long, String> ranges = Map.of(1L, "Marl", 2L, "Tuff", 3L, "Loess", 4L, "Loess");
        RecipeSearch.Found strangers = MixPool.best(pool, Set.of(), SKIN);
        assertThat(strangers.two().orElseThrow().parts())
                .extracting(p -> p.ingredient().id())
                .containsAnyOf(1L, 2L);
        RecipeSearch.Found neighbours = MixPool.best(pool, Set.of(), SKIN, ranges);
        assertThat(neighbours.two().orElseThrow().parts())
                .extracting(p -> p.ingredient().id())
                .containsExactlyInAnyOrder(3L, 4L);
        assertThat(neighbours.three()).isEqualTo(strangers.three());
    }

    @Test
    void neighboursThatAreWorseAreNot() {
        List<Ingredient> pool =
                List.of(base(1, 62, 10, 17), base(2, 58, 10, 17), base(3, 66, 14, 14), base(4, 52, 14, 14));
        Map<Long, String> ranges = Map.of(1L, "Marl", 2L, "Tuff", 3L, "Loess", 4L, "Loess");
        assertThat(MixPool.best(pool, Set.of(), SKIN, ranges).two())
                .isEqualTo(MixPool.best(pool, Set.of(), SKIN).two());
    }
}
