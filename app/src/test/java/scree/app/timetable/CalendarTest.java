package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateProperty;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.app.Sentences;
import scree.app.web.Words;

/** Calendars that go out and come in: at the right moment whatever the zone, and never more than one day's worth. */
class CalendarTest {
    private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");
    private static final LocalDate DAY = LocalDate.of(2026, 6, 20);
    private static final DayClock CLOCK = new DayClock(OSLO, DAY);

    private static String entry(String... lines) {
        return "BEGIN:VEVENT\r\nUID:" + String.join("", lines).hashCode() + "\r\n" + String.join("\r\n", lines)
                + "\r\nEND:VEVENT\r\n";
    }

    private static CalendarRead.Found read(DayClock clock, String entries) throws IOException {
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//T//EN\r\n" + entries + "END:VCALENDAR\r\n";
        return CalendarRead.of(file.getBytes(StandardCharsets.UTF_8), clock);
    }

    private static LocalDateTime at(int hour, int minute) {
        return DAY.atTime(hour, minute);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "DTSTART:20260620T063000Z",
                "DTSTART:20260620T083000",
                "DTSTART;TZID=Europe/Oslo:20260620T083000",
                "DTSTART;TZID=America/New_York:20260620T023000",
                "DTSTART;TZID=Asia/Kathmandu:20260620T121500"
            })
    void aMomentIsTheSameHoweverItIsWritten(String start) throws IOException {
        CalendarRead.Found found = read(CLOCK, entry(start, "DURATION:PT45M", "SUMMARY:Noor at the pier"));
        assertThat(found.entries()).containsExactly(new CalendarRead.Entry(at(8, 30), at(9, 15), "Noor at the pier"));
    }

    /** Before and after clocks are changed, a daily entry stays at its hour on the wall. */
    @Test
    void whatRepeatsForEverIsThereOnceThatDay() throws IOException {
        String daily = entry(
                "DTSTART;TZID=Europe/Oslo:20200101T120000", "DURATION:PT30M", "RRULE:FREQ=DAILY", "SUMMARY:Lunch");
        for (String day : List.of("2026-03-28", "2026-03-29", "2026-06-20", "2026-10-25")) {
            LocalDate on = LocalDate.parse(day);
            assertThat(read(new DayClock(OSLO, on), daily).entries())
                    .as(day)
                    .containsExactly(new CalendarRead.Entry(on.atTime(12, 0), on.atTime(12, 30), "Lunch"));
        }
    }

    @Test
    void whatIsTakenOutOfASeriesOrMovedIsNotThere() throws IOException {
        String series =
                "BEGIN:VEVENT\r\nUID:a\r\nDTSTART:20260601T100000Z\r\nDURATION:PT1H\r\nRRULE:FREQ=DAILY\r\nSUMMARY:Call\r\n";
        assertThat(read(CLOCK, series + "EXDATE:20260620T100000Z\r\nEND:VEVENT\r\n")
                        .entries())
                .isEmpty();
        String moved =
                "BEGIN:VEVENT\r\nUID:a\r\nRECURRENCE-ID:20260620T100000Z\r\nDTSTART:20260620T130000Z\r\nDURATION:PT1H\r\nSUMMARY:Call\r\nEND:VEVENT\r\n";
        assertThat(read(CLOCK, series + "END:VEVENT\r\n" + moved).entries())
                .extracting(CalendarRead.Entry::startsAt)
                .containsExactly(at(15, 0));
    }

    @Test
    void wholeDaysAndWhatRepeatsWithinADayAreCountedAndLeftOut() throws IOException {
        CalendarRead.Found found = read(
                CLOCK,
                entry("DTSTART;VALUE=DATE:20260620", "SUMMARY:Birthday")
                        + entry("DTSTART:19700101T000000Z", "RRULE:FREQ=SECONDLY", "SUMMARY:Tick")
                        + entry("DTSTART:20260620T100000Z", "DURATION:PT1H", "STATUS:CANCELLED", "SUMMARY:Off")
                        + entry("SUMMARY:No time at all"));
        assertThat(found.entries()).isEmpty();
        assertThat(found.leftOut()).isEqualTo(2);
        assertThat(found.events()).isEqualTo(4);
    }

    /** Ten thousand entries, half of them daily since 1970, are read; the series beyond the limit are counted. */
    @Test
    void aHugeCalendarIsReadForItsOneDay() throws IOException {
        StringBuilder huge = new StringBuilder();
        for (int i = 0; i < 5000; i++) {
            huge.append("BEGIN:VEVENT\r\nUID:d")
                    .append(i)
                    .append("\r\nDTSTART:20260")
                    .append(1 + i % 9)
                    .append("20T070000Z\r\nDURATION:PT30M\r\nSUMMARY:One\r\nEND:VEVENT\r\n");
            huge.append("BEGIN:VEVENT\r\nUID:r")
                    .append(i)
                    .append(
                            "\r\nDTSTART:20260101T090000Z\r\nDURATION:PT10M\r\nRRULE:FREQ=WEEKLY\r\nSUMMARY:Weekly\r\nEND:VEVENT\r\n");
        }
        CalendarRead.Found found = read(CLOCK, huge.toString());
        assertThat(found.events()).isEqualTo(10_000);
        assertThat(found.entries()).hasSizeLessThanOrEqualTo(200).isNotEmpty();
        assertThat(found.leftOut()).isGreaterThan(3000);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "not a calendar", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n", "\u0000\u0001", "<html></html>"})
    void whatIsNoCalendarIsRefused(String text) {
        assertThatThrownBy(() -> CalendarRead.of(text.getBytes(StandardCharsets.UTF_8), CLOCK))
                .isInstanceOf(IOException.class);
    }

    @Test
    void anEntryThatCannotBeReadTakesNoOtherWithIt() throws IOException {
        CalendarRead.Found found = read(
                CLOCK,
                entry("DTSTART:20260620T070000Z", "DURATION:PT10M", "SUMMARY:Fine")
                        + entry("DTSTART:nonsense", "SUMMARY:Broken"));
        assertThat(found.entries()).extracting(CalendarRead.Entry::what).containsExactly("Fine");
        assertThat(found.leftOut()).isEqualTo(1);
    }

    private static List<VEvent> written(LocalDate day, LocalDateTime start, int minutes) throws Exception {
        CalendarMapper.Entry entry = new CalendarMapper.Entry(
                5,
                "Noor Vasskog",
                "Concert; by the lake, Æ",
                "Pier 2,\nleft",
                day,
                3,
                7,
                start,
                minutes,
                start.plusHours(2),
                "Bea Hallorin");
        byte[] file = new CalendarFile(new Words(Sentences.all()))
                .write("Two chairs", List.of(entry), OSLO, Instant.parse("2026-06-19T10:00:00Z"));
        return new CalendarBuilder().build(new ByteArrayInputStream(file)).getComponents(Component.VEVENT);
    }

    private static Instant moment(VEvent event, String property) {
        Property p = event.<Property>getProperty(property).orElseThrow();
        return Instant.from((Temporal) ((DateProperty<?>) p).getDate());
    }

    @Test
    void whatIsWrittenIsReadAgain() throws Exception {
        VEvent event = written(DAY, at(8, 30), 45).get(0);
        assertThat(moment(event, Property.DTSTART)).isEqualTo(Instant.parse("2026-06-20T06:30:00Z"));
        assertThat(moment(event, Property.DTEND)).isEqualTo(Instant.parse("2026-06-20T07:15:00Z"));
        assertThat(event.<Property>getProperty(Property.SUMMARY).orElseThrow().getValue())
                .isEqualTo("Noor, Concert; by the lake, Æ");
        assertThat(event.<Property>getProperty(Property.LOCATION).orElseThrow().getValue())
                .isEqualTo("Pier 2,\nleft");
        assertThat(event.toString()).as("a calendar names nobody in full").doesNotContain("Vasskog", "Hallorin");
    }

    /** In the night in which an hour is skipped, a sitting of an hour ends an hour later, not two. */
    @Test
    void aSittingInTheNightOfChangedClocksIsAsLongAsItIs() throws Exception {
        VEvent event = written(LocalDate.of(2026, 3, 29), LocalDateTime.of(2026, 3, 29, 1, 30), 60)
                .get(0);
        assertThat(moment(event, Property.DTSTART)).isEqualTo(Instant.parse("2026-03-29T00:30:00Z"));
        assertThat(moment(event, Property.DTEND)).isEqualTo(Instant.parse("2026-03-29T01:30:00Z"));
    }
}
