package scree.app.kit;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.BadInput;

/** Changes what is left of many products at once, and when they were opened. */
@Service
class StockTaking {
    private final Kit kit;
    private final KitChanges changes;
    private final StudioTime time;

    StockTaking(Kit kit, KitChanges changes, StudioTime time) {
        this.kit = kit;
        this.changes = changes;
        this.time = time;
    }

    /**
     * Changes those that are not so already; ids that the studio does not have are passed over.
     *
     * @return the number of the change, empty when all were so already
     */
    @Transactional
    Optional<Long> change(Member me, KitChanges.Kind what, List<Long> ids) {
        LocalDate today = time.today(me.studio());
        List<Product> asked = kit.some(me.studio(), ids).stream()
                .filter(p -> !Objects.equals(changed(p, what, today), p))
                .toList();
        List<KitRow> was = changes.rows(me.studio(), asked);
        if (was.isEmpty()) {
            return Optional.empty();
        }
        List<KitRow> will = was.stream()
                .map(r -> new KitRow(changed(r.product(), what, today), r.formula()))
                .toList();
        return Optional.of(changes.apply(me, what, was, will));
    }

    private static Product changed(Product p, KitChanges.Kind what, LocalDate today) {
        return switch (what) {
            case ENOUGH -> p.with(Stock.ENOUGH);
            case LOW -> p.with(Stock.LOW);
            case USED_UP -> p.with(Stock.OUT);
            case OPENED ->
                p.with(Stock.ENOUGH).with(new Opened(today, p.opened().months()));
            case THROWN_AWAY ->
                p.with(Stock.OUT).with(new Opened(null, p.opened().months()));
            case BOUGHT -> p.with(Stock.ENOUGH).with(new Opened(null, p.opened().months()));
            case BROUGHT_IN, MEASURED -> throw new BadInput("what", "kit.what");
        };
    }
}
