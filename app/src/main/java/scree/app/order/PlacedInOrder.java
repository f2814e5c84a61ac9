package scree.app.order;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.place.TakenPlan;
import scree.app.place.WorkOrder;
import scree.app.studio.StudioId;
import scree.core.placement.Area;
import scree.core.routine.StepCode;

/** Numbers of Place and of the face chart follow the running order. */
@Component
class PlacedInOrder implements WorkOrder {
    private final Orders orders;

    PlacedInOrder(Orders orders) {
        this.orders = orders;
    }

    @Override
    public List<Area> areas(StudioId studio, long sitting, TakenPlan plan) {
        return orders.of(studio, sitting, Optional.of(plan)).order().codes().stream()
                .flatMap(code -> Arrays.stream(Area.values()).filter(a -> StepCode.laying(a) == code))
                .toList();
    }
}
