package scree.core.cover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;

/**
 * The plan of fewest coats that brings a place back, then of least thickness; among plans that no hand lays apart the one to be counted on
 * most, where a corrector has to bring something. At most two products before the base and two after it, three in all. Up to two coats
 * every usable product is tried, which is exact; three and four are tried over the nearest covers. Stages go by coats and stop at the first
 * that holds a safe plan, so a later one could not be better.
 */
public final class CoverSearch<T> {
    /** Plans that differ by less are laid alike: a sixth of a coat, µm. House choice. */
    private static final double TIE_MICRONS = 1.5;
    /** What a corrector has to bring among ties, ΔE00. House choice. */
    private static final double CORRECTOR_COSTS = .3;
    /** From the third coat on: so many covers, nearest first, none farther off than this, and so many correctors. House choices. */
    private static final int FROM_THE_THIRD = 3;

    private static final int NEAR_COVERS = 12;
    private static final double FAR_COVER = 9;
    private static final int NEAR_CORRECTORS = 10;
    private static final int NEAR_DENSE = 4;
    /** The doubt is never under 0.07, so that nearer than this to the target nothing can be safe. Derived. */
    private static final double SAFE_FROM = 1.95;
    /** Doubts tried a stage, thinnest first, and nearest plans of which the least doubtful stands in when none is safe. */
    private static final int MOST_DOUBTS = 200;

    private static final int NEAREST_TRIED = 12;
    private static final double HARDLY = 1e-9;

    private final Place<T> place;
    private final List<Ware<T>> kit;
    private final Lab target;
    private final Doubts<T> doubts;
    private final Trial<T> trial;
    private final Layer<T> first;

    /**
     * What was found.
     *
     * @param plan that reaches the target, safely if any does
     * @param nearest of all that were tried
     */
    public record Found<T>(Optional<CoverPlan<T>> plan, CoverPlan<T> nearest) {
        /** Returns the plan, or the nearest when nothing reaches. */
        public CoverPlan<T> best() {
            return plan.orElse(nearest);
        }
    }

    private CoverSearch(Place<T> place, List<Ware<T>> kit, Layer<T> first) {
        this.first = first;
        this.place = place;
        this.kit = List.copyOf(kit);
        this.target = place.target().toLab();
        this.doubts = new Doubts<>(place);
        this.trial = new Trial<>(place, target);
    }

    /**
     * Searches a kit.
     *
     * @param kit correctors, concealers and bases; others are not used
     * @throws IllegalArgumentException for broken skin, for which nothing is planned
     */
    public static <T> Found<T> of(Place<T> place, List<Ware<T>> kit) {
        if (place.bears() == Bears.BROKEN) {
            throw new IllegalArgumentException("broken skin is not covered: ask for no plan there");
        }
        return new CoverSearch<>(place, kit, null).found();
    }

    /** Searches for what goes over a first layer that is given, which alone lies under the base. */
    static <T> Found<T> over(Layer<T> first, Place<T> place, List<Ware<T>> kit) {
        return new CoverSearch<>(place, kit, first).found();
    }

    private Found<T> found() {
        Sides<T> sides = new Sides<>(place, before(false), after(false), first);
        CoverPlan<T> just = null;
        for (int coats = 0; coats <= place.bears().coats(); coats++) {
            if (coats == FROM_THE_THIRD) {
                sides = new Sides<>(place, before(true), after(true), first);
            }
            List<Trial.Hit<T>> hits = trial.stage(sides, coats);
            Optional<CoverPlan<T>> safe = safe(hits);
            if (safe.isPresent()) {
                return new Found<>(safe, nearest());
            }
            if (just == null && !hits.isEmpty()) {
                just = just(hits);
            }
        }
        return new Found<>(Optional.ofNullable(just), nearest());
    }

