package scree.app.timetable;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.memory.Memories;
import scree.app.order.Orders;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.Accounts;
import scree.app.studio.Artist;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.core.timetable.Costs;
import scree.core.timetable.Day;
import scree.core.timetable.Slack;
import scree.core.timetable.Timetable;

/** The days: as they stand, what would be better, and every change with its undo. */
@Service
public class Timetables {
    private static final int SOLVED_KEPT = 200;
    private static final int CHANGES_SHOWN = 12;
    private static final int FIRST_MINUTES = 45;
    private static final int HALVES = 2;

    private final TimetableMapper mapper;
    private final Events events;
    private final Sittings sittings;
    private final Orders orders;
    private final Accounts accounts;
    private final Paces paces;
    private final ChangeCodec codec;
    private final StudioTime time;
    /** Equal questions have equal answers, in every process. */
    private final Cache<Day, Timetable> solved;

    private final Cache<Timetable, Slack> slack;

    Timetables(
            TimetableMapper mapper,
            Events events,
            Sittings sittings,
            Orders orders,
            Accounts accounts,
            Paces paces,
            ChangeCodec codec,
            StudioTime time,
            Memories memories) {
        this.mapper = mapper;
        this.events = events;
        this.sittings = sittings;
        this.orders = orders;
        this.accounts = accounts;
        this.paces = paces;
        this.codec = codec;
        this.time = time;
        this.solved = memories.keep("timetables", SOLVED_KEPT);
        this.slack = memories.keep("slack", SOLVED_KEPT);
    }

    /** Returns a day as it stands. */
    @Transactional(readOnly = true)
    public TakenDay of(StudioId studio, long event) {
        return taken(studio, events.get(studio, event));
    }

