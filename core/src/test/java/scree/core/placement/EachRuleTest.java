package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.FaceReading;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.method.Aim;
import scree.core.method.Insist;
import scree.core.method.PlacementMethod;
import scree.core.reason.Reason;
import scree.core.skin.SkinType;

/** Every area with what calls for it and what keeps it away, on the template's face: one line, one sentence of the craft. */
class EachRuleTest {
    private static Plan plan(String told) {
        return ToldFace.of(told).plan();
    }

    private static Optional<PlacedZone> zone(Plan plan, Area area) {
        return plan.zone(area, area.paired() ? Side.LEFT : Side.CENTRE);
    }

    @ParameterizedTest(name = "{0}: {1} because {2}")
    @CsvSource({
        // ---- shadow ----
        "OBLONG BALANCE,                  HAIRLINE_SHADOW,   MELTS_INTO_HAIR",
        "OVAL SCULPT +FOREHEAD,           HAIRLINE_SHADOW,   TALL_FOREHEAD",
        "OVAL BALANCE,                    TEMPLE_SHADOW,     FRAMES_THE_EYES",
        "SQUARE BALANCE,                  JAW_SHADOW,        SHAPE_ASKS",
        "OVAL LIFT JOWL,                  JAW_SHADOW,        JOWL_UNDER",
        "OVAL LIFT JOWL,                  UNDER_CHIN_SHADOW, UNDER_CHIN_FULL",
        "OVAL BALANCE FULL_UNDER_CHIN,    UNDER_CHIN_SHADOW, UNDER_CHIN_FULL",
        "OVAL BALANCE +NOSE_WIDTH,        NOSE_SHADOW,       NOSE_NARROWER",
        "OVAL BALANCE -NOSE_LENGTH,       NOSE_SHADOW,       NOSE_LONGER",
        "OVAL BALANCE +NOSE_LENGTH,       NOSE_SHADOW,       NOSE_SHORTER",
        "OVAL BALANCE -EYES_APART,        NOSE_SHADOW,       CLOSE_SET_CLEAR",
        "OVAL BALANCE,                    NOSE_SHADOW,       NOSE_USUAL",
        "OVAL NATURAL +NOSE_WIDTH,        NOSE_SHADOW,       NOSE_NARROWER",
        "OVAL BALANCE +NOSE_LENGTH,       NOSE_TIP_SHADOW,   NOSE_SHORTER",
        "OBLONG BALANCE,                  NOSE_TIP_SHADOW,   NOSE_SHORTER",
        "OBLONG BALANCE,                  CHIN_SHADOW,       CHIN_SHORTER",
        "OVAL BALANCE +CHIN_LENGTH,       CHIN_SHADOW,       CHIN_SHORTER",
        "OVAL BALANCE FULLER_LIP_WANTED,  UNDER_LIP_SHADOW,  LIP_FULLER",
        "OVAL BALANCE HOLLOW_CHEEKS,      CHEEK_SHADOW,      HOLLOW_EASED",
        "ROUND BALANCE,                   CHEEK_SHADOW,      SHAPE_ASKS",
        "HEART BALANCE ROUND_OUTLINE,     JAW_SHADOW,        ROUNDED_HEART",
        "HEART BALANCE ROUND_OUTLINE,     UNDER_LIP_SHADOW,  ROUNDED_HEART",
        "HEART BALANCE ROUND_OUTLINE,     TEMPLE_SHADOW,     FRAMES_THE_EYES",
        "HEART BALANCE ROUND_OUTLINE,     NOSE_SHADOW,       NOSE_USUAL",
        "OVAL SCULPT JOWL,                UNDER_CHIN_SHADOW, UNDER_CHIN_FULL",
        "OVAL BALANCE NOSE_LEANS_LEFT,    NOSE_SHADOW,       NOSE_USUAL",
        "OVAL BALANCE FULLER_LEFT,        CHEEK_SHADOW,      FULLER_SIDE_TICKED",
        "OVAL LONGER,                     TEMPLE_SHADOW,     FRAMES_THE_EYES",
        "OVAL LONGER,                     JAW_SHADOW,        JAW_UNDER",
        "OVAL LONGER,                     UNDER_EYE_LIGHT,   DOWNWARD_LENGTHENS",
        "OVAL WIDER,                      HAIRLINE_SHADOW,   MELTS_INTO_HAIR",
        "OVAL WIDER,                      CHIN_SHADOW,       CHIN_SHORTER",
        "OVAL WIDER,                      EYE_CORNER_LIGHT,  WIDENS_EYES",
        "TRIANGLE BALANCE,                CHEEK_SHADOW,      SHAPE_EASES",
        // ---- light ----
        "OVAL BALANCE,                    UNDER_EYE_LIGHT,   TRIANGLE_LIGHT",
        "OVAL BALANCE age=60,             UNDER_EYE_LIGHT,   CORNERS_ONLY",
        "OVAL BALANCE UNDER_EYE_LINES,    UNDER_EYE_LIGHT,   CORNERS_ONLY",
        "OVAL LIFT,                       UNDER_EYE_LIGHT,   WEDGE_LIFTS",
        "OVAL BALANCE EYE_BAGS,           UNDER_EYE_LIGHT,   BAG_GROOVE",
        "OVAL BALANCE EYE_BAGS,           INNER_EYE_LIGHT,   SHADOW_GONE",
        "OVAL BALANCE DRY_FOREHEAD,       FOREHEAD_LIGHT,    FOREHEAD_BY_POWDER",
        "OVAL BALANCE -EYES_APART,        INNER_EYE_LIGHT,   CLOSE_SET_WIDER",
        "OVAL BALANCE,                    BRIDGE_LIGHT,      BRIDGE_CLEAN",
        "HEART BALANCE,                   JAW_EDGE_LIGHT,    WIDENS_JAW",
        "DIAMOND BALANCE,                 JAW_EDGE_LIGHT,    WIDENS_JAW",
        "TRIANGLE BALANCE,                EYE_CORNER_LIGHT,  WIDENS_EYES",
        "OVAL LIFT,                       MOUTH_CORNER_LIGHT, SHADOW_GONE",
        "OVAL BALANCE MARIONETTE_LINES,   MOUTH_CORNER_LIGHT, SHADOW_GONE",
        "OVAL BALANCE NOSE_FOLDS,         FOLD_LIGHT,        SHADOW_GONE",
        "OVAL BALANCE MARIONETTE_LINES,   MARIONETTE_LIGHT,  SHADOW_GONE",
        "OVAL LIFT age=60,                MARIONETTE_LIGHT,  SHADOW_GONE",
        "OVAL SCULPT,                     CLEAN_LINE,        SHARPENS_SHADOW",
        // ---- colour ----
        "OVAL LIFT,                       BLUSH,             BLUSH_LIFTS",
        "OVAL SOFTEN,                     BLUSH,             BLUSH_FRESH",
        "SQUARE BALANCE,                  BLUSH,             BLUSH_FRESH",
        "OBLONG BALANCE,                  BLUSH,             BLUSH_SHORTENS",
        "OVAL SOFTEN FULL_CHEEKS,         BLUSH,             CHEEKS_FULL_OFF_FRONT",
        "OVAL LIFT FULL_CHEEKS,           BLUSH,             CHEEKS_FULL_OFF_FRONT",
        "OBLONG BALANCE FLAT_CHEEKS,      BLUSH,             CHEEKS_FLAT_HIGHER",
        "OVAL WIDER,                      BLUSH,             BLUSH_SHORTENS",
        "OVAL SOFTEN FLAT_CHEEKS,         BLUSH,             CHEEKS_FLAT_HIGHER",
        "OVAL BALANCE CHEEK_REDNESS,      BLUSH,             RED_MUTED",
        // ---- sun, sheen, powder ----
        "OVAL BALANCE,                    SUN_FOREHEAD,      SUN_LANDS",
        "OVAL BALANCE,                    SUN_NECK,          TIES_TO_CHEST",
        "OVAL BALANCE,                    CHEEK_TOP_SHEEN,   CATCHES_LIGHT",
        "OVAL SCULPT,                     CHIN_SHEEN,        CATCHES_LIGHT",
        "OVAL BALANCE skin=OILY,          ALL_OVER_POWDER,   SKIN_SHINES",
        "OVAL BALANCE skin=COMBINATION,   T_POWDER,          SKIN_SHINES",
        "OVAL BALANCE skin=NORMAL,        NOSE_SIDE_POWDER,  SKIN_SHINES",
        "OVAL BALANCE,                    UNDER_EYE_POWDER,  HOLDS_CONCEALER",
        "OVAL SCULPT skin=OILY,           CLEAN_LINE_POWDER, SHARPENS_SHADOW"
    })
    void itIsPlacedForItsReason(String told, Area area, Why why) {
        Plan plan = plan(told);
        assertThat(zone(plan, area))
                .as("%s on %s, withheld %s", area, told, plan.withheld())
                .isPresent();
        assertThat(zone(plan, area).orElseThrow().reasons())
                .extracting(Reason::code)
                .contains(why);
    }

