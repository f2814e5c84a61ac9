package scree.standins.day;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import scree.core.routine.Arc;
import scree.core.routine.Cut;
import scree.core.routine.Needs;
import scree.core.routine.OrderSchool;
import scree.core.routine.RunningOrder;
import scree.core.routine.Step;
import scree.core.routine.StepCode;

/** Every order of a few steps, by brute force: what a search has to equal. */
public final class EveryOrder {
    /** Never left out: what is tied to another, and both ends. */
    private static final Set<StepCode> STAY = EnumSet.of(StepCode.ASK, StepCode.LOOK);

    private final List<Step> steps;
    private final List<Arc> arcs;
    private final int[] start;
    private int least = Integer.MAX_VALUE;

    private EveryOrder(RunningOrder order) {
        steps = order.steps();
        arcs = order.arcs();
        start = new int[steps.size()];
    }

    /** Returns the least end of any order of its steps that keeps its rules, half minutes. */
    public static int least(RunningOrder order) {
        EveryOrder every = new EveryOrder(order);
        every.go(0, 0);
        return every.least;
    }

    /** Returns what to leave out so that about so many steps stay, spread over the catalogue. */
    public static Cut small(Needs needs, OrderSchool school, int left) {
        List<StepCode> codes = RunningOrder.of(needs, school).steps().stream()
                .map(Step::code)
                .filter(c -> c != StepCode.CREASE)
                .toList();
        Set<StepCode> dropped = EnumSet.copyOf(codes);
        for (int i = 0; i < left; i++) {
            dropped.remove(codes.get(i * codes.size() / left));
        }
        dropped.add(StepCode.CREASE);
        dropped.removeAll(STAY);
        return new Cut(dropped, Set.of());
    }

    private void go(int done, int t) {
        if (done == (1 << steps.size()) - 1) {
            least = Math.min(least, t);
            return;
        }
        for (int i = 0; i < steps.size(); i++) {
            int at = (done >> i & 1) == 0 ? soonest(i, done, t) : -1;
            if (at >= 0) {
                start[i] = at;
                go(done | 1 << i, at + steps.get(i).hands());
            }
        }
    }

    /** Returns when a step can start, or -1 where something belongs before it or it comes too late. */
    private int soonest(int i, int done, int t) {
        int at = t;
        int latest = Integer.MAX_VALUE;
        for (Arc a : arcs) {
            if (a.to() == i) {
                if ((done >> a.from() & 1) == 0) {
                    return -1;
                }
                int end = start[a.from()] + steps.get(a.from()).hands();
                at = Math.max(at, end + a.least());
                latest = a.most() == null ? latest : Math.min(latest, end + a.most());
            }
        }
        return at > latest ? -1 : at;
    }
}
