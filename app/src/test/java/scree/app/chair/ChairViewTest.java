package scree.app.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import scree.app.Members;
import scree.app.Sentences;
import scree.app.kit.Product;
import scree.app.kit.Swatch;
import scree.app.look.PictureFrame;
import scree.app.order.OrderWords;
import scree.app.sitting.Sitting;
import scree.core.colour.Lab;
import scree.core.method.Occasion;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.placement.Stop;
import scree.core.routine.Course;
import scree.core.routine.Needs;
import scree.core.routine.OrderCode;
import scree.core.routine.OrderSchool;
import scree.core.routine.Progress;
import scree.core.routine.RunningOrder;
import scree.core.routine.StepCode;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.SkinType;
import tools.jackson.databind.json.JsonMapper;

/** What a chair shows and what its page counts with, from a plan. */
class ChairViewTest {
    private static final ChairWords WORDS = new ChairWords(Sentences.all(), new OrderWords(Sentences.all()));
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Instant BEGUN = Instant.parse("2026-06-20T07:00:00Z");
    private static final Lab ROSE = Lab.of(52, 34, 18);
    /** A zone on the right cheek that goes up and back. */
    private static final ChairPlan.Shape CHEEK = new ChairPlan.Shape(
            List.of(200.0, 400.0, 120.0, 340.0, 110.0, 360.0, 190.0, 430.0),
            true,
            "COLOUR",
            List.of(List.of(190.0, 412.0, 150.0, 380.0, 116.0, 348.0)),
            List.of(List.of(210.0, 300.0, 210.0, 440.0)),
            List.of(Stop.Kind.PUPIL));

    private static Needs needs(boolean flash) {
        return new Needs(
                new Needs.Skin(SkinType.OILY, false, Set.of()),
                Needs.Care.usual(),
                Needs.Correction.none(),
                new Needs.Base(Form.LIQUID, Coverage.MEDIUM, false, true),
                Map.of(Area.BLUSH, 1.0, Area.ALL_OVER_POWDER, 1.0, Area.UNDER_EYE_LIGHT, 1.0),
                Map.of(Family.COLOUR, Needs.Laid.CREAM, Family.POWDER, Needs.Laid.POWDER),
                new Needs.Finish(0, Needs.Spray.NONE, Needs.Brows.NONE, Needs.Lips.NONE, Needs.Eyes.none(), false),
                new Needs.Event(Occasion.EVERYDAY, 2, flash, null),
                Needs.Way.usual());
    }

    static ChairPlan plan(boolean flash) {
        Needs needs = needs(flash);
        return new ChairPlan(
                needs,
                OrderSchool.BASE_FIRST,
                Course.of(RunningOrder.of(needs, OrderSchool.BASE_FIRST)),
                Map.of(StepCode.BLUSH, List.of(new ChairPlan.Ware(7L, Role.BLUSH, "Jasper Rose", "Jasper|Rose", ROSE))),
                Map.of(StepCode.BLUSH, List.of(CHEEK)),
                new PictureFrame(3, 548, 800, 1, 0, 0, 548, 800),
                List.of(),
                List.of(new ChairPlan.Remark(OrderCode.CREAMS_UNSET, List.of())));
    }

    static TakenChair chair(Sitting sitting, ChairPlan plan) {
        return new TakenChair(sitting, 2, BEGUN, plan, List.of(), Progress.of(plan.course(), BEGUN, List.of()));
    }

    private static ChairView view(ChairPlan plan, List<Product> blushes, List<StepCode> gone) {
        return ChairView.of(
                chair(Members.sitting("lanolin", null, null, null), plan),
                new ChairView.Beside(
                        BEGUN.plusSeconds(90),
                        ZoneId.of("Europe/Oslo"),
                        LocalDateTime.of(2026, 6, 20, 12, 20),
                        Map.of(Role.BLUSH, blushes),
                        gone,
                        List.of("Reacts to lanolin."),
                        null),
                WORDS);
    }

    private static ChairView.StepOf step(ChairView view, StepCode code) {
        return view.steps().stream()
                .filter(s -> s.code().equals(code.name()))
                .findFirst()
                .orElseThrow();
    }

