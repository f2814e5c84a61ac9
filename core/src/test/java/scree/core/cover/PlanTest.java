package scree.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.FreeSpot;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What holds of every plan: it adds up, it keeps to what the skin bears, it is of what is there. */
class PlanTest {
    private static final Seen[] SEEN = Seen.values();

    private static Ware<String> ware(String name, Role role, Lab colour) {
        return Golden.ware(name, role, Form.CREAM, colour, .85, UsualCoat.ESTIMATED);
    }

    private static Lab skin(Draw draw) {
        return ReferenceCurve.at(draw.between(30, 78));
    }

    private static Lab marked(Draw draw, Lab skin) {
        return Lab.of(
                Math.max(15, skin.lightness() - draw.between(1, 12)),
                skin.a() + draw.between(-3, 8),
                skin.b() + draw.between(-8, 4));
    }

    private static List<Ware<String>> kit(Lab skin) {
        return List.of(
                ware("green", Role.CORRECTOR, Lab.of(76, -14, 14)),
                ware("olive", Role.CORRECTOR, Lab.of(70, -1, 22)),
                ware("peach", Role.CORRECTOR, Lab.of(74, 20, 27)),
                ware("orange", Role.CORRECTOR, Lab.of(62, 28, 34)),
                ware("lavender", Role.CORRECTOR, Lab.of(76, 8, -12)),
                ware("own", Role.CONCEALER, skin),
                ware("light", Role.CONCEALER, ReferenceCurve.at(Math.min(90, skin.lightness() + 6))));
    }

    private static Bears bears(Draw draw) {
        return draw.one(
                Arrays.stream(Bears.values()).filter(b -> b != Bears.BROKEN).toArray(Bears[]::new));
    }

    private static Place<String> place(Draw draw, Lab skin) {
        return Place.of(marked(draw, skin), skin, ware("BASE", Role.BASE, skin), draw.one(0., .5, 1.), bears(draw));
    }

    /** The table is a habit, yet it is held to what the skin bears as the computed plan is. */
    @Seeds(40)
    void whatTheTableLaysTheSkinBears(Draw draw) {
        Lab skin = skin(draw);
        Place<String> place = place(draw, skin);
        ByTable<String> table = ByTable.of(place, draw.one(SEEN), kit(skin));
        table.plan().ifPresent(p -> {
            assertThat(p.borne())
                    .as(p.microns() + " µm, " + p.coats() + " coats")
                    .isTrue();
            assertThat(p.under()).as("a corrector of the family first").isNotEmpty();
            assertThat(table.asked().servedBy(Leaning.of(p.under().get(0).ware().colour())))
                    .isTrue();
        });
    }

    @Seeds(40)
    void whatIsComputedTheSkinBears(Draw draw) {
        Lab skin = skin(draw);
        CoverSearch.Found<String> found = CoverSearch.of(place(draw, skin), kit(skin));
        assertThat(found.best().borne()).isTrue();
        assertThat(found.nearest().borne()).isTrue();
        found.plan().ifPresent(p -> assertThat(p.left()).isLessThanOrEqualTo(Place.TARGET));
    }

    @Seeds(40)
    void layersAddUpToThePlan(Draw draw) {
        Lab skin = skin(draw);
        List<Ware<String>> kit = kit(skin);
        Place<String> bare = place(draw, skin);
        Place<String> place = draw.one(true, false) ? bare.powdered(ware("powder", Role.POWDER, skin), 1) : bare;
        CoverPlan<String> plan = CoverPlan.of(
                place,
                draw.list(0, 2, () -> new Layer<>(kit.get(draw.whole(0, 4)), draw.one(.5, 1., 1.5))),
                draw.list(0, 2, () -> new Layer<>(kit.get(draw.whole(5, 6)), draw.one(.5, 1., 1.5))));
        List<CoverPlan.Stratum<String>> strata = plan.strata();
        double powder = place.powder() == null ? 0 : place.powder().coat().microns();
        double from = 0;
        for (CoverPlan.Stratum<String> s : strata) {
            assertThat(s.from()).isCloseTo(from, within(1e-9));
            from += s.microns();
        }
        assertThat(from).isCloseTo(plan.microns() + powder, within(1e-9));
        if (!strata.isEmpty()) {
            assertThat(strata.get(strata.size() - 1).left()).isCloseTo(plan.left(), within(1e-9));
        }
    }

