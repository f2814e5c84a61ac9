package scree.app.kit;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.bin.BinTable;
import scree.app.bin.Deletable;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.shade.Role;

/** Keeps the products of a studio. */
@Service
public class Kit implements Deletable {
    static final int PAGE = 60;
    /** Weeks before its end from which a product is soon past its time. */
    static final int SOON_WEEKS = 6;
    /** Rows of one statement. */
    private static final int AT_ONCE = 500;

    private final ProductMapper mapper;
    private final DryDowns dryDowns;
    private final StudioTime time;

    Kit(ProductMapper mapper, DryDowns dryDowns, StudioTime time) {
        this.mapper = mapper;
        this.dryDowns = dryDowns;
        this.time = time;
    }

    /** One page of the list. */
    public record Page(List<Product> products, int total, int number) {
        public int pages() {
            return Math.max(1, (total + PAGE - 1) / PAGE);
        }
    }

    /** Returns one page of the list, the last one for a number past it. */
    public Page page(StudioId studio, Role role, String text, int number) {
        int total = mapper.count(studio, role, text.strip());
        int at = Math.max(0, Math.min(number, (total - 1) / PAGE));
        return new Page(mapper.page(studio, role, text.strip(), PAGE, at * PAGE), total, at);
    }

    /** Returns every product, by line and name. */
    public List<Product> all(StudioId studio) {
        return mapper.all(studio);
    }

    /** Returns all products of a role. */
    public List<Product> withRole(StudioId studio, Role role) {
        return mapper.withRole(studio, role);
    }

    /** @throws NotHere when the studio has no such product */
    public Product get(StudioId studio, long id) {
        return NotHere.unless(mapper.find(studio, id), "product");
    }

    /** Returns a product, empty when the studio has none such. */
    public Optional<Product> find(StudioId studio, long id) {
        return Optional.ofNullable(mapper.find(studio, id));
    }

    /** Returns products whose line and name hold a text, by role and name. */
    public List<Product> named(StudioId studio, String text, int most) {
        return mapper.page(studio, null, text.strip(), most, 0);
    }

    /** Returns those of some products that the studio has, by line and name. */
    public List<Product> some(StudioId studio, Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : mapper.some(studio, ids);
    }

    /** Returns opened products that are past their time or soon will be, the most urgent first. */
    public List<Product> soonPastTheirTime(StudioId studio, int most) {
        return mapper.expiring(studio, time.today(studio).plusWeeks(SOON_WEEKS), most);
    }

    /** @throws DuplicateKeyException when line and name are taken */
    @Transactional
    public long add(StudioId studio, Product product) {
        mapper.raiseKitVersion(studio);
        return mapper.add(studio, product);
    }

    /** Adds all or none. */
    @Transactional
    public void addAll(StudioId studio, List<Product> products) {
        addAll(studio, products, done -> {});
    }

    /** Adds all or none; is told how many are in after each few hundred. */
    @Transactional
    public void addAll(StudioId studio, List<Product> products, IntConsumer progress) {
        mapper.raiseKitVersion(studio);
        for (int from = 0; from < products.size(); from += AT_ONCE) {
            int to = Math.min(products.size(), from + AT_ONCE);
            mapper.addAll(studio, products.subList(from, to));
            progress.accept(to);
        }
    }

    /** @throws StaleSave when someone else saved in between; carries the stored product */
    @Transactional
    public void change(StudioId studio, Product product) {
        if (mapper.change(studio, product) == 0) {
            throw new StaleSave(get(studio, product.id()));
        }
        dryDowns.relearn(studio, product);
    }

    /** Puts a product back just as it was, what stripes taught included; its version rises all the same. */
    @Transactional
    void putBack(StudioId studio, Product product) {
        mapper.change(studio, product);
    }

    /** Tells everyone who keeps something of the kit that it is no longer the same. */
    @Transactional
    void changed(StudioId studio) {
        mapper.raiseKitVersion(studio);
    }

    @Override
    public String kind() {
        return "product";
    }

    @Override
    public BinTable table() {
        return mapper;
    }

    @Override
    @Transactional
    public void delete(StudioId studio, long id) {
        Deletable.super.delete(studio, id);
        mapper.raiseKitVersion(studio);
    }

    @Override
    @Transactional
    public void restore(StudioId studio, long id) {
        Deletable.super.restore(studio, id);
        mapper.raiseKitVersion(studio);
    }
}
