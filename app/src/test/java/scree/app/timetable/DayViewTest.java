package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static scree.app.timetable.DaySamples.BEA;
import static scree.app.timetable.DaySamples.RUNA;
import static scree.app.timetable.DaySamples.at;
import static scree.app.timetable.DaySamples.moment;
import static scree.app.timetable.DaySamples.sits;
import static scree.app.timetable.DaySamples.worked;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.app.event.Break;

/** The day as it is drawn. */
class DayViewTest {
    private static DayView view(TakenDay day) {
        return view(day, day.booked().stream().map(Booked::place).toList());
    }

    private static DayView view(TakenDay day, List<Place> places) {
        return DayView.of(day, places, Map.of(1L, 77L), List.of());
    }

    private static DayView.Stone stone(DayView view, long sitting) {
        return view.lines().stream()
                .flatMap(l -> l.stones().stream())
                .filter(s -> s.id() == sitting)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void stonesLieAtTheirHourInTheirArtistsRowAsWideAsTheyAreLong() {
        DayView view = view(new DaySamples()
                .with(sits(1, "Mei T", RUNA, 9, 60), sits(2, "Noor V", RUNA, 11, 120), sits(3, "Luca F", BEA, 9, 60))
                .day());
        double hour = view.hours().get(1).x() - view.hours().get(0).x();
        assertThat(stone(view, 1).x()).isEqualTo(view.hours().get(1).x());
        assertThat(stone(view, 2).width()).isCloseTo(2 * hour - 4, within(.01));
        assertThat(stone(view, 3).x()).isEqualTo(stone(view, 1).x());
        assertThat(view.lines().get(1).y()).isGreaterThan(view.lines().get(0).y());
        assertThat(view.perMinute() * 60).as("what a drag is measured by").isCloseTo(hour, within(.01));
        assertThat(stone(view, 1).picture()).isEqualTo(77);
        assertThat(stone(view, 2).picture()).isNull();
    }

    @Test
    void theLineOfNowIsDrawnOnlyWithinTheDayThatRuns() {
        Booked nine = sits(1, "Mei T", RUNA, 9, 60);
        assertThat(view(new DaySamples().with(nine).now(10, 0).day()).now()).isNotNull();
        assertThat(view(new DaySamples().with(nine).now(3, 0).day()).now()).isNull();
        assertThat(view(new DaySamples().with(nine).now(23, 0).day()).now()).isNull();
        assertThat(view(new DaySamples().with(nine).day()).now())
                .as("another day")
                .isNull();
    }

    @Test
    void aVeryShortSittingCanStillBeTapped() {
        DayView view = view(new DaySamples().with(sits(1, "Mei T", RUNA, 9, 5)).day());
        assertThat(stone(view, 1).width()).isGreaterThanOrEqualTo(44);
    }

    @Test
    void aLongDayAndAnEmptyOneFit() {
        DayView night = view(new DaySamples()
                .with(sits(1, "Mei T", RUNA, 5, 60), sits(2, "Noor V", BEA, 22, 180))
                .day());
        assertThat(night.width()).isLessThanOrEqualTo(1270);
        assertThat(night.hours()).extracting(DayView.Hour::text).contains("5:00", "23:00", "0:00", "1:00");
        DayView empty = view(new DaySamples().day());
        assertThat(empty.lines()).hasSize(2).allMatch(l -> l.stones().isEmpty() && l.bed() != null);
        assertThat(view(new DaySamples().crew().day()).hours())
                .as("nobody works, nobody sits")
                .isNotEmpty();
    }

    /** What would move is drawn where it would lie, and where it lies now as an outline in its artist's row. */
    @Test
    void aMoveShowsWhereItLayBefore() {
        Booked mei = sits(1, "Mei T", RUNA, 9, 60);
        TakenDay day = new DaySamples().with(mei, sits(2, "Noor V", BEA, 9, 60)).day();
        DayView view = view(
                day, List.of(mei.place().at(BEA, at(11, 0)), day.booked().get(1).place()));
        DayView.Stone moved = stone(view, 1);
        assertThat(view.lines().get(1).stones()).extracting(DayView.Stone::id).containsExactly(2L, 1L);
        assertThat(moved.state()).isEqualTo("to-come moves");
        assertThat(moved.was()).isEqualTo(stone(view(day), 1).path());
        assertThat(stone(view, 2).was()).isNull();
        DayView longer = view(
                day, List.of(mei.place().taking(90, true), day.booked().get(1).place()));
        assertThat(stone(longer, 1).was()).as("it only grows").isNull();
        assertThat(stone(longer, 1).width()).isGreaterThan(stone(view(day), 1).width());
    }

    @Test
    void aStoneTellsHowFarItIs() {
        Booked mei = sits(1, "Mei T", RUNA, 9, 60);
        TakenDay day = new DaySamples()
                .now(9, 30)
                .with(
                        worked(mei, null, moment(8, 50), null, null),
                        worked(sits(2, "Noor V", BEA, 8, 60), null, null, moment(8, 0), moment(9, 0)),
                        worked(sits(3, "Luca F", BEA, 12, 60), moment(9, 20), null, null, null),
                        worked(sits(4, "Sefu L", RUNA, 12, 60), null, moment(8, 0), null, null),
                        sits(5, "Liv T", RUNA, 14, 60))
                .day();
        DayView view = view(day);
        assertThat(List.of(1L, 2L, 3L, 4L, 5L))
                .extracting(id -> stone(view, id).state())
                .as("asked, and its time is now: it sits")
                .containsExactly("begun", "done", "here", "known", "to-come");
    }

    /** Of a face that ran over for hours the name lay under the next stone, and its times under others. */
    @Test
    void whatRunsOverIsNamedWhereItWasPlanned() {
        Booked mei = worked(sits(1, "Mei T", RUNA, 9, 60), null, null, moment(9, 0), null);
        DayView view = view(new DaySamples()
                .now(13, 0)
                .with(mei, sits(2, "Noor V", RUNA, 11, 60), sits(3, "Luca F", BEA, 9, 60))
                .day());
        DayView.Stone over = stone(view, 1);
        assertThat(over.width()).isGreaterThan(3.5 * 60 * view.perMinute());
        assertThat(over.middle()).isEqualTo(stone(view, 3).middle());
        assertThat(over.middle() + over.room() / 2).isLessThan(stone(view, 2).x());
    }

    @Test
    void breaksAreGapsInTheBedAndWhoLeftHasNone() {
        TakenDay day = new DaySamples()
                .crew(
                        DaySamples.working(RUNA, "Runa Vestby", 8, 16, new Break(at(12, 0), at(12, 30), "lunch")),
                        DaySamples.working(BEA, "Bea Hallorin", 0, 0))
                .elsewhere(RUNA, 14, 60)
                .with(sits(1, "Mei T", BEA, 9, 60))
                .day();
        DayView view = view(day);
        assertThat(view.lines().get(0).gaps()).extracting(DayView.Gap::what).containsExactly("lunch", "Lesson");
        assertThat(view.lines().get(0).gaps().get(0).width()).isCloseTo(30 * view.perMinute(), within(.01));
        assertThat(view.lines().get(1).bed()).isNull();
        assertThat(view.lines().get(1).stones()).hasSize(1);
    }

    @Test
    void theTimesBelowAreShortWhereThereIsLittleRoom() {
        DayView view = view(new DaySamples()
                .with(sits(1, "Mei T", RUNA, 9, 20), sits(2, "Noor V", BEA, 9, 90))
                .day());
        assertThat(stone(view, 1).time()).isEqualTo("9:00");
        assertThat(stone(view, 2).time()).isEqualTo("9:00–10:30");
    }
}
