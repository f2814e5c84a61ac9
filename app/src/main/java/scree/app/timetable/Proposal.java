package scree.app.timetable;

import java.util.ArrayList;
import java.util.List;
import scree.core.timetable.Timetable;

/**
 * What would change of a day, shown before it is taken.
 *
 * @param what was asked
 * @param about whom it was asked, or null for all
 * @param places as they would be, in the order of the day's sittings
 * @param table the answer, with its proof or its gap
 */
record Proposal(TakenDay day, DayChange.What what, Booked about, List<Place> places, Timetable table) {
    Proposal {
        places = List.copyOf(places);
    }

    /** Returns what changes, in the order of the day's sittings. */
    List<DayChange.Moved> moves() {
        List<DayChange.Moved> moves = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Place before = day.booked().get(i).place();
            if (!before.equals(places.get(i))) {
                moves.add(new DayChange.Moved(before, places.get(i)));
            }
        }
        return moves;
    }

    /** Returns who finds no place, with the reason. */
    List<NoPlace> leftOut() {
        List<NoPlace> out = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            if (table.seats().get(i) == null) {
                out.add(new NoPlace(day.booked().get(i), table.why(i)));
            }
        }
        return out;
    }

    /** Somebody for whom there is no time. */
    record NoPlace(Booked who, Timetable.Why why) {}

    /** Returns what would not work even then. */
    List<Trouble> troubles() {
        return Trouble.of(DayQuestion.of(day, places));
    }
}
