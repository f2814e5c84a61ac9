package scree.app.timetable;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.app.Changed;
import scree.app.event.Break;
import scree.app.event.Event;
import scree.app.event.Working;

/** Days for tests that need no database: two artists from eight to four, and who is added. */
final class DaySamples {
    static final LocalDate DAY = LocalDate.of(2026, 6, 20);
    static final long RUNA = 1;
    static final long BEA = 2;
    static final DayClock CLOCK = new DayClock(ZoneId.of("Europe/Oslo"), DAY);

    private final List<Booked> booked = new ArrayList<>();
    private final List<Working> crew = new ArrayList<>();
    private final List<TakenDay.Elsewhere> elsewhere = new ArrayList<>();
    private final List<DayChange> changes = new ArrayList<>();
    private Map<Long, Double> pace = Map.of();
    private LocalDateTime now = DAY.minusDays(1).atTime(12, 0);
    private boolean published;
    private int chairs = 2;

    DaySamples() {
        crew.add(working(RUNA, "Runa Vestby", 8, 16));
        crew.add(working(BEA, "Bea Hallorin", 8, 16));
    }

    static LocalDateTime at(int hour, int minute) {
        return DAY.atTime(hour, minute);
    }

    static Working working(long id, String name, int from, int until, Break... breaks) {
        return new Working(id, name, List.of(), at(from, 0), at(until, 0), true, List.of(breaks));
    }

    /** Somebody who sits; what matters to a test is changed by the methods below. */
    static Booked sits(long id, String name, long artist, int hour, int minutes) {
        return new Booked(
                id,
                100 + id,
                name,
                "Oboe",
                artist,
                at(hour, 0),
                minutes,
                false,
                null,
                null,
                null,
                false,
                List.of(),
                List.of(),
                null,
                null,
                null,
                null,
                null,
                true);
    }

    static Booked keeping(Booked b, Place p) {
        return Changed.with(
                b,
                "artist",
                p.artist(),
                "startsAt",
                p.startsAt(),
                "minutes",
                p.minutes(),
                "byHand",
                p.byHand(),
                "arrivesAt",
                p.arrivesAt(),
                "readyBy",
                p.readyBy(),
                "wished",
                p.wished(),
                "held",
                p.held());
    }

    static Booked needing(Booked b, List<String> skills, Booked.Tool... tools) {
        return Changed.with(b, "skills", skills, "tools", List.of(tools));
    }

    /** @param begun on the day in UTC, null for not begun */
    static Booked worked(
            Booked b, OffsetDateTime here, OffsetDateTime intake, OffsetDateTime begun, OffsetDateTime done) {
        return Changed.with(b, "hereAt", here, "intakeAt", intake, "begunAt", begun, "doneAt", done);
    }

    static Booked careful(Booked b, String allergies, boolean patched) {
        return Changed.with(b, "allergies", allergies, "patched", patched);
    }

    /** A moment of the day by the clock on the wall in Oslo. */
    static OffsetDateTime moment(int hour, int minute) {
        return at(hour, minute).atZone(CLOCK.zone()).toOffsetDateTime().withOffsetSameInstant(ZoneOffset.UTC);
    }

    DaySamples with(Booked... more) {
        booked.addAll(List.of(more));
        return this;
    }

    DaySamples crew(Working... others) {
        crew.clear();
        crew.addAll(List.of(others));
        return this;
    }

    DaySamples elsewhere(long artist, int hour, int minutes) {
        elsewhere.add(new TakenDay.Elsewhere(artist, "Lesson", at(hour, 0), minutes));
        return this;
    }

    DaySamples paces(Map<Long, Double> told) {
        pace = told;
        return this;
    }

    DaySamples now(int hour, int minute) {
        now = at(hour, minute);
        return this;
    }

    DaySamples published() {
        published = true;
        return this;
    }

    DaySamples chairs(int count) {
        chairs = count;
        return this;
    }

    DaySamples changed(DayChange... made) {
        changes.addAll(List.of(made));
        return this;
    }

    TakenDay day() {
        Event event = new Event(9, "Concert", "Pier 2", DAY, chairs, published ? moment(7, 0) : null, 3);
        return new TakenDay(event, CLOCK, now, crew, pace, booked, elsewhere, changes);
    }
}
