package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import scree.core.routine.Progress.Event;
import scree.core.routine.Progress.Kind;
import scree.core.routine.Progress.Stand;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What was noted at the chair, from any device and in any order, is one state. */
class ProgressTest {
    private static final Instant START = Instant.parse("2026-06-20T16:00:00Z");
    /** Cleanse 2 min, moisture 1.5 min and 3 min settling before base; 1 min idle is planned. */
    private static final Course COURSE = new Course(
            List.of(
                    leg(StepCode.CLEANSE, 0, 4),
                    leg(StepCode.MOIST, 4, 3),
                    leg(StepCode.BASE, 13, 6),
                    leg(StepCode.BLUSH, 19, 2)),
            List.of(
                    new Course.Lag(StepCode.CLEANSE, StepCode.MOIST, 0, null, OrderCode.LIGHT_TO_RICH),
                    new Course.Lag(StepCode.MOIST, StepCode.BASE, 6, null, OrderCode.LET_SETTLE)));

    private static Course.Leg leg(StepCode code, int start, int hands) {
        return new Course.Leg(
                new Step(code, Set.of(WorkZone.CHEEK), Amount.none(), hands, 1, 0, false, false, 0, false), start);
    }

    private static Event event(Kind kind, StepCode step, int second) {
        return new Event(kind, step, START.plusSeconds(second), "tablet", second);
    }

    private static Progress after(Event... events) {
        return Progress.of(COURSE, START, List.of(events));
    }

    private static Duration taken(Progress p, StepCode step) {
        return p.find(step).orElseThrow().taken();
    }

    @Test
    void theFirstThatIsNotDoneIsNextAndHandsCountFromTheEndOfTheOneBefore() {
        Progress p = after(event(Kind.DONE, StepCode.CLEANSE, 130), event(Kind.DONE, StepCode.MOIST, 220));
        assertThat(p.current()).contains(StepCode.BASE);
        assertThat(p.since()).isEqualTo(START.plusSeconds(220));
        assertThat(taken(p, StepCode.CLEANSE)).hasSeconds(130);
        assertThat(taken(p, StepCode.MOIST)).hasSeconds(90);
    }

    @Test
    void waitingForWhatSettlesIsNotHandsUnlessHandsBeganOrEndedBefore() {
        Event[] before = {event(Kind.DONE, StepCode.CLEANSE, 100), event(Kind.DONE, StepCode.MOIST, 200)};
        assertThat(taken(after(before[0], before[1], event(Kind.DONE, StepCode.BASE, 500)), StepCode.BASE))
                .as("settled at 380")
                .hasSeconds(120);
        assertThat(taken(
                        after(
                                before[0],
                                before[1],
                                event(Kind.BEGUN, StepCode.BASE, 300),
                                event(Kind.DONE, StepCode.BASE, 500)),
                        StepCode.BASE))
                .as("begun before it had settled")
                .hasSeconds(200);
        assertThat(taken(after(before[0], before[1], event(Kind.DONE, StepCode.BASE, 350)), StepCode.BASE))
                .as("ended before it had settled")
                .hasSeconds(150);
    }

    @Test
    void aSecondTapAndASecondTabletEndNothingTwice() {
        Progress p = after(
                event(Kind.DONE, StepCode.CLEANSE, 100),
                event(Kind.DONE, StepCode.CLEANSE, 101),
                event(Kind.SKIPPED, StepCode.CLEANSE, 140));
        Progress.State cleanse = p.find(StepCode.CLEANSE).orElseThrow();
        assertThat(cleanse.stand()).isEqualTo(Stand.DONE);
        assertThat(cleanse.ended()).isEqualTo(START.plusSeconds(100));
        assertThat(cleanse.taken()).hasSeconds(100);
    }

    @Test
    void whatIsDoneMeanwhileComesInBetweenAndTheWorkGoesOnWhereItWas() {
        Progress p = after(
                event(Kind.DONE, StepCode.CLEANSE, 100),
                event(Kind.DONE, StepCode.MOIST, 200),
                event(Kind.BEGUN, StepCode.BLUSH, 210));
        assertThat(p.current()).contains(StepCode.BLUSH);
        Progress then = after(
                event(Kind.DONE, StepCode.CLEANSE, 100),
                event(Kind.DONE, StepCode.MOIST, 200),
                event(Kind.BEGUN, StepCode.BLUSH, 210),
                event(Kind.DONE, StepCode.BLUSH, 270));
        assertThat(then.current()).contains(StepCode.BASE);
        assertThat(taken(then, StepCode.BLUSH)).hasSeconds(60);
        assertThat(taken(then, StepCode.BASE)).as("it only waited").isZero();
    }

    @Test
    void aPauseIsNobodysTime() {
        Progress p = after(
                event(Kind.PAUSED, null, 40), event(Kind.RESUMED, null, 400), event(Kind.DONE, StepCode.CLEANSE, 460));
        assertThat(taken(p, StepCode.CLEANSE)).hasSeconds(100);
        assertThat(p.paused()).isNull();
    }

