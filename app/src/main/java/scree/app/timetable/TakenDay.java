package scree.app.timetable;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.event.Event;
import scree.app.event.Working;

/**
 * A day as it stands.
 *
 * @param now on the studio's clock
 * @param crew who works, also who only has sittings
 * @param pace by artist, times the catalogue's
 * @param elsewhere sittings of other events that take an artist's time
 * @param changes the newest first
 */
record TakenDay(
        Event event,
        DayClock clock,
        LocalDateTime now,
        List<Working> crew,
        Map<Long, Double> pace,
        List<Booked> booked,
        List<Elsewhere> elsewhere,
        List<DayChange> changes) {
    TakenDay {
        crew = List.copyOf(crew);
        pace = Map.copyOf(pace);
        booked = List.copyOf(booked);
        elsewhere = List.copyOf(elsewhere);
        changes = List.copyOf(changes);
    }

    /** Time that another event takes of an artist. */
    record Elsewhere(long artist, String event, LocalDateTime startsAt, int minutes) {}

    Optional<Booked> find(long sitting) {
        return booked.stream().filter(b -> b.sitting() == sitting).findFirst();
    }

    Optional<Working> artist(long id) {
        return crew.stream().filter(w -> w.artist() == id).findFirst();
    }

    /** Returns whether the day is the one that runs. */
    boolean today() {
        return clock.day().equals(now.toLocalDate());
    }

    Booked.State state(Booked b) {
        return b.state(today() ? now : null);
    }

    /** Returns how long a place takes with its artist, minutes. */
    int minutes(Place place) {
        return paced(place.minutes(), place.byHand(), place.artist());
    }

    /** Returns minutes at an artist's pace; what a hand set is taken as it is. */
    int paced(int minutes, boolean byHand, long artist) {
        double times =
                byHand || artist(artist).map(w -> !w.ownPace()).orElse(true) ? 1 : pace.getOrDefault(artist, 1.0);
        return (int) Math.round(minutes * times);
    }

    /** Returns when a place is over; of one that is done, when it was. */
    LocalDateTime end(Booked b) {
        LocalDateTime planned = clock.after(b.startsAt(), minutes(b.place()));
        if (state(b) == Booked.State.DONE) {
            LocalDateTime done = LocalDateTime.ofInstant(b.doneAt().toInstant(), clock.zone());
            return done.isAfter(b.startsAt()) && done.isBefore(planned) ? done : planned;
        }
        return state(b) == Booked.State.BEGUN && today() && now.isAfter(planned) ? now : planned;
    }
}
