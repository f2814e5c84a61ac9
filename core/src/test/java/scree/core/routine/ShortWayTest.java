package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** The few minutes at home, for every client and school that the orders are tested with. */
class ShortWayTest {
    private static final int FIVE = 10;

    private static List<Step> steps(Needs needs, OrderSchool school) {
        return RunningOrder.of(needs, school).timed().stream()
                .map(RunningOrder.Timed::step)
                .toList();
    }

    private static List<StepCode> codes(ShortWay way) {
        return way.steps().stream().map(Step::code).toList();
    }

    @Test
    void fiveMinutesAreNeverMoreAndTheOrderIsThatOfTheWork() {
        for (Needs needs : OrderClients.all()) {
            for (OrderSchool school : OrderSchool.values()) {
                List<Step> all = steps(needs, school);
                ShortWay way = ShortWay.of(all, FIVE);
                assertThat(way.halves()).isLessThanOrEqualTo(FIVE);
                assertThat(way.halves())
                        .isEqualTo(way.steps().stream().mapToInt(Step::least).sum());
                assertThat(all.stream().filter(way.steps()::contains).toList()).isEqualTo(way.steps());
                assertThat(way.steps())
                        .as("somebody goes out with more than moisture")
                        .hasSizeGreaterThan(2);
            }
        }
    }

    /** Light over an uncorrected dark eye turns grey: never without what comes under it. */
    @Test
    void noLightUnderAnEyeWithoutItsCorrection() {
        for (Needs needs : OrderClients.all()) {
            List<Step> all = steps(needs, OrderSchool.BASE_FIRST);
            boolean dark = all.stream().anyMatch(s -> s.code() == StepCode.CO_EYE);
            for (int halves = 2; halves < 60; halves++) {
                List<StepCode> way = codes(ShortWay.of(all, halves));
                assertThat(dark && way.contains(StepCode.LI_EYE) && !way.contains(StepCode.CO_EYE))
                        .isFalse();
                assertThat(way.stream()
                                .filter(c -> c == StepCode.BASE || c == StepCode.MAIN || c == StepCode.BASE_POWDER)
                                .count())
                        .isLessThanOrEqualTo(1);
            }
        }
    }

    @Test
    void moreTimeNeverLeavesOutWhatDoesMost() {
        for (Needs needs : OrderClients.all()) {
            List<Step> all = steps(needs, OrderSchool.BASE_FIRST);
            assertThat(codes(ShortWay.of(all, 60)))
                    .containsAll(codes(ShortWay.of(all, FIVE)).subList(0, 2));
        }
        assertThat(ShortWay.of(List.of(), FIVE).steps()).isEmpty();
    }
}
