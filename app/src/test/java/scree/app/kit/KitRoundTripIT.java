package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.care.AllergenFamily;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Told;
import scree.core.shade.Traits;

/** A kit goes out, into an empty studio, and out again: the same to the byte. */
@TestDatabase
class KitRoundTripIT {
    @Autowired
    private Ground ground;

    @Autowired
    private Kit kit;

    @Autowired
    private Formulas formulas;

    @Autowired
    private KitImports imports;

    @Autowired
    private KitCsv csv;

    @Autowired
    private KitJson json;

    @Autowired
    private KitChanges changes;

    @Autowired
    private StockTaking stock;

    @Autowired
    private Catalogue catalogue;

    private static Product measured(String name, double l) {
        return Product.fresh(
                        "Tuff",
                        name,
                        Role.BLUSH,
                        Form.POWDER,
                        Finish.MATTE,
                        .09320978396,
                        new Swatch(
                                Lab.of(l + 1.23456, 9.2518, 17),
                                Lab.of(l, 9.5049, 18.015),
                                new DryDown.Shift(-2.123456, .5, -.25),
                                new Measure(Measure.By.SHEET, LocalDate.of(2026, 6, 20), .887959, .258399)))
                .with(new Traits(
                        new Sheen(Lab.of(80.123, 4, 12), .08),
                        false,
                        .0612,
                        Told.NO,
                        Told.YES,
                        Told.UNKNOWN,
                        Told.YES,
                        .4312))
                .with(Stock.LOW)
                .withAllergens("=lanolin, \"nickel\"")
                .with(new Opened(LocalDate.of(2026, 3, 9), 12));
    }

    @Test
    void outIntoAnEmptyStudioAndOutAgainIsTheSameToTheByte() {
        roundTrip(csv::write);
        roundTrip(json::write);
    }

    private void roundTrip(Function<List<KitRow>, String> write) {
        Member from = ground.artist("from");
        kit.addAll(
                from.studio(), List.of(measured("9", 60), measured("10", 50), Ground.base("Marl", "plain", 62, null)));
        Product ten = kit.named(from.studio(), "Tuff 10", 1).get(0);
        formulas.put(from.studio(), new Formula(ten.id(), Carrier.SILICONE, 1.0612, 32.5, 30.0, 1.33333, false));
        String file = write.apply(changes.rows(from.studio()));

        Member to = ground.artist("to");
        byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
        imports.put(to, "kit.csv", bytes, 3);
        assertThat(imports.bringIn(to, imports.waiting(to).orElseThrow()).change())
                .isNotNull();
        assertThat(write.apply(changes.rows(to.studio()))).isEqualTo(file);
        Product there = kit.named(to.studio(), "Tuff 10", 1).get(0);
        assertThat(there.learned()).isTrue();
        assertThat(formulas.of(to.studio(), there).strength()).isEqualTo(1.3333);
    }

    @Test
    void whatStripesTaughtElsewhereStaysWhileTheColoursDo() {
        Member me = ground.artist("kept");
        long id = kit.add(me.studio(), measured("12", 55));
        Product stored = kit.get(me.studio(), id);
        kit.change(me.studio(), stored.withAllergens("talc"));
        assertThat(kit.get(me.studio(), id).learned()).isTrue();
        Product now = kit.get(me.studio(), id);
        kit.change(me.studio(), now.measured(Lab.of(50, 9, 15), Lab.of(49, 9, 15), Measure.TYPED));
        assertThat(kit.get(me.studio(), id).learned()).isFalse();
    }

    @Test
    void aChangeOfManyIsUndoneWholeAndLeavesWhatWasSavedSince() {
        Member me = ground.artist("undo");
        kit.addAll(me.studio(), List.of(measured("9", 60), Ground.base("Marl", "plain", 62, null)));
        List<KitRow> before = changes.rows(me.studio());
        String file = """
                line,name,role,form,finish,coverage_percent,wet_l,wet_a,wet_b,settled_l,settled_a,settled_b,strength
                Tuff,9,BLUSH,POWDER,MATTE,9.32,61,9,17,55,9,18,
                Marl,plain,BASE,LIQUID,SATIN,80,63,10,16,62,10,16,1.5
                Marl,new,BASE,LIQUID,SATIN,80,63,10,16,62,10,16,
                """;
        imports.put(me, "kit.csv", file.getBytes(StandardCharsets.UTF_8), 3);
        long change = imports.bringIn(me, imports.waiting(me).orElseThrow()).change();
        Product recoloured = kit.named(me.studio(), "Tuff 9", 1).get(0);
        assertThat(recoloured.recorded().lightness()).isEqualTo(55);
        assertThat(recoloured.swatch().measure())
                .as("no longer what was measured")
                .isEqualTo(Measure.TYPED);
        assertThat(recoloured.traits().waterproof())
                .as("not in the file, so it stays")
                .isEqualTo(Told.YES);
        assertThat(changes.last(me.studio()).orElseThrow().products()).isEqualTo(3);

        Member stranger = ground.artist("stranger");
        assertThatThrownBy(() -> changes.undo(stranger, change)).isInstanceOf(NotHere.class);

        assertThat(changes.undo(me, change)).isEmpty();
        assertThat(changes.rows(me.studio()))
                .usingRecursiveComparison()
                .ignoringFields("product.version")
                .isEqualTo(before);
        assertThatThrownBy(() -> changes.undo(me, change)).as("once").isInstanceOf(NotHere.class);

        imports.put(me, "kit.csv", file.getBytes(StandardCharsets.UTF_8), 3);
        assertThat(imports.bringIn(me, imports.waiting(me).orElseThrow()).change())
                .as("what was undone can come in again")
                .isNotNull();
    }

    @Test
    void aLabelWithEveryFamilyIsKept() {
        Member me = ground.artist("label");
        String all = Arrays.stream(AllergenFamily.values())
                .map(AllergenFamily::label)
                .collect(Collectors.joining(", "));
        long id = kit.add(me.studio(), measured("9", 60).withAllergens(all));
        assertThat(kit.get(me.studio(), id).allergens()).isEqualTo(all);
    }

    @Test
    void whatIsThrownAwayGoesOnTheListAndWhatWasSavedSinceStays() {
        Member me = ground.artist("list");
        kit.addAll(me.studio(), List.of(Ground.base("Marl", "a", 60, null), Ground.base("Marl", "b", 62, null)));
        List<Long> ids = kit.all(me.studio()).stream().map(Product::id).toList();
        long change = stock.change(me, KitChanges.Kind.THROWN_AWAY, ids).orElseThrow();
        assertThat(catalogue.toBuy(me.studio())).extracting(Product::name).containsExactly("a", "b");
        assertThat(stock.change(me, KitChanges.Kind.THROWN_AWAY, ids))
                .as("they are")
                .isEmpty();
        kit.change(me.studio(), kit.get(me.studio(), ids.get(0)).with(Stock.LOW));
        assertThat(changes.undo(me, change)).containsExactly("Marl a");
        assertThat(kit.get(me.studio(), ids.get(0)).stock()).isEqualTo(Stock.LOW);
        assertThat(kit.get(me.studio(), ids.get(1)).opened().on()).isNotNull();
        Member stranger = ground.artist("stranger");
        assertThat(stock.change(stranger, KitChanges.Kind.USED_UP, ids)).isEmpty();
    }
}
