package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.PointKey;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.image.Point;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Caution;
import scree.core.placement.FaceBrief;
import scree.core.placement.Family;
import scree.core.placement.Fault;
import scree.core.placement.Handles;
import scree.core.placement.PlacedZone;
import scree.core.placement.Plan;
import scree.core.placement.Planner;
import scree.core.placement.Why;
import scree.core.placement.ZoneEdit;
import scree.core.plane.Vec;
import scree.core.skin.SkinType;

/** The craft's rules on faces that no rule was made for. */
class PlacementRulesTest {
    private static final int FACES = 1_000;

    @Test
    void noRuleIsBrokenOnAThousandFaces() {
        Map<String, Integer> broken = new ConcurrentHashMap<>();
        IntStream.range(0, FACES).parallel().forEach(i -> {
            Cases.Case c = Cases.at(i);
            Plan plan = Planner.plan(c.brief(), c.method());
            plan.withheld().forEach(f -> broken.merge("withheld " + f.fault() + " " + f.area(), i, Math::min));
            plan.cautions().stream()
                    .filter(f -> f.fault().mustNot())
                    .filter(f -> f.fault() != Fault.BAG_BRIGHTENED
                            || c.method().insisted().isEmpty()) // said, and the artist's wish
                    .forEach(f -> broken.merge(f.fault() + " " + f.area(), i, Math::min));
            if (plan.zone(Area.CHEEK_SHADOW, Side.LEFT).isEmpty()
                    || plan.zone(Area.BLUSH, Side.RIGHT).isEmpty()) {
                broken.merge("no cheek", i, Math::min);
            }
        });
        assertThat(new TreeMap<>(broken)).as("fault → first face that has it").isEmpty();
    }

    @Test
    void aMirroredFaceGetsTheMirroredPlan() {
        for (int i = 0; i < 100; i++) {
            Cases.Case c = Cases.at(9 * i);
            FacePoints mirrored = mirrored(c.points());
            FaceBrief brief = FaceBrief.of(
                    mirrored,
                    FaceReading.of(mirrored),
                    c.brief().ticks().stream().map(PlacementRulesTest::mirrored).collect(Collectors.toSet()),
                    c.brief().age(),
                    c.brief().skinType());
            Plan plan = Planner.plan(c.brief(), c.method());
            Plan other = Planner.plan(brief, c.method());
            assertThat(other.areas()).isEqualTo(plan.areas());
            for (PlacedZone zone : plan.zones()) {
                PlacedZone twin = other.zone(zone.area(), opposite(zone.side())).orElseThrow();
                assertThat(twin.strength()).isCloseTo(zone.strength(), within(1e-6));
                assertThat(box(twin.pieces().get(0).edge(), -1))
                        .as("%s on face %d", zone.area(), 3 * i)
                        .containsExactly(box(zone.pieces().get(0).edge(), 1), within(.004));
            }
        }
    }

    private static FacePoints mirrored(FacePoints points) {
        List<FacePoints.Mark> marks = PointKey.all().stream()
                .map(k -> points.at(k.mirrored()))
                .map(m -> new FacePoints.Mark(new Point(1200 - m.at().x(), m.at().y()), m.state()))
                .toList();
        return FacePoints.of(marks);
    }

    private static Tick mirrored(Tick tick) {
        String name = tick.name();
        return name.endsWith("_LEFT")
                ? Tick.valueOf(name.replace("_LEFT", "_RIGHT"))
                : name.endsWith("_RIGHT") ? Tick.valueOf(name.replace("_RIGHT", "_LEFT")) : tick;
    }

    private static Side opposite(Side side) {
        return side == Side.CENTRE ? side : side == Side.LEFT ? Side.RIGHT : Side.LEFT;
    }

    private static double[] box(List<Vec> edge, int sign) {
        double low = edge.stream().mapToDouble(v -> sign * v.x()).min().orElse(0);
        double high = edge.stream().mapToDouble(v -> sign * v.x()).max().orElse(0);
        double top = edge.stream().mapToDouble(Vec::y).min().orElse(0);
        double bottom = edge.stream().mapToDouble(Vec::y).max().orElse(0);
        return new double[] {low, high, top, bottom};
    }

    // ---- the table of the craft ----

    private static final FacePoints POINTS =
            FacePoints.template(new Point(500, 500), new Point(700, 500), new Point(600, 872));

    private static FaceBrief brief(Shape shape, Map<Trait, Optional<Boolean>> traits, Set<Tick> ticks, int age) {
        return FaceBrief.of(POINTS, FaceReading.of(POINTS), shape, traits, ticks, age, SkinType.NORMAL);
    }

