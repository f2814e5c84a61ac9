package scree.core.timetable;

import java.util.List;

/** Tries every start with every artist: slow, and nothing like the table. */
final class EveryTimetable {
    private final Day day;
    private final Seat[] seats;
    private int least = Integer.MAX_VALUE;

    private EveryTimetable(Day day) {
        this.day = day;
        this.seats = new Seat[day.calls().size()];
    }

    static int least(Day day) {
        EveryTimetable every = new EveryTimetable(day);
        every.go(0, 0);
        return every.least;
    }

    private void go(int i, int cost) {
        if (cost >= least) {
            return;
        }
        if (i == seats.length) {
            least = cost;
            return;
        }
        Call call = day.calls().get(i);
        for (int k = 0; k < day.shifts().size(); k++) {
            for (int s = call.arrival(); s < 40 && call.slots().get(k) > 0; s++) {
                seats[i] = new Seat(k, s);
                if (kept(day, seats, i)) {
                    go(i + 1, cost + day.costs().of(call, k, s));
                }
            }
        }
        seats[i] = null;
        go(i + 1, cost + Costs.LEFT_OUT);
    }

    /** Whether the seat of a face keeps all rules beside those of a lower number. */
    static boolean kept(Day day, Seat[] seats, int i) {
        Span span = day.span(i, seats[i]);
        Shift shift = day.shifts().get(seats[i].artist());
        if (span.from() < shift.hours().from()
                || span.until() > shift.hours().until()
                || shift.breaks().stream().anyMatch(span::meets)) {
            return false;
        }
        for (int j = 0; j < i; j++) {
            if (seats[j] != null
                    && seats[j].artist() == seats[i].artist()
                    && day.span(j, seats[j]).meets(span)) {
                return false;
            }
        }
        for (int t = span.from(); t < span.until(); t++) {
            if (seated(day, seats, i, t) > day.chairs() || held(day, seats, i, t) > 1) {
                return false;
            }
        }
        return true;
    }

    private static int seated(Day day, Seat[] seats, int last, int t) {
        int count = 0;
        for (int j = 0; j <= last; j++) {
            count += seats[j] != null && day.span(j, seats[j]).meets(new Span(t, t + 1)) ? 1 : 0;
        }
        return count;
    }

    private static int held(Day day, Seat[] seats, int last, int t) {
        int count = 0;
        for (int j = 0; j <= last; j++) {
            List<Use> uses = seats[j] == null ? List.of() : day.calls().get(j).uses();
            for (Use u : uses) {
                count += u.held(seats[j].start(), day.span(j, seats[j]).slots()).meets(new Span(t, t + 1)) ? 1 : 0;
            }
        }
        return count;
    }
}
