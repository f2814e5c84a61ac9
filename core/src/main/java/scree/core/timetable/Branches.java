package scree.core.timetable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * Keeps shared tools and chairs apart above {@link SubsetTable}, best first: where the table's answer has a tool held twice at a slot, or more faces
 * seated than there are chairs, or an artist at two at once, no answer has all of them there, so each in turn is forbidden to be. The first answer without a clash is the best;
 * where the budget ends before, the cheapest open question is the bound.
 */
final class Branches {
    private record Node(Board board, SubsetTable.Found found, int born) {}

    /**
     * What was found.
     *
     * @param seats null when the budget ended first
     * @param bound no answer costs less
     * @param tables how many were made
     */
    record Found(Seat[] seats, int cost, int bound, int tables) {
        boolean proven() {
            return seats != null;
        }
    }

    private final PriorityQueue<Node> open = new PriorityQueue<>(
            Comparator.comparingInt((Node node) -> node.found().cost())
                    .thenComparing(Node::born, Comparator.reverseOrder()));
    private int born;

    private Branches() {}

    /** @param budget tables that may be made, 1 or more */
    static Found of(Board board, int budget) {
        return new Branches().found(board, budget);
    }

    private Found found(Board root, int budget) {
        open(root);
        while (!open.isEmpty()) {
            Node node = open.poll();
            List<Board> children = apart(node.board(), node.found().seats());
            if (children.isEmpty()) {
                return new Found(
                        node.found().seats(), node.found().cost(), node.found().cost(), born);
            }
            if (born + children.size() > budget) {
                return new Found(null, Board.NEVER, node.found().cost(), born);
            }
            children.forEach(this::open);
        }
        throw new IllegalStateException("leaving everybody out is an answer");
    }

    private void open(Board board) {
        open.add(new Node(board, SubsetTable.of(board), born++));
    }

    /**
     * Too many at once.
     *
     * @param faces who clash
     * @param count how many of them are enough to clash
     * @param tool that they hold, or {@link Call#NONE}
     * @param artist who works at them, or {@link Call#NONE}; neither stands for chairs
     */
    private record Clash(int[] faces, int count, int tool, int artist) {
        boolean same(Clash other) {
            return other != null && tool == other.tool && artist == other.artist && Arrays.equals(faces, other.faces);
        }
    }

    /**
     * Returns the questions that take the first clash apart, none when there is no clash. The middle of a clash is forbidden: at its edge, the
     * next answer would clash a slot further on.
     */
    private static List<Board> apart(Board board, Seat[] seats) {
        for (int t = 0; t < board.end; t++) {
            Clash clash = clash(board, seats, t);
            if (clash != null) {
                int last = t;
                while (last + 1 < board.end && clash.same(clash(board, seats, last + 1))) {
                    last++;
                }
                return forbid(board, clash, (t + last) / 2);
            }
        }
        return List.of();
    }

    private static Clash clash(Board board, Seat[] seats, int t) {
        int[] seated = atChair(board, seats, t);
        int free = Math.max(0, board.day.chairs() - board.seated[t]);
        if (seated.length > free) {
            return new Clash(seated, free + 1, Call.NONE, Call.NONE);
        }
        for (int k = 0; k < board.artists; k++) {
            int artist = k;
            int[] busy = IntStream.of(seated)
                    .filter(i -> seats[i].artist() == artist)
                    .toArray();
            if (busy.length > 1) {
                return new Clash(busy, 2, Call.NONE, k);
            }
        }
        for (int tool = 0; tool < board.held.length; tool++) {
            int[] holding = holding(board, seats, tool, t);
            if (holding.length > 1) {
                return new Clash(holding, 2, tool, Call.NONE);
            }
        }
        return null;
    }

    private static int[] atChair(Board board, Seat[] seats, int t) {
        return IntStream.range(0, seats.length)
                .filter(i -> seats[i] != null && seats[i].start() <= t && t < end(board, i, seats[i]))
                .toArray();
    }

    private static int[] holding(Board board, Seat[] seats, int tool, int t) {
        return IntStream.range(0, seats.length)
                .filter(i -> seats[i] != null && holds(board, i, seats[i], tool, t))
                .toArray();
    }

    private static int end(Board board, int face, Seat seat) {
        return seat.start() + board.length[face][seat.artist()];
    }

    private static boolean holds(Board board, int face, Seat seat, int tool, int t) {
        for (Use u : board.day.calls().get(board.calls[face]).uses()) {
            Span span = u.held(seat.start(), board.length[face][seat.artist()]);
            if (u.tool() == tool && span.from() <= t && t < span.until()) {
                return true;
            }
        }
        return false;
    }

    private static List<Board> forbid(Board board, Clash clash, int t) {
        List<Board> children = new ArrayList<>();
        for (int c = 0; c < clash.count(); c++) {
            int face = clash.faces()[c];
            Span[] starts = new Span[board.artists];
            for (int k = 0; k < board.artists; k++) {
                boolean meant = clash.artist() == Call.NONE || clash.artist() == k;
                starts[k] = meant ? starts(board, face, board.length[face][k], t, clash.tool()) : new Span(0, 0);
            }
            children.add(board.forbidding(face, starts));
        }
        return children;
    }

    /** Starts with which a face is seated, or holds a tool, at a slot. */
    private static Span starts(Board board, int face, int length, int t, int tool) {
        Span taken = new Span(0, length);
        for (Use u : board.day.calls().get(board.calls[face]).uses()) {
            if (u.tool() == tool) {
                taken = u.held(0, length);
            }
        }
        int last = t - taken.from();
        return last < 0 || taken.slots() == 0
                ? new Span(0, 0)
                : new Span(Math.max(0, last - taken.slots() + 1), last + 1);
    }
}
