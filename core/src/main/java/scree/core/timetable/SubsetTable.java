package scree.core.timetable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The best timetable when tools are not short, proven: for each artist a table over the sets of faces of the least cost of having done exactly
 * these by a slot; artists are put together by splitting sets (subset convolution). Where there are fewer chairs than artists, a chair has the
 * table and every artist may work at it; {@link Branches} sees to it then that nobody works at two. A face that finds no place is left out, at a
 * cost above all lateness. Time n·2ⁿ·slots for a table, 3ⁿ for putting two together.
 */
final class SubsetTable {
    /** Faces that a table holds; each more doubles it. */
    static final int MOST = 16;

    private static final int[] NOBODY = {};

    private final Board board;
    private final int n;
    /** What has a table: who may work there. */
    private final List<int[]> posts = new ArrayList<>();

    private SubsetTable(Board board) {
        this.board = board;
        this.n = board.calls.length;
        if (n > MOST) {
            throw new IllegalArgumentException("a table holds %d faces, not %d".formatted(MOST, n));
        }
        int[] everybody = IntStream.range(0, board.artists).toArray();
        for (int p = 0; p < Math.min(board.artists, board.day.chairs()); p++) {
            posts.add(board.day.chairs() < board.artists ? everybody : new int[] {p});
        }
    }

    /**
     * What was found.
     *
     * @param seats by face of the board; null where it finds no place
     */
    record Found(Seat[] seats, int cost) {}

    static Found of(Board board) {
        return new SubsetTable(board).found();
    }

    private Found found() {
        int all = (1 << n) - 1;
        List<int[]> own = new ArrayList<>();
        List<int[]> together = new ArrayList<>();
        int[] none = new int[1 << n];
        for (int set = 0; set <= all; set++) {
            none[set] = Costs.LEFT_OUT * Integer.bitCount(set);
        }
        together.add(none);
        for (int p = 0; p < posts.size(); p++) {
            own.add(own(p, own));
            together.add(join(together.get(p), own.get(p), p == posts.size() - 1 ? all : 0));
        }
        return new Found(seats(all, own, together), together.get(posts.size())[all]);
    }

    /** Least cost of each set at one post; a post like an earlier one has the same. */
    private int[] own(int post, List<int[]> before) {
        int[] artists = posts.get(post);
        for (int p = 0; p < post; p++) {
            if (posts.get(p) == artists || board.alike(posts.get(p)[0], artists[0])) {
                return before.get(p);
            }
        }
        int[] faces = new int[n];
        Arrays.setAll(faces, i -> i);
        int[] least = new int[1 << n];
        Arrays.fill(least, Board.NEVER);
        int[][] rows = new int[1 << n][];
        rows[0] = new int[board.end + 1];
        least[0] = 0;
        List<Integer> layer = List.of(0);
        while (!layer.isEmpty()) {
            List<Integer> next = nextLayer(layer, rows);
            for (int set : next) {
                rows[set] = row(set, faces, artists, rows);
                least[set] = rows[set] == null ? Board.NEVER : rows[set][board.end];
            }
            layer.forEach(set -> rows[set] = null);
            next.removeIf(set -> rows[set] == null);
            layer = next;
        }
        return least;
    }

    /** Sets with one face more than those that can be done, each once. */
    private List<Integer> nextLayer(List<Integer> layer, int[][] rows) {
        List<Integer> next = new ArrayList<>();
        boolean[] seen = new boolean[rows.length];
        for (int set : layer) {
            for (int i = 0; i < n; i++) {
                int more = set | 1 << i;
                if (more != set && !seen[more]) {
                    seen[more] = true;
                    next.add(more);
                }
            }
        }
        return next;
    }

    /** Least cost of having done a set of faces by each slot; null when it cannot be done. */
    private int[] row(int set, int[] faces, int[] artists, int[][] rows) {
        int[] row = new int[board.end + 1];
        Arrays.fill(row, Board.NEVER);
        boolean can = false;
        for (int b = 0; b < faces.length; b++) {
            int[] before = (set >> b & 1) == 0 ? null : rows[set & ~(1 << b)];
            for (int k : before == null ? NOBODY : artists) {
                int slots = board.length[faces[b]][k];
                if (slots > 0) {
                    end(row, before, board.cost[faces[b]][k], slots);
                    can = true;
                }
            }
        }
        for (int t = 1; t < row.length; t++) {
            row[t] = Math.min(row[t], row[t - 1]);
        }
        return can && row[board.end] < Board.NEVER ? row : null;
    }

    /** Puts a face at the end of what was done before. */
    private static void end(int[] row, int[] before, int[] cost, int slots) {
        for (int s = 0; s < row.length - slots; s++) {
            row[s + slots] = Math.min(row[s + slots], before[s] + cost[s]);
        }
    }

    /** Subset convolution; of all sets, or of one when only that is asked. */
    private static int[] join(int[] left, int[] right, int only) {
        int[] joined = new int[left.length];
        for (int set = only; set < left.length; set++) {
            int best = left[set]; // the artist does none of them
            for (int part = set; part > 0; part = part - 1 & set) {
                best = Math.min(best, left[set & ~part] + right[part]);
            }
            joined[set] = best;
        }
        return joined;
    }

    private Seat[] seats(int all, List<int[]> own, List<int[]> together) {
        Seat[] seats = new Seat[n];
        int set = all;
        for (int p = posts.size() - 1; p >= 0; p--) {
            int part = part(set, together.get(p), own.get(p), together.get(p + 1)[set]);
            seat(part, posts.get(p), seats);
            set &= ~part;
        }
        return seats;
    }

    private static int part(int set, int[] left, int[] right, int sum) {
        int part = set;
        while (left[set & ~part] + right[part] != sum) {
            part = part - 1 & set;
        }
        return part;
    }

    /** Walks a post's table back over the faces that fell to it. */
    private void seat(int set, int[] artists, Seat[] seats) {
        int[] faces = IntStream.range(0, n).filter(i -> (set >> i & 1) != 0).toArray();
        int[][] rows = new int[1 << faces.length][];
        rows[0] = new int[board.end + 1];
        for (int part = 1; part < rows.length; part++) {
            rows[part] = row(part, faces, artists, rows);
        }
        int left = rows.length - 1;
        int t = board.end;
        while (left != 0) {
            while (t > 0 && rows[left][t - 1] == rows[left][t]) {
                t--;
            }
            Last last = last(left, t, faces, artists, rows);
            seats[faces[last.face()]] = last.seat();
            t = last.seat().start();
            left &= ~(1 << last.face());
        }
    }

    /** @param face place among those of the post */
    private record Last(int face, Seat seat) {}

    /** Which face ends at a slot, by whom. */
    private Last last(int set, int t, int[] faces, int[] artists, int[][] rows) {
        for (int b = 0; b < faces.length; b++) {
            int[] before = (set >> b & 1) == 0 ? null : rows[set & ~(1 << b)];
            for (int k : before == null ? NOBODY : artists) {
                int s = t - board.length[faces[b]][k];
                if (s >= 0 && s < t && before[s] + board.cost[faces[b]][k][s] == rows[set][t]) {
                    return new Last(b, new Seat(k, s));
                }
            }
        }
        throw new IllegalStateException("a table that cannot be walked back");
    }
}
