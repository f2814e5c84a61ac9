package scree.core.timetable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Who is made ready by whom, and when.
 *
 * @param day the question
 * @param seats by face; null where it finds no place
 * @param cost what it costs, by the day's costs
 * @param bound no timetable costs less
 */
public record Timetable(Day day, List<Seat> seats, int cost, int bound) {
    /** Tables that a day of so many faces may take where tools or chairs are short. House choice: half a second. */
    private static final int BRANCHES = 80;

    private static final int FACES = 12;
    /** Tables for the windows of a long day. House choice: a second at thirty faces. */
    private static final int TABLES = 500;

    /** Why a face finds no place. */
    public enum Why {
        /** Nobody that day can do it. */
        NOBODY_CAN,
        /** Between arrival and the end of everybody's hours it does not fit, breaks kept. */
        NO_HOURS,
        /** Others take the time there is. */
        FULL
    }

    public Timetable {
        seats = Collections.unmodifiableList(new ArrayList<>(seats));
    }

    /** Returns the best timetable up to sixteen faces that may move, where tools and chairs allow; a good one beyond. */
    public static Timetable of(Day day) {
        int[] moving = moving(day);
        Seat[] fixed = Insertion.nowhere(day);
        Board board = Board.of(day, moving, fixed);
        if (moving.length <= SubsetTable.MOST) {
            Branches.Found found = Branches.of(board, branches(moving.length));
            if (found.proven()) {
                return of(day, moving, fixed, board, found.seats(), found.bound());
            }
            Seat[] seats = searched(day, moving, fixed);
            return of(
                    day, moving, fixed, board, seats, Math.max(found.bound(), PriceBound.of(board, board.cost(seats))));
        }
        Seat[] seats = searched(day, moving, fixed);
        return of(day, moving, fixed, board, seats, PriceBound.of(board, board.cost(seats)));
    }

    /** A table of each face more takes twice as long. */
    private static int branches(int faces) {
        return 1 + (BRANCHES >> Math.max(0, faces - FACES));
    }

    /** Returns a timetable that was made by hand, unproven. */
    public static Timetable asIs(Day day, List<Seat> seats) {
        int cost = 0;
        for (int i = 0; i < seats.size(); i++) {
            Seat s = seats.get(i);
            cost += s == null ? Costs.LEFT_OUT : day.costs().of(day.calls().get(i), s.artist(), s.start());
        }
        return new Timetable(day, seats, cost, 0);
    }

    private static int[] moving(Day day) {
        return IntStream.range(0, day.calls().size())
                .filter(i -> day.calls().get(i).fixed() == null)
                .toArray();
    }

    private static Timetable of(Day day, int[] moving, Seat[] fixed, Board board, Seat[] seats, int bound) {
        Seat[] all = fixed.clone();
        for (int i = 0; i < moving.length; i++) {
            all[moving[i]] = seats[i];
        }
        return new Timetable(day, Arrays.asList(all), board.cost(seats), bound);
    }

    /** A first timetable and what windows make of it. */
    private static Seat[] searched(Day day, int[] moving, Seat[] fixed) {
        Seat[] first = Insertion.of(day, fixed, moving);
        Seat[] all = Windows.better(day, moving, first, TABLES);
        return IntStream.of(moving).mapToObj(i -> all[i]).toArray(Seat[]::new);
    }

    /** Returns whether nothing better can be. */
    public boolean proven() {
        return cost == bound;
    }

    /** Returns how far from the best it is at most, in minutes of waiting; see {@link Costs}. */
    public int gap() {
        return cost - bound;
    }

    /** Returns the slots that a face takes. */
    public Span span(int call) {
        return day.span(call, seats.get(call));
    }

    /** Returns minutes past the time to be ready, 0 when in time or without one or without a place. */
    public int lateMinutes(int call) {
        Call c = day.calls().get(call);
        if (seats.get(call) == null || c.ready() == Call.NONE) {
            return 0;
        }
        return Costs.SLOT_MINUTES * Math.max(0, span(call).until() - c.ready());
    }

    /** Returns minutes that all are late together. */
    public int lateMinutes() {
        return IntStream.range(0, seats.size()).map(this::lateMinutes).sum();
    }

    /** Returns how many find no place. */
    public int leftOut() {
        return Collections.frequency(seats, null);
    }

    /** Returns why a face finds no place. */
    public Why why(int call) {
        Call c = day.calls().get(call);
        if (c.slots().stream().allMatch(s -> s == 0)) {
            return Why.NOBODY_CAN;
        }
        Seat[] alone = new Seat[day.calls().size()];
        Seat[] seat = Insertion.of(day, alone, new int[] {call});
        return seat[call] == null ? Why.NO_HOURS : Why.FULL;
    }
}
