package scree.core.cover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A light cover under a deeper one, done instead with one mix of both: in figures the light coat acts as corrector, a craftsman would stir
 * them.
 *
 * @param first parts of the first, then of the second
 */
public record Stirred<T>(Ware<T> first, int firstParts, Ware<T> second, int secondParts, CoverPlan<T> plan) {
    /** Covers this far apart in L* are not laid on each other. House choice. */
    private static final double APART = 8;

    private static final int[][] PARTS = {{1, 1}, {2, 1}, {1, 2}, {3, 1}, {1, 3}};

    /** Returns the mix, empty when no two covers are that far apart or no mix reaches the target in as few coats. */
    public static <T> Optional<Stirred<T>> of(CoverPlan<T> plan) {
        List<Layer<T>> covers = new ArrayList<>(plan.under());
        covers.addAll(plan.over());
        covers.removeIf(l -> l.ware().corrects());
        for (int i = 0; i + 1 < covers.size(); i++) {
            Ware<T> a = covers.get(i).ware();
            Ware<T> b = covers.get(i + 1).ware();
            if (Math.abs(a.colour().lightness() - b.colour().lightness()) > APART) {
                return instead(plan, a, b);
            }
        }
        return Optional.empty();
    }

    private static <T> Optional<Stirred<T>> instead(CoverPlan<T> plan, Ware<T> a, Ware<T> b) {
        List<Layer<T>> correctors =
                plan.under().stream().filter(l -> l.ware().corrects()).toList();
        List<Stirred<T>> all = new ArrayList<>();
        for (int[] parts : PARTS) {
            double share = (double) parts[0] / (parts[0] + parts[1]);
            Ware<T> mix = new Ware<>(
                    null, a.key() + "+" + b.key(), a.role(), a.form(), a.coat().mixed(share, b.coat()));
            for (double amount : plan.place().bears().after()) {
                CoverPlan<T> tried = CoverPlan.of(plan.place(), correctors, List.of(new Layer<>(mix, amount)));
                if (tried.level().compareTo(plan.level()) <= 0
                        && tried.coats() <= plan.coats()
                        && tried.microns() <= plan.place().bears().microns()) {
                    all.add(new Stirred<>(a, parts[0], b, parts[1], tried));
                }
            }
        }
        return all.stream()
                .min(Comparator.comparingInt((Stirred<T> s) -> s.plan().coats())
                        .thenComparingDouble(s -> s.plan().microns())
                        .thenComparingDouble(s -> s.plan().careful()));
    }
}
