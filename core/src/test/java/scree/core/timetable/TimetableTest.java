package scree.core.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TimetableTest {
    private static final int CASES = 500;

    @Test
    void isTheBestOfAllThereAre() {
        Random r = new Random(1801);
        for (int c = 0; c < CASES; c++) {
            Day day = Days.small(r);
            Timetable table = Timetable.of(day);
            assertThat(table.cost()).as("case %d, %s", c, day).isEqualTo(EveryTimetable.least(day));
            assertThat(table.proven()).as("case %d is proven", c).isTrue();
            keepsTheRules(table);
        }
    }

    private static void keepsTheRules(Timetable table) {
        Seat[] seats = table.seats().toArray(Seat[]::new);
        int cost = 0;
        for (int i = 0; i < seats.length; i++) {
            Call call = table.day().calls().get(i);
            if (seats[i] != null) {
                assertThat(seats[i].start()).isGreaterThanOrEqualTo(call.arrival());
                assertThat(EveryTimetable.kept(table.day(), seats, i))
                        .as("%s in %s", seats[i], table)
                        .isTrue();
            }
            cost += seats[i] == null
                    ? Costs.LEFT_OUT
                    : table.day().costs().of(call, seats[i].artist(), seats[i].start());
        }
        assertThat(table.cost()).isEqualTo(cost);
    }

    @Test
    void ofMoreFacesThanATableHoldsKeepsTheRulesAndSaysHowFarFromTheBestItIsAtMost() {
        Random r = new Random(1802);
        for (int c = 0; c < 6; c++) {
            Day day = Days.concert(r, 17 + 3 * c, 3 + c / 2);
            Timetable table = Timetable.of(day);
            keepsTheRules(table);
            assertThat(table.leftOut()).isZero();
            assertThat(table.bound()).isBetween(0, table.cost());
        }
    }

    /** The bound of prices is held against days whose best is proven otherwise. */
    @Test
    void noPricesSayThatTheBestIsDearerThanItIs() {
        Random r = new Random(1803);
        for (int c = 0; c < CASES; c++) {
            Day day = Days.small(r);
            int[] moving = IntStream.range(0, day.calls().size()).toArray();
            Board board = Board.of(day, moving, new Seat[moving.length]);
            assertThat(PriceBound.of(board, Costs.LEFT_OUT * 10))
                    .as("case %d", c)
                    .isLessThanOrEqualTo(EveryTimetable.least(day));
        }
    }

    @Test
    void pricesComeNearToTheBestOfADayOfTwelve() {
        Random r = new Random(1804);
        for (int c = 0; c < 5; c++) {
            Day day = Days.concert(r, 12, 2);
            Timetable table = Timetable.of(day);
            Board board = Board.of(day, IntStream.range(0, 12).toArray(), new Seat[12]);
            assertThat(PriceBound.of(board, table.cost())).isGreaterThan(table.cost() * 8 / 10);
        }
    }

    @Test
    void artistsInAnotherOrderCostTheSame() {
        Random r = new Random(1805);
        for (int c = 0; c < CASES; c++) {
            Day day = Days.small(r);
            assertThat(Timetable.of(mirrored(day)).cost())
                    .isEqualTo(Timetable.of(day).cost());
        }
    }

    private static Day mirrored(Day day) {
        int last = day.shifts().size() - 1;
        List<Shift> shifts = new ArrayList<>(day.shifts());
        Collections.reverse(shifts);
        List<Call> calls = day.calls().stream()
                .map(call -> {
                    List<Integer> slots = new ArrayList<>(call.slots());
                    Collections.reverse(slots);
                    int wished = call.wished() == Call.NONE ? Call.NONE : last - call.wished();
                    Seat told = call.told() == null
                            ? null
                            : new Seat(last - call.told().artist(), call.told().start());
                    return new Call(slots, call.arrival(), call.ready(), wished, told, null, call.uses());
                })
                .toList();
        return new Day(calls, shifts, day.chairs(), day.costs());
    }

    @Test
    void oneMoreArtistNeverCostsMore() {
        Random r = new Random(1806);
        for (int c = 0; c < CASES; c++) {
            Day day = Days.small(r);
            List<Shift> shifts = new ArrayList<>(day.shifts());
            shifts.add(Shift.of(0, 16));
            List<Call> calls = day.calls().stream()
                    .map(call -> {
                        List<Integer> slots = new ArrayList<>(call.slots());
                        slots.add(3);
                        return new Call(
                                slots, call.arrival(), call.ready(), call.wished(), call.told(), null, call.uses());
                    })
                    .toList();
            assertThat(Timetable.of(new Day(calls, shifts, day.chairs() + 1, day.costs()))
                            .cost())
                    .isLessThanOrEqualTo(Timetable.of(day).cost());
        }
    }

    @Test
    void moreTimeNeverMakesAnybodyLater() {
        Random r = new Random(1807);
        Costs onlyLate = new Costs(1000, 0, 0, 0, 0);
        for (int c = 0; c < CASES; c++) {
            Day day = Days.small(r);
            Day now = new Day(day.calls(), day.shifts(), day.chairs(), onlyLate);
            Day then = now.with(0, now.calls().get(0).readyBy(16));
            assertThat(Timetable.of(then).cost())
                    .isLessThanOrEqualTo(Timetable.of(now).cost());
        }
    }

    @Test
    void whoIsFixedStaysAndOthersMakeRoom() {
        Call mei = Call.of(1, 4, 0, 4).fixed(new Seat(0, 2));
        Call noor = Call.of(1, 4, 0, 5);
        Timetable table = Timetable.of(new Day(List.of(mei, noor), List.of(Shift.of(0, 20)), 1, Costs.usual()));
        assertThat(table.seats()).containsExactly(new Seat(0, 2), new Seat(0, 6));
        assertThat(table.lateMinutes(0)).isEqualTo(10);
        assertThat(table.lateMinutes(1)).isEqualTo(25);
    }

    @Test
    void aToldTimeIsKeptWhenNothingIsWonByMoving() {
        Call told = Call.of(2, 4, 0, 10).told(new Seat(1, 6));
        Call free = Call.of(2, 4, 0, 10);
        Timetable table =
                Timetable.of(new Day(List.of(told, free), List.of(Shift.of(0, 20), Shift.of(0, 20)), 2, Costs.usual()));
        assertThat(table.seats().get(0).start()).isEqualTo(6);
        assertThat(table.cost()).isZero();
    }

    /** Waiting more than an hour made up weighs three times: an early start an hour and a half ahead costs 60 and 30 · 3. */
    @Test
    void anHourOfWaitingIsBorneMoreIsDear() {
        Call call = Call.of(1, 6, 0, 60);
        assertThat(Costs.usual().of(call, 0, 60 - 6 - 18)).isEqualTo(60 + 3 * 30);
        assertThat(Costs.usual().of(call, 0, 60 - 6 + 2)).isEqualTo(10 * 1000);
    }

    @Test
    void whoFindsNoPlaceIsLeftOutWithAReason() {
        List<Shift> shifts = List.of(Shift.of(0, 10));
        Call nobody = new Call(List.of(0), 0, 9, Call.NONE, null, null, List.of());
        Call late = Call.of(1, 4, 8, 12);
        Call first = Call.of(1, 7, 0, 7);
        Call second = Call.of(1, 6, 0, 7);
        Timetable table = Timetable.of(new Day(List.of(nobody, late, first, second), shifts, 1, Costs.usual()));
        assertThat(table.leftOut()).isEqualTo(3);
        assertThat(table.why(0)).isEqualTo(Timetable.Why.NOBODY_CAN);
        assertThat(table.why(1)).isEqualTo(Timetable.Why.NO_HOURS);
        assertThat(table.why(table.seats().get(2) == null ? 2 : 3)).isEqualTo(Timetable.Why.FULL);
    }

    @Test
    void oneAirbrushIsNeverHeldTwiceAndTheAnswerIsStillProven() {
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            calls.add(Call.of(3, 6, 0, 30 + 4 * i).using(new Use(0, 1, 3)));
        }
        Timetable table = Timetable.of(
                new Day(calls, List.of(Shift.of(0, 80), Shift.of(0, 80), Shift.of(0, 80)), 3, Costs.usual()));
        keepsTheRules(table);
        assertThat(table.lateMinutes()).isZero();
    }

    @Test
    void slackIsHowMuchLongerOneMayTakeBeforeSomebodyIsLate() {
        Call first = Call.of(1, 4, 0, 6);
        Call second = Call.of(1, 4, 0, 11);
        Timetable table = Timetable.of(new Day(List.of(first, second), List.of(Shift.of(0, 40)), 1, Costs.usual()));
        // the first ends at 6 and may end no later; the second begins at 7 and ends at 11
        assertThat(table.seats()).containsExactly(new Seat(0, 2), new Seat(0, 7));
        Slack slack = Slack.of(table, List.of(false, false));
        assertThat(slack.slots()).containsExactly(0, 0);
        Timetable early = Timetable.of(table.day().with(0, first.fixed(new Seat(0, 0))));
        assertThat(Slack.of(early, List.of(false, false)).slots()).containsExactly(2, 0);
        assertThat(Slack.of(early, List.of(false, false)).watch()).hasValue(1);
        assertThat(Slack.of(early, List.of(false, true)).slots()).containsExactly(2, Slack.MOST);
    }

    /** Putting off those who come after is one way of making room, so it never promises more than there is. */
    @Test
    void puttingOffThoseAfterNeverPromisesMoreThanThereIs() {
        Random r = new Random(1808);
        int same = 0;
        int all = 0;
        for (int c = 0; c < 20; c++) {
            Timetable table = Timetable.of(Days.concert(r, 6, 2));
            List<Integer> slack = Slack.of(table, Collections.nCopies(6, false)).slots();
            for (int i = 0; i < 6; i++) {
                assertThat(Slack.chained(table, i)).as("day %d, face %d", c, i).isLessThanOrEqualTo(slack.get(i));
                same += Slack.chained(table, i) == slack.get(i) ? 1 : 0;
                all++;
            }
        }
        assertThat(same).as("and mostly that is all there is").isGreaterThan(all / 2);
    }

    @Test
    void whatCannotBeIsRefused() {
        List<Shift> one = List.of(Shift.of(0, 10));
        assertThatThrownBy(() -> new Day(List.of(Call.of(2, 3, 0, 5)), one, 1, Costs.usual()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Day(List.of(), List.of(), 1, Costs.usual()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Span(5, 4)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Call.of(1, 3, 0, 5).using(new Use(0, 0, 1), new Use(0, 2, 1)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
