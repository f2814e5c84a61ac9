package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.Golden;

/** Orders against seventy that an independent reference worked out: the same steps, as short, keeping every rule. */
class RunningOrderTest {
    private static final String SUN_PROTECTED = "C10";
    private static final List<Map<String, String>> STEPS = Golden.rows("order/steps.csv");

    static Stream<Map<String, String>> orders() {
        return Golden.rows("order/orders.csv").stream();
    }

    /** Each order is found once for all that is asked of it. */
    private static final Map<String, RunningOrder> FOUND = new ConcurrentHashMap<>();

    private static RunningOrder order(Map<String, String> row) {
        return FOUND.computeIfAbsent(
                row.get("client") + " " + row.get("school"),
                k -> RunningOrder.of(OrderClients.of(row.get("client")), OrderSchool.valueOf(row.get("school"))));
    }

    @ParameterizedTest
    @MethodSource("orders")
    void theOrderIsAsShortAsTheReferenceAndProven(Map<String, String> row) {
        RunningOrder order = order(row);
        assertThat(order.end() / 2.0).as("end").isEqualTo(Double.parseDouble(row.get("minutes")));
        assertThat(order.hands() / 2.0).as("hands").isEqualTo(Double.parseDouble(row.get("handsOn")));
        assertThat(order.proven()).isTrue();
        assertThat(order.remarks().stream().map(r -> r.code().name()).distinct().sorted())
                .containsExactlyElementsOf(
                        row.get("remarks").isEmpty()
                                ? List.of()
                                : List.of(row.get("remarks").split(" ")));
    }

    @ParameterizedTest
    @MethodSource("orders")
    void itsStepsAreThoseOfTheReference(Map<String, String> row) {
        Map<String, Map<String, String>> steps = STEPS.stream()
                .filter(s -> s.get("client").equals(row.get("client"))
                        && s.get("school").equals(row.get("school")))
                .collect(Collectors.toMap(s -> s.get("code"), s -> s));
        RunningOrder order = order(row);
        assertThat(order.codes().stream().map(Enum::name)).containsExactlyInAnyOrderElementsOf(steps.keySet());
        for (RunningOrder.Timed t : order.timed()) {
            Map<String, String> s = steps.get(t.step().code().name());
            if (t.step().code() == StepCode.BL_COLOUR && row.get("client").equals(SUN_PROTECTED)) {
                continue; // there the reference takes sun protection for bronzer and blends the whole face
            }
            assertThat(t.step().zones().stream().map(Enum::name).collect(Collectors.joining(" ")))
                    .as("zones of " + t.step().code())
                    .isEqualTo(s.get("zones"));
            assertThat(t.step().code().tool().name())
                    .isEqualTo(s.get("tool").replace(' ', '_').toUpperCase());
            assertThat(t.step().hands() / 2.0)
                    .as("minutes of " + t.step().code())
                    .isEqualTo(Double.parseDouble(s.get("end")) - Double.parseDouble(s.get("start")));
            assertThat(counted(t.step().amount()))
                    .as("amount of " + t.step().code())
                    .isEqualTo(first(s.get("amount")));
        }
    }

    private static String counted(Amount amount) {
        double n = amount.count();
        return n == 0 ? "" : n == Math.rint(n) ? String.valueOf((int) n) : String.valueOf(n);
    }

    /** The first number of an amount in words; "1 to 2" is their middle. */
    private static String first(String amount) {
        String words = amount.replace("half a", "0.5").replace("one ", "1 ");
        String[] parts = words.split("[ ;]+");
        if (parts.length > 2 && parts[1].equals("to")) {
            return String.valueOf((Integer.parseInt(parts[0]) + Integer.parseInt(parts[2])) / 2.0);
        }
        return parts[0].matches("[0-9.]+") ? parts[0] : "";
    }
}
