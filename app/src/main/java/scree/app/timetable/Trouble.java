package scree.app.timetable;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import scree.app.event.Working;
import scree.core.timetable.Costs;
import scree.core.timetable.Span;
import scree.core.timetable.Timetable;

/**
 * What does not work of a day as it stands.
 *
 * @param args what the words need besides the name: minutes, another's name, what an artist cannot
 */
record Trouble(Kind kind, Booked of, List<Object> args) {
    Trouble {
        args = List.copyOf(args);
    }

    /** Of one sitting; worst first. */
    enum Kind {
        /** Minutes past the time to be ready. */
        LATE,
        /** The other's name. */
        OVERLAP,
        /** The artist's name. */
        OUT_OF_HOURS,
        /** The artist's name. */
        OVER_BREAK,
        /** The other event. */
        ELSEWHERE,
        /** The artist's name. */
        CANNOT,
        BEFORE_ARRIVAL,
        /** The tool, the other's name. */
        TOOL_TWICE,
        /** How many chairs there are. */
        NO_CHAIR
    }

    /** Returns what does not work of places, those of who is done left out. */
    static List<Trouble> of(DayQuestion question) {
        Timetable table = question.asIs();
        List<Trouble> found = new ArrayList<>();
        List<Booked> booked = question.taken().booked();
        for (int i = 0; i < booked.size(); i++) {
            if (question.taken().state(booked.get(i)) != Booked.State.DONE) {
                new Look(question, table, i, found).all();
            }
        }
        found.sort(java.util.Comparator.comparing(Trouble::kind));
        return found;
    }

    /** Looks at one sitting. */
    private record Look(DayQuestion question, Timetable table, int i, List<Trouble> found) {
        void all() {
            TakenDay day = question.taken();
            Booked b = day.booked().get(i);
            Place place = question.places().get(i);
            if (table.lateMinutes(i) > 0) {
                add(Kind.LATE, table.lateMinutes(i));
            }
            day.artist(place.artist()).ifPresent(w -> ofArtist(day, b, place, w));
            boolean early = place.arrivesAt() != null && place.startsAt().isBefore(place.arrivesAt());
            if (early && day.state(b) == Booked.State.TO_COME) {
                add(Kind.BEFORE_ARRIVAL);
            }
            others(day, place);
        }

        private void ofArtist(TakenDay day, Booked b, Place place, Working w) {
            LocalDateTime end = day.clock().after(place.startsAt(), day.minutes(place));
            if (place.startsAt().isBefore(w.startsAt()) || end.isAfter(w.endsAt())) {
                add(Kind.OUT_OF_HOURS, w.firstName());
            }
            if (w.breaks().stream()
                    .anyMatch(r -> place.startsAt().isBefore(r.endsAt())
                            && r.startsAt().isBefore(end))) {
                add(Kind.OVER_BREAK, w.firstName());
            }
            if (!w.skills().containsAll(b.skills())) {
                add(Kind.CANNOT, w.firstName());
            }
            day.elsewhere().stream()
                    .filter(e -> e.artist() == place.artist())
                    .filter(e -> place.startsAt().isBefore(day.clock().after(e.startsAt(), e.minutes()))
                            && e.startsAt().isBefore(end))
                    .findFirst()
                    .ifPresent(e -> add(Kind.ELSEWHERE, e.event()));
        }

        private void others(TakenDay day, Place place) {
            Span span = span(i);
            int seated = 0;
            for (int j = 0; j < table.seats().size(); j++) {
                if (j == i || !span(j).meets(span) || day.state(day.booked().get(j)) == Booked.State.DONE) {
                    continue;
                }
                seated += span(j).from() <= span.from() ? 1 : 0;
                Booked other = day.booked().get(j);
                if (question.places().get(j).artist() == place.artist() && j > i) {
                    add(Kind.OVERLAP, other.firstName());
                }
                if (j > i) {
                    tools(day.booked().get(i), other, j);
                }
            }
            if (seated >= day.event().chairs()) {
                add(Kind.NO_CHAIR, day.event().chairs());
            }
        }

        private void tools(Booked b, Booked other, int j) {
            for (Booked.Tool mine : b.tools()) {
                for (Booked.Tool theirs : other.tools()) {
                    if (mine.name().equals(theirs.name()) && held(mine, i).meets(held(theirs, j))) {
                        add(Kind.TOOL_TWICE, mine.name(), other.firstName());
                    }
                }
            }
        }

        private Span held(Booked.Tool tool, int call) {
            int from = span(call).from() + tool.from() / Costs.SLOT_MINUTES;
            return new Span(from, from + Math.max(1, DayClock.slots(tool.minutes())));
        }

        /** By the minutes of the place; a face that its artist cannot do takes its time all the same. */
        private Span span(int call) {
            Place p = question.places().get(call);
            int from = table.seats().get(call).start();
            return new Span(
                    from, from + Math.max(1, DayClock.slots(question.taken().minutes(p))));
        }

        private void add(Kind kind, Object... args) {
            found.add(new Trouble(kind, question.taken().booked().get(i), List.of(args)));
        }
    }
}
