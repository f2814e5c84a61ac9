package scree.app.order;

import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;

@Component
class OrderStage implements StageOfSitting {
    private final Orders orders;

    OrderStage(Orders orders) {
        this.orders = orders;
    }

    @Override
    public String key() {
        return "order";
    }

    @Override
    public int order() {
        return 8;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Cairn.State state = orders.worked(studio, sitting.id()) ? Cairn.State.DONE : Cairn.State.TO_COME;
        return new Cairn.Stage(key(), state, null, null, null);
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return orders.unreadable(studio, sitting);
    }
}
