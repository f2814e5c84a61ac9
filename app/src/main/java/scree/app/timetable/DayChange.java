package scree.app.timetable;

import java.time.OffsetDateTime;
import java.util.List;

/**
 * A change of a day that was made.
 *
 * @param about whom, or null
 * @param undoneAt null while it stands
 */
record DayChange(
        long id, What what, String about, String by, OffsetDateTime at, List<Moved> moves, OffsetDateTime undoneAt) {
    DayChange {
        moves = List.copyOf(moves);
    }

    /** What was done. */
    enum What {
        PLANNED,
        MOVED,
        LATE,
        LONGER,
        HERE,
        TERMS,
        HELD,
        LET_GO,
        CALENDAR
    }

    /** One sitting before and after. */
    record Moved(Place before, Place after) {}

    boolean stands() {
        return undoneAt == null;
    }
}