    private static Plan plan(Shape shape, Aim aim, Tick... ticks) {
        Set<Tick> set = EnumSet.noneOf(Tick.class);
        set.addAll(List.of(ticks));
        return Planner.plan(
                brief(shape, Map.of(), set, 30), PlacementMethod.usual().withAim(aim));
    }

    private static double strength(Plan plan, Area area) {
        return plan.zone(area, area.paired() ? Side.LEFT : Side.CENTRE)
                .map(PlacedZone::strength)
                .orElse(0.0);
    }

    @ParameterizedTest
    @EnumSource(Shape.class)
    void eachShapeIsWorkedWhereTheCraftSays(Shape shape) {
        Plan plan = plan(shape, Aim.BALANCE);
        double temple = strength(plan, Area.TEMPLE_SHADOW);
        double jaw = strength(plan, Area.JAW_SHADOW);
        double chin = strength(plan, Area.CHIN_SHADOW);
        switch (shape) {
            case OVAL ->
                assertThat(strength(plan, Area.CHEEK_SHADOW))
                        .isGreaterThan(temple)
                        .isGreaterThan(jaw);
            case ROUND -> assertThat(List.of(temple, jaw)).allMatch(s -> s > .6);
            case SQUARE -> {
                assertThat(jaw).isGreaterThan(temple);
                assertThat(plan.zones()).anyMatch(z -> z.area() == Area.EYE_CORNER_LIGHT);
            }
            case OBLONG -> {
                assertThat(chin).isGreaterThan(.5);
                assertThat(strength(plan, Area.HAIRLINE_SHADOW)).isGreaterThan(.7);
                assertThat(plan.areas()).doesNotContain(Area.CHIN_LIGHT, Area.FOREHEAD_LIGHT);
            }
            case HEART -> {
                assertThat(temple).isGreaterThan(.7);
                assertThat(jaw).isZero();
                assertThat(plan.areas()).contains(Area.JAW_EDGE_LIGHT);
            }
            case DIAMOND -> {
                assertThat(temple).isLessThan(.3);
                assertThat(plan.areas()).contains(Area.JAW_EDGE_LIGHT, Area.FOREHEAD_LIGHT);
            }
            case TRIANGLE -> {
                assertThat(temple).isZero();
                assertThat(jaw).isGreaterThan(.9);
                assertThat(plan.areas()).contains(Area.EYE_CORNER_LIGHT).doesNotContain(Area.JAW_EDGE_LIGHT);
            }
        }
        assertThat(plan.zones()).allSatisfy(z -> assertThat(z.reasons()).isNotEmpty());
    }

    @Test
    void aimsChangeStrengthAndLeaveOutWhatDragsDown() {
        assertThat(strength(plan(Shape.OVAL, Aim.SCULPT), Area.CHEEK_SHADOW))
                .isGreaterThan(strength(plan(Shape.OVAL, Aim.BALANCE), Area.CHEEK_SHADOW));
        assertThat(strength(plan(Shape.OVAL, Aim.NATURAL), Area.CHEEK_SHADOW))
                .isLessThan(strength(plan(Shape.OVAL, Aim.SOFTEN), Area.CHEEK_SHADOW));
        Plan lift = plan(Shape.OVAL, Aim.LIFT);
        assertThat(lift.areas())
                .contains(Area.MOUTH_CORNER_LIGHT, Area.FOLD_LIGHT, Area.EYE_CORNER_LIGHT)
                .doesNotContain(Area.NOSE_SHADOW);
        assertThat(lift.zone(Area.BLUSH, Side.LEFT).orElseThrow().heart().y())
                .isLessThan(plan(Shape.OVAL, Aim.BALANCE)
                        .zone(Area.BLUSH, Side.LEFT)
                        .orElseThrow()
                        .heart()
                        .y());
    }

