package scree.app.timetable;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.studio.Accounts;
import scree.app.studio.Artist;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;

/** Reads days as they stand. */
@Service
public class TakenDays {
    private static final int CHANGES_SHOWN = 12;

    private final TimetableMapper mapper;
    private final Events events;
    private final Accounts accounts;
    private final Paces paces;
    private final ChangeCodec codec;
    private final StudioTime time;

    TakenDays(
            TimetableMapper mapper, Events events, Accounts accounts, Paces paces, ChangeCodec codec, StudioTime time) {
        this.mapper = mapper;
        this.events = events;
        this.accounts = accounts;
        this.paces = paces;
        this.codec = codec;
        this.time = time;
    }

    /** Returns a day as it stands. */
    @Transactional(readOnly = true)
    TakenDay of(StudioId studio, long event) {
        return taken(studio, events.get(studio, event));
    }

    /** Returns every event of a day. */
    @Transactional(readOnly = true)
    List<TakenDay> on(StudioId studio, LocalDate day) {
        return events.on(studio, day).stream().map(e -> taken(studio, e)).toList();
    }

    private TakenDay taken(StudioId studio, Event event) {
        DayClock clock = new DayClock(time.zone(studio), event.day());
        List<Booked> booked = booked(studio, event.id());
        List<Working> crew = crew(studio, event, booked);
        Map<Long, Double> pace = new HashMap<>();
        crew.stream().filter(Working::ownPace).forEach(w -> pace.put(w.artist(), paces.of(studio, w.artist())));
        return new TakenDay(
                event,
                clock,
                time.now(studio),
                crew,
                pace,
                booked,
                mapper.elsewhere(
                        studio,
                        event.id(),
                        event.day().atStartOfDay(),
                        event.day().plusDays(2).atStartOfDay()),
                changes(studio, event.id()));
    }

    private List<Booked> booked(StudioId studio, long event) {
        Map<Long, List<Booked.Tool>> tools = mapper.tools(studio, event).stream()
                .collect(Collectors.groupingBy(
                        TimetableMapper.ToolRow::sitting,
                        Collectors.mapping(
                                t -> new Booked.Tool(t.tool(), t.fromMinute(), t.minutes()), Collectors.toList())));
        return mapper.booked(studio, event).stream()
                .map(r -> new Booked(
                        r.sitting(),
                        r.client(),
                        r.name(),
                        r.plays(),
                        r.artist(),
                        r.startsAt(),
                        r.minutes(),
                        r.byHand(),
                        r.arrivesAt(),
                        r.readyBy(),
                        r.wished(),
                        r.held(),
                        Events.words(r.skills()),
                        tools.getOrDefault(r.sitting(), List.of()),
                        r.hereAt(),
                        r.intakeAt(),
                        r.begunAt(),
                        r.doneAt(),
                        r.allergies(),
                        r.patched()))
                .toList();
    }

    /** Who works, and who no longer does but has sittings: without hours, so that nothing new falls to them. */
    private List<Working> crew(StudioId studio, Event event, List<Booked> booked) {
        List<Working> crew = new ArrayList<>(events.crew(studio, event.id()));
        Map<Long, String> names = accounts.artists(studio).stream().collect(Collectors.toMap(Artist::id, Artist::name));
        for (Booked b : booked) {
            if (crew.stream().noneMatch(w -> w.artist() == b.artist())) {
                LocalDateTime midnight = event.day().atStartOfDay();
                String name = names.getOrDefault(b.artist(), "–");
                crew.add(new Working(b.artist(), name, List.of(), midnight, midnight, false, List.of()));
            }
        }
        return crew;
    }

    private List<DayChange> changes(StudioId studio, long event) {
        return mapper.changes(studio, event, CHANGES_SHOWN).stream()
                .map(r ->
                        new DayChange(r.id(), r.what(), r.about(), r.by(), r.at(), codec.read(r.moves()), r.undoneAt()))
                .toList();
    }
}
