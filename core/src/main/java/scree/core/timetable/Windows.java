package scree.core.timetable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Makes a timetable better, window by window: the faces of two or three artists within some hours are solved exactly, the rest stays. */
final class Windows {
    /** Faces in a window: a table of so many is made in milliseconds. House choice. */
    private static final int WIDTH = 10;
    /** A window begins so many faces after the one before. */
    private static final int STRIDE = 5;

    private static final int BRANCHES = 12;

    private final Day day;
    private final int[] moving;
    private Seat[] seats;
    private int left;

    private Windows(Day day, int[] moving, Seat[] seats, int budget) {
        this.day = day;
        this.moving = moving;
        this.seats = seats;
        this.left = budget;
    }

    /**
     * Returns seats that cost no more.
     *
     * @param moving places of the faces that may move
     * @param budget tables that may be made
     */
    static Seat[] better(Day day, int[] moving, Seat[] seats, int budget) {
        Windows windows = new Windows(day, moving, seats, budget);
        windows.sweep();
        return windows.seats;
    }

    private void sweep() {
        boolean better = true;
        while (better && left > 0) {
            better = false;
            for (int[] artists : crews()) {
                better |= crew(artists);
            }
        }
    }

    /** Every two artists, then every three. */
    private List<int[]> crews() {
        int m = day.shifts().size();
        List<int[]> crews = new ArrayList<>();
        for (int a = 0; a < m; a++) {
            for (int b = a + 1; b < m; b++) {
                crews.add(new int[] {a, b});
            }
        }
        for (int a = 0; a < m; a++) {
            for (int b = a + 1; b < m; b++) {
                for (int c = b + 1; c < m; c++) {
                    crews.add(new int[] {a, b, c});
                }
            }
        }
        return crews.isEmpty() ? List.of(new int[] {0}) : crews;
    }

    private boolean crew(int[] artists) {
        int[] theirs = IntStream.of(moving)
                .filter(i -> seats[i] == null || IntStream.of(artists).anyMatch(k -> seats[i].artist() == k))
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> seats[i] == null ? -1 : seats[i].start())
                        .thenComparing(i -> i))
                .mapToInt(Integer::intValue)
                .toArray();
        boolean better = false;
        for (int from = 0; from < theirs.length && left > 0; from += STRIDE) {
            better |= window(Arrays.copyOfRange(theirs, from, Math.min(theirs.length, from + WIDTH)), artists);
            if (from + WIDTH >= theirs.length) {
                break;
            }
        }
        return better;
    }

    private boolean window(int[] faces, int[] artists) {
        int[] others = IntStream.range(0, day.shifts().size())
                .filter(k -> IntStream.of(artists).noneMatch(a -> a == k))
                .toArray();
        Board board = Board.of(day, faces, seats);
        Seat[] now = IntStream.of(faces).mapToObj(i -> seats[i]).toArray(Seat[]::new);
        int cost = board.cost(now);
        if (cost == 0) {
            return false;
        }
        Branches.Found found = Branches.of(board.without(others), BRANCHES);
        left -= found.tables();
        if (!found.proven() || found.cost() >= cost) {
            return false;
        }
        Seat[] all = seats.clone();
        for (int i = 0; i < faces.length; i++) {
            all[faces[i]] = found.seats()[i];
        }
        seats = all;
        return true;
    }
}
