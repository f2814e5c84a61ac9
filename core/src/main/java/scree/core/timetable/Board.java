package scree.core.timetable;

import java.util.Arrays;
import java.util.List;

/** A day as a search sees it: the faces that may move, what each start costs, and what stands in the way. */
final class Board {
    /** No sitting can begin there. Twice this is still a number. */
    static final int NEVER = 1_000_000_000;

    final Day day;
    /** Place in the day of each face that may move. */
    final int[] calls;

    final int artists;
    final int end;
    /** By face and artist, slots; 0 where the artist cannot do it. */
    final int[][] length;
    /** By face, artist and start. */
    final int[][][] cost;
    /** Chairs taken by those who stay, by slot. */
    final int[] seated;
    /** Tools held by those who stay, by tool and slot. */
    final boolean[][] held;

    private Board(Day day, int[] calls, int[][] length, int[][][] cost, int[] seated, boolean[][] held) {
        this.day = day;
        this.calls = calls;
        this.artists = day.shifts().size();
        this.end = day.end();
        this.length = length;
        this.cost = cost;
        this.seated = seated;
        this.held = held;
    }

    /**
     * Returns the board on which some faces move and the others stay.
     *
     * @param moving places in the day
     * @param seats where the others are, by place in the day; null where they are nowhere
     */
    static Board of(Day day, int[] moving, Seat[] seats) {
        int end = day.end();
        int artists = day.shifts().size();
        boolean[][] busy = new boolean[artists][end];
        int[] seated = new int[end];
        boolean[][] held = new boolean[tools(day)][end];
        boolean[] moves = new boolean[seats.length];
        Arrays.stream(moving).forEach(i -> moves[i] = true);
        for (int i = 0; i < seats.length; i++) {
            if (!moves[i] && seats[i] != null) {
                stand(day, i, seats[i], busy, seated, held);
            }
        }
        Board board = new Board(
                day, moving, new int[moving.length][artists], new int[moving.length][artists][end], seated, held);
        for (int i = 0; i < moving.length; i++) {
            for (int k = 0; k < artists; k++) {
                board.fill(i, k, busy[k]);
            }
        }
        return board;
    }

    private static int tools(Day day) {
        return day.calls().stream()
                .flatMap(c -> c.uses().stream())
                .mapToInt(u -> u.tool() + 1)
                .max()
                .orElse(0);
    }

    private static void stand(Day day, int call, Seat seat, boolean[][] busy, int[] seated, boolean[][] held) {
        Span span = day.span(call, seat);
        for (int t = span.from(); t < Math.min(span.until(), seated.length); t++) {
            busy[seat.artist()][t] = true;
            seated[t]++;
        }
        for (Use u : day.calls().get(call).uses()) {
            Span use = u.held(seat.start(), span.slots());
            Arrays.fill(held[u.tool()], use.from(), Math.min(use.until(), seated.length), true);
        }
    }

    private void fill(int i, int k, boolean[] busy) {
        Call call = day.calls().get(calls[i]);
        Arrays.fill(cost[i][k], NEVER);
        int slots = call.slots().get(k);
        length[i][k] = slots;
        if (slots == 0) {
            return;
        }
        Shift shift = day.shifts().get(k);
        int last = Math.min(shift.hours().until(), end) - slots;
        for (int s = Math.max(call.arrival(), shift.hours().from()); s <= last; s++) {
            if (free(shift, busy, s, s + slots) && roomy(call.uses(), s, slots)) {
                cost[i][k][s] = day.costs().of(call, k, s);
            }
        }
    }

    private static boolean free(Shift shift, boolean[] busy, int from, int until) {
        Span span = new Span(from, until);
        for (Span b : shift.breaks()) {
            if (b.meets(span)) {
                return false;
            }
        }
        for (int t = from; t < until; t++) {
            if (busy[t]) {
                return false;
            }
        }
        return true;
    }

    /** Whether no chair and no tool is taken by those who stay. */
    private boolean roomy(List<Use> uses, int start, int slots) {
        for (int t = start; t < start + slots; t++) {
            if (seated[t] >= day.chairs()) {
                return false;
            }
        }
        for (Use u : uses) {
            Span use = u.held(start, slots);
            for (int t = use.from(); t < use.until(); t++) {
                if (held[u.tool()][t]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Returns the same board with no work for some artists. */
    Board without(int[] out) {
        int[][] slots = new int[calls.length][];
        int[][][] starts = new int[calls.length][][];
        for (int i = 0; i < calls.length; i++) {
            slots[i] = length[i].clone();
            starts[i] = cost[i].clone();
            for (int k : out) {
                slots[i][k] = 0;
                starts[i][k] = new int[end];
                Arrays.fill(starts[i][k], NEVER);
            }
        }
        return new Board(day, calls, slots, starts, seated, held);
    }

    /** Returns the same board where a face must not begin at some starts, by artist. */
    Board forbidding(int face, Span[] starts) {
        int[][][] now = cost.clone();
        now[face] = new int[artists][];
        for (int k = 0; k < artists; k++) {
            now[face][k] = cost[face][k].clone();
            Arrays.fill(now[face][k], Math.min(end, starts[k].from()), Math.min(end, starts[k].until()), NEVER);
        }
        return new Board(day, calls, length, now, seated, held);
    }

    /** Returns whether two artists cost the same whatever they do. */
    boolean alike(int a, int b) {
        for (int i = 0; i < calls.length; i++) {
            if (length[i][a] != length[i][b] || !Arrays.equals(cost[i][a], cost[i][b])) {
                return false;
            }
        }
        return true;
    }

    /** Returns what seats cost; null is left out. */
    int cost(Seat[] seats) {
        int sum = 0;
        for (int i = 0; i < calls.length; i++) {
            sum += seats[i] == null ? Costs.LEFT_OUT : cost[i][seats[i].artist()][seats[i].start()];
        }
        return sum;
    }
}
