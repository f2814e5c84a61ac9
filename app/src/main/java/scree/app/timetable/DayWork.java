package scree.app.timetable;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.BadInput;
import scree.app.web.NotHere;

/** Every change of a day: kept with what it was before, so that it can be undone. */
@Service
public class DayWork {
    private static final int FIRST_MINUTES = 45;

    private final TimetableMapper mapper;
    private final TakenDays days;
    private final Timetables timetables;
    private final Events events;
    private final Sittings sittings;
    private final ChangeCodec codec;

    DayWork(
            TimetableMapper mapper,
            TakenDays days,
            Timetables timetables,
            Events events,
            Sittings sittings,
            ChangeCodec codec) {
        this.mapper = mapper;
        this.days = days;
        this.timetables = timetables;
        this.events = events;
        this.sittings = sittings;
        this.codec = codec;
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
        TakenDay day = days.of(me.studio(), event);
        List<DayChange.Moved> moves = new ArrayList<>();
        for (Place p : places) {
            Booked b = NotHere.unless(day.find(p.sitting()).orElse(null), "sitting");
            NotHere.unless(day.artist(p.artist()).orElse(null), "artist");
            if (!day.clock().holds(p.startsAt())) {
                throw new BadInput("place", "input.place");
            }
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
        TakenDay day = days.of(me.studio(), event);
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
        NotHere.unless(days.of(me.studio(), event).find(sitting).orElse(null), "sitting");
        mapper.here(me.studio(), sitting);
    }

    /** Lets a sitting stay where it is whatever comes, or lets it go again. */
    @Transactional
    public void hold(Member me, long event, int version, long sitting, boolean held) {
        TakenDay day = days.of(me.studio(), event);
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
        TakenDay day = days.of(me.studio(), event);
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
        TakenDay day = days.of(me.studio(), of.id());
        long artist = day.crew().stream().anyMatch(w -> w.artist() == me.artistId())
                        || day.crew().isEmpty()
                ? me.artistId()
                : day.crew().get(0).artist();
        long id = sittings.add(me.studio(), client, artist, opening(day), minutes, of);
        mapper.put(me.studio(), event, timetables.placed(days.of(me.studio(), event), id));
        return id;
    }

    /** Tells from when somebody is there, by when they are wanted, and by whom; null leaves it open. Nobody is moved. */
    @Transactional
    public void want(
            StudioId studio, long event, long sitting, LocalDateTime arrives, LocalDateTime ready, Long wished) {
        Booked b = NotHere.unless(days.of(studio, event).find(sitting).orElse(null), "sitting");
        mapper.put(studio, event, b.place().arriving(arrives).wanted(ready, wished));
    }

    /** Gives everybody of one day the same time on another, with what they are to keep. */
    @Transactional
    public void copyPeople(Member me, long from, Event to) {
        TakenDay day = days.of(me.studio(), from);
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