    @ParameterizedTest(name = "{0}: no {1}")
    @CsvSource({
        // ---- what covers a place or harms there ----
        "OBLONG BALANCE FRINGE,           HAIRLINE_SHADOW",
        "OVAL BALANCE -FOREHEAD,          HAIRLINE_SHADOW",
        "HEART BALANCE HOLLOW_TEMPLES,    TEMPLE_SHADOW",
        "OVAL BALANCE FRINGE,             SUN_FOREHEAD",
        "OVAL BALANCE FRINGE,             FOREHEAD_LIGHT",
        "OVAL BALANCE CHEEK_TEXTURE,      CHEEK_TOP_SHEEN",
        "OVAL SCULPT CHEEK_TEXTURE,       CLEAN_LINE",
        "OVAL BALANCE HOODED_LIDS,        BROW_BONE_SHEEN",
        "OVAL BALANCE NOSE_TEXTURE,       BRIDGE_LIGHT",
        "OVAL BALANCE NOSE_TEXTURE,       BRIDGE_SHEEN",
        "OVAL BALANCE NOSE_TEXTURE,       NOSE_TIP_SHEEN",
        "OVAL BALANCE -EYES_APART NOSE_TEXTURE, INNER_EYE_LIGHT",
        // ---- what would make more of what is already much ----
        "OBLONG BALANCE,                  CHIN_LIGHT",
        "OVAL BALANCE +CHIN_LENGTH,       CHIN_LIGHT",
        "OVAL BALANCE -CHIN_LENGTH,       CHIN_SHADOW",
        "OVAL BALANCE +FOREHEAD,          FOREHEAD_LIGHT",
        "SQUARE BALANCE,                  JAW_EDGE_LIGHT",
        "HEART BALANCE ROUND_OUTLINE,     JAW_EDGE_LIGHT",
        "OVAL BALANCE +NOSE_LENGTH,       NOSE_TIP_SHEEN",
        "OBLONG BALANCE,                  BRIDGE_SHEEN",
        "OBLONG BALANCE,                  CHIN_SHEEN",
        "OVAL BALANCE +EYES_APART,        INNER_CORNER_SHEEN",
        "OVAL LONGER,                     HAIRLINE_SHADOW",
        "OVAL LONGER,                     CHIN_SHADOW",
        "OVAL WIDER,                      JAW_SHADOW",
        "OVAL WIDER,                      TEMPLE_SHADOW",
        "OVAL WIDER,                      BRIDGE_LIGHT",
        "OVAL BALANCE JOWL,               JAW_EDGE_LIGHT",
        "OVAL BALANCE +EYES_APART,        INNER_EYE_LIGHT",
        // ---- what drags a lifted face down ----
        "OVAL LIFT,                       NOSE_SHADOW",
        "OVAL LIFT +NOSE_LENGTH,          NOSE_TIP_SHADOW",
        "OBLONG LIFT,                     CHIN_SHADOW",
        "OVAL LIFT,                       CHIN_LIGHT",
        "OVAL LIFT,                       BRIDGE_LIGHT",
        "OVAL LIFT,                       LIP_BOW_LIGHT",
        // ---- what a natural face does without ----
        "OVAL NATURAL,                    NOSE_SHADOW",
        "OVAL NATURAL,                    NOSE_TIP_SHADOW",
        "OVAL NATURAL,                    BRIDGE_LIGHT",
        "OVAL NATURAL,                    UNDER_BROW_LIGHT",
        "OVAL NATURAL,                    CHIN_LIGHT",
        "OVAL NATURAL,                    BROW_BONE_SHEEN",
        "HEART NATURAL,                   JAW_EDGE_LIGHT",
        // ---- nothing asks for it ----
        "OVAL BALANCE,                    NOSE_TIP_SHADOW",
        "OVAL BALANCE,                    UNDER_CHIN_SHADOW",
        "OVAL BALANCE,                    UNDER_LIP_SHADOW",
        "OVAL BALANCE,                    MOUTH_CORNER_LIGHT",
        "OVAL BALANCE,                    FOLD_LIGHT",
        "OVAL BALANCE,                    MARIONETTE_LIGHT",
        "OVAL BALANCE,                    INNER_EYE_LIGHT",
        "OVAL BALANCE,                    BLUSH_OVER_NOSE",
        "OVAL SOFTEN,                     CLEAN_LINE",
        // ---- powder by skin ----
        "OVAL BALANCE skin=DRY,           T_POWDER",
        "OVAL BALANCE skin=DRY,           ALL_OVER_POWDER",
        "OVAL BALANCE skin=NORMAL,        ALL_OVER_POWDER",
        "OVAL BALANCE skin=OILY,          NOSE_SIDE_POWDER",
        "OVAL SCULPT skin=NORMAL,         CLEAN_LINE_POWDER"
    })
    void itIsKeptAway(String told, Area area) {
        assertThat(zone(plan(told), area)).as("%s on %s", area, told).isEmpty();
    }

