package scree.app.timetable;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.event.Break;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.studio.Member;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;

/** The day against other calendars: addresses to subscribe, and files that bring arrivals and time that is taken. */
@Service
public class Calendars {
    private static final int TOKEN_BYTES = 24;
    private static final int LONGEST_TOKEN = 80;
    private static final int DAYS_BACK = 60;
    private static final int DAYS_AHEAD = 730;

    private final CalendarMapper mapper;
    private final TakenDays days;
    private final DayWork work;
    private final Events events;
    private final CalendarFile file;
    private final StudioTime time;
    private final Clock clock;

    Calendars(
            CalendarMapper mapper,
            TakenDays days,
            DayWork work,
            Events events,
            CalendarFile file,
            StudioTime time,
            Clock clock) {
        this.mapper = mapper;
        this.days = days;
        this.work = work;
        this.events = events;
        this.file = file;
        this.time = time;
        this.clock = clock;
    }

    /** Makes an address for the artist's own sittings and returns its token; it is not kept anywhere and cannot be shown again. */
    @Transactional
    public String make(Member me) {
        String token = Secrets.token(TOKEN_BYTES);
        mapper.add(me.studio(), me.artistId(), Secrets.hash(token));
        return token;
    }

    List<CalendarLink> open(Member me) {
        return mapper.open(me.studio(), me.artistId());
    }

    /** Closes an address: who subscribed sees no more. */
    @Transactional
    public void close(Member me, long id) {
        mapper.close(me.studio(), me.artistId(), id);
    }

    /** Returns the sittings behind an address; empty when it was never made or was closed. */
    @Transactional(readOnly = true)
    public Optional<byte[]> subscribed(String token) {
        CalendarLink link = token.length() > LONGEST_TOKEN ? null : mapper.byToken(Secrets.hash(token));
        return Optional.ofNullable(link).map(l -> write(new StudioId(l.studioId()), l.artist(), l.studioName()));
    }

    /** Returns the artist's own sittings as a file. */
    @Transactional(readOnly = true)
    public byte[] own(Member me) {
        return write(me.studio(), me.artistId(), me.studioName());
    }

    private byte[] write(StudioId studio, long artist, String name) {
        LocalDate today = time.today(studio);
        List<CalendarMapper.Entry> entries =
                mapper.entries(studio, artist, today.minusDays(DAYS_BACK), today.plusDays(DAYS_AHEAD));
        return file.write(name, entries, time.zone(studio), clock.instant());
    }

    /**
     * What a file would bring.
     *
     * @param arrivals of those who sit that day
     * @param taken time of the artist whose calendar it is
     */
    record Brought(List<Arrival> arrivals, List<CalendarRead.Entry> taken, int events, int leftOut) {
        Brought {
            arrivals = List.copyOf(arrivals);
            taken = List.copyOf(taken);
        }
    }

    /** Somebody who sits, and when they come. */
    record Arrival(long sitting, String name, LocalDateTime at) {}

    /** @throws IOException when it is no calendar */
    @Transactional(readOnly = true)
    public Brought read(StudioId studio, long event, byte[] bytes) throws IOException {
        TakenDay day = days.of(studio, event);
        CalendarRead.Found found = CalendarRead.of(bytes, day.clock());
        List<Arrival> arrivals = new ArrayList<>();
        List<CalendarRead.Entry> taken = new ArrayList<>();
        for (CalendarRead.Entry e : found.entries()) {
            Optional<Booked> who = who(day, e.what());
            if (who.isPresent()) {
                arrivals.add(new Arrival(who.get().sitting(), who.get().name(), e.startsAt()));
            } else if (e.endsAt().isAfter(e.startsAt())) {
                taken.add(e);
            }
        }
        return new Brought(arrivals, taken, found.events(), found.leftOut());
    }

    /** Whose name stands in an entry: the full one, or a first name that only one of the day has. */
    private static Optional<Booked> who(TakenDay day, String what) {
        String said = " " + what.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ") + " ";
        Optional<Booked> full = day.booked().stream()
                .filter(b -> said.contains(heard(b.name())))
                .findFirst();
        if (full.isPresent()) {
            return full;
        }
        List<Booked> first = day.booked().stream()
                .filter(b -> said.contains(heard(b.firstName())))
                .toList();
        return first.size() == 1 ? Optional.of(first.get(0)) : Optional.empty();
    }

    private static String heard(String name) {
        return " " + name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ") + " ";
    }

    /**
     * Takes what a file brought: arrivals, and breaks of one artist. What is there already is not put twice.
     *
     * @throws scree.app.web.StaleSave when somebody else changed the day in between
     */
    @Transactional
    public void take(Member me, long event, int version, List<Arrival> arrivals, Long artist, List<Break> breaks) {
        TakenDay day = days.of(me.studio(), event);
        List<Place> places = new ArrayList<>();
        for (Arrival a : arrivals) {
            Booked b = NotHere.unless(day.find(a.sitting()).orElse(null), "sitting");
            places.add(b.place().arriving(a.at()));
        }
        work.take(me, event, version, DayChange.What.CALENDAR, null, places);
        if (!breaks.isEmpty()) {
            Working whose =
                    NotHere.unless(artist == null ? null : day.artist(artist).orElse(null), "artist");
            breaks.stream()
                    .filter(b -> whose.breaks().stream()
                            .noneMatch(r -> r.startsAt().equals(b.startsAt())
                                    && r.endsAt().equals(b.endsAt())))
                    .forEach(b -> events.rest(me.studio(), event, whose.artist(), b));
        }
    }
}
