package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.Golden;
import scree.core.reason.Severity;

/** Broken orders, cuts and deviations as the reference worked them out. */
class OrderDecisionsTest {
    static Stream<Map<String, String>> breaks() {
        return Golden.rows("order/breaks.csv").stream();
    }

    static Stream<Map<String, String>> cuts() {
        return Golden.rows("order/cuts.csv").stream();
    }

    static Stream<Map<String, String>> deviations() {
        return Golden.rows("order/aftermath.csv").stream();
    }

    private static Needs needs(Map<String, String> row) {
        return OrderClients.of(row.get("client"));
    }

    private static OrderSchool school(Map<String, String> row) {
        return OrderSchool.valueOf(row.get("school"));
    }

    /** The order of the reference, with one step moved to just after another. */
    private static List<StepCode> moved(Map<String, String> row) {
        List<StepCode> codes = reference(row);
        StepCode moved = StepCode.valueOf(row.get("moved"));
        int after = codes.indexOf(StepCode.valueOf(row.get("after")));
        return ByHand.moved(codes, moved, codes.indexOf(moved) < after ? after : after + 1);
    }

    private static List<StepCode> reference(Map<String, String> row) {
        return Golden.rows("order/steps.csv").stream()
                .filter(s -> s.get("client").equals(row.get("client"))
                        && s.get("school").equals(row.get("school")))
                .map(s -> StepCode.valueOf(s.get("code")))
                .toList();
    }

    private static String said(OrderCheck.Broken b) {
        String severity =
                b.severity() == Severity.CAUTION ? "ERROR" : b.severity() == Severity.CHECK ? "CAUTION" : "TASTE";
        return "%s:%s:%s:%s".formatted(b.reason(), severity, b.first(), b.then());
    }

    @ParameterizedTest
    @MethodSource("breaks")
    void aBrokenOrderIsNamedWorstFirst(Map<String, String> row) {
        List<String> said = OrderCheck.of(needs(row), school(row), moved(row)).stream()
                .map(OrderDecisionsTest::said)
                .toList();
        assertThat(said)
                .containsExactlyElementsOf(
                        row.get("all").isEmpty()
                                ? List.of()
                                : Arrays.asList(row.get("all").split(" ")));
    }

    /** The order of the reference itself goes against nothing. */
    @ParameterizedTest
    @MethodSource("scree.core.routine.RunningOrderTest#orders")
    void theReferenceKeepsOurRules(Map<String, String> row) {
        assertThat(OrderCheck.of(needs(row), school(row), reference(row))).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("cuts")
    void shortOfTimeTheLeastIsLost(Map<String, String> row) {
        TimeCut cut = TimeCut.of(needs(row), school(row), (int) (2 * Double.parseDouble(row.get("minutes"))), Set.of());
        assertThat(cut.full() / 2.0).as("full").isEqualTo(Double.parseDouble(row.get("full")));
        assertThat(cut.reached()).as("reached").isEqualTo(row.get("reached").equals("True"));
        assertThat(cut.end() / 2.0).as("end").isEqualTo(Double.parseDouble(row.get("end")));
        assertThat(cut.taken().stream().map(Enum::name))
                .containsExactlyInAnyOrder(row.get("out").split(" "));
    }

    @ParameterizedTest
    @MethodSource("deviations")
    void aDeviationAsksForWhatTheReferenceAsks(Map<String, String> row) {
        List<StepCode> codes = reference(row);
        StepCode step = StepCode.valueOf(row.get("step"));
        List<StepCode> done = row.get("doneUpTo").isEmpty()
                ? codes.subList(0, codes.indexOf(step))
                : codes.subList(0, codes.indexOf(StepCode.valueOf(row.get("doneUpTo"))) + 1);
        String asked =
                Aftermath.in(needs(row), school(row)).of(Aftermath.Event.valueOf(row.get("event")), step, done).stream()
                        .map(a -> "%s:%s:%d%s"
                                .formatted(a.ask(), a.at(), a.halves() / 2, a.halves() % 2 == 0 ? "" : ".5"))
                        .collect(Collectors.joining(" "));
        assertThat(asked).isEqualTo(row.get("ask"));
    }
}
