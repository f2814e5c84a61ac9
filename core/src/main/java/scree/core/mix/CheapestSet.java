package scree.core.mix;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;

/** The cheapest purchases that meet every client of a few: exact, by the least price of every subset of clients. */
public final class CheapestSet {
    /** Clients that are asked about at once: every subset of them is priced. */
    public static final int MOST_CLIENTS = 12;

    private CheapestSet() {}

    /**
     * Something that can be bought.
     *
     * @param price 0 or more
     * @param meets numbers of the clients that it meets, from 0
     */
    public record Offer<T>(T what, double price, BitSet meets) {}

    /**
     * What to buy.
     *
     * @param price of all together
     * @param unmet numbers of the clients whom no offer meets
     */
    public record Choice<T>(List<T> buy, double price, BitSet unmet) {}

    /**
     * Returns the cheapest offers that together meet all clients whom any offer meets; of equal price the fewer.
     *
     * @param clients how many there are, at most {@link #MOST_CLIENTS}
     */
    public static <T> Choice<T> of(int clients, List<Offer<T>> offers) {
        if (clients < 0 || clients > MOST_CLIENTS) {
            throw new IllegalArgumentException("%d clients: choose up to %d at once".formatted(clients, MOST_CLIENTS));
        }
        BitSet met = new BitSet();
        offers.forEach(o -> met.or(o.meets()));
        BitSet unmet = new BitSet();
        unmet.set(0, clients);
        unmet.andNot(met);
        int wanted = mask(met) & (1 << clients) - 1;
        Cheapest<T> best = new Cheapest<>(1 << clients, offers);
        return new Choice<>(best.chosen(wanted), best.price(wanted), unmet);
    }

    private static int mask(BitSet set) {
        return set.isEmpty() ? 0 : (int) set.toLongArray()[0];
    }

    /** The least price of every subset, and the last offer that led there. */
    private static final class Cheapest<T> {
        private final List<Offer<T>> offers;
        private final double[] price;
        private final int[] count;
        private final int[] last;
        private final int[] before;

        Cheapest(int subsets, List<Offer<T>> offers) {
            this.offers = offers;
            this.price = new double[subsets];
            this.count = new int[subsets];
            this.last = new int[subsets];
            this.before = new int[subsets];
            java.util.Arrays.fill(price, 1, subsets, Double.POSITIVE_INFINITY);
            for (int done = 0; done < subsets; done++) { // every step only adds clients, so rising order suffices
                for (int o = 0; o < offers.size() && price[done] < Double.POSITIVE_INFINITY; o++) {
                    int to = (done | mask(offers.get(o).meets())) & subsets - 1;
                    double cost = price[done] + offers.get(o).price();
                    if (to != done && (cost < price[to] || cost == price[to] && count[done] + 1 < count[to])) {
                        price[to] = cost;
                        count[to] = count[done] + 1;
                        last[to] = o;
                        before[to] = done;
                    }
                }
            }
        }

        double price(int subset) {
            return price[subset];
        }

        List<T> chosen(int subset) {
            List<T> chosen = new ArrayList<>();
            for (int at = subset; at != 0; at = before[at]) {
                chosen.add(offers.get(last[at]).what());
            }
            Collections.reverse(chosen);
            return chosen;
        }
    }
}
