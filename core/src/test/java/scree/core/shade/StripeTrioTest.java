package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.skin.MatchTarget;

class StripeTrioTest {
    private static final Lab SKIN = Lab.ofLch(60, 20, 60);
    private static final MatchTarget TARGET = new MatchTarget(SKIN, SKIN, SKIN, SKIN, MatchTarget.School.JAW_TO_NECK);

    @Test
    void bestThenOneLighterThenTheNextUndertone() {
        List<Lab> kit = List.of(
                Lab.ofLch(60.3, 20, 60),
                Lab.ofLch(59, 20, 60),
                Lab.ofLch(62.2, 20, 60),
                Lab.ofLch(60, 20, 54),
                Lab.ofLch(40, 20, 60));
        var ranked = new ShadeIndex(kit).nearest(SKIN, kit.size());
        assertThat(StripeTrio.of(ranked, kit, TARGET)).containsExactly(0, 2, 3);
    }

    @Test
    void aSmallKitGivesWhatItHas() {
        List<Lab> kit = List.of(Lab.ofLch(50, 20, 60));
        assertThat(StripeTrio.of(new ShadeIndex(kit).nearest(SKIN, 1), kit, TARGET))
                .containsExactly(0);
        assertThat(StripeTrio.of(List.of(), List.of(), TARGET)).isEmpty();
    }
}
