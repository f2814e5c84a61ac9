package scree.app.timetable;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.time.temporal.TemporalAmount;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DateListProperty;
import net.fortuna.ical4j.model.property.DateProperty;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.transform.recurrence.Frequency;

/**
 * What a calendar file has on a day: arrivals of those who sit, and time that is taken otherwise. Entries that last whole days are counted and left
 * out, since a birthday is no reason not to work; those that repeat within a day likewise.
 */
final class CalendarRead {
    /** Repeating entries that are followed; the rest is counted. */
    private static final int MOST_REPEATING = 2000;
    /** Entries of one day that are shown. */
    private static final int MOST = 200;

    private static final int LONGEST_WORDS = 80;
    private static final Pattern EVENT = Pattern.compile("(?s)BEGIN:VEVENT\\R.*?END:VEVENT\\R");
    private static final Pattern ZONE = Pattern.compile("(?s)BEGIN:VTIMEZONE\\R.*?END:VTIMEZONE\\R");
    private static final String HEAD = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Scree//Read//EN\r\n";
    private static final Set<Frequency> WITHIN_A_DAY = Set.of(Frequency.SECONDLY, Frequency.MINUTELY, Frequency.HOURLY);

    private final DayClock clock;
    private final List<Entry> entries = new ArrayList<>();
    private final Set<String> replaced = new HashSet<>();
    private int leftOut;
    private int repeating;
    private int unreadable;

    private CalendarRead(DayClock clock) {
        this.clock = clock;
    }

    /** Something that takes time that day, on the studio's clock. */
    record Entry(LocalDateTime startsAt, LocalDateTime endsAt, String what) {}

    /**
     * What was found.
     *
     * @param events in the file
     * @param leftOut of that day, since they last whole days or repeat within one
     */
    record Found(List<Entry> entries, int events, int leftOut) {
        Found {
            entries = List.copyOf(entries);
        }
    }

    /** @throws IOException when it is no calendar */
    static Found of(byte[] file, DayClock clock) throws IOException {
        CalendarRead read = new CalendarRead(clock);
        List<VEvent> events = read.events(file);
        events.forEach(read::replacing);
        events.forEach(read::event);
        read.entries.sort(Comparator.comparing(Entry::startsAt).thenComparing(Entry::what));
        List<Entry> shown = read.entries.subList(0, Math.min(MOST, read.entries.size()));
        int unread = read.leftOut + read.entries.size() - shown.size();
        return new Found(shown, events.size() + read.unreadable, unread + read.unreadable);
    }

    private List<VEvent> events(byte[] file) throws IOException {
        try {
            return parsed(file);
        } catch (ParserException | IllegalArgumentException | DateTimeException broken) {
            return oneByOne(new String(file, StandardCharsets.UTF_8), broken);
        }
    }

    private static List<VEvent> parsed(byte[] file) throws IOException, ParserException {
        return new CalendarBuilder()
                .build(new ByteArrayInputStream(file))
                .getComponents(net.fortuna.ical4j.model.Component.VEVENT);
    }

    /** Where one entry breaks the file, each is read by itself, with the zones that the file tells. */
    private List<VEvent> oneByOne(String file, Exception broken) throws IOException {
        String zones = ZONE.matcher(file).results().map(MatchResult::group).collect(Collectors.joining());
        List<VEvent> events = new ArrayList<>();
        for (Matcher m = EVENT.matcher(file); m.find(); ) {
            String alone = HEAD + zones + m.group() + "END:VCALENDAR\r\n";
            try {
                events.addAll(parsed(alone.getBytes(StandardCharsets.UTF_8)));
            } catch (ParserException | IllegalArgumentException | DateTimeException unread) {
                unreadable++;
            }
        }
        if (events.isEmpty()) {
            throw new IOException("no calendar", broken);
        }
        return events;
    }

    /** An entry that stands for one of a repeating one. */
    private void replacing(VEvent event) {
        moment(event, Property.RECURRENCE_ID).ifPresent(at -> replaced.add(uid(event) + at.toInstant()));
    }

    private static String uid(VEvent event) {
        return event.<Property>getProperty(Property.UID).map(Property::getValue).orElse("");
    }

    private void event(VEvent event) {
        try {
            follow(event);
        } catch (DateTimeException
                | IllegalArgumentException
                | UnsupportedOperationException
                | ArithmeticException unreadable) {
            leftOut++;
        }
    }

