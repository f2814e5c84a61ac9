package scree.core.routine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What to leave out, or to do simpler, so that a sitting fits into the time there is: the least loss for every minute that is really won,
 * and at the end what was not needed is given back, dearest first.
 *
 * @param taken in the order they were found
 * @param end half minutes with them
 * @param full half minutes without
 * @param reached whether it fits
 * @param loss sum of what is lost
 */
public record TimeCut(List<CutAction> taken, int end, int full, boolean reached, double loss) {
    /** States looked at for each try. House choice. */
    private static final int BUDGET = 300;

    public TimeCut {
        taken = List.copyOf(taken);
    }

    /** Returns the cuts as one. */
    public Cut cut() {
        return together(taken);
    }

    /**
     * Finds the cuts.
     *
     * @param halves the time there is, half minutes
     * @param kept what the artist will not leave out
     */
    public static TimeCut of(Needs needs, OrderSchool school, int halves, Set<CutAction> kept) {
        return new Search(needs, school, halves, kept).found();
    }

    private static Cut together(List<CutAction> taken) {
        Set<StepCode> dropped = EnumSet.noneOf(StepCode.class);
        Set<Cut.Ease> eased = EnumSet.noneOf(Cut.Ease.class);
        for (CutAction a : taken) {
            dropped.addAll(a.cut().dropped());
            eased.addAll(a.cut().eased());
        }
        return new Cut(dropped, eased);
    }

    private static final class Search {
        private final Needs needs;
        private final OrderSchool school;
        private final int time;
        private final List<CutAction> actions;

        Search(Needs needs, OrderSchool school, int time, Set<CutAction> kept) {
            this.needs = needs;
            this.school = school;
            this.time = time;
            StepList list = StepList.of(needs, school, Cut.none());
            this.actions = java.util.Arrays.stream(CutAction.values())
                    .filter(a -> !kept.contains(a) && a.applies(list))
                    .toList();
        }

        private double loss(CutAction a) {
            return a.loss(needs.event().occasion());
        }

        private int end(List<CutAction> taken) {
            List<Step> steps = StepList.of(needs, school, together(taken)).steps();
            return Shortest.of(new Jobs(steps, Rules.of(steps, needs, school)), BUDGET)
                    .end();
        }

        TimeCut found() {
            List<CutAction> taken = new ArrayList<>();
            int full = end(taken);
            int now = full;
            while (now > time) {
                CutAction next = next(taken, now);
                if (next == null) {
                    return cut(taken, now, full, false);
                }
                taken.add(next);
                now = end(taken);
            }
            return givenBack(taken, now, full);
        }

        /** The least loss for a minute won, at most what is missing; where nothing wins alone, the least loss. */
        private CutAction next(List<CutAction> taken, int now) {
            CutAction best = null;
            double least = Double.POSITIVE_INFINITY;
            List<CutAction> left =
                    actions.stream().filter(a -> !taken.contains(a)).toList();
            for (CutAction a : left) {
                List<CutAction> with = new ArrayList<>(taken);
                with.add(a);
                int won = now - end(with);
                double price = won <= 0 ? Double.POSITIVE_INFINITY : loss(a) / Math.min(won, now - time);
                if (price < least || price == least && best != null && cheaper(a, best)) {
                    best = a;
                    least = price;
                }
            }
            return best != null ? best : left.stream().min(byLoss()).orElse(null);
        }

        private boolean cheaper(CutAction a, CutAction than) {
            return byLoss().compare(a, than) < 0;
        }

        private Comparator<CutAction> byLoss() {
            return Comparator.comparingDouble(this::loss).thenComparing(CutAction::name);
        }

        private TimeCut givenBack(List<CutAction> taken, int end, int full) {
            List<CutAction> kept = new ArrayList<>(taken);
            int now = end;
            for (CutAction a : taken.stream()
                    .sorted(Comparator.comparingDouble(this::loss).reversed())
                    .toList()) {
                List<CutAction> without = new ArrayList<>(kept);
                without.remove(a);
                int then = end(without);
                if (then <= time) {
                    kept = without;
                    now = then;
                }
            }
            return cut(kept, now, full, true);
        }

        private TimeCut cut(List<CutAction> taken, int end, int full, boolean reached) {
            return new TimeCut(
                    taken,
                    end,
                    full,
                    reached,
                    taken.stream().mapToDouble(this::loss).sum());
        }
    }
}
