package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.app.timetable.DaySamples.BEA;
import static scree.app.timetable.DaySamples.RUNA;
import static scree.app.timetable.DaySamples.at;
import static scree.app.timetable.DaySamples.keeping;
import static scree.app.timetable.DaySamples.moment;
import static scree.app.timetable.DaySamples.needing;
import static scree.app.timetable.DaySamples.sits;
import static scree.app.timetable.DaySamples.worked;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.app.event.Break;
import scree.core.timetable.Call;
import scree.core.timetable.Costs;
import scree.core.timetable.Seat;
import scree.core.timetable.Span;
import scree.core.timetable.Timetable;
import scree.core.timetable.Use;

/** A day put as the question that the core answers. */
class DayQuestionTest {
    private static final Booked MEI = sits(1, "Mei Tarnholt", RUNA, 9, 40);
    private static final Booked NOOR = sits(2, "Noor Vasskog", BEA, 10, 40);

    private static Call call(TakenDay day, int i) {
        return DayQuestion.of(day).day().calls().get(i);
    }

    @Test
    void timesBecomeSlotsAndWhatIsNotToldIsLeftOpen() {
        Booked kept = keeping(MEI, MEI.place().arriving(at(8, 42)).wanted(at(9, 58), BEA));
        Call call = call(new DaySamples().with(kept).day(), 0);
        assertThat(call.arrival()).as("no earlier than 8:42").isEqualTo((8 * 60 + 45) / 5);
        assertThat(call.ready()).as("by 9:58 at the latest").isEqualTo((9 * 60 + 55) / 5);
        assertThat(call.wished()).isEqualTo(1);
        assertThat(call.slots()).containsExactly(8, 8);
        assertThat(call.told()).as("nobody was told").isNull();
        Call open = call(new DaySamples().with(MEI).day(), 0);
        assertThat(open.arrival()).isZero();
        assertThat(open.ready()).isEqualTo(Call.NONE);
    }

    @Test
    void eachArtistTakesTheirOwnTimeUnlessAHandSetIt() {
        DaySamples paced = new DaySamples()
                .paces(Map.of(RUNA, .8, BEA, 1.3))
                .with(MEI, keeping(NOOR, NOOR.place().taking(40, true)));
        assertThat(call(paced.day(), 0).slots()).as("32 and 52 minutes").containsExactly(7, 11);
        assertThat(call(paced.day(), 1).slots()).containsExactly(8, 8);
        assertThat(paced.day().minutes(MEI.place())).isEqualTo(32);
    }

    @Test
    void whoCannotDoItIsNotAsked() {
        TakenDay day = new DaySamples().with(needing(MEI, List.of("beard"))).day();
        assertThat(call(day, 0).slots()).containsExactly(0, 0);
        assertThat(Timetable.of(DayQuestion.of(day).day()).why(0)).isEqualTo(Timetable.Why.NOBODY_CAN);
    }

    /** Begun, done and held ones stay; one that is about to begin does, once people know their times. */
    @Test
    void whatHasBegunIsDoneHeldOrAboutToBeginStays() {
        Booked begun = worked(MEI, null, moment(8, 30), moment(9, 0), null);
        Booked held = keeping(NOOR, NOOR.place().holding(true));
        Booked soon = sits(3, "Sefu Lindqvarn", RUNA, 10, 30);
        Booked later = sits(4, "Luca Fenmarsh", BEA, 14, 30);
        TakenDay day = new DaySamples()
                .with(begun, held, soon, later)
                .now(9, 45)
                .published()
                .day();
        assertThat(call(day, 0).fixed()).isEqualTo(new Seat(0, 108));
        assertThat(call(day, 1).fixed()).isEqualTo(new Seat(1, 120));
        assertThat(call(day, 2).fixed()).as("on the way").isEqualTo(new Seat(0, 120));
        assertThat(call(day, 3).fixed()).isNull();
        TakenDay quiet =
                new DaySamples().with(begun, held, soon, later).now(9, 45).day();
        assertThat(call(quiet, 2).fixed()).as("nobody was told").isNull();
    }

    /** Who is known to be late does not stay where they cannot be. */
    @Test
    void whoIsLateIsNotOnTheWay() {
        Booked late = keeping(NOOR, NOOR.place().arriving(at(10, 20)));
        TakenDay day = new DaySamples().with(late).now(9, 50).published().day();
        assertThat(call(day, 0).fixed()).isNull();
        assertThat(call(day, 0).arrival()).isEqualTo((10 * 60 + 20) / 5);
    }

