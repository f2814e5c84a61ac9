package scree.core.timetable;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/** A first timetable: one face after the other, the hardest pressed first, each where it costs least among those that sit already. */
final class Insertion {
    private Insertion() {}

    /** @param seats who stays; the others are put in, where they find a place */
    static Seat[] of(Day day, Seat[] seats, int[] moving) {
        Seat[] now = seats.clone();
        int[] order = IntStream.of(moving)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> latest(day.calls().get(i)))
                        .thenComparing(i -> i))
                .mapToInt(Integer::intValue)
                .toArray();
        for (int i : order) {
            now[i] = best(Board.of(day, new int[] {i}, now));
        }
        return now;
    }

    /** The latest slot to begin in and be in time, with the quickest artist. */
    private static int latest(Call call) {
        int quickest = call.slots().stream()
                .filter(s -> s > 0)
                .mapToInt(Integer::intValue)
                .min()
                .orElse(0);
        return call.ready() == Call.NONE ? Integer.MAX_VALUE : call.ready() - quickest;
    }

    private static Seat best(Board board) {
        Seat best = null;
        int least = Board.NEVER;
        for (int k = 0; k < board.artists; k++) {
            int[] cost = board.cost[0][k];
            int at = IntStream.range(0, cost.length)
                    .boxed()
                    .min(Comparator.comparingInt(s -> cost[s]))
                    .orElse(0);
            if (cost.length > 0 && cost[at] < least) {
                least = cost[at];
                best = new Seat(k, at);
            }
        }
        return best;
    }

    static Seat[] nowhere(Day day) {
        Seat[] seats = new Seat[day.calls().size()];
        Arrays.setAll(seats, i -> day.calls().get(i).fixed());
        return seats;
    }
}
