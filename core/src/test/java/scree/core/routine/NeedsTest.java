package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.colour.Lab;
import scree.core.method.Occasion;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinType;
import scree.core.skin.Zone;

/** What a sitting asks for, and what is taken where nobody said otherwise. */
class NeedsTest {
    private static Needs needs(SkinType skin, boolean creped, Form base, Needs.Laid laid, Set<Area> areas) {
        Map<Area, Double> all = new EnumMap<>(Area.class);
        areas.forEach(a -> all.put(a, 1.0));
        return new Needs(
                new Needs.Skin(skin, creped, Set.of()),
                Needs.Care.usual(),
                Needs.Correction.none(),
                base == null ? null : new Needs.Base(base, Coverage.MEDIUM, false, true),
                all,
                Map.of(Family.SHADOW, laid, Family.COLOUR, laid),
                new Needs.Finish(0, Needs.Spray.NONE, Needs.Brows.NONE, Needs.Lips.NONE, Needs.Eyes.none(), false),
                new Needs.Event(Occasion.EVERYDAY, 0, false, null),
                Needs.Way.usual());
    }

    /** The craft's defaults: no overlap on dry, creped or mature skin; powders on what is dry to the touch and not on what is thirsty. */
    @ParameterizedTest
    @CsvSource({
        "NORMAL, false, false, LIQUID, CREAM, BASE_FIRST",
        "DRY, false, false, LIQUID, CREAM, ONE_LAYER",
        "NORMAL, true, false, STICK, CREAM, ONE_LAYER",
        "OILY, false, true, CREAM, CREAM, ONE_LAYER",
        "DRY, false, false, LIQUID, POWDER, BASE_FIRST",
        "OILY, false, false, POWDER, POWDER, POWDER_ONLY",
        "DRY, false, false, POWDER, POWDER, BASE_FIRST",
        "OILY, false, true, POWDER, POWDER, BASE_FIRST",
        "NORMAL, false, false, , CREAM, QUICK_GLOW"
    })
    void theDefaultSchoolSuitsSkinAgeAndProducts(
            SkinType skin, boolean creped, boolean mature, Form base, Needs.Laid laid, OrderSchool school) {
        Needs needs = needs(skin, creped, base, laid, Set.of(Area.SUN_CHEEK, Area.BLUSH));
        assertThat(SchoolChoice.of(needs, mature).school()).isEqualTo(school);
    }

    @Test
    void withoutBaseAndBronzerNothingEvensTheSkin() {
        Needs bare = needs(SkinType.NORMAL, false, null, Needs.Laid.CREAM, Set.of(Area.BLUSH));
        assertThat(SchoolChoice.of(bare, false).school()).isEqualTo(OrderSchool.BASE_FIRST);
    }

    @Test
    void primersAndSpraysFollowTheSkin() {
        assertThat(Usual.primers(SkinType.DRY, false)).containsExactly(Needs.Primer.HYDRATE);
        assertThat(Usual.primers(SkinType.COMBINATION, true)).containsExactly(Needs.Primer.PORES, Needs.Primer.MATTE);
        assertThat(Usual.spray(SkinType.OILY, false)).isEqualTo(Needs.Spray.MATTE);
        assertThat(Usual.spray(SkinType.DRY, false)).isEqualTo(Needs.Spray.HYDRATING);
        assertThat(Usual.spray(SkinType.DRY, true)).isEqualTo(Needs.Spray.LONG);
        assertThat(Usual.falls(Form.POWDER, Lab.of(30, 4, 4))).isTrue();
        assertThat(Usual.falls(Form.POWDER, Lab.of(70, 4, 4)))
                .as("a pale one is not seen")
                .isFalse();
        assertThat(Usual.falls(Form.CREAM, Lab.of(30, 4, 4))).isFalse();
    }

