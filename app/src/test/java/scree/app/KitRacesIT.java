package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.kit.Formula;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.KitChanges;
import scree.app.kit.KitRow;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.core.mix.Carrier;

/** Two at once on kit and clients, again and again, on the real database: whole, once, and told. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KitRacesIT {
    private static final int ROUNDS = 20;

    @Autowired
    private Ground ground;

    @Autowired
    private Clients clients;

    @Autowired
    private Kit kit;

    @Autowired
    private Formulas formulas;

    @Autowired
    private KitChanges changes;

    @Autowired
    private Once once;

    private Member me;
    private List<Long> bare;

    @BeforeAll
    void aStudioWithAKit() {
        me = ground.artist("kit races");
        bare = List.of(
                kit.add(me.studio(), Ground.base("Marl", "21", 68, null)),
                kit.add(me.studio(), Ground.base("Marl", "23", 65, null)));
    }

    @Test
    void aFormulaSavedTwiceTellsTheSecond() throws Exception {
        long product = bare.get(1);
        for (int i = 0; i < ROUNDS; i++) {
            int version =
                    formulas.of(me.studio(), kit.get(me.studio(), product)).version();
            Formula mine = new Formula(product, Carrier.OIL, 1.0 + i / 100.0, null, null, null, version, false);
            List<Throwable> told = Race.failures(2, () -> formulas.save(me.studio(), mine));
            if (i > 0) { // the first save of all makes the row, whose version both knew
                assertThat(told).hasSize(1).allMatch(e -> e instanceof StaleSave);
            }
        }
    }

    /** Two who undo at once put it back once; two who change at once are told, and neither change is half. */
    @Test
    void changesOfManyProductsAreWholeAndUndoneOnce() throws Exception {
        Product first = kit.get(me.studio(), bare.get(0));
        Product second = kit.get(me.studio(), bare.get(1));
        for (int i = 0; i < ROUNDS; i++) {
            List<KitRow> was = changes.rows(me.studio(), kit.some(me.studio(), List.of(first.id(), second.id())));
            List<KitRow> will = was.stream()
                    .map(r -> new KitRow(r.product().with(Stock.LOW), r.formula()))
                    .toList();
            List<Throwable> told = Race.failures(2, () -> changes.apply(me, KitChanges.Kind.LOW, was, will));
            assertThat(told).hasSize(1).allMatch(e -> e instanceof StaleSave);
            assertThat(kit.some(me.studio(), List.of(first.id(), second.id())))
                    .extracting(Product::stock)
                    .containsOnly(Stock.LOW);
            long change = changes.last(me.studio()).orElseThrow().id();
            List<Throwable> late = Race.failures(2, () -> changes.undo(me, change));
            assertThat(late).hasSize(1).allMatch(e -> e instanceof NotHere);
            assertThat(kit.some(me.studio(), List.of(first.id(), second.id())))
                    .extracting(Product::stock)
                    .containsOnly(Stock.ENOUGH);
        }
    }

    @Test
    void aFormSentTwiceAtOnceMakesOneThing() throws Exception {
        for (int i = 0; i < ROUNDS; i++) {
            String token = Once.fresh();
            String name = "Twice " + i;
            List<String> outcomes = Collections.synchronizedList(new ArrayList<>());
            Race.run(
                    3,
                    () -> outcomes.add(once.only(
                            me.studio(),
                            token,
                            () -> "/clients/"
                                    + clients.add(
                                            me.studio(),
                                            new Client(0, name, null, null, null, null, null, null, null, 0)))));
            assertThat(clients.search(me.studio(), name)).hasSize(1);
            assertThat(outcomes).hasSize(3).containsOnly(outcomes.get(0));
        }
    }
}