    @Test
    void ticksKeepProductAwayFromWhereItHarms() {
        assertThat(plan(Shape.HEART, Aim.BALANCE, Tick.HOLLOW_TEMPLES).areas()).doesNotContain(Area.TEMPLE_SHADOW);
        assertThat(plan(Shape.OVAL, Aim.BALANCE, Tick.FRINGE).areas())
                .doesNotContain(Area.HAIRLINE_SHADOW, Area.FOREHEAD_LIGHT);
        assertThat(plan(Shape.OVAL, Aim.BALANCE, Tick.CHEEK_TEXTURE).areas()).doesNotContain(Area.CHEEK_TOP_SHEEN);
        assertThat(plan(Shape.OVAL, Aim.BALANCE, Tick.FULL_UNDER_CHIN).areas()).contains(Area.UNDER_CHIN_SHADOW);
        assertThat(plan(Shape.OVAL, Aim.BALANCE, Tick.FULLER_LIP_WANTED).areas())
                .contains(Area.UNDER_LIP_SHADOW);
        assertThat(strength(plan(Shape.OVAL, Aim.BALANCE, Tick.HOLLOW_CHEEKS), Area.CHEEK_SHADOW))
                .isCloseTo(.5 * strength(plan(Shape.OVAL, Aim.BALANCE), Area.CHEEK_SHADOW), within(.01));
        assertThat(strength(plan(Shape.OVAL, Aim.BALANCE, Tick.CHEEK_REDNESS), Area.BLUSH))
                .isLessThan(strength(plan(Shape.OVAL, Aim.BALANCE), Area.BLUSH));
        assertThat(why(plan(Shape.OVAL, Aim.BALANCE, Tick.EYE_BAGS), Area.UNDER_EYE_LIGHT))
                .contains(Why.BAG_GROOVE);
        assertThat(why(plan(Shape.OVAL, Aim.BALANCE, Tick.UNDER_EYE_LINES), Area.UNDER_EYE_LIGHT))
                .contains(Why.CORNERS_ONLY);
        assertThat(why(plan(Shape.ROUND, Aim.BALANCE, Tick.JOWL), Area.JAW_SHADOW))
                .contains(Why.JOWL_UNDER);
    }

    @Test
    void fromFiftyFiveOnCornersAreTheHabit() {
        FaceBrief old = brief(Shape.OVAL, Map.of(), Set.of(), 55);
        assertThat(why(Planner.plan(old, PlacementMethod.usual()), Area.UNDER_EYE_LIGHT))
                .contains(Why.CORNERS_ONLY);
        FaceBrief young = brief(Shape.OVAL, Map.of(), Set.of(), 54);
        assertThat(why(Planner.plan(young, PlacementMethod.usual()), Area.UNDER_EYE_LIGHT))
                .contains(Why.TRIANGLE_LIGHT);
    }

    @Test
    void theNoseIsWorkedAgainstWhatStandsOut() {
        assertThat(why(trait(Trait.NOSE_WIDTH, true), Area.NOSE_SHADOW)).contains(Why.NOSE_NARROWER);
        assertThat(trait(Trait.NOSE_LENGTH, true).areas()).contains(Area.NOSE_TIP_SHADOW);
        assertThat(trait(Trait.NOSE_LENGTH, false).areas()).doesNotContain(Area.NOSE_TIP_SHADOW);
        assertThat(trait(Trait.EYES_APART, false).areas()).contains(Area.INNER_EYE_LIGHT);
        assertThat(why(trait(Trait.EYES_APART, false), Area.NOSE_SHADOW)).contains(Why.CLOSE_SET_CLEAR);
        assertThat(trait(Trait.FOREHEAD, false).areas()).doesNotContain(Area.HAIRLINE_SHADOW);
        assertThat(why(trait(Trait.FOREHEAD, true), Area.HAIRLINE_SHADOW)).contains(Why.TALL_FOREHEAD);
    }

    private static Plan trait(Trait trait, boolean high) {
        return Planner.plan(brief(Shape.OVAL, Map.of(trait, Optional.of(high)), Set.of(), 30), PlacementMethod.usual());
    }

    private static List<Enum<?>> why(Plan plan, Area area) {
        return plan.zone(area, area.paired() ? Side.LEFT : Side.CENTRE).orElseThrow().reasons().stream()
                .<Enum<?>>map(r -> r.code())
                .toList();
    }

    @Test
    void aChosenSchoolGoesBeforeAgeAndIsCautionedWithItsRemedy() {
        PlacementMethod m = PlacementMethod.usual();
        PlacementMethod triangle = m.withUnderEye(PlacementMethod.UnderEye.TRIANGLE);
        Plan plan = Planner.plan(brief(Shape.OVAL, Map.of(), Set.of(), 70), triangle);
        assertThat(why(plan, Area.UNDER_EYE_LIGHT)).contains(Why.TRIANGLE_LIGHT);
        assertThat(plan.cautions()).anySatisfy(c -> {
            assertThat(c.fault()).isEqualTo(Fault.TRIANGLE_ON_LINES);
            assertThat(c.fault().remedy()).isEqualTo(Fault.Remedy.CORNERS);
        });
    }

    // ---- the artist's hand ----

