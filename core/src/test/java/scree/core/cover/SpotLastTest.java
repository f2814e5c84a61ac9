package scree.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.ReferenceCurve;

/** A spot under contour and blush: mixed from what lies there it goes, dotted with concealer it shows more than before. */
class SpotLastTest {
    private static Ware<String> ware(String name, Role role, Lab colour, double contrast) {
        return Golden.ware(name, role, Form.CREAM, colour, contrast, UsualCoat.ESTIMATED);
    }

    private static List<Ware<String>> concealers() {
        List<Ware<String>> all = new ArrayList<>();
        for (int i = 1; i <= 6; i++) {
            all.add(Golden.ware("Chert C" + i, UsualCoat.ESTIMATED));
        }
        return all;
    }

    private static SpotLast<String> plan(double lightness, double deeper, List<SpotLast.Over<String>> over) {
        Lab skin = ReferenceCurve.at(lightness);
        Lab spot = Lab.of(lightness - deeper, skin.a() + deeper / 3, skin.b());
        Place<String> place = Place.of(spot, skin, ware("BASE", Role.BASE, skin, .78), 1, Bears.FACE);
        return SpotLast.of(place, over, concealers());
    }

    private static SpotLast.Over<String> film(String name, Role role, Lab colour, double chartCoats, boolean powder) {
        Ware<String> w = ware(name, role, colour, .45);
        return new SpotLast.Over<>(w, w.coat().onChart(chartCoats), powder);
    }

    @ParameterizedTest
    @CsvSource({"70", "58", "46", "34"})
    void aMixOfWhatLiesThereBeatsTheDot(double lightness) {
        Lab skin = ReferenceCurve.at(lightness);
        var contour = film(
                "contour", Role.CONTOUR, Lab.of(Math.max(16, lightness - 26), skin.a() * .8, skin.b() * .8), .3, false);
        var blush = film("blush", Role.BLUSH, Lab.of(Math.max(25, lightness - 12), 28, 12), .2, false);
        SpotLast<String> s = plan(lightness, 17, List.of(contour, blush));
        double proposed = s.recipe().map(SpotLast.Recipe::left).orElse(s.asItIs());
        assertThat(proposed).isLessThanOrEqualTo(s.asItIs()).isLessThan(s.dot());
        assertThat(s.dot()).as("a dot shows more than nothing").isGreaterThan(s.asItIs());
        s.recipe().ifPresent(r -> {
            assertThat(r.parts()).hasSizeLessThanOrEqualTo(3);
            assertThat(r.counts()).isLessThanOrEqualTo(6);
        });
    }

    @Test
    void whatNobodySeesIsLeft() {
        SpotLast<String> s = plan(60, 1, List.of());
        assertThat(s.asItIs()).isLessThanOrEqualTo(Place.TARGET);
        assertThat(s.recipe()).isEmpty();
    }

    @Test
    void powderIsNeverStirredInButLaidAgain() {
        var bronzer = film("bronzer", Role.BRONZER, Lab.of(44, 16, 26), .7, true);
        SpotLast<String> s = plan(60, 13, List.of(bronzer));
        assertThat(s.recipe().orElseThrow().parts())
                .extracting(p -> p.ware().what())
                .doesNotContain("bronzer");
    }

    @Test
    void aKitWithoutConcealersStillMixesFromTheBase() {
        Lab skin = ReferenceCurve.at(60);
        Place<String> place = Place.of(Lab.of(48, 16, 17), skin, ware("BASE", Role.BASE, skin, .78), 1, Bears.FACE);
        SpotLast<String> s = SpotLast.of(place, List.of(), List.of());
        assertThat(s.dot()).isNull();
        assertThat(s.recipe().orElseThrow().parts())
                .extracting(p -> p.ware().what())
                .containsExactly("BASE");
    }
}
