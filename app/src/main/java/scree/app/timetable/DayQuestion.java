package scree.app.timetable;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import scree.app.event.Break;
import scree.app.event.Working;
import scree.core.timetable.Call;
import scree.core.timetable.Costs;
import scree.core.timetable.Day;
import scree.core.timetable.Seat;
import scree.core.timetable.Shift;
import scree.core.timetable.Span;
import scree.core.timetable.Timetable;
import scree.core.timetable.Use;

/** A day put as the question that the core answers, and the answer put as places again. Calls and artists keep the order of the day's lists. */
record DayQuestion(TakenDay taken, List<Place> places, Day day) {
    /** Who begins within so many minutes has been called already. House choice. */
    private static final int CALLED = 20;

    /**
     * @param places by sitting of the day: as they stand, or as they would after a change
     * @param held sittings that stay, beside those that are begun, done, held or about to begin
     * @param told whether people were told their times
     */
    static DayQuestion of(TakenDay taken, List<Place> places, List<Long> held, boolean told, Costs costs) {
        List<String> tools = new ArrayList<>(new TreeSet<>(taken.booked().stream()
                .flatMap(b -> b.tools().stream())
                .map(Booked.Tool::name)
                .toList()));
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Booked b = taken.booked().get(i);
            calls.add(call(taken, b, places.get(i), stays(taken, b, places.get(i), held), told, tools));
        }
        List<Shift> shifts = taken.crew().stream().map(w -> shift(taken, w)).toList();
        return new DayQuestion(
                taken, places, new Day(calls, shifts, taken.event().chairs(), costs));
    }

    /** To look at, nothing asked. */
    static DayQuestion of(TakenDay taken, List<Place> places) {
        return of(taken, places, List.of(), taken.event().published(), Costs.usual());
    }

    /** As the day stands. */
    static DayQuestion of(TakenDay taken) {
        return of(taken, taken.booked().stream().map(Booked::place).toList());
    }

    private static boolean stays(TakenDay taken, Booked b, Place place, List<Long> held) {
        return taken.state(b) == Booked.State.BEGUN
                || taken.state(b) == Booked.State.DONE
                || place.held()
                || held.contains(b.sitting())
                || soon(taken, b, place);
    }

    /** About to begin, and not known to be late. */
    private static boolean soon(TakenDay taken, Booked b, Place place) {
        LocalDateTime start = place.startsAt();
        return taken.today()
                && taken.event().published()
                && !start.isBefore(taken.now())
                && start.isBefore(taken.now().plusMinutes(CALLED))
                && (place.arrivesAt() == null || !place.arrivesAt().isAfter(start));
    }

    private static Call call(TakenDay taken, Booked b, Place place, boolean stays, boolean told, List<String> tools) {
        List<Integer> slots = new ArrayList<>();
        int current = Call.NONE;
        for (int k = 0; k < taken.crew().size(); k++) {
            Working w = taken.crew().get(k);
            boolean can = w.skills().containsAll(b.skills());
            slots.add(can ? DayClock.slots(taken.paced(place.minutes(), place.byHand(), w.artist())) : 0);
            current = w.artist() == place.artist() ? k : current;
        }
        Seat seat = new Seat(current, taken.clock().slot(place.startsAt()));
        if (stays) {
            LocalDateTime end = place.equals(b.place())
                    ? taken.end(b)
                    : taken.clock().after(place.startsAt(), taken.minutes(place));
            slots.set(current, Math.max(1, taken.clock().slotFrom(end) - seat.start()));
        }
        int ready = place.readyBy() == null ? Call.NONE : taken.clock().slot(place.readyBy());
        List<Use> uses = b.tools().stream()
                .map(t -> new Use(
                        tools.indexOf(t.name()),
                        t.from() / Costs.SLOT_MINUTES,
                        Math.max(1, DayClock.slots(t.minutes()))))
                .toList();
        return new Call(
                slots,
                arrival(taken, b, place),
                ready,
                index(taken, place.wished()),
                told && slots.get(current) > 0 ? told(taken, b, current) : null,
                stays ? seat : null,
                uses);
    }

    private static Seat told(TakenDay taken, Booked b, int current) {
        int told = index(taken, b.artist());
        return new Seat(told == Call.NONE ? current : told, taken.clock().slot(b.startsAt()));
    }

    /** Nobody begins before they are there, nor in the past. */
    private static int arrival(TakenDay taken, Booked b, Place place) {
        int told = place.arrivesAt() == null ? 0 : taken.clock().slotFrom(place.arrivesAt());
        int arrival = taken.state(b) == Booked.State.HERE ? 0 : told;
        return taken.today() ? Math.max(arrival, taken.clock().slotFrom(taken.now())) : arrival;
    }

    private static int index(TakenDay taken, Long artist) {
        for (int k = 0; artist != null && k < taken.crew().size(); k++) {
            if (taken.crew().get(k).artist() == artist) {
                return k;
            }
        }
        return Call.NONE;
    }

    private static Shift shift(TakenDay taken, Working w) {
        DayClock clock = taken.clock();
        int from = clock.slotFrom(w.startsAt());
        Span hours = new Span(from, Math.max(from, clock.slot(w.endsAt())));
        List<Span> breaks = new ArrayList<>();
        for (Break b : w.breaks()) {
            breaks.add(
                    new Span(clock.slot(b.startsAt()), Math.max(clock.slot(b.startsAt()), clock.slotFrom(b.endsAt()))));
        }
        for (TakenDay.Elsewhere e : taken.elsewhere()) {
            if (e.artist() == w.artist()) {
                LocalDateTime end = clock.after(e.startsAt(), e.minutes());
                breaks.add(new Span(clock.slot(e.startsAt()), Math.max(clock.slot(e.startsAt()), clock.slotFrom(end))));
            }
        }
        return new Shift(hours, breaks);
    }

    /** Returns the day as its places stand. */
    Timetable asIs() {
        List<Seat> seats = places.stream()
                .map(p -> new Seat(index(taken, p.artist()), taken.clock().slot(p.startsAt())))
                .toList();
        return Timetable.asIs(day, seats);
    }

    /** Returns places as a timetable has them: who stays keeps the minute; who finds none stays where it is. */
    List<Place> places(Timetable table) {
        List<Place> now = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Place p = places.get(i);
            Seat seat = table.seats().get(i);
            boolean same = seat == null
                    || taken.crew().get(seat.artist()).artist() == p.artist()
                            && seat.start() == taken.clock().slot(p.startsAt());
            now.add(
                    same
                            ? p
                            : p.at(
                                    taken.crew().get(seat.artist()).artist(),
                                    taken.clock().atSlot(seat.start())));
        }
        return now;
    }
}