    private CoverPlan<T> nearest() {
        Trial.Hit<T> hit = trial.nearest();
        if (hit == null) { // the first layer alone is more than the skin bears
            return CoverPlan.of(place, List.of(first), List.of());
        }
        double doubt = doubts.of(hit.under(), hit.over());
        CoverPlan.Level level = hit.left() <= Place.TARGET ? CoverPlan.Level.JUST : CoverPlan.Level.OUT_OF_REACH;
        return plan(hit, doubt, level);
    }

    /** The thinnest safe one; within a sixth of a coat the one with the least careful figure. */
    private Optional<CoverPlan<T>> safe(List<Trial.Hit<T>> hits) {
        hits.sort(Comparator.comparingDouble(Trial.Hit<T>::microns).thenComparingDouble(Trial.Hit::left));
        List<CoverPlan<T>> careful = new ArrayList<>();
        double least = Double.NaN;
        int tried = 0;
        for (Trial.Hit<T> hit : hits) {
            if (hit.microns() > least + TIE_MICRONS + HARDLY || tried >= MOST_DOUBTS) {
                break;
            }
            if (hit.left() > SAFE_FROM) {
                continue;
            }
            tried++;
            double doubt = doubts.of(hit.under(), hit.over());
            if (hit.left() + CoverPlan.DOUBTS * doubt <= Place.TARGET) {
                least = Double.isNaN(least) ? hit.microns() : least;
                careful.add(plan(hit, doubt, CoverPlan.Level.SAFE));
            }
        }
        return careful.stream()
                .min(Comparator.comparingDouble((CoverPlan<T> p) -> p.careful() + (p.corrects() ? CORRECTOR_COSTS : 0))
                        .thenComparingDouble(CoverPlan::microns));
    }

    private CoverPlan<T> just(List<Trial.Hit<T>> hits) {
        return hits.stream()
                .sorted(Comparator.comparingDouble(Trial.Hit::left))
                .limit(NEAREST_TRIED)
                .map(h -> plan(h, doubts.of(h.under(), h.over()), CoverPlan.Level.JUST))
                .min(Comparator.comparingDouble((CoverPlan<T> p) -> p.careful())
                        .thenComparingDouble(CoverPlan::microns))
                .orElseThrow();
    }

    private CoverPlan<T> plan(Trial.Hit<T> hit, double doubt, CoverPlan.Level level) {
        return new CoverPlan<>(place, hit.under(), hit.over(), hit.left(), doubt, level);
    }

    private List<Ware<T>> before(boolean near) {
        List<Ware<T>> all = new ArrayList<>();
        List<Ware<T>> correctors = kit.stream().filter(Ware::corrects).toList();
        if (near && correctors.size() > NEAR_CORRECTORS) {
            Comparator<Ware<T>> helping = nearestTo(Ideal.of(place).colour());
            correctors =
                    correctors.stream().sorted(helping).limit(NEAR_CORRECTORS).toList();
        }
        all.addAll(correctors);
        if (place.dense()) {
            Lab skin = place.surround().toLab();
            kit.stream()
                    .filter(w -> w.role() == Role.CONCEALER)
                    .sorted(nearestTo(skin))
                    .limit(near ? NEAR_DENSE : Long.MAX_VALUE)
                    .forEach(all::add);
        }
        return all;
    }

    private List<Ware<T>> after(boolean near) {
        List<Ware<T>> all = new ArrayList<>();
        Stream.ofNullable(place.base()).forEach(all::add);
        kit.stream()
                .filter(w -> (w.role() == Role.CONCEALER || w.role() == Role.BASE) && w.form() != Form.POWDER)
                .filter(w -> place.base() == null || !place.base().what().equals(w.what()))
                .filter(w -> !near || w.colour().differenceFrom(target) <= FAR_COVER)
                .sorted(nearestTo(target))
                .limit(near ? NEAR_COVERS - 1 : Long.MAX_VALUE)
                .forEach(all::add);
        return all;
    }

    private static <T> Comparator<Ware<T>> nearestTo(Lab colour) {
        return Comparator.comparingDouble((Ware<T> w) -> w.colour().differenceFrom(colour))
                .thenComparing(Ware::key);
    }
}