    @Test
    void anEditSurvivesAnotherPlanAndTouchesNothingElse() {
        ZoneEdit edit = new ZoneEdit(Area.CHEEK_SHADOW, Side.LEFT, false, .4, Map.of(2, new Vec(.05, -.02)));
        for (Aim aim : Aim.values()) {
            FaceBrief brief = brief(Shape.ROUND, Map.of(), Set.of(), 30);
            PlacementMethod method = PlacementMethod.usual().withAim(aim);
            Plan plain = Planner.plan(brief, method);
            Plan edited = Planner.plan(brief, method, List.of(edit));
            PlacedZone zone = edited.zone(Area.CHEEK_SHADOW, Side.LEFT).orElseThrow();
            assertThat(zone.edited()).isTrue();
            assertThat(zone.strength()).isEqualTo(.4);
            Vec was = Handles.of(plain.zone(Area.CHEEK_SHADOW, Side.LEFT).orElseThrow())
                    .get(2);
            assertThat(Handles.of(zone).get(2).distanceTo(was.plus(.05, -.02))).isLessThan(.002);
            for (PlacedZone other : edited.zones()) {
                if (!other.edited()) {
                    assertThat(other)
                            .isEqualTo(plain.zone(other.area(), other.side()).orElseThrow());
                }
            }
        }
    }

    @Test
    void whatIsLeftOutStaysOutAndCanComeBack() {
        ZoneEdit out = new ZoneEdit(Area.BLUSH, Side.LEFT, true, null, Map.of());
        FaceBrief brief = brief(Shape.OVAL, Map.of(), Set.of(), 30);
        Plan plan = Planner.plan(brief, PlacementMethod.usual(), List.of(out));
        assertThat(plan.zone(Area.BLUSH, Side.LEFT)).isEmpty();
        assertThat(plan.zone(Area.BLUSH, Side.RIGHT)).isPresent();
        assertThat(plan.leftOut()).extracting(PlacedZone::area).containsExactly(Area.BLUSH);
    }

    @Test
    void aZoneDrawnWhereItMustNotLieIsCautioned() {
        assertThat(dragged(Area.CHEEK_SHADOW, 2, new Vec(0, .3))).contains(Fault.BELOW_NOSTRIL);
        Vec up = new Vec(0, -.15);
        assertThat(dragged(Area.CHEEK_SHADOW, Map.of(1, up, 3, up, 4, up))).contains(Fault.DROPS_IN_FRONT);
        assertThat(dragged(Area.CHEEK_SHADOW, 2, new Vec(-.3, .05))).contains(Fault.PAST_STOP);
        assertThat(dragged(Area.BLUSH, 0, new Vec(-.35, 0))).contains(Fault.PAST_STOP);
        assertThat(dragged(Area.UNDER_EYE_LIGHT, 0, new Vec(0, -.35))).contains(Fault.IN_EYE);
        assertThat(dragged(Area.JAW_SHADOW, 0, new Vec(.5, 0))).contains(Fault.OUTSIDE_FACE);
        assertThat(dragged(Area.BLUSH, 1, new Vec(0, .004))).isEmpty();
    }

    private static List<Fault> dragged(Area area, int handle, Vec by) {
        return dragged(area, Map.of(handle, by));
    }

    private static List<Fault> dragged(Area area, Map<Integer, Vec> moves) {
        ZoneEdit edit = new ZoneEdit(area, Side.LEFT, false, null, moves);
        return Planner.plan(brief(Shape.OVAL, Map.of(), Set.of(), 30), PlacementMethod.usual(), List.of(edit))
                .cautions()
                .stream()
                .filter(c -> c.area() == area)
                .map(Caution::fault)
                .toList();
    }

    @Test
    void strengthOverAShadowsMostIsCautionedOnlyWhenTheHandDidIt() {
        ZoneEdit strong = new ZoneEdit(Area.JAW_SHADOW, Side.LEFT, false, 1.3, Map.of());
        Plan plan = Planner.plan(brief(Shape.OVAL, Map.of(), Set.of(), 30), PlacementMethod.usual(), List.of(strong));
        assertThat(plan.cautions()).extracting(Caution::fault).contains(Fault.TOO_STRONG);
    }

    @Test
    void aPlanNeverLightsEverything() {
        for (int i = 0; i < 400; i++) {
            Cases.Case c = Cases.at(i);
            long lights = Planner.plan(c.brief(), c.method()).areas().stream()
                    .filter(a -> a.family() == Family.LIGHT)
                    .count();
            assertThat(lights).isLessThanOrEqualTo(9);
        }
    }
}