    @Test
    void nobodyBeginsInThePastAndWhoIsHereMayBeginAtOnce() {
        Booked here = worked(keeping(NOOR, NOOR.place().arriving(at(9, 55))), moment(9, 20), null, null, null);
        TakenDay day = new DaySamples()
                .with(here, sits(3, "Luca Fenmarsh", RUNA, 11, 30))
                .now(9, 22)
                .day();
        assertThat(call(day, 0).arrival()).isEqualTo((9 * 60 + 25) / 5);
        assertThat(call(day, 1).arrival()).isEqualTo((9 * 60 + 25) / 5);
    }

    /** One that overruns takes its artist's time until it ends; one that ended early gives it back. */
    @Test
    void aSittingTakesAsLongAsItReallyDoes() {
        Booked overrun = worked(MEI, null, moment(8, 50), moment(9, 0), null);
        TakenDay day = new DaySamples().with(overrun).now(9, 58).day();
        assertThat(day.end(overrun)).isEqualTo(at(9, 58));
        assertThat(call(day, 0).slots().get(0)).isEqualTo(12);
        Booked early = worked(MEI, null, moment(8, 50), moment(9, 0), moment(9, 20));
        TakenDay done = new DaySamples().with(early).now(12, 0).day();
        assertThat(done.end(early)).isEqualTo(at(9, 20));
        assertThat(call(done, 0).slots().get(0)).isEqualTo(4);
    }

    @Test
    void breaksAndOtherEventsAreNoTimeToWork() {
        Break lunch = new Break(at(12, 2), at(12, 28), "lunch");
        TakenDay day = new DaySamples()
                .crew(DaySamples.working(RUNA, "Runa Vestby", 8, 16, lunch))
                .elsewhere(RUNA, 14, 60)
                .elsewhere(BEA, 9, 60)
                .with(MEI)
                .day();
        assertThat(DayQuestion.of(day).day().shifts().get(0).breaks())
                .as("slots that a break touches are not worked in")
                .containsExactly(new Span(144, 150), new Span(168, 180));
    }

    @Test
    void aToolIsTheSameForAllWhoNeedIt() {
        Booked a = needing(MEI, List.of(), new Booked.Tool("mirror", 0, 10), new Booked.Tool("airbrush", 10, 12));
        Booked b = needing(NOOR, List.of(), new Booked.Tool("airbrush", 5, 10));
        TakenDay day = new DaySamples().with(a, b).day();
        assertThat(call(day, 0).uses()).containsExactly(new Use(1, 0, 2), new Use(0, 2, 3));
        assertThat(call(day, 1).uses()).containsExactly(new Use(0, 1, 2));
    }

    /** What does not move keeps its minute; what moves begins on a full slot. */
    @Test
    void anAnswerIsPutAsPlacesAgain() {
        Booked odd = keeping(MEI, MEI.place().at(RUNA, at(9, 7)));
        Booked same = sits(2, "Noor Vasskog", RUNA, 9, 40);
        DayQuestion question = DayQuestion.of(new DaySamples().with(odd, same).day());
        Timetable stays = question.asIs();
        assertThat(question.places(stays)).containsExactly(odd.place(), same.place());
        Timetable moved = Timetable.asIs(question.day(), List.of(new Seat(0, 109), new Seat(1, 121)));
        assertThat(question.places(moved))
                .containsExactly(odd.place(), same.place().at(BEA, at(10, 5)));
    }

    /** In the night in which an hour is skipped, a sitting that was told for half past one still begins then. */
    @Test
    void aNightOfChangedClocksMovesNobody() {
        var spring = java.time.LocalDate.of(2026, 3, 29);
        DayClock clock = new DayClock(DaySamples.CLOCK.zone(), spring);
        assertThat(clock.atSlot(clock.slot(spring.atTime(1, 30)))).isEqualTo(spring.atTime(1, 30));
        assertThat(clock.atSlot(clock.slot(spring.atTime(3, 30)))).isEqualTo(spring.atTime(3, 30));
        assertThat(clock.slot(spring.atTime(3, 30)) - clock.slot(spring.atTime(1, 30)))
                .as("an hour lies between")
                .isEqualTo(60 / Costs.SLOT_MINUTES);
    }
}
