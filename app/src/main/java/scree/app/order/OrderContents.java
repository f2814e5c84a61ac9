package scree.app.order;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.studio.StudioId;
import scree.core.routine.StepCode;

/** Gathers what Order shows, in one transaction. */
@Component
class OrderContents {
    private final Orders orders;
    private final OrderWords words;

    OrderContents(Orders orders, OrderWords words) {
        this.orders = orders;
        this.words = words;
    }

    /** Shows the order as it stands and the step that is looked at. */
    @Transactional(readOnly = true)
    void show(StudioId studio, long id, StepCode at, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("unreadable", orders.unreadable(studio, id));
        model.addAttribute("view", OrderView.of(orders.of(studio, id), at, words));
    }
}
