package scree.standins.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.method.Occasion;
import scree.core.reason.Reason;
import scree.core.routine.ByHand;
import scree.core.routine.Cut;
import scree.core.routine.Needs;
import scree.core.routine.OrderCheck;
import scree.core.routine.OrderCode;
import scree.core.routine.OrderSchool;
import scree.core.routine.RunningOrder;
import scree.core.routine.StepCode;
import scree.core.routine.TimeCut;
import scree.core.routine.Waits;
import scree.core.routine.WorkZone;

/** Orders of sittings that nobody tuned them on: no rule is broken, nothing ends sooner, and hands lose nothing. */
class OrderRulesTest {
    private static final int SITTINGS = 60;
    private static final int SMALL = 9;

    private static List<Needs> sittings(int seed, int count) {
        InventedNeeds needs = new InventedNeeds(seed);
        return IntStream.range(0, count).mapToObj(i -> needs.next()).toList();
    }

    @ParameterizedTest
    @EnumSource
    void noRuleIsBroken(OrderSchool school) {
        for (Needs needs : sittings(11, SITTINGS)) {
            RunningOrder order = RunningOrder.of(needs, school);
            boolean half = order.remarks().stream().map(Reason::code).anyMatch(OrderCode.PLACE_TOO_LONG::equals);
            assertThat(OrderCheck.of(order)).as("%s", needs).allMatch(b -> half);
            assertThat(order.end()).isGreaterThanOrEqualTo(Math.max(order.bound(), order.hands()));
            int t = 0;
            for (RunningOrder.Timed step : order.timed()) {
                assertThat(step.start()).as("one at a time").isGreaterThanOrEqualTo(t);
                t = step.end();
            }
            assertThat(Waits.slack(order))
                    .as("something is critical")
                    .contains(0)
                    .allMatch(s -> s >= 0);
            int idle =
                    Waits.idle(order).stream().mapToInt(i -> i.to() - i.from()).sum();
            assertThat(order.hands() + idle)
                    .as("every minute is work or a wait")
                    .isEqualTo(order.end());
        }
    }

    /** Broken skin is worked by no step, and a covered tattoo by no other colour. */
    @ParameterizedTest
    @EnumSource
    void nobodyWorksOnBrokenSkin(OrderSchool school) {
        for (Needs n : sittings(12, SITTINGS)) {
            WorkZone broken = WorkZone.MOUTH;
            Needs needs = new Needs(
                    new Needs.Skin(n.skin().type(), n.skin().creped(), Set.of(broken)),
                    n.care(),
                    n.correction(),
                    n.base(),
                    n.areas(),
                    n.forms(),
                    n.finish(),
                    n.event(),
                    n.way());
            RunningOrder order = RunningOrder.of(needs, school);
            assertThat(order.steps()).allMatch(s -> !s.zones().contains(broken));
        }
    }

    /** Against trying every order: small sittings end as soon as they can. */
    @ParameterizedTest
    @EnumSource
    void aSmallSittingEndsAsSoonAsAnyOrderOfIt(OrderSchool school) {
        int tried = 0;
        for (Needs needs : sittings(13, 12)) {
            Cut cut = EveryOrder.small(needs, school, SMALL);
            RunningOrder order = RunningOrder.of(needs, school, cut, Set.of(), List.of());
            if (order.remarks().stream().noneMatch(r -> r.code() == OrderCode.PLACE_TOO_LONG)) {
                assertThat(order.end()).isEqualTo(EveryOrder.least(order));
                tried++;
            }
        }
        assertThat(tried).isGreaterThan(6);
    }

    /** A hand's move stands, is named, and mending it leaves nothing worse; a change of the plan keeps what was moved. */
    @ParameterizedTest
    @EnumSource
    void aMoveByHandStandsAndCanBeMended(OrderSchool school) {
        for (Needs needs : sittings(14, 25)) {
            RunningOrder order = RunningOrder.of(needs, school);
            List<StepCode> codes = order.codes();
            StepCode moved = codes.get(codes.size() / 2);
            List<StepCode> sequence = ByHand.moved(codes, moved, 3);
            Set<RunningOrder.Pin> pins = ByHand.pins(order, sequence, moved);
            RunningOrder byHand = ByHand.kept(needs, school, Cut.none(), pins, sequence);
            assertThat(byHand.codes()).isEqualTo(sequence);
            List<OrderCheck.Broken> broken = OrderCheck.of(needs, school, sequence);
            if (!broken.isEmpty()) {
                List<StepCode> mended = ByHand.mended(byHand, broken.get(0));
                assertThat(OrderCheck.of(needs, school, mended)).doesNotContain(broken.get(0));
            }
            Needs more = new Needs(
                    needs.skin(),
                    needs.care(),
                    needs.correction(),
                    needs.base(),
                    needs.areas(),
                    needs.forms(),
                    needs.finish(),
                    new Needs.Event(Occasion.BRIDAL, 10, true, true),
                    needs.way());
            List<StepCode> then =
                    ByHand.kept(more, school, Cut.none(), pins, sequence).codes();
            assertThat(then.stream().filter(sequence::contains)).containsExactlyElementsOf(sequence);
        }
    }

    /** What is cut fits, and what is never cut stays. */
    @ParameterizedTest
    @EnumSource
    void aCutFitsAndKeepsWhatIsNeverCut(OrderSchool school) {
        for (Needs needs : sittings(15, 6)) {
            RunningOrder full = RunningOrder.of(needs, school);
            int time = full.end() * 85 / 100;
            TimeCut cut = TimeCut.of(needs, school, time, Set.of());
            RunningOrder order = RunningOrder.of(needs, school, cut.cut(), Set.of(), List.of());
            if (cut.reached()) {
                assertThat(order.end()).isLessThanOrEqualTo(time);
            }
            assertThat(order.codes())
                    .contains(StepCode.ASK, StepCode.LIGHT, StepCode.CLEANSE, StepCode.MOIST, StepCode.LOOK);
            boolean dark = full.codes().contains(StepCode.CO_EYE);
            assertThat(order.codes().contains(StepCode.CO_EYE)).isEqualTo(dark);
        }
    }
}
