package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import scree.app.Samples;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.Depth;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Undertone;

/** What a kit is browsed by: filters that narrow together, orders that an eye follows. */
class KitQueryTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 20);
    private static final Product FAIR = at(1, "fair", 72, 0);
    private static final Product GOLDEN = at(2, "golden", 60, 9);
    private static final Product PINK = at(3, "pink", 60, -9);
    private static final Product DEEP =
            at(4, "deep", 35, 0).measured(ReferenceCurve.at(36), ReferenceCurve.at(35), Measure.meter(TODAY));
    private static final Product OLD =
            Samples.opened(at(5, "old", 50, 0), LocalDate.of(2025, 1, 1), 12).inStock(false);
    private static final Product SOON = Samples.opened(at(6, "soon", 51, 0), LocalDate.of(2025, 7, 10), 12);

    private static Product at(long id, String name, double lightness, double lean) {
        Lab usual = ReferenceCurve.at(lightness);
        return Samples.base(id, name, Lab.ofLch(lightness, usual.chroma(), usual.hueDegrees() + lean), 0);
    }

    private static List<String> found(KitQuery query) {
        return Stream.of(OLD, PINK, FAIR, SOON, DEEP, GOLDEN)
                .map(KitQuery.Entry::of)
                .filter(e -> query.fits(e, TODAY))
                .sorted(query.order())
                .map(e -> e.product().name())
                .toList();
    }

    private static KitQuery asking(Depth depth, Undertone.Family family, KitQuery.State state, KitQuery.Sort sort) {
        return new KitQuery(Role.BASE, Form.LIQUID, null, depth, family, state, sort, " MARL ", null);
    }

    @Test
    void nothingAskedIsAllByName() {
        assertThat(found(new KitQuery(null, null, null, null, null, null, null, null, null)))
                .containsExactly("old", "deep", "fair", "pink", "soon", "golden");
        assertThat(found(new KitQuery(null, Form.CREAM, null, null, null, null, null, null, null)))
                .isEmpty();
        assertThat(found(new KitQuery(null, null, null, null, null, null, null, "arl GOL", null)))
                .containsExactly("golden");
    }

    @Test
    void depthAndUndertoneAreThoseOfTheSettledColour() {
        assertThat(found(asking(null, Undertone.Family.WARM, null, null))).containsExactly("golden");
        assertThat(found(asking(null, Undertone.Family.COOL, null, null))).containsExactly("pink");
        assertThat(found(asking(Depth.of(FAIR.settled()), null, null, null))).containsExactly("fair");
        assertThat(found(asking(Depth.of(FAIR.settled()), Undertone.Family.WARM, null, null)))
                .isEmpty();
    }

    @Test
    void whatIsToBeSeenToIsFound() {
        assertThat(found(asking(null, null, KitQuery.State.PAST, null))).containsExactly("old");
        assertThat(found(asking(null, null, KitQuery.State.SOON_PAST, null))).containsExactly("soon");
        assertThat(found(asking(null, null, KitQuery.State.OUT_OF_STOCK, null))).containsExactly("old");
        assertThat(found(asking(null, null, KitQuery.State.NEVER_MEASURED, null)))
                .hasSize(5)
                .doesNotContain("deep");
    }

    @Test
    void ordersFollowDepthLeanAndTime() {
        assertThat(found(asking(null, null, null, KitQuery.Sort.LIGHTEST)))
                .startsWith("fair")
                .endsWith("deep");
        assertThat(found(asking(null, null, null, KitQuery.Sort.DEEPEST)))
                .startsWith("deep")
                .endsWith("fair");
        assertThat(found(asking(null, null, null, KitQuery.Sort.GOLDEN)))
                .startsWith("golden")
                .endsWith("pink");
        assertThat(found(asking(null, null, null, KitQuery.Sort.PINK))).startsWith("pink");
        assertThat(found(asking(null, null, null, KitQuery.Sort.ENDS_FIRST))).startsWith("old", "soon");
    }
}