    @ParameterizedTest(name = "{0} has more {2} than {1}")
    @CsvSource({
        "ROUND BALANCE,   OVAL BALANCE,               CHEEK_SHADOW",
        "OVAL SCULPT,     OVAL BALANCE,               CHEEK_SHADOW",
        "OVAL BALANCE,    OVAL NATURAL,               CHEEK_SHADOW",
        "OVAL BALANCE,    OVAL BALANCE HOLLOW_CHEEKS, CHEEK_SHADOW",
        "SQUARE BALANCE,  OVAL BALANCE,               JAW_SHADOW",
        "HEART BALANCE,   TRIANGLE BALANCE,           TEMPLE_SHADOW",
        "OVAL BALANCE,    OVAL BALANCE CHEEK_REDNESS, BLUSH"
    })
    void someFacesAskForMore(String more, String less, Area area) {
        double much = zone(plan(more), area).map(PlacedZone::strength).orElse(0.0);
        double little = zone(plan(less), area).map(PlacedZone::strength).orElse(0.0);
        assertThat(much).isGreaterThan(little);
    }

    @ParameterizedTest(name = "{0}: {1} is left out because {2}")
    @CsvSource({
        "OVAL BALANCE FRINGE,          FOREHEAD_LIGHT,     OFF_HAIR_COVERS",
        "HEART BALANCE HOLLOW_TEMPLES, TEMPLE_SHADOW,      OFF_HOLLOW",
        "OVAL BALANCE CHEEK_TEXTURE,   CHEEK_TOP_SHEEN,    OFF_TEXTURE",
        "OVAL BALANCE +NOSE_LENGTH,    NOSE_TIP_SHEEN,     OFF_BESIDE_SHORTENING",
        "OVAL BALANCE +EYES_APART,     INNER_CORNER_SHEEN, OFF_WIDE_SET"
    })
    void whatTheCraftLeavesOutIsSaidWithItsReason(String told, Area area, Why why) {
        assertThat(plan(told).keptOff())
                .anySatisfy(k -> assertThat(k.area() + " " + k.why()).isEqualTo(area + " " + why));
    }

