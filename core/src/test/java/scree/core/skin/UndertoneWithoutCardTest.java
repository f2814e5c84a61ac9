package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.image.ZoneSample;
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
    void inLightOfAStrongColourNothingIsToldNorMatched() {
        SkinReading cast = Skins.bare(Map.of(Zone.NECK, ReferenceCurve.at(60), Zone.JAW, ReferenceCurve.at(58)), true);
        assertThat(Undertone.from(cast)).isEmpty();
        assertThat(UndertoneBench.weigh(cast, List.of())).isEmpty();
        assertThat(MatchTarget.from(cast, MatchTarget.School.JAW_TO_NECK)).isEmpty();
        SkinReading red = Skins.bare(Map.of(Zone.NECK, ReferenceCurve.at(60), Zone.CHEEK, Lab.of(55, 30, 30)), true);
        assertThat(SkinFindings.of(red)).isEmpty();
        assertThat(UndertoneBench.redFace(red)).isFalse();
        assertThat(cast.within()).isEqualTo(12);
    }

    /** Depth is told by an angle that has b* in it: fair skin under an orange lamp was called tan to deep. The light's colour must not count. */
    @Seeds(60)
    void underAnyLampsColourTheDepthRangeHoldsTheTruth(Draw draw) {
        double lightness = draw.between(30, 78);
        Depth truth = Depth.of(ReferenceCurve.at(lightness));
        double seen = lightness + draw.between(-10, 10);
        Lab lit = Lab.ofClamped(seen, draw.between(-25, 45), draw.between(-40, 65));
        Depth.Range range = Skins.bare(Map.of(Zone.JAW, lit), true).depths().orElseThrow();
        assertThat(truth).isBetween(range.fairest(), range.deepest());
    }

    /** What a colour meter read needs no card, whatever the picture's light: on the forearm or the neck. */
    @Test
    void aMetersReadingStandsWithoutACard() {
        for (Zone zone : List.of(Zone.FOREARM, Zone.NECK)) {
            SkinReading picture = Skins.bare(Map.of(Zone.CHEEK, Skins.leaning(60, -20)), true);
            SkinReading metered = picture.with(new ZoneReading(
                    zone, Skins.leaning(60, 9), .3, new ZoneSample(new double[3], 0, 3, 0, 0, 0, 0), true));
            Undertone told =
                    UndertoneBench.weigh(metered, List.of()).orElseThrow().undertone();
            assertThat(told.leans()).as(zone.name()).isFalse();
            assertThat(told.warm()).as(zone.name()).isGreaterThan(.8);
        }
        SkinReading neck = Skins.bare(Map.of(Zone.CHEEK, Skins.leaning(60, -20)), true)
                .with(new ZoneReading(
                        Zone.NECK, Skins.leaning(60, 9), .3, new ZoneSample(new double[3], 0, 3, 0, 0, 0, 0), true));
        assertThat(MatchTarget.from(neck, MatchTarget.School.JAW_TO_NECK)
                        .orElseThrow()
                        .colour()
                        .differenceFrom(Skins.leaning(60, 9)))
                .as("matched to the meter's neck alone")
                .isLessThan(1e-6);
    }
}