    /** One slow day moves a pace by a third of what it parts; five alike by most of it. */
    @Test
    void paceListensToTheLastFive() {
        assertThat(Pace.told(List.of())).isEqualTo(1);
        assertThat(Pace.told(List.of(2.0))).isCloseTo(4 / 3.0, within(1e-9));
        assertThat(Pace.told(List.of(2.0, 2.0, 2.0, 2.0, 2.0))).isCloseTo(12 / 7.0, within(1e-9));
        assertThat(Pace.told(List.of(2.0, 2.0, 2.0, 2.0, 2.0, 9.0)))
                .as("what is older is forgotten")
                .isEqualTo(Pace.told(List.of(2.0, 2.0, 2.0, 2.0, 2.0)));
        Pace own = new Pace(1, Map.of(StepCode.BLUSH, 1.5));
        assertThat(own.of(StepCode.BLUSH)).isEqualTo(1.5);
        assertThat(own.of(StepCode.BASE)).isEqualTo(1);
    }

    @ParameterizedTest
    @EnumSource
    void everyAreaIsLaidByAStepOfItsOwnLayerWhereItLies(Area area) {
        StepCode step = StepCode.laying(area);
        WorkLayer layer = switch (area.family()) {
            case SHADOW -> WorkLayer.SHADOW;
            case LIGHT -> WorkLayer.LIGHT;
            case COLOUR -> WorkLayer.COLOUR;
            case SUN -> WorkLayer.SUN;
            case SHEEN -> WorkLayer.SHEEN;
            case POWDER -> WorkLayer.POWDER;
        };
        assertThat(step.layer()).isEqualTo(layer);
        assertThat(AreaGroup.zones(area)).isNotEmpty();
        if (area.name().contains("NECK") || area.name().startsWith("JAW_SHADOW")) {
            assertThat(AreaGroup.zones(area)).contains(WorkZone.NECK);
        }
    }

    @Test
    void areasOfOneStepAreCountedTogetherAndTheStrongestSpeaks() {
        Map<StepCode, AreaGroup.Asked> asked =
                AreaGroup.of(Map.of(Area.HAIRLINE_SHADOW, .6, Area.TEMPLE_SHADOW, 1.1, Area.BLUSH, .8));
        AreaGroup.Asked forehead = asked.get(StepCode.SH_FOREHEAD);
        assertThat(forehead.places()).isEqualTo(2);
        assertThat(forehead.strength()).isEqualTo(1.1);
        assertThat(forehead.zones()).containsExactlyInAnyOrder(WorkZone.FOREHEAD, WorkZone.TEMPLE);
        assertThat(asked.get(StepCode.BLUSH).strength()).isEqualTo(.8);
    }

    /** Spots are told by where they lie, on either side; a shoulder is worked with the neck. */
    @ParameterizedTest
    @CsvSource({
        "0.6, 0.56, CHEEK",
        "-0.6, 0.56, CHEEK",
        "0, 0.42, NOSE",
        "0.02, -0.8, FOREHEAD",
        "-0.62, 1.1, JAW",
        "0, 1.6, MOUTH",
        "0.5, 0.21, UNDER_EYE",
        "1.2, 3.2, NECK"
    })
    void aSpotLiesInTheNearestZone(double x, double y, WorkZone zone) {
        assertThat(WorkZone.at(new FreeSpot(1, FreeSpot.Kind.BLEMISH, x, y, .05)))
                .isEqualTo(zone);
    }

    @ParameterizedTest
    @EnumSource
    void everyRegionOfSkinIsWorkedSomewhere(Zone zone) {
        assertThat(WorkZone.of(zone)).isNotNull();
    }

    @Test
    void aLongDayIsTheOccasionsOrTheHours() {
        assertThat(new Needs.Event(Occasion.EVERYDAY, 7.5, false, null).isLong())
                .isFalse();
        assertThat(new Needs.Event(Occasion.EVERYDAY, 8, false, null).isLong()).isTrue();
        assertThat(new Needs.Event(Occasion.BRIDAL, 0, false, null).isLong()).isTrue();
        assertThat(new Needs.Event(Occasion.LESSON, 0, false, null).isLong()).isFalse();
    }