    private void follow(VEvent event) {
        if (event.<Property>getProperty(Property.STATUS)
                .map(Property::getValue)
                .filter("CANCELLED"::equalsIgnoreCase)
                .isPresent()) {
            return;
        }
        Optional<Temporal> raw = raw(event, Property.DTSTART);
        if (raw.isEmpty()) {
            return;
        }
        ZonedDateTime start = zoned(raw.get());
        Duration takes = takes(event, start);
        Optional<RRule<?>> rule = event.getProperty(Property.RRULE);
        if (rule.isEmpty()) {
            put(event, raw.get(), start, takes);
            return;
        }
        Recur<?> recur = rule.get().getRecur();
        if (WITHIN_A_DAY.contains(recur.getFrequency()) || ++repeating > MOST_REPEATING) {
            leftOut++;
            return;
        }
        repeat(event, raw.get(), start, takes, recur);
    }

    private void repeat(VEvent event, Temporal raw, ZonedDateTime start, Duration takes, Recur<?> recur) {
        ZonedDateTime from = clock.day().atStartOfDay(clock.zone());
        @SuppressWarnings("unchecked")
        Recur<ZonedDateTime> rule = (Recur<ZonedDateTime>) recur;
        Set<Instant> not = except(event);
        for (ZonedDateTime at : rule.getDates(start, from, from.plusDays(1).minusSeconds(1))) {
            if (!not.contains(at.toInstant()) && !replaced.contains(uid(event) + at.toInstant())) {
                put(event, raw, at, takes);
            }
        }
    }

    private Set<Instant> except(VEvent event) {
        Set<Instant> not = new HashSet<>();
        for (Property p : event.getProperties(Property.EXDATE)) {
            if (p instanceof DateListProperty<?> dates) {
                dates.getDates().forEach(d -> not.add(zoned((Temporal) d).toInstant()));
            }
        }
        return not;
    }

    private void put(VEvent event, Temporal raw, ZonedDateTime start, Duration takes) {
        LocalDateTime from = start.withZoneSameInstant(clock.zone()).toLocalDateTime();
        LocalDateTime until = clock.after(
                from, (int) Math.min(takes.toMinutes(), Duration.ofDays(2).toMinutes()));
        if (!from.toLocalDate().equals(clock.day())) {
            return;
        }
        if (raw instanceof LocalDate) {
            leftOut++;
            return;
        }
        String what = event.<Property>getProperty(Property.SUMMARY)
                .map(Property::getValue)
                .orElse("")
                .strip();
        String plain = what.replaceAll("[\\p{Cntrl},;]+", " ");
        entries.add(new Entry(from, until, plain.substring(0, Math.min(LONGEST_WORDS, plain.length()))));
    }

    private Duration takes(VEvent event, ZonedDateTime start) {
        Optional<ZonedDateTime> end = moment(event, Property.DTEND);
        if (end.isPresent() && end.get().isAfter(start)) {
            return Duration.between(start, end.get());
        }
        Optional<net.fortuna.ical4j.model.property.Duration> told = event.getProperty(Property.DURATION);
        return told.map(d -> of(d.getDuration(), start)).orElse(Duration.ZERO);
    }

    private static Duration of(TemporalAmount amount, ZonedDateTime start) {
        return Duration.between(start, start.plus(amount));
    }

    private Optional<ZonedDateTime> moment(VEvent event, String property) {
        return raw(event, property).map(this::zoned);
    }

    private static Optional<Temporal> raw(VEvent event, String property) {
        Optional<Property> found = event.getProperty(property);
        return found.filter(p -> p instanceof DateProperty<?>).map(p -> ((DateProperty<?>) p).getDate());
    }

    /** What names no zone is meant on the studio's clock. */
    private ZonedDateTime zoned(Temporal t) {
        ZoneId zone = clock.zone();
        if (t instanceof ZonedDateTime z) {
            return z;
        }
        if (t instanceof OffsetDateTime o) {
            return o.atZoneSameInstant(zone);
        }
        if (t instanceof Instant i) {
            return i.atZone(zone);
        }
        return t instanceof LocalDate d
                ? d.atStartOfDay(zone)
                : LocalDateTime.from(t).atZone(zone);
    }
}