    @Test
    void aFlawLeadsBackAndThenOnAndTimesAddUp() {
        Event[] events = {
            event(Kind.DONE, StepCode.CLEANSE, 10),
            event(Kind.DONE, StepCode.MOIST, 20),
            event(Kind.BEGUN, StepCode.BASE, 20),
            event(Kind.DONE, StepCode.BASE, 60),
            event(Kind.DONE, StepCode.BLUSH, 80),
            event(Kind.FLAW, StepCode.BASE, 90),
            event(Kind.DONE, StepCode.BASE, 120)
        };
        assertThat(after(java.util.Arrays.copyOf(events, 6)).current()).contains(StepCode.BASE);
        Progress p = after(events);
        assertThat(p.current()).isEmpty();
        assertThat(p.done()).containsExactly(StepCode.CLEANSE, StepCode.MOIST, StepCode.BLUSH, StepCode.BASE);
        assertThat(taken(p, StepCode.BASE)).hasSeconds(70);
        assertThat(p.find(StepCode.BASE).orElseThrow().different()).containsExactly(Kind.FLAW);
    }

    @Test
    void whatIsSkippedSettlesForNobody() {
        Progress p = after(
                event(Kind.DONE, StepCode.CLEANSE, 10),
                event(Kind.SKIPPED, StepCode.MOIST, 20),
                event(Kind.DONE, StepCode.BASE, 80));
        assertThat(taken(p, StepCode.BASE)).hasSeconds(60);
        assertThat(p.behind()).containsExactly(StepCode.CLEANSE, StepCode.MOIST, StepCode.BASE);
    }

    /** Notes of a device that was offline arrive later: the state is the same as if they had come in time. */
    @Seeds(200)
    void theOrderOfArrivalDoesNotMatterAndNoTimeIsCountedTwice(Draw draw) {
        List<Event> events = draw.list(
                0,
                14,
                () -> new Event(
                        draw.one(Kind.values()),
                        draw.one(COURSE.codes().toArray(StepCode[]::new)),
                        START.plusSeconds(draw.whole(0, 600)),
                        draw.one("a", "b"),
                        draw.whole(0, 1 << 20)));
        List<Event> apart = new ArrayList<>(events);
        Collections.shuffle(apart, new Random(draw.whole(0, 1000)));
        Progress p = Progress.of(COURSE, START, events);
        assertThat(Progress.of(COURSE, START, apart)).isEqualTo(p);
        Duration all = p.states().stream().map(Progress.State::taken).reduce(Duration.ZERO, Duration::plus);
        assertThat(all).isBetween(Duration.ZERO, Duration.ofSeconds(600));
        p.states().forEach(s -> assertThat(s.ended() == null).isEqualTo(s.stand() == Stand.TO_COME));
        assertThat(p.current().isEmpty()).isEqualTo(p.states().stream().noneMatch(s -> s.stand() == Stand.TO_COME));
        p.current().ifPresent(c -> assertThat(p.find(c).orElseThrow().stand()).isEqualTo(Stand.TO_COME));
    }

    @Test
    void aNewerCourseKeepsWhatIsBehindAndMovesTheRest() {
        Course newer = new Course(
                List.of(
                        leg(StepCode.CLEANSE, 0, 4),
                        leg(StepCode.SERUM, 4, 2),
                        leg(StepCode.BASE, 12, 6),
                        leg(StepCode.SHEEN, 18, 2),
                        leg(StepCode.BLUSH, 20, 2)),
                List.of(new Course.Lag(StepCode.BASE, StepCode.BLUSH, 2, null, OrderCode.LET_SETTLE)));
        Course taken = COURSE.followedBy(newer, List.of(StepCode.CLEANSE, StepCode.MOIST), 20);
        assertThat(taken.codes())
                .containsExactly(
                        StepCode.CLEANSE,
                        StepCode.MOIST,
                        StepCode.SERUM,
                        StepCode.BASE,
                        StepCode.SHEEN,
                        StepCode.BLUSH);
        assertThat(taken.find(StepCode.SERUM).orElseThrow().start()).isEqualTo(20);
        assertThat(taken.lags())
                .as("the old wait of a step that is behind holds on")
                .anyMatch(l -> l.from() == StepCode.MOIST && l.to() == StepCode.BASE && l.least() == 6);
    }

    @Test
    void aCourseFollowsItsOrderWithItsWaits() {
        RunningOrder order = RunningOrder.of(OrderClients.of("C01"), OrderSchool.BASE_FIRST);
        Course course = Course.of(order);
        assertThat(course.codes()).isEqualTo(order.codes());
        assertThat(course.end()).isEqualTo(order.end());
        assertThat(course.lags()).anyMatch(l -> l.from() == StepCode.MOIST && l.least() > 0);
    }
}