    private static List<ChairView.Asks> asks(ChairView view, StepCode code, String event) {
        return view.script().steps().stream()
                .filter(s -> s.code().equals(code.name()))
                .findFirst()
                .orElseThrow()
                .asks()
                .getOrDefault(event, List.of());
    }

    private static Product blush(String name, Lab colour) {
        return Product.fresh("Jasper", name, Role.BLUSH, Form.CREAM, Finish.SATIN, .3, Swatch.of(colour, colour));
    }

    /** More of a cream in its turn is softened; once powder lies there, it is misted and pressed, and the powder comes again. */
    @Test
    void whatFollowsFromMoreDependsOnWhatLiesThereByThen() {
        List<ChairView.Asks> all = asks(view(plan(false), List.of(), List.of()), StepCode.BLUSH, "MORE");
        assertThat(all.get(0).once()).isNull();
        assertThat(all.get(0).asked()).extracting(ChairView.Ask::code).contains("SOFTEN_EDGE");
        ChairView.Asks late = all.get(all.size() - 1);
        assertThat(late.once()).isNotNull();
        assertThat(late.asked())
                .extracting(ChairView.Ask::code)
                .containsExactly("CREAM_ON_POWDER", "PRESS_SPONGE", "POWDER_AGAIN");
        assertThat(late.asked().get(2).step())
                .as("the powder can be brought up")
                .isEqualTo("PO_ALL");
        assertThat(late.asked().get(0).step()).as("what is only told cannot").isNull();
    }

    @Test
    void whatIsAskedForSafetyIsNotSkipped() {
        ChairView view = view(plan(false), List.of(), List.of());
        assertThat(asks(view, StepCode.ASK, "SKIPPED"))
                .singleElement()
                .extracting(a -> a.asked().get(0).code())
                .isEqualTo("NOT_SKIPPABLE");
        assertThat(asks(view, StepCode.BLUSH, "SKIPPED"))
                .allSatisfy(a -> assertThat(a.asked()).noneMatch(x -> x.code().equals("NOT_SKIPPABLE")));
    }

    @Test
    void allergensAreAskedFirstOfAnotherProduct() {
        assertThat(asks(view(plan(false), List.of(), List.of()), StepCode.BLUSH, "OTHER_PRODUCT")
                        .get(0)
                        .asked()
                        .get(0)
                        .code())
                .isEqualTo("ALLERGEN_LOOK");
    }

    @Test
    void beforeAnythingElseTheClientsCautionsAndThoseOfTheOrderAreSaid() {
        ChairView view = view(plan(false), List.of(), List.of());
        assertThat(step(view, StepCode.ASK).cautions())
                .containsExactly("Reacts to lanolin.", "Nothing holds these creams: powder or spray.");
        assertThat(step(view, StepCode.BLUSH).cautions()).isEmpty();
    }

    @Test
    void insteadOfAProductTheLikestComesFirst() {
        ChairView view = view(
                plan(false),
                List.of(
                        blush("Plum", Lab.of(38, 30, 2)),
                        blush("Near", Lab.of(53, 33, 18)),
                        blush("Fair", Lab.of(70, 24, 14))),
                List.of());
        assertThat(step(view, StepCode.BLUSH).others())
                .extracting(ChairView.WareOf::name)
                .startsWith("Jasper Near")
                .hasSize(3);
    }

    @Test
    void aProductThatLeftTheKitIsSaidOnItsStep() {
        ChairView view = view(plan(false), List.of(), List.of(StepCode.BLUSH));
        assertThat(view.steps().stream().filter(ChairView.StepOf::gone).map(ChairView.StepOf::code))
                .containsExactly("BLUSH");
    }