    /** Returns every event of a day. */
    @Transactional(readOnly = true)
    public List<TakenDay> on(StudioId studio, LocalDate day) {
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

    private Timetable solve(Day day) {
        return solved.get(day, Timetable::of);
    }

    /** Returns the best day there is: minutes by each one's own running order, as far as there is one. */
    @Transactional(readOnly = true)
    public Proposal plan(StudioId studio, long event) {
        TakenDay day = of(studio, event);
        List<Place> places = new ArrayList<>();
        for (Booked b : day.booked()) {
            places.add(b.place().taking(minutes(studio, day, b), b.byHand()));
        }
        return propose(day, DayChange.What.PLANNED, null, places, List.of());
    }

    /** What is known of a face decides how long it takes, unless a hand did or it is too late to matter. */
    private int minutes(StudioId studio, TakenDay day, Booked b) {
        boolean known = b.intakeAt() != null
                && !b.byHand()
                && day.state(b) != Booked.State.DONE
                && day.state(b) != Booked.State.BEGUN;
        return known ? (orders.of(studio, b.sitting()).order().end() + 1) / HALVES : b.minutes();
    }

    /**
     * Returns what would follow if a sitting were elsewhere; it stays there then.
     *
     * @throws NotHere when the event has no such sitting or artist
     */
    @Transactional(readOnly = true)
    public Proposal move(StudioId studio, long event, long sitting, long artist, LocalDateTime start) {
        TakenDay day = of(studio, event);
        NotHere.unless(day.artist(artist).orElse(null), "artist");
        return changed(
                day, DayChange.What.MOVED, sitting, p -> p.at(artist, start).holding(true), List.of(sitting));
    }

    /** Returns what would follow if somebody came so many minutes later than now or told, whichever is later. */
    @Transactional(readOnly = true)
    public Proposal late(StudioId studio, long event, long sitting, int minutes) {
        TakenDay day = of(studio, event);
        return changed(
                day,
                DayChange.What.LATE,
                sitting,
                p -> {
                    LocalDateTime told =
                            p.arrivesAt() != null && p.arrivesAt().isAfter(p.startsAt()) ? p.arrivesAt() : p.startsAt();
                    LocalDateTime from = day.today() && day.now().isAfter(told) ? day.now() : told;
                    return p.arriving(from.plusMinutes(minutes).withSecond(0).withNano(0))
                            .holding(false);
                },
                List.of());
    }

    /** Returns what would follow if a sitting took so many minutes more. */
    @Transactional(readOnly = true)
    public Proposal longer(StudioId studio, long event, long sitting, int minutes) {
        TakenDay day = of(studio, event);
        return changed(
                day,
                DayChange.What.LONGER,
                sitting,
                p -> p.taking(p.minutes() + minutes, p.byHand()),
                List.of(sitting));
    }

    private Proposal changed(
            TakenDay day, DayChange.What what, long sitting, UnaryOperator<Place> by, List<Long> held) {
        Booked about = NotHere.unless(day.find(sitting).orElse(null), "sitting");
        List<Place> places = day.booked().stream()
                .map(b -> b.sitting() == sitting ? by.apply(b.place()) : b.place())
                .toList();
        return propose(day, what, about, places, held);
    }

    private Proposal propose(TakenDay day, DayChange.What what, Booked about, List<Place> places, List<Long> held) {
        boolean planned = what == DayChange.What.PLANNED;
        boolean running = what == DayChange.What.LATE || what == DayChange.What.LONGER;
        boolean told = running || day.event().published();
        Costs costs = told && !planned ? Costs.onTheDay() : Costs.usual();
        DayQuestion question = DayQuestion.of(day, places, held, told, costs);
        Timetable table = solve(question.day());
        return new Proposal(day, what, about, question.places(table), table);
    }

    /** Returns how much longer each may take; of what stands, the others moved as well as can be. */
    @Transactional(readOnly = true)
    public Slack slack(TakenDay day) {
        Timetable asIs = DayQuestion.of(day).asIs();
        List<Boolean> over = day.booked().stream()
                .map(b -> day.state(b) == Booked.State.DONE)
                .toList();
        return slack.get(asIs, t -> Slack.of(t, over));
    }

    /**
     * Takes what was proposed.
     *
     * @param version of the event that the artist saw
     * @param places as they are to be
     * @throws scree.app.web.StaleSave when somebody else changed the day in between
     * @throws NotHere when the event has no such sitting or artist
     */
    @Transactional
    public void take(Member me, long event, int version, DayChange.What what, Long about, List<Place> places) {
        events.touch(me.studio(), event, version);
        TakenDay day = of(me.studio(), event);
        List<DayChange.Moved> moves = new ArrayList<>();
        for (Place p : places) {
            Booked b = NotHere.unless(day.find(p.sitting()).orElse(null), "sitting");
            NotHere.unless(day.artist(p.artist()).orElse(null), "artist");
            if (!b.place().equals(p)) {
                moves.add(new DayChange.Moved(b.place(), p));
            }
        }
        put(
                me,
                event,
                what,
                about == null ? null : day.find(about).map(Booked::name).orElse(null),
                moves);
    }

    private void put(Member me, long event, DayChange.What what, String about, List<DayChange.Moved> moves) {
        if (!moves.isEmpty()) {
            moves.forEach(m -> mapper.put(me.studio(), event, m.after()));
            mapper.addChange(me.studio(), event, me.artistId(), what, about, codec.write(moves));
        }
    }

    /** What a sitting is to keep, as a form tells it. */
    record Terms(
            LocalDateTime startsAt,
            long artist,
            LocalDateTime arrivesAt,
            LocalDateTime readyBy,
            Long wished,
            int minutes,
            List<String> skills,
            List<Booked.Tool> tools) {}

    /** Changes what a sitting is to keep; nobody else is moved. */
    @Transactional
    public void terms(Member me, long event, int version, long sitting, Terms t) {
        events.touch(me.studio(), event, version);
        TakenDay day = of(me.studio(), event);
        Booked b = NotHere.unless(day.find(sitting).orElse(null), "sitting");
        NotHere.unless(day.artist(t.artist()).orElse(null), "artist");
        Place before = b.place();
        Place after = before.at(t.artist(), t.startsAt())
                .arriving(t.arrivesAt())
                .wanted(t.readyBy(), t.wished())
                .taking(t.minutes(), before.byHand() || t.minutes() != before.minutes());
        mapper.putSkills(me.studio(), sitting, String.join(",", t.skills()));
        mapper.dropTools(me.studio(), sitting);
        t.tools().forEach(tool -> mapper.addTool(me.studio(), sitting, tool));
        put(
                me,
                event,
                DayChange.What.TERMS,
                b.name(),
                before.equals(after) ? List.of() : List.of(new DayChange.Moved(before, after)));
    }

    /** Notes that somebody has come. */
    @Transactional
    public void here(Member me, long event, long sitting) {
        NotHere.unless(of(me.studio(), event).find(sitting).orElse(null), "sitting");
        mapper.here(me.studio(), sitting);
    }

    /** Lets a sitting stay where it is whatever comes, or lets it go again. */
    @Transactional
    public void hold(Member me, long event, int version, long sitting, boolean held) {
        TakenDay day = of(me.studio(), event);
        Booked b = NotHere.unless(day.find(sitting).orElse(null), "sitting");
        take(
                me,
                event,
                version,
                held ? DayChange.What.HELD : DayChange.What.LET_GO,
                sitting,
                List.of(b.place().holding(held)));
    }

    /** What came of an undo. */
    public enum Undone {
        DONE,
        /** Somebody changed one of the sittings since. */
        CHANGED_SINCE,
        NOTHING
    }

    /** Takes the newest change that stands back, whole or not at all. */
    @Transactional
    public Undone undo(Member me, long event, int version) {
        events.touch(me.studio(), event, version);
        TakenDay day = of(me.studio(), event);
        DayChange last =
                day.changes().stream().filter(DayChange::stands).findFirst().orElse(null);
        if (last == null || last.moves().isEmpty()) {
            return Undone.NOTHING;
        }
        for (DayChange.Moved m : last.moves()) {
            if (day.find(m.after().sitting())
                    .map(b -> !b.place().equals(m.after()))
                    .orElse(true)) {
                return Undone.CHANGED_SINCE;
            }
        }
        last.moves().forEach(m -> mapper.put(me.studio(), event, m.before()));
        mapper.undo(me.studio(), event, last.id());
        return Undone.DONE;
    }

    /** Gives a client a sitting where it costs least, nobody else moved; as long as last time. Returns the sitting. */
    @Transactional
    public long add(Member me, long event, long client) {
        Event of = events.get(me.studio(), event);
        List<Sitting> before = sittings.ofClient(me.studio(), client);
        int minutes = before.stream()
                .filter(s -> s.cameInAt() == null)
                .findFirst()
                .map(Sitting::minutes)
                .orElse(FIRST_MINUTES);
        TakenDay day = taken(me.studio(), of);
        long artist = day.crew().stream().anyMatch(w -> w.artist() == me.artistId())
                        || day.crew().isEmpty()
                ? me.artistId()
                : day.crew().get(0).artist();
        long id = sittings.add(me.studio(), client, artist, opening(day), minutes, of);
        TakenDay now = taken(me.studio(), of);
        List<Long> others =
                now.booked().stream().map(Booked::sitting).filter(s -> s != id).toList();
        List<Place> places = now.booked().stream().map(Booked::place).toList();
        DayQuestion question = DayQuestion.of(now, places, others, false, Costs.usual());
        question.places(solve(question.day())).stream()
                .filter(p -> p.sitting() == id)
                .forEach(p -> mapper.put(me.studio(), event, p));
        return id;
    }

    /** Tells from when somebody is there, by when they are wanted, and by whom; null leaves it open. Nobody is moved. */
    @Transactional
    public void want(
            StudioId studio, long event, long sitting, LocalDateTime arrives, LocalDateTime ready, Long wished) {
        Booked b = NotHere.unless(of(studio, event).find(sitting).orElse(null), "sitting");
        mapper.put(studio, event, b.place().arriving(arrives).wanted(ready, wished));
    }

    /** Gives everybody of one day the same time on another, with what they are to keep. */
    @Transactional
    public void copyPeople(Member me, long from, Event to) {
        TakenDay day = of(me.studio(), from);
        for (Booked b : day.booked()) {
            long id = sittings.add(me.studio(), b.client(), b.artist(), there(day, to, b.startsAt()), b.minutes(), to);
            LocalDateTime arrives = b.arrivesAt() == null ? null : there(day, to, b.arrivesAt());
            LocalDateTime ready = b.readyBy() == null ? null : there(day, to, b.readyBy());
            LocalDateTime starts = there(day, to, b.startsAt());
            mapper.put(
                    me.studio(),
                    to.id(),
                    new Place(id, b.artist(), starts, b.minutes(), b.byHand(), arrives, ready, b.wished(), false));
            mapper.putSkills(me.studio(), id, String.join(",", b.skills()));
            b.tools().forEach(t -> mapper.addTool(me.studio(), id, t));
        }
    }

    private static LocalDateTime there(TakenDay day, Event to, LocalDateTime at) {
        return at.plusDays(ChronoUnit.DAYS.between(day.event().day(), to.day()));
    }

    private static LocalDateTime opening(TakenDay day) {
        return day.crew().stream()
                .map(Working::startsAt)
                .min(LocalDateTime::compareTo)
                .orElse(day.event().day().atTime(9, 0));
    }
}
