package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.skin.Undertone.Family;
import scree.core.skin.Undertone.Olive;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What a camera's word alone may say of an undertone: a lean at most, and of olive nothing. */
class UndertoneWithoutCardTest {
    @Seeds(80)
    void noFamilyEverGetsMoreThanThreeInFive(Draw draw) {
        Lab skin = Skins.leaning(draw.between(28, 80), draw.between(-40, 40));
        Zone zone = draw.between(0, 1) < .5 ? Zone.NECK : Zone.JAW;
        Undertone told = Undertone.from(Skins.bare(Map.of(zone, skin), false)).orElseThrow();
        assertThat(told.leans()).isTrue();
        assertThat(Math.max(told.cool(), Math.max(told.neutral(), told.warm()))).isLessThanOrEqualTo(.6);
        assertThat(told.cool() + told.neutral() + told.warm()).isCloseTo(1, within(1e-9));
        assertThat(told.cool()).isNotNegative();
        assertThat(told.warm()).isNotNegative();
    }

    @Test
    void aLeanKeepsItsDirection() {
        assertThat(Undertone.from(Skins.bare(Map.of(Zone.NECK, Skins.leaning(60, 25)), false))
                        .orElseThrow()
                        .leading())
                .isEqualTo(Family.WARM);
        assertThat(Undertone.from(Skins.bare(Map.of(Zone.NECK, Skins.leaning(60, -25)), false))
                        .orElseThrow()
                        .leading())
                .isEqualTo(Family.COOL);
    }

    /** Skin as olive as it comes: the card tells it, a camera alone does not, and a witness may. */
    @Test
    void oliveIsNotToldUntilSomebodyTellsIt() {
        Lab usual = ReferenceCurve.at(58);
        Lab olive = Lab.of(58, usual.a() - 5, usual.b() + 1);
        SkinReading bare = Skins.bare(Map.of(Zone.NECK, olive), false);
        UndertoneVerdict alone = UndertoneBench.weigh(bare, List.of()).orElseThrow();
        assertThat(alone.undertone().olive()).isZero();
        assertThat(alone.undertone().leans()).isTrue();
        Undertone heard = UndertoneBench.weigh(bare, List.of(new Testimony(Answer.VEINS_GREEN, false)))
                .orElseThrow()
                .undertone();
        assertThat(heard.leans()).as("no longer by the camera alone").isFalse();
        Undertone struck = UndertoneBench.weigh(bare, List.of(new Testimony(Answer.VEINS_GREEN, true)))
                .orElseThrow()
                .undertone();
        assertThat(struck.leans()).isTrue();
        assertThat(struck.cast()).isEqualTo(Olive.NONE);
    }

    @Test
    void inLightOfAStrongColourNothingIsToldAndDepthIsWide() {
        SkinReading cast = Skins.bare(Map.of(Zone.NECK, ReferenceCurve.at(60)), true);
        assertThat(Undertone.from(cast)).isEmpty();
        assertThat(UndertoneBench.weigh(cast, List.of())).isEmpty();
        assertThat(cast.within()).isEqualTo(12);
        Depth.Range range = Depth.within(ReferenceCurve.at(60), cast.within());
        assertThat(range.fairest()).isLessThan(Depth.of(ReferenceCurve.at(60)));
        assertThat(range.deepest()).isGreaterThan(Depth.of(ReferenceCurve.at(60)));
    }

    /** The inner forearm is read by a colour meter: it needs no card, whatever the picture's light. */
    @Test
    void aMetersForearmStandsWithoutACard() {
        Undertone told = Undertone.from(
                        Skins.bare(Map.of(Zone.NECK, Skins.leaning(60, -20), Zone.FOREARM, Skins.leaning(60, 9)), true))
                .orElseThrow();
        assertThat(told.leans()).isFalse();
        assertThat(told.warm()).isGreaterThan(.8);
        SkinReading metered = Skins.bare(Map.of(Zone.FOREARM, Skins.leaning(60, 9)), true);
        assertThat(UndertoneBench.weigh(metered, List.of())
                        .orElseThrow()
                        .undertone()
                        .warm())
                .isGreaterThan(.8);
    }
}