    /** What one likes goes before any rule: a chosen way is kept off with a reason, and laid once it is insisted on. */
    @Test
    void aSchoolThatTheFaceSpeaksAgainstIsKeptOffUntilItIsInsistedOn() {
        ToldFace bag = ToldFace.of("OVAL BALANCE EYE_BAGS");
        PlacementMethod triangle = bag.method().withUnderEye(PlacementMethod.UnderEye.TRIANGLE);
        Plan off = Planner.plan(bag.brief(), triangle);
        assertThat(off.keptOff()).contains(new KeptOff(Area.UNDER_EYE_LIGHT, Why.OFF_BAG, Insist.UNDER_EYE));
        assertThat(zone(off, Area.UNDER_EYE_LIGHT).orElseThrow().reasons())
                .extracting(Reason::code)
                .contains(Why.BAG_GROOVE);
        Plan on = Planner.plan(bag.brief(), triangle.insisting(Insist.UNDER_EYE));
        assertThat(zone(on, Area.UNDER_EYE_LIGHT).orElseThrow().reasons())
                .extracting(Reason::code)
                .contains(Why.TRIANGLE_LIGHT);
        assertThat(on.cautions()).extracting(Caution::fault).contains(Fault.BAG_BRIGHTENED);
        assertThat(plan("OVAL BALANCE EYE_BAGS").keptOff())
                .as("nothing was chosen")
                .noneMatch(k -> k.insist() != null);
        ToldFace square = ToldFace.of("SQUARE BALANCE");
        PlacementMethod edge = square.method().withWidening(PlacementMethod.Widening.JAW_EDGE);
        assertThat(zone(Planner.plan(square.brief(), edge), Area.JAW_EDGE_LIGHT))
                .isEmpty();
        assertThat(zone(Planner.plan(square.brief(), edge.insisting(Insist.WIDENING)), Area.JAW_EDGE_LIGHT))
                .isPresent();
    }

