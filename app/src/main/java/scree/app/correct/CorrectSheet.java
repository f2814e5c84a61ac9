package scree.app.correct;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import scree.app.method.Setting;
import scree.core.method.CoverSchool;

/**
 * What an artist chose of correction; what is not told is left to Scree.
 *
 * @param school which plan is proposed
 * @param hands plans changed by hand, by mark
 * @param left marks that stay as they are
 * @param notes the artist's own word on broken skin, by mark
 * @param broken spots that the artist called broken: a popped blemish is
 */
public record CorrectSheet(
        CoverSchool school, Map<String, Hand> hands, Set<String> left, Map<String, String> notes, Set<Integer> broken) {
    /** Longest note. House choice: what fits the record's line. */
    static final int MOST_NOTE = 300;

    private static final int MOST_MARKS = 60;

    public CorrectSheet {
        school = school == null ? CoverSchool.COMPUTED : school;
        hands = hands == null ? Map.of() : Map.copyOf(hands);
        left = left == null ? Set.of() : Set.copyOf(left);
        notes = notes == null ? Map.of() : Map.copyOf(notes);
        broken = broken == null ? Set.of() : Set.copyOf(broken);
        if (notes.values().stream().anyMatch(n -> n.length() > MOST_NOTE)) {
            throw new IllegalArgumentException("a note is at most %d letters long".formatted(MOST_NOTE));
        }
        if (hands.size() > MOST_MARKS
                || left.size() > MOST_MARKS
                || notes.size() > MOST_MARKS
                || broken.size() > MOST_MARKS) {
            throw new IllegalArgumentException("a face has at most %d marks".formatted(MOST_MARKS));
        }
    }

    static CorrectSheet usual() {
        return new CorrectSheet(null, null, null, null, null);
    }

    /** Returns what was chosen of a setting, null for what is not chosen here. */
    String chose(Setting setting) {
        return setting == Setting.COVER_SCHOOL ? school.name() : null;
    }

    /**
     * A plan by hand.
     *
     * @param under before the base
     * @param over after it
     */
    public record Hand(List<Dab> under, List<Dab> over) {
        private static final int MOST = 3;

        public Hand {
            under = List.copyOf(under);
            over = List.copyOf(over);
            if (under.size() > MOST || over.size() > MOST) {
                throw new IllegalArgumentException("at most %d products go on either side of the base".formatted(MOST));
            }
        }

        Hand with(boolean below, int at, Dab dab) {
            List<Dab> side = new ArrayList<>(below ? under : over);
            if (at >= 0 && at < side.size()) {
                if (dab == null) {
                    side.remove(at);
                } else {
                    side.set(at, dab);
                }
            } else if (dab != null) {
                side.add(dab);
            }
            return below ? new Hand(side, over) : new Hand(under, side);
        }

        /**
         * Changes a layer; what was taken off meanwhile stays off.
         *
         * @param by returns null to take it off
         */
        Hand changed(Shown shown, UnaryOperator<Dab> by) {
            int at = now(shown);
            return at < 0 ? this : with(shown.under(), at, by.apply(side(shown).get(at)));
        }

        /** Brings a layer one nearer to the skin. */
        Hand lower(Shown shown) {
            int at = now(shown);
            if (at <= 0) {
                return this;
            }
            List<Dab> side = new ArrayList<>(side(shown));
            side.add(at - 1, side.remove(at));
            return shown.under() ? new Hand(side, over) : new Hand(under, side);
        }

        private List<Dab> side(Shown shown) {
            return shown.under() ? under : over;
        }

        /** Returns where a layer lies now, or -1. */
        private int now(Shown shown) {
            List<Dab> side = side(shown);
            IntPredicate same = i -> i >= 0 && i < side.size() && side.get(i).of() == shown.of();
            return same.test(shown.layer())
                    ? shown.layer()
                    : IntStream.range(0, side.size()).filter(same).findFirst().orElse(-1);
        }
    }

    /**
     * A layer as whoever taps sees it. Taps before this one may have moved it or taken it off, so its product is told too.
     *
     * @param layer its place from the skin, from 0
     * @param of its product's id, 0 for the base
     */
    public record Shown(boolean under, int layer, long of) {}

    /**
     * An amount of a product.
     *
     * @param product its id, or null for the base on the face
     * @param name as it was, so that it can be told when it is gone
     * @param quarters of a usual coat, 1 to 12
     */
    public record Dab(Long product, String name, int quarters) {
        static final int MOST = 12;

        public Dab {
            if (quarters < 1 || quarters > MOST) {
                throw new IllegalArgumentException("an amount is a quarter of a coat to three coats");
            }
        }

        double coats() {
            return quarters / 4.0;
        }

        long of() {
            return product == null ? 0 : product;
        }

        /** Returns whether less of it is none. */
        boolean thinnest() {
            return quarters == 1;
        }

        /** Returns half a coat more; a thin coat becomes half a one. */
        Dab more() {
            return new Dab(product, name, quarters < 2 ? 2 : Math.min(MOST, quarters + 2));
        }

        /** Returns half a coat less, of half a coat a quarter; null when nothing remains. */
        Dab less() {
            return thinnest() ? null : new Dab(product, name, quarters <= 2 ? quarters - 1 : quarters - 2);
        }
    }

    CorrectSheet with(CoverSchool other) {
        return new CorrectSheet(other, hands, left, notes, broken);
    }

    CorrectSheet leaving(String mark) {
        return new CorrectSheet(school, hands, toggled(left, mark), notes, broken);
    }

    CorrectSheet breaking(int spot) {
        return new CorrectSheet(school, hands, left, notes, toggled(broken, spot));
    }

    /** @param hand null to leave the plan to Scree again */
    CorrectSheet by(String mark, Hand hand) {
        Map<String, Hand> now = new HashMap<>(hands);
        if (hand == null) {
            now.remove(mark);
        } else {
            now.put(mark, hand);
        }
        return new CorrectSheet(school, now, left, notes, broken);
    }

    CorrectSheet noting(String mark, String note) {
        Map<String, String> now = new HashMap<>(notes);
        if (note.isBlank()) {
            now.remove(mark);
        } else {
            now.put(mark, note.strip());
        }
        return new CorrectSheet(school, hands, left, now, broken);
    }

    private static <T> Set<T> toggled(Set<T> of, T one) {
        Set<T> now = new HashSet<>(of);
        if (!now.remove(one)) {
            now.add(one);
        }
        return now;
    }
}
