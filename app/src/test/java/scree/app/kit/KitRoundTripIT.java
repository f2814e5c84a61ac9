package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.studio.Member;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;

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

    private String out(Member of) {
        Map<Long, Formula> recorded = formulas.recorded(of.studio());
        return csv.write(kit.all(of.studio()).stream()
                .map(p -> new KitRow(p, recorded.get(p.id())))
                .toList());
    }

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
                .withAllergens("=lanolin, \"nickel\"")
                .with(new Opened(LocalDate.of(2026, 3, 9), 12));
    }

    @Test
    void outIntoAnEmptyStudioAndOutAgainIsTheSameToTheByte() {
        Member from = ground.artist("from");
        kit.addAll(
                from.studio(), List.of(measured("9", 60), measured("10", 50), Ground.base("Marl", "plain", 62, null)));
        Product ten = kit.named(from.studio(), "Tuff 10", 1).get(0);
        formulas.put(from.studio(), new Formula(ten.id(), Carrier.SILICONE, 1.0612, 32.5, 30.0, 1.33333, false));
        String file = out(from);

        Member to = ground.artist("to");
        byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
        imports.put(to, "kit.csv", bytes, 3);
        assertThat(imports.bringIn(to, imports.waiting(to).orElseThrow()).brought())
                .isTrue();
        assertThat(out(to)).isEqualTo(file);
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
}