    /** Neither tick moved it: round fronts are left free, flat ones get it further back and higher. */
    @ParameterizedTest
    @CsvSource({"OVAL LIFT", "OVAL SOFTEN", "OBLONG BALANCE"})
    void theFrontOfTheCheekMovesTheBlush(String told) {
        double plain = front(plan(told));
        assertThat(front(plan(told + " FULL_CHEEKS"))).isGreaterThan(plain + .03);
        assertThat(front(plan(told + " FLAT_CHEEKS"))).isGreaterThan(plain + .01);
    }

    private static double front(Plan plan) {
        return zone(plan, Area.BLUSH).orElseThrow().pieces().get(0).edge().stream()
                .mapToDouble(v -> v.x())
                .min()
                .orElseThrow();
    }

    @Test
    void onHollowTemplesNothingIsLaid() {
        double plain = top(plan("OVAL BALANCE"), Area.SUN_CHEEK);
        assertThat(top(plan("OVAL BALANCE HOLLOW_TEMPLES"), Area.SUN_CHEEK)).isGreaterThan(plain + .2);
        assertThat(top(plan("OVAL BALANCE HOLLOW_TEMPLES"), Area.CHEEK_TOP_SHEEN))
                .isGreaterThan(top(plan("OVAL BALANCE"), Area.CHEEK_TOP_SHEEN));
    }

    private static double top(Plan plan, Area area) {
        return zone(plan, area).orElseThrow().pieces().get(0).edge().stream()
                .mapToDouble(v -> v.y())
                .min()
                .orElseThrow();
    }

    @Test
    void theCrescentUnderTheChinMeetsTheJawsShadow() {
        Plan plan = plan("ROUND BALANCE JOWL");
        var jaw = zone(plan, Area.JAW_SHADOW).orElseThrow().pieces().get(0).line();
        var crescent =
                zone(plan, Area.UNDER_CHIN_SHADOW).orElseThrow().pieces().get(0).line();
        assertThat(jaw.get(jaw.size() - 1).distanceTo(crescent.get(crescent.size() - 1)))
                .isLessThan(.02);
    }

