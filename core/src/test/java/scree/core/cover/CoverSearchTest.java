package scree.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.colour.Lab;

/** 128 places solved by an independent reference: kit, plan, what is left, doubt and every layer's colour. */
class CoverSearchTest {
    static Stream<Map<String, String>> golden() {
        return Golden.rows("golden.csv").stream();
    }

    @ParameterizedTest
    @MethodSource("golden")
    void aPlanIsWhatTheReferenceFound(Map<String, String> row) {
        Place<String> place = Golden.place(row);
        CoverSearch.Found<String> found = CoverSearch.of(place, Golden.kit(row));
        assertThat(place.bare()).isCloseTo(number(row, "bare_dE"), within(.01));
        assertThat(CoverPlan.of(place, List.of(), List.of()).left())
                .isCloseTo(number(row, "base_alone_dE"), within(.01));
        if (row.get("level").equals("NONE")) {
            assertThat(found.plan()).isEmpty();
            assertThat(found.nearest().left()).isCloseTo(number(row, "nearest_dE"), within(.01));
            return;
        }
        CoverPlan<String> plan = found.plan().orElseThrow();
        assertThat(text(plan)).isEqualTo(expected(row, place));
        assertThat(plan.level().name()).isEqualTo(row.get("level"));
        assertThat(plan.coats()).isEqualTo((int) number(row, "coats"));
        assertThat(plan.microns()).isCloseTo(number(row, "um"), within(.01));
        assertThat(plan.left()).isCloseTo(number(row, "left_dE"), within(.01));
        assertThat(plan.doubt()).isCloseTo(number(row, "doubt"), within(.01));
        assertThat(plan.careful()).isCloseTo(number(row, "careful"), within(.01));
        String[] colours = row.get("lab_after").split(" ; ");
        List<CoverPlan.Stratum<String>> strata = plan.strata();
        for (int i = 1;
                i <= strata.size();
                i++) { // from the last one back: the reference also lists bare skin and a base of no coats
            String[] c = colours[colours.length - i].split(" ");
            Lab expected = Lab.of(
                    Double.parseDouble(c[c.length - 3]),
                    Double.parseDouble(c[c.length - 2]),
                    Double.parseDouble(c[c.length - 1]));
            if (place.baseCoats() > 0 || i <= plan.over().size()) {
                assertThat(strata.get(strata.size() - i).seen().differenceFrom(expected))
                        .isLessThan(.01);
            }
        }
    }

    /** The reference lists a base of no coats, and calls a product of the kit that is the base by its name. */
    private static String expected(Map<String, String> row, Place<String> place) {
        String plan = row.get("plan").replaceAll("BASE:0 > | > BASE:0$", "");
        for (Ware<String> w : Golden.kit(row)) {
            plan = w.coat().equals(place.base().coat()) ? plan.replace(w.what() + ":", "BASE:") : plan;
        }
        return plan;
    }

    private static double number(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column));
    }

    private static String text(CoverPlan<String> plan) {
        List<String> all = new ArrayList<>();
        plan.under().forEach(l -> all.add(text(l)));
        if (plan.place().baseCoats() > 0 || plan.baseAlone()) {
            all.add("BASE:" + plain(plan.place().baseCoats()));
        }
        plan.over().forEach(l -> all.add(text(l)));
        return String.join(" > ", all);
    }

    private static String text(Layer<String> l) {
        return l.ware().what() + ":" + plain(l.amount());
    }

    private static String plain(double amount) {
        return amount == Math.rint(amount) ? String.valueOf((int) amount) : String.valueOf(amount);
    }
}
