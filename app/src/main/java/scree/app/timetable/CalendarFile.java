package scree.app.timetable;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;
import scree.app.web.Words;

/**
 * Writes sittings as iCalendar (RFC 5545). Moments are written in UTC, which every reader shows on its own clock, so no night of changed clocks can
 * shift them. Only first names are in it, and nothing of health.
 */
@Component
class CalendarFile {
    private final Words words;

    CalendarFile(Words words) {
        this.words = words;
    }

    /** @param zone of the studio's clock */
    byte[] write(String name, List<CalendarMapper.Entry> entries, ZoneId zone, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Scree//Timetable//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        for (CalendarMapper.Entry e : entries) {
            calendar.add(event(e, zone, now));
        }
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            new CalendarOutputter(false).output(calendar, bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("a calendar could not be written", e);
        }
    }

    private VEvent event(CalendarMapper.Entry e, ZoneId zone, Instant now) {
        DayClock clock = new DayClock(zone, e.day());
        Instant start = e.startsAt().atZone(zone).toInstant();
        Instant end = clock.after(e.startsAt(), e.minutes()).atZone(zone).toInstant();
        String first = e.client().split(" ")[0];
        VEvent event = new VEvent(start, end, words.say("calendar.summary", first, e.event()));
        event.getProperty(net.fortuna.ical4j.model.Property.DTSTAMP).ifPresent(event::remove);
        event.add(new DtStamp(now));
        event.add(new Uid("sitting-" + e.sitting() + "@scree"));
        event.add(new Sequence(e.eventVersion()));
        if (e.place() != null) {
            event.add(new Location(e.place()));
        }
        String ready = e.readyBy() == null ? "" : words.say("calendar.ready", words.date("date.clock", e.readyBy()));
        event.add(new Description((words.say("calendar.artist", e.artistName().split(" ")[0]) + " " + ready).strip()));
        return event;
    }
}
