package scree.core.routine;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** Which step goes before which, while the rules are written into it; two rules on one pair are one. */
final class Arcs {
    private final List<Step> steps;
    private final Map<StepCode, Integer> index = new LinkedHashMap<>();
    private final Map<Pair, Arc> all = new LinkedHashMap<>();

    private record Pair(int from, int to) {}

    Arcs(List<Step> steps) {
        this.steps = steps;
        for (int i = 0; i < steps.size(); i++) {
            index.put(steps.get(i).code(), i);
        }
    }

    List<Step> steps() {
        return steps;
    }

    List<Arc> all() {
        return List.copyOf(all.values());
    }

    Optional<Step> find(StepCode code) {
        return Optional.ofNullable(index.get(code)).map(steps::get);
    }

    boolean has(StepCode code) {
        return index.containsKey(code);
    }

    /** Puts one step before another, by their index. */
    void put(int from, int to, int least, Integer most, LayerReason why) {
        if (from != to) {
            Arc arc = new Arc(from, to, least, most, why.code(), why.severity());
            all.merge(new Pair(from, to), arc, Arc::and);
        }
    }

    /** Puts one step before another if both are there. */
    void put(StepCode from, StepCode to, int least, Integer most, LayerReason why) {
        if (has(from) && has(to)) {
            put(index.get(from), index.get(to), least, most, why);
        }
    }

    /** The same without a latest time. */
    void put(StepCode from, StepCode to, int least, LayerReason why) {
        put(from, to, least, null, why);
    }

    /** The same, waiting until the earlier one has settled. */
    void settled(StepCode from, StepCode to, LayerReason why) {
        find(from).ifPresent(s -> put(from, to, s.settling(), null, why));
    }

    /** Puts all that are there one after the other, each settled. */
    void chain(LayerReason why, StepCode... codes) {
        StepCode last = null;
        for (StepCode code : codes) {
            if (has(code)) {
                if (last != null) {
                    settled(last, code, why);
                }
                last = code;
            }
        }
    }

    /** Puts all that are there one after the other, at once. */
    void row(LayerReason why, StepCode... codes) {
        StepCode last = null;
        for (StepCode code : codes) {
            if (has(code)) {
                if (last != null) {
                    put(last, code, 0, why);
                }
                last = code;
            }
        }
    }

    /** Takes a rule back. */
    void free(StepCode from, StepCode to) {
        if (has(from) && has(to)) {
            all.remove(new Pair(index.get(from), index.get(to)));
        }
    }

    /** Takes back the rules from a step to those that are meant. */
    void free(StepCode from, Predicate<Step> to) {
        if (has(from)) {
            int i = index.get(from);
            all.keySet().removeIf(p -> p.from() == i && to.test(steps.get(p.to())));
        }
    }
}