    /** Both have to be seen: the zone, and which way the hand goes. */
    @Test
    void theArrowLiesBesideItsZone() {
        ChairView view = view(plan(false), List.of(), List.of());
        ChairView.ShapeOf shape = step(view, StepCode.BLUSH).shapes().get(0);
        double[] start = {shape.ways().get(0).startX(), shape.ways().get(0).startY()};
        java.awt.Polygon zone = new java.awt.Polygon();
        for (int i = 0; i < CHEEK.edge().size(); i += 2) {
            zone.addPoint(
                    CHEEK.edge().get(i).intValue(), CHEEK.edge().get(i + 1).intValue());
        }
        assertThat(zone.contains(190, 412)).as("the plan's way lies in it").isTrue();
        assertThat(zone.contains(start[0], start[1])).isFalse();
        assertThat(start[1]).as("under it").isGreaterThan(412);
        assertThat(step(view, StepCode.BLUSH).stops()).containsExactly("Stop under the pupil.");
        assertThat(shape.stops()).hasSize(1);
    }

    @Test
    void onlyWhatThisWorkCanHaveDoneWrongIsLookedForAndFlashOnlyWhereThereIsFlash() {
        ChairView day = view(plan(false), List.of(), List.of());
        assertThat(day.script().flaws())
                .containsKeys("EDGE_AT_JAW", "BLUSH_UNEVEN")
                .doesNotContainKeys("LIP_EDGE", "WHITE_CAST");
        assertThat(view(plan(true), List.of(), List.of()).script().flaws()).containsKey("WHITE_CAST");
        Set<String> shown = day.looks().stream()
                .flatMap(l -> l.flaws().stream())
                .map(ChairView.FlawOf::code)
                .collect(Collectors.toSet());
        assertThat(shown).isEqualTo(day.script().flaws().keySet());
        Set<String> steps = day.steps().stream().map(ChairView.StepOf::code).collect(Collectors.toSet());
        day.script().flaws().values().forEach(m -> assertThat(steps).containsAll(m.back()));
    }

    /** That the base's colour is judged late is no reason to keep hands off it. */
    @Test
    void waitingToJudgeIsToldApartFromSettling() {
        List<ChairView.Lag> lags =
                view(plan(false), List.of(), List.of()).script().lags();
        assertThat(lags)
                .anyMatch(l -> l.from().equals("BASE") && l.to().equals("LOOK") && l.judged() && l.least() > 60);
        assertThat(lags).anyMatch(l -> l.from().equals("MOIST") && !l.judged() && l.least() > 0);
    }

    /** Noon and 20 minutes of a summer in Oslo. */
    @Test
    void theNextFaceIsToldAndCountedOnTheStudiosClock() {
        ChairView.Script script = view(plan(false), List.of(), List.of()).script();
        assertThat(script.next().words()).isEqualTo("12:20");
        assertThat(Instant.ofEpochMilli(script.next().at())).isEqualTo("2026-06-20T10:20:00Z");
    }

    /** It lies in the page and is kept by the browser: nothing of the client but what the work needs. */
    @Test
    void whatThePageCountsWithNamesNobody() {
        String script =
                JSON.writeValueAsString(view(plan(false), List.of(), List.of()).script());
        assertThat(script).doesNotContain("Torsander").doesNotContain("lanolin");
    }

    @Test
    void aPlanIsReadBackAsItWasAndOneOfALaterScreeIsRefused() {
        PlanCodec codec = new PlanCodec(JSON);
        ChairPlan plan = plan(true);
        String stored = codec.write(plan);
        assertThat(codec.read(stored)).isEqualTo(plan);
        assertThatThrownBy(() -> codec.read(stored.replace("\"version\":1", "\"version\":2")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("bring Scree up to date");
    }

    @Test
    void aNewerPlanDiffersInWhatIsLeftOnly() {
        ChairPlan now = plan(false);
        ChairPlan flash = plan(true);
        ChairPlan.Difference difference = now.difference(flash, List.of(StepCode.ASK));
        assertThat(difference.added()).contains(StepCode.FLASH);
        assertThat(difference.none()).isFalse();
        assertThat(WORDS.difference(difference))
                .startsWith("New: Flash picture")
                .endsWith(".");
        assertThat(now.difference(flash, flash.course().codes()).none())
                .as("nothing is left")
                .isTrue();
        assertThat(now.difference(plan(false), List.of()).none()).isTrue();
    }
}
