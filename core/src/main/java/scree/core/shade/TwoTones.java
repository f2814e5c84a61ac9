package scree.core.shade;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;

/**
 * Two bases for one face: a lighter one inside the ring from brows to under the lip, a deeper one outside, blended into hairline
 * and under the jaw. Both are chosen together: each has to fit its zone, and their difference has to stay blendable.
 */
public final class TwoTones {
    /** The inner shade is lighter by at least this in L*, or there is one tone. House choice: the least that reads as two. */
    static final double LEAST_LIFT = 1.5;
    /** Inner target over outer skin where the inner skin is not lighter by itself. House choice: a step of a range. */
    static final double USUAL_LIFT = 3;
    /** A seam up to this blends with a brush. The word for a visible edge starts past it. */
    static final double BLENDS = Nearness.EDGE_SHOWS.upTo();
    /** Price of each degree by which the two lean apart. House choice. */
    private static final double LEAN_APART = 0.15;

    private TwoTones() {}

    /**
     * What the two have to meet.
     *
     * @param inner the ring's skin with the outer skin's undertone, never deeper than outer plus a step
     * @param outer the outer face
     */
    public record Targets(Lab inner, Lab outer) {}

    /**
     * Two shades.
     *
     * @param inner position of the lighter one
     * @param outer position of the deeper one
     * @param apart ΔE00 between the two
     * @param reasons why these, what to look at
     */
    public record Pair(
            int inner, int outer, double innerOff, double outerOff, double apart, List<Reason> reasons, double cost) {}

    /** Reasons. */
    public enum Code {
        /** Args: ΔE00 between them. */
        SEAM_BLENDS,
        /** Args: ΔE00 between them. */
        SEAM_NEAR_EDGE,
        /** Args: L* the inner one is lighter. */
        LIFT,
        /** Args: degrees. */
        LEANS_ALIKE,
        /** Args: degrees. */
        LEANS_APART
    }

    /** Returns the targets, or empty when the outer face was not read. */
    public static Optional<Targets> targets(SkinReading reading) {
        Optional<Lab> outer = reading.tellingColourOf(Zone.OUTER_CHEEK).or(() -> reading.tellingColourOf(Zone.JAW));
        return outer.map(o -> {
            double inner = reading.tellingColourOf(Zone.CHEEK)
                    .or(() -> reading.tellingColourOf(Zone.CHIN))
                    .map(Lab::lightness)
                    .orElse(o.lightness() + USUAL_LIFT);
            // the ring's own redness is overtone: depth from the ring, undertone and strength from the outer face
            double l = Math.min(97, Math.max(inner, o.lightness() + USUAL_LIFT));
            Lab usual = ReferenceCurve.at(l);
            double strength = o.chroma() / ReferenceCurve.at(o.lightness()).chroma();
            double hue = usual.hueDegrees() + ReferenceCurve.hueLean(o);
            return new Targets(Lab.ofLch(l, usual.chroma() * strength, hue), o);
        });
    }

    /**
     * Returns the best pairs, best first. Exact: both lists are walked in the order of their own difference, and a pair is
     * skipped only when even without any seam cost it could not be among the best.
     *
     * @param shades colours on the skin
     */
    public static List<Pair> best(List<Lab> shades, Targets targets, int most) {
        ShadeIndex index = new ShadeIndex(shades);
        List<ShadeIndex.Hit> inner = index.nearest(targets.inner(), shades.size());
        List<ShadeIndex.Hit> outer = index.nearest(targets.outer(), shades.size());
        List<Pair> best = new ArrayList<>();
        for (ShadeIndex.Hit i : inner) {
            for (ShadeIndex.Hit o : outer) {
                double least = i.difference() + o.difference();
                if (best.size() == most && least >= best.get(most - 1).cost()) {
                    break;
                }
                pair(shades, i, o).ifPresent(p -> {
                    best.add(p);
                    best.sort(Comparator.comparingDouble(Pair::cost));
                    if (best.size() > most) {
                        best.remove(most);
                    }
                });
            }
            if (best.size() == most
                    && i.difference() + outer.get(0).difference()
                            >= best.get(most - 1).cost()) {
                break;
            }
        }
        return best;
    }

    private static Optional<Pair> pair(List<Lab> shades, ShadeIndex.Hit i, ShadeIndex.Hit o) {
        Lab in = shades.get(i.position());
        Lab out = shades.get(o.position());
        double lift = in.lightness() - out.lightness();
        double apart = in.differenceFrom(out);
        if (lift < LEAST_LIFT || apart > BLENDS) {
            return Optional.empty();
        }
        double lean = Math.abs(ReferenceCurve.hueLean(in) - ReferenceCurve.hueLean(out));
        List<Reason> reasons = new ArrayList<>();
        reasons.add(Reason.note(Code.LIFT, lift));
        reasons.add(
                apart > BLENDS - 1 ? Reason.check(Code.SEAM_NEAR_EDGE, apart) : Reason.note(Code.SEAM_BLENDS, apart));
        reasons.add(lean > 3 ? Reason.check(Code.LEANS_APART, lean) : Reason.note(Code.LEANS_ALIKE, lean));
        double cost = i.difference() + o.difference() + LEAN_APART * lean;
        return Optional.of(new Pair(i.position(), o.position(), i.difference(), o.difference(), apart, reasons, cost));
    }
}