    /** Kubelka-Munk films of one product join: two thin coats hide as one of both. */
    @Seeds(20)
    void twoThinCoatsAreOneUsualOne(Draw draw) {
        Lab skin = skin(draw);
        Place<String> place = place(draw, skin);
        Ware<String> own = kit(skin).get(5);
        CoverPlan<String> one = CoverPlan.of(place, List.of(), List.of(new Layer<>(own, 1)));
        CoverPlan<String> two = CoverPlan.of(place, List.of(), List.of(new Layer<>(own, .5), new Layer<>(own, .5)));
        assertThat(two.left()).isCloseTo(one.left(), within(1e-6));
        if (place.baseCoats() == 0) {
            assertThat(two.over())
                    .as("with no base between, they are told as one")
                    .isEqualTo(one.over());
            assertThat(two.level()).isEqualTo(one.level());
        }
    }

    @Seeds(20)
    void withoutABaseThePlanIsOfTheKitAlone(Draw draw) {
        Lab skin = skin(draw);
        Place<String> place = Place.of(marked(draw, skin), skin, null, 0, Bears.FACE);
        CoverSearch.Found<String> found = CoverSearch.of(place, kit(skin));
        assertThat(found.best().strata()).extracting(s -> s.layer().ware()).isSubsetOf(new ArrayList<>(kit(skin)));
        assertThat(ShortCut.of(place, kit(skin))).extracting(ShortCut::way).doesNotContain(ShortCut.Way.ONLY_BASE);
        assertThat(SpotLast.of(place, List.of(), List.of()).recipe()).isEmpty();
        assertThatThrownBy(() -> Place.of(skin, skin, null, 1, Bears.FACE)).hasMessageContaining("not known");
    }

    @ParameterizedTest
    @CsvSource({
        "CHEEK, , 1",
        "UNDER_EYE, , .5",
        "LID, , .5",
        "CHEEK, CREPE, .5",
        "CHEEK, BAG, .5",
        "CHEEK, BROKEN_SKIN, 0",
        "UNDER_EYE, BROKEN_SKIN, 0"
    })
    void theBaseLiesThinOnThinSkinAndNotOnBrokenSkin(Zone zone, Texture feel, double coats) {
        Lab skin = ReferenceCurve.at(60);
        List<Texture> felt = feel == null ? List.of() : List.of(feel);
        assertThat(Treatment.baseCoats(new Mark(Seen.BROWN, zone, null, skin, skin, 1, felt)))
                .isEqualTo(coats);
    }

    @Test
    void belowTheChinNoBaseIsWorn() {
        Lab skin = ReferenceCurve.at(60);
        for (double y : new double[] {1, Treatment.bodyFrom() + .1}) {
            FreeSpot spot = new FreeSpot(1, FreeSpot.Kind.SCAR, 1, y, .1);
            double coats = Treatment.baseCoats(new Mark(Seen.SCAR, null, spot, skin, skin, 1, List.of()));
            assertThat(coats).isEqualTo(y < Treatment.bodyFrom() ? 1 : 0);
        }
    }

    /** More skin takes more, and nothing is counted as none. */
    @Seeds(40)
    void amountsRiseWithTheAreaAndAreAtLeastOne(Draw draw) {
        Layer<String> layer = new Layer<>(ware("c", Role.CONCEALER, ReferenceCurve.at(60)), draw.one(.25, .5, 1., 3.));
        Bears bears = bears(draw);
        double area = draw.between(.01, 60);
        Counted less = Counted.of(layer, area, bears);
        Counted more = Counted.of(layer, 2 * area, bears);
        assertThat(less.count()).isPositive();
        assertThat(more.unit()).as("never a smaller one").isGreaterThanOrEqualTo(less.unit());
        if (more.unit() == less.unit()) {
            assertThat(more.count()).isGreaterThanOrEqualTo(less.count());
        }
    }
}
