package scree.app.order;

import java.util.List;
import java.util.Map;
import java.util.Set;
import scree.app.kit.Product;
import scree.core.routine.Needs;
import scree.core.routine.StepCode;

/**
 * What the stages before ask for.
 *
 * @param products of the kit by step
 * @param names of what is worn and is no longer a product of the kit, by step: mixes, and what was taken before the kit changed
 * @param open stages that have nothing to hand over yet
 * @param mature whether age or lines ask for care
 * @param offered what can be done or left out here
 * @param done which of it is done
 */
public record Gathered(
        Needs needs,
        Map<StepCode, List<Product>> products,
        Map<StepCode, String> names,
        List<String> open,
        boolean mature,
        Set<OrderSheet.Extra> offered,
        Set<OrderSheet.Extra> done) {
    public Gathered {
        products = Map.copyOf(products);
        names = Map.copyOf(names);
        open = List.copyOf(open);
        offered = Set.copyOf(offered);
        done = Set.copyOf(done);
    }
}
