package scree.app.order;

import java.util.List;
import java.util.Map;
import java.util.Set;
import scree.app.correct.Pot;
import scree.core.routine.Needs;
import scree.core.routine.StepCode;

/**
 * What the stages before ask for.
 *
 * @param wares what each step is done with, none where nothing is meant
 * @param open stages that have nothing to hand over yet
 * @param mature whether age or lines ask for care
 * @param offered what can be done or left out here
 * @param done which of it is done
 */
public record Gathered(
        Needs needs,
        Map<StepCode, List<Pot>> wares,
        List<String> open,
        boolean mature,
        Set<OrderSheet.Extra> offered,
        Set<OrderSheet.Extra> done) {
    public Gathered {
        wares = Map.copyOf(wares);
        open = List.copyOf(open);
        offered = Set.copyOf(offered);
        done = Set.copyOf(done);
    }
}
