package scree.core.timetable;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What no timetable costs less than, for days that no table holds. Every slot of an artist, a tool and a chair gets a price; each face takes its
 * cheapest start, prices paid; what that sums to, less what all slots are worth, lies below every timetable whatever the prices are. Prices follow
 * demand (subgradient steps of Held, Wolfe and Crowder 1974, doi:10.1007/BF01580223). Artists who cost the same have prices in common.
 */
final class PriceBound {
    private static final int ROUNDS = 400;
    /** After so many rounds without a better bound the step is halved. */
    private static final int PATIENCE = 15;

    private final Board board;
    private final int[] kind;
    private final List<Integer> heads = new ArrayList<>();
    private final int[][] capacity;
    private final double[][] price;
    private final int chairs;

    private PriceBound(Board board) {
        this.board = board;
        this.kind = new int[board.artists];
        for (int k = 0; k < board.artists; k++) {
            kind[k] = kind(k);
        }
        int tools = board.held.length;
        this.chairs = heads.size() + tools;
        this.capacity = new int[chairs + 1][board.end];
        this.price = new double[chairs + 1][board.end];
        for (int k = 0; k < board.artists; k++) {
            for (int t = 0; t < board.end; t++) {
                capacity[kind[k]][t]++;
            }
        }
        for (int t = 0; t < board.end; t++) {
            for (int tool = 0; tool < tools; tool++) {
                capacity[heads.size() + tool][t] = board.held[tool][t] ? 0 : 1;
            }
            capacity[chairs][t] = Math.max(0, board.day.chairs() - board.seated[t]);
        }
    }

    private int kind(int artist) {
        for (int g = 0; g < heads.size(); g++) {
            if (board.alike(heads.get(g), artist)) {
                return g;
            }
        }
        heads.add(artist);
        return heads.size() - 1;
    }

    /** @param known cost of a timetable that was found; the bound is never above */
    static int of(Board board, int known) {
        return new PriceBound(board).bound(known);
    }

    private int bound(int known) {
        double best = 0;
        double step = 1;
        int since = 0;
        double[][] sums = new double[price.length][board.end + 1];
        int[][] taken = new int[price.length][board.end];
        for (int round = 0; round < ROUNDS && best < known; round++) {
            double value = value(sums, taken);
            since = value > best ? 0 : since + 1;
            best = Math.max(best, value);
            if (since == PATIENCE) {
                step /= 2;
                since = 0;
            }
            if (!follow(taken, step * (known - value))) {
                break;
            }
        }
        return (int) Math.min(known, Math.ceil(best - 1e-6));
    }

    private double value(double[][] sums, int[][] taken) {
        double value = 0;
        for (int r = 0; r < price.length; r++) {
            Arrays.fill(taken[r], 0);
            for (int t = 0; t < board.end; t++) {
                sums[r][t + 1] = sums[r][t] + price[r][t];
                value -= price[r][t] * capacity[r][t];
            }
        }
        for (int i = 0; i < board.calls.length; i++) {
            value += cheapest(i, sums, taken);
        }
        return value;
    }

    private double cheapest(int i, double[][] sums, int[][] taken) {
        double least = Costs.LEFT_OUT;
        int artist = -1;
        int start = 0;
        List<Use> uses = board.day.calls().get(board.calls[i]).uses();
        for (int k : heads) {
            int slots = board.length[i][k];
            for (int s = 0; slots > 0 && s + slots <= board.end; s++) {
                if (board.cost[i][k][s] < Board.NEVER) {
                    double cost = board.cost[i][k][s]
                            + paid(sums[kind[k]], s, s + slots)
                            + paid(sums[chairs], s, s + slots)
                            + tools(uses, s, slots, sums);
                    if (cost < least) {
                        least = cost;
                        artist = k;
                        start = s;
                    }
                }
            }
        }
        if (artist >= 0) {
            take(i, artist, start, taken);
        }
        return least;
    }

    private double tools(List<Use> uses, int start, int slots, double[][] sums) {
        double cost = 0;
        for (Use u : uses) {
            Span span = u.held(start, slots);
            cost += paid(sums[heads.size() + u.tool()], span.from(), span.until());
        }
        return cost;
    }

    private static double paid(double[] sums, int from, int until) {
        return sums[until] - sums[from];
    }

    private void take(int i, int artist, int start, int[][] taken) {
        int slots = board.length[i][artist];
        for (int t = start; t < start + slots; t++) {
            taken[kind[artist]][t]++;
            taken[chairs][t]++;
        }
        for (Use u : board.day.calls().get(board.calls[i]).uses()) {
            Span span = u.held(start, slots);
            for (int t = span.from(); t < span.until(); t++) {
                taken[heads.size() + u.tool()][t]++;
            }
        }
    }

    /** Moves prices towards what is asked of each slot; false when nothing is asked too much. */
    private boolean follow(int[][] taken, double reach) {
        double norm = 0;
        for (int r = 0; r < price.length; r++) {
            for (int t = 0; t < board.end; t++) {
                int over = taken[r][t] - capacity[r][t];
                norm += over > 0 || price[r][t] > 0 ? (double) over * over : 0;
            }
        }
        if (norm == 0) {
            return false;
        }
        for (int r = 0; r < price.length; r++) {
            for (int t = 0; t < board.end; t++) {
                price[r][t] = Math.max(0, price[r][t] + reach / norm * (taken[r][t] - capacity[r][t]));
            }
        }
        return true;
    }
}
