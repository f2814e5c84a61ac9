package scree.core.shade;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.skin.MatchTarget;
import scree.core.skin.Undertone;

/**
 * The question which bases of a shelf suit a skin. Ranked by what an artist asks in turn: undertone family, depth, wear. To each
 * base's ΔE00 on the skin is added what its undertone and wear cost, so a shade of another family may still win when it is plainly
 * nearer. Exact: the true best of the whole shelf by that measure.
 *
 * @param family undertone that is asked for
 */
public record RankBases(MatchTarget target, Undertone.Family family, Wear.Wish wish, BaseShelf shelf) {
    /** What another undertone family costs in ΔE00. House choice: a class of nearness. */
    static final double OTHER_FAMILY = 1.0;
    /** Families are soft: closer leans than this cost nothing. House choice: the curve's own doubt. */
    static final double SAME_LEAN_DEGREES = 3;
    /** From here a shade of another family looks like a match by figures and has to explain itself. */
    private static final double LOOKS_LIKE_A_MATCH = Nearness.CLOSE.upTo();

    /** Reasons that an undertone gives. */
    public enum Code {
        /** Args: family of the shade, family of the skin. Near by figures, and yet another undertone. */
        NEAR_BUT_OTHER_FAMILY,
        /** Args: the same. */
        OTHER_FAMILY,
        /** Redder or more vivid than olive skin: it reads pink or orange there. */
        TOO_RED_FOR_OLIVE,
        /** Less olive than the skin. */
        LESS_OLIVE,
        /** More olive than the skin. */
        MORE_OLIVE
    }

    /** A reason with what it costs in ΔE00, 0 where it speaks for the base. */
    public record Priced(Reason reason, double cost) {}

    /**
     * One base in its place.
     *
     * @param position on the shelf
     * @param onSkin its colour there
     * @param difference ΔE00 to the target
     * @param cost what undertone and wear add, 0 or more; ranked by the sum
     * @param undertone why it costs, empty when family and olive fit
     */
    public record Placed(
            int position, Lab onSkin, double difference, double cost, List<Priced> undertone, List<Priced> wear) {
        public double standing() {
            return difference + cost;
        }
    }

    /** Returns the family to ask for: as the undertone was judged, or as the target leans while nothing was. */
    public static Undertone.Family family(Optional<Undertone> judged, MatchTarget target) {
        return judged.map(Undertone::leading)
                .orElseGet(() -> Undertone.Family.ofLean(Undertone.leanOf(target.colour())));
    }

    /** Returns the {@code most} best, best first. Equal standings keep the order of the shelf. */
    public List<Placed> best(int most) {
        return best(most, i -> true);
    }

    /** @param lets says by position which bases may stand in the list */
    public List<Placed> best(int most, IntPredicate lets) {
        List<Placed> placed = new ArrayList<>();
        for (ShadeIndex.Hit hit :
                shelf.index().nearest(target.colour(), most, i -> lets.test(i) ? cost(i) : ShadeIndex.NOT_LISTED)) {
            placed.add(placed(hit.position(), hit.difference(), hit.cost()));
        }
        return placed;
    }

    /** Returns one base in its place, by its position. */
    public Placed at(int position) {
        double difference = target.colour().differenceFrom(shelf.onSkin(position));
        return placed(position, difference, cost(position));
    }

    /** Returns the place of one base among those that {@code lets} allows beside it, 1 and up. */
    public int rank(Placed one, IntPredicate lets) {
        return 1
                + (int) IntStream.range(0, shelf.size())
                        .filter(i -> i != one.position() && lets.test(i))
                        .filter(i -> at(i).standing() < one.standing())
                        .count();
    }

    /** Returns up to three of a list that are worth comparing on the skin, the best first. */
    public List<Placed> trio(List<Placed> ranked) {
        List<ShadeIndex.Hit> hits = IntStream.range(0, ranked.size())
                .mapToObj(i -> new ShadeIndex.Hit(
                        i, ranked.get(i).difference(), ranked.get(i).cost()))
                .toList();
        return StripeTrio.of(hits, ranked.stream().map(Placed::onSkin).toList(), target).stream()
                .map(ranked::get)
                .toList();
    }

    private Placed placed(int position, double difference, double cost) {
        Lab onSkin = shelf.onSkin(position);
        return new Placed(
                position,
                onSkin,
                difference,
                cost,
                undertone(position, difference),
                wear(position).stream().map(r -> new Priced(r, Wear.cost(r))).toList());
    }

    private List<Reason> wear(int position) {
        Candidate c = shelf.candidate(position);
        return Wear.of(c.coverage(), c.finish(), c.form(), wish);
    }

    private double cost(int position) {
        return Wear.cost(wear(position))
                + (otherFamily(position) ? OTHER_FAMILY : 0)
                + olive(position).cost();
    }

    private OliveFit olive(int position) {
        return OliveFit.of(
                shelf.onSkin(position), shelf.olive(position), target.colour(), Undertone.oliveOf(target.colour()));
    }

    private boolean otherFamily(int position) {
        double own = shelf.lean(position);
        double asked = Undertone.leanOf(target.colour());
        return Undertone.Family.ofLean(own) != family && Math.abs(own - asked) > SAME_LEAN_DEGREES;
    }

    private List<Priced> undertone(int position, double difference) {
        List<Priced> reasons = new ArrayList<>();
        if (otherFamily(position)) {
            Undertone.Family own = Undertone.Family.ofLean(shelf.lean(position));
            Reason other = difference <= LOOKS_LIKE_A_MATCH
                    ? Reason.check(Code.NEAR_BUT_OTHER_FAMILY, own, family)
                    : Reason.note(Code.OTHER_FAMILY, own, family);
            reasons.add(new Priced(other, OTHER_FAMILY));
        }
        OliveFit olive = olive(position);
        if (olive.cost() >= OliveFit.NAMED_FROM) {
            reasons.add(new Priced(Reason.check(olive.code()), olive.cost()));
        }
        return reasons;
    }
}
