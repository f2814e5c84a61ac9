package scree.app.kit;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.memory.Memories;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;

/**
 * A kit to be browsed: filtered and sorted by what the craft sees in a colour, which no column holds. All products of a studio are kept
 * until its kit's version rises.
 */
@Service
public class Catalogue {
    /** Products of all studios together; a kit of ten thousand takes a quarter. */
    private static final long PRODUCTS_KEPT = 40_000;

    private final ProductMapper mapper;
    private final StudioTime time;
    private final Cache<StudioId, Kept> kept;

    Catalogue(ProductMapper mapper, StudioTime time, Memories memories) {
        this.mapper = mapper;
        this.time = time;
        this.kept = memories.keep(
                "catalogues",
                PRODUCTS_KEPT,
                (StudioId s, Kept k) -> Math.max(1, k.entries().size()));
    }

    private record Kept(long version, List<KitQuery.Entry> entries) {}

    /** Returns one page of what is looked for, the last one for a number past it. */
    @Transactional(readOnly = true)
    public Kit.Page page(StudioId studio, KitQuery query, int number) {
        List<Product> found = found(studio, query).stream()
                .sorted(query.order())
                .map(KitQuery.Entry::product)
                .toList();
        int at = Math.max(0, Math.min(number, (found.size() - 1) / Kit.PAGE));
        int from = at * Kit.PAGE;
        return new Kit.Page(found.subList(from, Math.min(found.size(), from + Kit.PAGE)), found.size(), at);
    }

    /** Returns all that is looked for, as the field shows it. */
    @Transactional(readOnly = true)
    public KitField field(StudioId studio, KitQuery query) {
        return KitField.of(found(studio, query), query);
    }

    /** Returns what is to be bought: used up, thrown away, running low or past its time, by role and name. */
    @Transactional(readOnly = true)
    public List<Product> toBuy(StudioId studio) {
        LocalDate today = time.today(studio);
        return entries(studio).stream()
                .filter(e -> e.product().stock() != Stock.ENOUGH || e.product().pastItsTime(today))
                .sorted(KitQuery.BY_ROLE_AND_NAME)
                .map(KitQuery.Entry::product)
                .toList();
    }

    private List<KitQuery.Entry> found(StudioId studio, KitQuery query) {
        LocalDate today = time.today(studio);
        return entries(studio).stream().filter(e -> query.fits(e, today)).toList();
    }

    private List<KitQuery.Entry> entries(StudioId studio) {
        long version = mapper.kitVersion(studio);
        Kept now = kept.getIfPresent(studio);
        if (now == null || now.version() != version) {
            now = new Kept(
                    version, mapper.all(studio).stream().map(KitQuery.Entry::of).toList());
            kept.put(studio, now);
        }
        return now.entries();
    }
}
