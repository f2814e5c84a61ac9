package scree.core.timetable;

import java.util.ArrayList;
import java.util.List;

/**
 * A day with several faces: the question.
 *
 * @param calls who is to be made ready, {@value #MOST_CALLS} at most
 * @param shifts the artists' days, {@value #MOST_ARTISTS} at most
 * @param chairs how many can be worked at, at once
 * @param costs what a timetable is judged by
 */
public record Day(List<Call> calls, List<Shift> shifts, int chairs, Costs costs) {
    public static final int MOST_CALLS = 60;
    public static final int MOST_ARTISTS = 12;
    /** A day and a half, so that a sitting may run over midnight. */
    public static final int MOST_SLOTS = 432;

    public Day {
        calls = List.copyOf(calls);
        shifts = List.copyOf(shifts);
        if (calls.size() > MOST_CALLS || shifts.isEmpty() || shifts.size() > MOST_ARTISTS || chairs < 1) {
            throw new IllegalArgumentException(
                    "a day has up to %d faces, 1 to %d artists and a chair".formatted(MOST_CALLS, MOST_ARTISTS));
        }
        for (Call c : calls) {
            if (c.slots().size() != shifts.size()) {
                throw new IllegalArgumentException("every artist has a time for every face");
            }
        }
        if (shifts.stream().anyMatch(s -> s.hours().until() > MOST_SLOTS)) {
            throw new IllegalArgumentException("a day ends by slot " + MOST_SLOTS);
        }
    }

    /** Returns the same with one face changed. */
    public Day with(int place, Call call) {
        List<Call> now = new ArrayList<>(calls);
        now.set(place, call);
        return new Day(now, shifts, chairs, costs);
    }

    /** Returns whether a fixed face lies within its artist's hours, over no break and no other fixed face of the artist. */
    boolean possible(int call) {
        Seat seat = calls.get(call).fixed();
        Span span = span(call, seat);
        Shift shift = shifts.get(seat.artist());
        if (!shift.hours().holds(span.from(), span.until())
                || shift.breaks().stream().anyMatch(span::meets)) {
            return false;
        }
        for (int i = 0; i < calls.size(); i++) {
            Seat other = calls.get(i).fixed();
            if (i != call
                    && other != null
                    && other.artist() == seat.artist()
                    && span(i, other).meets(span)) {
                return false;
            }
        }
        return true;
    }

    /** Returns how long a face takes with an artist, as a stretch of time. */
    Span span(int call, Seat seat) {
        return new Span(seat.start(), seat.start() + calls.get(call).slots().get(seat.artist()));
    }

    /** Returns the slot after the last that anybody works or is fixed in. */
    int end() {
        int end = 0;
        for (Shift s : shifts) {
            end = Math.max(end, s.hours().until());
        }
        for (int i = 0; i < calls.size(); i++) {
            if (calls.get(i).fixed() != null) {
                end = Math.max(end, span(i, calls.get(i).fixed()).until());
            }
        }
        return end;
    }
}