    @Test
    void whatIsNeverCutIsNoAction() {
        Set<StepCode> never = EnumSet.of(
                StepCode.ASK,
                StepCode.LIGHT,
                StepCode.CLEANSE,
                StepCode.MOIST,
                StepCode.CO_EYE,
                StepCode.CREASE,
                StepCode.PO_EYE,
                StepCode.SWEEP,
                StepCode.NECK,
                StepCode.SUNCARE,
                StepCode.LOOK,
                StepCode.FLASH);
        for (StepCode code : StepCode.values()) {
            if (code.layer() == WorkLayer.BLEND || code.heavy()) {
                never.add(code);
            }
        }
        for (CutAction action : CutAction.values()) {
            assertThat(action.cut().dropped()).as(action.name()).doesNotContainAnyElementsOf(never);
            assertThat(action.drops()).isNotEqualTo(action.cut().eased().size() > 0);
            for (Occasion occasion : Occasion.values()) {
                assertThat(action.loss(occasion)).isBetween(.1, 10.0);
            }
        }
    }

    /** A correction of brown may go only where neither light nor cover lies over it. */
    @Test
    void nothingIsCutUnderALight() {
        Needs lit = corrected(Set.of(Area.CHIN_LIGHT));
        Needs bare = corrected(Set.of(Area.BLUSH));
        assertThat(CutAction.CO_BROWN.applies(StepList.of(lit, OrderSchool.BASE_FIRST, Cut.none())))
                .isFalse();
        assertThat(CutAction.CO_BROWN.applies(StepList.of(bare, OrderSchool.BASE_FIRST, Cut.none())))
                .isTrue();
        assertThat(CutAction.SPRAY.applies(StepList.of(bare, OrderSchool.ONE_LAYER, Cut.none())))
                .as("unpowdered creams have nothing else to hold them")
                .isFalse();
    }

    private static Needs corrected(Set<Area> areas) {
        Needs n = needs(SkinType.NORMAL, false, Form.LIQUID, Needs.Laid.CREAM, areas);
        Needs.Correction dark = new Needs.Correction(Set.of(WorkZone.MOUTH), Set.of(), null, 0, Set.of(), List.of());
        return new Needs(n.skin(), n.care(), dark, n.base(), n.areas(), n.forms(), n.finish(), n.event(), n.way());
    }

    @Test
    void rulesOnOnePairKeepTheLongerWaitTheEarlierLimitAndTheWorseWords() {
        Arc mild = new Arc(
                0,
                1,
                2,
                9,
                OrderCode.SCHOOL_ORDER,
                LayerReason.taste(OrderCode.SCHOOL_ORDER).severity());
        Arc hard = new Arc(
                0,
                1,
                1,
                6,
                OrderCode.MASCARA_DRY,
                LayerReason.error(OrderCode.MASCARA_DRY).severity());
        Arc both = mild.and(hard);
        assertThat(both.least()).isEqualTo(2);
        assertThat(both.most()).isEqualTo(6);
        assertThat(both.reason()).isEqualTo(OrderCode.MASCARA_DRY);
        assertThat(hard.and(mild)).isEqualTo(both);
        assertThat(both.unlimited().and(mild).most()).isEqualTo(9);
    }

    @Test
    void moreThanASittingHoldsAndRulesThatContradictAreRefused() {
        Step one = new Step(StepCode.BLUSH, Set.of(), Amount.none(), 2, 1, 0, false, false, 0, false);
        assertThatThrownBy(() -> new Jobs(java.util.Collections.nCopies(65, one), List.of()))
                .hasMessageContaining("split it");
        var severity = LayerReason.taste(OrderCode.BY_HAND).severity();
        List<Arc> circle = List.of(
                new Arc(0, 1, 0, null, OrderCode.BY_HAND, severity),
                new Arc(1, 0, 0, null, OrderCode.BY_HAND, severity));
        assertThatThrownBy(() -> new Jobs(List.of(one, one), circle)).hasMessageContaining("contradict");
    }
}
