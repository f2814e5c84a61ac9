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
import org.junit.jupiter.api.Test;
import scree.app.event.Break;
import scree.app.timetable.Trouble.Kind;
import scree.core.timetable.Slack;

/** What does not work of a day is named, and what works is not. */
class TroubleTest {
    private static final Booked MEI = sits(1, "Mei Tarnholt", RUNA, 9, 60);
    private static final Booked NOOR = sits(2, "Noor Vasskog", BEA, 9, 60);

    private static List<Kind> kinds(DaySamples day) {
        return found(day).stream().map(Trouble::kind).toList();
    }

    private static List<Trouble> found(DaySamples day) {
        return Trouble.of(DayQuestion.of(day.day()));
    }

    @Test
    void aDayThatWorksHasNone() {
        Booked wanted = keeping(MEI, MEI.place().arriving(at(8, 50)).wanted(at(10, 0), RUNA));
        assertThat(found(new DaySamples().with(wanted, NOOR, sits(3, "Luca Fenmarsh", RUNA, 10, 60))))
                .isEmpty();
    }

    @Test
    void latenessIsToldInMinutes() {
        Booked late = keeping(MEI, MEI.place().wanted(at(9, 45), null));
        assertThat(found(new DaySamples().with(late))).containsExactly(new Trouble(Kind.LATE, late, List.of(15)));
    }

    @Test
    void twoAtOneArtistAreToldOnceWithBothNames() {
        Booked other = sits(3, "Luca Fenmarsh", RUNA, 9, 30);
        assertThat(found(new DaySamples().with(MEI, other)))
                .containsExactly(new Trouble(Kind.OVERLAP, MEI, List.of("Luca")));
    }

    @Test
    void hoursBreaksAndOtherEventsAreKept() {
        Break lunch = new Break(at(9, 30), at(10, 0), null);
        assertThat(kinds(new DaySamples()
                        .crew(DaySamples.working(RUNA, "Runa Vestby", 8, 16, lunch))
                        .with(MEI)))
                .containsExactly(Kind.OVER_BREAK);
        assertThat(kinds(new DaySamples().with(sits(1, "Mei Tarnholt", RUNA, 15, 90))))
                .containsExactly(Kind.OUT_OF_HOURS);
        assertThat(kinds(new DaySamples().with(sits(1, "Mei Tarnholt", RUNA, 7, 60))))
                .containsExactly(Kind.OUT_OF_HOURS);
        assertThat(kinds(new DaySamples().elsewhere(RUNA, 8, 61).with(MEI))).containsExactly(Kind.ELSEWHERE);
        assertThat(kinds(new DaySamples().elsewhere(RUNA, 8, 60).with(MEI)))
                .as("one after the other")
                .isEmpty();
    }

    @Test
    void whoIsNotThereYetCannotBegin() {
        Booked late = keeping(MEI, MEI.place().arriving(at(9, 10)));
        assertThat(kinds(new DaySamples().with(late))).containsExactly(Kind.BEFORE_ARRIVAL);
        Booked here = worked(late, moment(8, 55), null, null, null);
        assertThat(kinds(new DaySamples().with(here)))
                .as("they came all the same")
                .isEmpty();
    }

    @Test
    void anArtistWhoCannotDoItIsNamedAndTheDayIsShownAllTheSame() {
        DaySamples day = new DaySamples().with(needing(MEI, List.of("beard")), NOOR);
        assertThat(found(day))
                .extracting(Trouble::kind, Trouble::args)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(Kind.CANNOT, List.of("Runa")));
        assertThat(Slack.of(DayQuestion.of(day.day()).asIs(), List.of(false, false))
                        .slots())
                .as("the slack of the others is told")
                .startsWith(0)
                .element(1)
                .isNotEqualTo(0);
    }

    @Test
    void oneToolForTwoIsToldAndOneAfterTheOtherIsNot() {
        Booked first = needing(MEI, List.of(), new Booked.Tool("airbrush", 0, 30));
        Booked same = needing(NOOR, List.of(), new Booked.Tool("airbrush", 20, 20));
        assertThat(found(new DaySamples().with(first, same)))
                .containsExactly(new Trouble(Kind.TOOL_TWICE, first, List.of("airbrush", "Noor")));
        Booked after = needing(NOOR, List.of(), new Booked.Tool("airbrush", 30, 20));
        assertThat(found(new DaySamples().with(first, after))).isEmpty();
    }

    /** The one who comes last finds no chair; those who sit already do. */
    @Test
    void thereIsNoMoreThanOneFaceAChair() {
        Booked last = sits(2, "Noor Vasskog", BEA, 9, 60);
        Booked moved = keeping(last, last.place().at(BEA, at(9, 30)));
        assertThat(found(new DaySamples().chairs(1).with(MEI, moved)))
                .containsExactly(new Trouble(Kind.NO_CHAIR, moved, List.of(1)));
    }

    @Test
    void whatIsDoneIsNoTrouble() {
        Booked done =
                worked(keeping(MEI, MEI.place().wanted(at(9, 10), null)), null, null, moment(9, 0), moment(10, 0));
        assertThat(found(new DaySamples().now(12, 0).with(done, sits(3, "Luca Fenmarsh", RUNA, 9, 60))))
                .isEmpty();
    }
}