    @ParameterizedTest
    @EnumSource(PlacementMethod.BlushWay.class)
    void aChosenWayOfBlushIsTakenOverTheShapesOwn(PlacementMethod.BlushWay way) {
        PlacementMethod u = PlacementMethod.usual();
        PlacementMethod method = u.withBlushWay(way);
        FaceBrief square = FaceBrief.of(
                ToldFace.POINTS,
                FaceReading.of(ToldFace.POINTS),
                Shape.SQUARE,
                Map.of(),
                Set.of(),
                30,
                SkinType.NORMAL);
        Plan plan = Planner.plan(square, method);
        Why expected = switch (way) {
            case USUAL, APPLES -> Why.BLUSH_FRESH;
            case LIFT -> Why.BLUSH_LIFTS;
            case HORIZONTAL -> Why.BLUSH_SHORTENS;
            case DRAPE -> Why.BLUSH_DRAPED;
        };
        assertThat(zone(plan, Area.BLUSH).orElseThrow().reasons())
                .extracting(Reason::code)
                .contains(expected);
        assertThat(zone(plan, Area.BLUSH_OVER_NOSE).isPresent()).isEqualTo(way == PlacementMethod.BlushWay.DRAPE);
    }

    /** The further forward the school lets it come, the further forward the shadow ends, and never past its stop. */
    @Test
    void theCheeksShadowEndsWhereTheSchoolSays() {
        double before = Double.POSITIVE_INFINITY;
        for (PlacementMethod.CheekStop stop : List.of(
                PlacementMethod.CheekStop.OUTER_CORNER,
                PlacementMethod.CheekStop.BROW_ARCH,
                PlacementMethod.CheekStop.PUPIL)) {
            PlacementMethod u = PlacementMethod.usual();
            PlacementMethod method = u.withCheekStop(stop);
            FaceBrief brief = FaceBrief.of(
                    ToldFace.POINTS,
                    FaceReading.of(ToldFace.POINTS),
                    Shape.OVAL,
                    Map.of(),
                    Set.of(),
                    30,
                    SkinType.NORMAL);
            PlacedZone shadow =
                    zone(Planner.plan(brief, method), Area.CHEEK_SHADOW).orElseThrow();
            double front = shadow.pieces().get(0).edge().stream()
                    .mapToDouble(v -> v.x())
                    .min()
                    .orElseThrow();
            double line = shadow.stops().stream()
                    .filter(s -> s.kind() == Stop.Kind.FRONT)
                    .findFirst()
                    .orElseThrow()
                    .from()
                    .x();
            assertThat(front).isGreaterThanOrEqualTo(line - .005).isLessThanOrEqualTo(before);
            before = front;
        }
    }

    /** Shadow is blended from where it is deepest: at the ear, towards the front. */
    @Test
    void theCheeksShadowIsDeepestAtTheHair() {
        PlacedZone shadow = zone(plan("OVAL BALANCE"), Area.CHEEK_SHADOW).orElseThrow();
        List<Piece.Cell> cells = shadow.pieces().get(0).layers().get(0).cells();
        double middle = cells.stream().mapToDouble(EachRuleTest::x).average().orElseThrow();
        double back = amount(cells.stream().filter(c -> x(c) > middle).toList());
        double front = amount(cells.stream().filter(c -> x(c) <= middle).toList());
        assertThat(back).isGreaterThan(1.3 * front);
    }

    private static double x(Piece.Cell cell) {
        return cell.outline().stream().mapToDouble(v -> v.x()).average().orElseThrow();
    }

    private static double amount(List<Piece.Cell> cells) {
        return cells.stream().mapToDouble(Piece.Cell::amount).average().orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(Shape.class)
    void onEveryShapeLightAndShadowKeepApart(Shape shape) {
        for (Aim aim : Aim.values()) {
            Plan plan = plan(shape + " " + aim);
            assertThat(plan.withheld()).as("%s %s", shape, aim).isEmpty();
            assertThat(plan.cautions()).as("%s %s", shape, aim).isEmpty();
        }
    }
}
