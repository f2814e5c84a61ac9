package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.studio.Member;

/** The catalogue follows the kit at once and shows no other studio's. */
@TestDatabase
class CatalogueIT {
    private static final KitQuery ALL = new KitQuery(null, null, null, null, null, null, null, null, null);

    @Autowired
    private Ground ground;

    @Autowired
    private Kit kit;

    @Autowired
    private Catalogue catalogue;

    @Autowired
    private KitShelf shelf;

    @Autowired
    private PlatformTransactionManager transactions;

    @Test
    void whatIsAddedChangedOrDeletedShowsOnTheNextPage() {
        Member me = ground.artist("browse");
        Member other = ground.artist("elsewhere");
        assertThat(catalogue.page(me.studio(), ALL, 3).products()).isEmpty();
        long id = kit.add(me.studio(), Ground.base("Marl", "one", 60, null));
        assertThat(catalogue.page(me.studio(), ALL, 0).products())
                .extracting(Product::id)
                .containsExactly(id);
        kit.change(me.studio(), kit.get(me.studio(), id).inStock(false));
        assertThat(catalogue.page(me.studio(), ALL, 0).products().get(0).inStock())
                .isFalse();
        assertThat(catalogue.page(other.studio(), ALL, 0).products()).isEmpty();
        kit.delete(me.studio(), id);
        assertThat(catalogue.page(me.studio(), ALL, 0).products()).isEmpty();
        kit.restore(me.studio(), id);
        assertThat(catalogue.page(me.studio(), ALL, 7).number()).isZero();
    }

    /** Stages ask for the kit again and again while a page is put together: it is one kit, and what the page read stays known. */
    @Test
    void aPageSeesOneKitFromFirstToLastAndTheNextOneTheKitOfToday() {
        Member me = ground.artist("page");
        var page = new TransactionTemplate(transactions);
        page.setReadOnly(true);
        page.executeWithoutResult(open -> {
            KitShelf.Shelf first = shelf.of(me.studio());
            CompletableFuture.runAsync(() -> kit.add(me.studio(), Ground.base("Marl", "one", 60, null)))
                    .join();
            assertThat(shelf.of(me.studio()).version()).isEqualTo(first.version());
        });
        assertThat(shelf.of(me.studio()).bases()).hasSize(1);
    }

    @Test
    void whoeverChangesTheKitSeesTheChangedOneAtOnce() {
        Member me = ground.artist("own");
        new TransactionTemplate(transactions).executeWithoutResult(open -> {
            assertThat(shelf.of(me.studio()).bases()).isEmpty();
            kit.add(me.studio(), Ground.base("Marl", "one", 60, null));
            assertThat(shelf.of(me.studio()).bases()).hasSize(1);
        });
    }
}
