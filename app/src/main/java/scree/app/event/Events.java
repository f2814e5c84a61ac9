package scree.app.event;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;

/** Keeps events, and who works at them when. */
@Service
public class Events {
    /** Hours of somebody of whom nothing else is told. */
    private static final LocalTime FROM = LocalTime.of(8, 0);

    private static final LocalTime UNTIL = LocalTime.of(18, 0);
    private static final int USUAL_CHAIRS = 2;
    private static final int NEWEST = 30;

    private final EventMapper mapper;

    Events(EventMapper mapper) {
        this.mapper = mapper;
    }

    /** @throws NotHere when the studio has no such event */
    public Event get(StudioId studio, long id) {
        return NotHere.unless(mapper.find(studio, id), "event");
    }

    public List<Event> on(StudioId studio, LocalDate day) {
        return mapper.on(studio, day);
    }

    public Optional<LocalDate> dayBefore(StudioId studio, LocalDate day) {
        return Optional.ofNullable(mapper.dayBefore(studio, day));
    }

    public Optional<LocalDate> dayAfter(StudioId studio, LocalDate day) {
        return Optional.ofNullable(mapper.dayAfter(studio, day));
    }

    public List<Event> newest(StudioId studio) {
        return mapper.newest(studio, NEWEST);
    }

    /** Returns the event of that name on a day; a new one when there is none. */
    @Transactional
    public Event named(StudioId studio, LocalDate day, String name) {
        mapper.add(studio, new Event(0, name, null, day, USUAL_CHAIRS, null, 0));
        return mapper.named(studio, day, name);
    }

    /** Sees to it that an artist's hours at an event hold a sitting; who is new there has the usual ones besides. */
    @Transactional
    public void works(StudioId studio, Event event, long artist, LocalDateTime from, LocalDateTime until) {
        mapper.join(
                studio,
                event.id(),
                artist,
                event.day().atTime(FROM),
                event.day().atTime(UNTIL));
        mapper.widen(studio, event.id(), artist, from, until);
    }

    /** Returns who works at an event, with their breaks. */
    @Transactional(readOnly = true)
    public List<Working> crew(StudioId studio, long event) {
        Map<Long, List<Break>> breaks = mapper.breaks(studio, event).stream()
                .collect(Collectors.groupingBy(
                        EventMapper.BreakRow::artist,
                        Collectors.mapping(b -> new Break(b.startsAt(), b.endsAt(), b.what()), Collectors.toList())));
        return mapper.crew(studio, event).stream()
                .map(w -> new Working(
                        w.artist(),
                        w.name(),
                        words(w.skills()),
                        w.startsAt(),
                        w.endsAt(),
                        w.ownPace(),
                        breaks.getOrDefault(w.artist(), List.of())))
                .toList();
    }

    /** Returns the words between commas, none twice. */
    public static List<String> words(String text) {
        return text == null
                ? List.of()
                : Arrays.stream(text.split(","))
                        .map(String::strip)
                        .filter(w -> !w.isEmpty())
                        .distinct()
                        .toList();
    }

    /** @return the event as it is stored; empty when the day has one of that name */
    @Transactional
    public Optional<Event> add(StudioId studio, Event event, Collection<Working> crew) {
        if (mapper.add(studio, event) == 0) {
            return Optional.empty();
        }
        Event stored = mapper.named(studio, event.day(), event.name());
        put(studio, stored.id(), crew);
        return Optional.of(stored);
    }

    /**
     * Changes an event with its crew; the day stays.
     *
     * @throws StaleSave when someone else changed it in between; carries what is stored now
     */
    @Transactional
    public void change(StudioId studio, Event event, Collection<Working> crew) {
        if (mapper.change(studio, event) == 0) {
            throw new StaleSave(get(studio, event.id()));
        }
        mapper.nameSittings(studio, event.id(), event.name());
        mapper.leave(studio, event.id());
        put(studio, event.id(), crew);
    }

    private void put(StudioId studio, long event, Collection<Working> crew) {
        for (Working w : crew) {
            mapper.work(studio, event, w);
            w.breaks().forEach(b -> mapper.rest(studio, event, w.artist(), b));
            mapper.putSkills(studio, w.artist(), String.join(",", w.skills()));
        }
    }

    /** Puts one more time in which an artist does not work, such as from their calendar. */
    @Transactional
    public void rest(StudioId studio, long event, long artist, Break rest) {
        mapper.rest(studio, event, artist, rest);
    }

    /** Tells people their times: from then on a timetable keeps to them unless somebody gains more. */
    @Transactional
    public void publish(StudioId studio, long id) {
        mapper.publish(studio, id);
    }

    /**
     * Counts a change of the day.
     *
     * @throws StaleSave when someone else's came first; carries what is stored now
     */
    @Transactional
    public void touch(StudioId studio, long id, int version) {
        if (mapper.touch(studio, id, version) == 0) {
            throw new StaleSave(get(studio, id));
        }
    }
}
