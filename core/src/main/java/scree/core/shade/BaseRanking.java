package scree.core.shade;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Undertone;

/**
 * Ranks bases by what an artist asks in turn: undertone family, depth, wear. Each base stands behind its ΔE00 on the skin by what
 * its undertone and wear cost, so a shade of another family may still win when it is plainly nearer. Exact: the true best of the
 * whole kit by that measure.
 */
public final class BaseRanking {
    /** What another undertone family costs in ΔE00. House choice: a class of nearness. */
    static final double OTHER_FAMILY = 1.0;
    /** Families are soft: closer leans than this cost nothing. House choice: the curve's own doubt. */
    static final double SAME_LEAN_DEGREES = 3;
    /** What each reason against its wear costs in ΔE00. House choice: a whole class of nearness for two of them. */
    static final double AGAINST_WEAR = 0.5;
    /** From here a shade of another family looks like a match by figures and has to explain itself. */
    private static final double LOOKS_LIKE_A_MATCH = 3;

    private final List<Candidate> candidates;
    private final List<Lab> onSkin;
    private final ShadeIndex index;

    /**
     * @param wetting factor from {@link PowderOnSkin#wetting}
     */
    public BaseRanking(List<Candidate> candidates, double wetting) {
        this.candidates = List.copyOf(candidates);
        this.onSkin = candidates.stream().map(c -> c.onSkin(wetting)).toList();
        this.index = new ShadeIndex(onSkin);
    }

    /** Reasons that an undertone gives. */
    public enum Code {
        /** Args: family of the shade, family of the skin. Near by figures, and yet another undertone. */
        NEAR_BUT_OTHER_FAMILY,
        /** Args: the same. */
        OTHER_FAMILY
    }

    /**
     * One base in its place.
     *
     * @param position in the list that was ranked
     * @param onSkin its colour there
     * @param difference ΔE00 to the target
     * @param cost what undertone and wear add, 0 or more; ranked by the sum
     * @param undertone why it costs, empty when the family fits
     */
    public record Placed(
            int position, Lab onSkin, double difference, double cost, List<Reason> undertone, List<Reason> wear) {
        public double standing() {
            return difference + cost;
        }
    }

    /** Returns the {@code most} best, best first. Equal standings keep the order of the list. */
    public List<Placed> best(MatchTarget target, Undertone.Family family, Wear.Wish wish, int most) {
        return best(target, family, wish, most, i -> true);
    }

    /** @param lets says by position which bases may stand in the list */
    public List<Placed> best(MatchTarget target, Undertone.Family family, Wear.Wish wish, int most, IntPredicate lets) {
        double lean = ReferenceCurve.hueLean(target.colour());
        List<Placed> placed = new ArrayList<>();
        for (ShadeIndex.Hit hit : index.nearest(
                target.colour(), most, i -> lets.test(i) ? cost(i, family, lean, wish) : ShadeIndex.NOT_LISTED)) {
            placed.add(placed(hit.position(), hit.difference(), hit.cost(), family, lean, wish));
        }
        return placed;
    }

    /** Returns one base in its place, by its position. */
    public Placed at(int position, MatchTarget target, Undertone.Family family, Wear.Wish wish) {
        double lean = ReferenceCurve.hueLean(target.colour());
        double difference = target.colour().differenceFrom(onSkin.get(position));
        return placed(position, difference, cost(position, family, lean, wish), family, lean, wish);
    }

    private Placed placed(
            int position, double difference, double cost, Undertone.Family family, double lean, Wear.Wish wish) {
        Candidate c = candidates.get(position);
        List<Reason> wear = Wear.of(c.coverage(), c.finish(), c.form(), wish);
        return new Placed(
                position,
                onSkin.get(position),
                difference,
                cost,
                undertone(onSkin.get(position), difference, family, lean),
                wear);
    }

    /** Returns the colour on the skin of the base at a position. */
    public Lab onSkin(int position) {
        return onSkin.get(position);
    }

    private double cost(int i, Undertone.Family family, double lean, Wear.Wish wish) {
        Candidate c = candidates.get(i);
        double wear = AGAINST_WEAR * Wear.against(Wear.of(c.coverage(), c.finish(), c.form(), wish));
        return wear + (otherFamily(onSkin.get(i), family, lean) ? OTHER_FAMILY : 0);
    }

    private static boolean otherFamily(Lab shade, Undertone.Family family, double lean) {
        double own = ReferenceCurve.hueLean(shade);
        return Undertone.Family.ofLean(own) != family && Math.abs(own - lean) > SAME_LEAN_DEGREES;
    }

    private static List<Reason> undertone(Lab shade, double difference, Undertone.Family family, double lean) {
        if (!otherFamily(shade, family, lean)) {
            return List.of();
        }
        Undertone.Family own = Undertone.Family.ofLean(ReferenceCurve.hueLean(shade));
        return List.of(
                difference <= LOOKS_LIKE_A_MATCH
                        ? Reason.check(Code.NEAR_BUT_OTHER_FAMILY, own, family)
                        : Reason.note(Code.OTHER_FAMILY, own, family));
    }
}
