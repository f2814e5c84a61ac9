package scree.core.cover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.ReferenceCurve;

/** The corrector to buy for what people show. */
class OneCorrectorTest {
    private static final Lab FAIR = ReferenceCurve.at(72);
    private static final Ware<String> BASE =
            Golden.ware("BASE", Role.BASE, Form.LIQUID, FAIR, .78, UsualCoat.ESTIMATED);

    private static OneCorrector.Case<String> dark(double l, double b) {
        Place<String> place = Place.of(Lab.of(72 - l, 8, 13 - b), FAIR, BASE, .5, Bears.UNDER_EYE);
        return new OneCorrector.Case<>(place, List.of());
    }

    @Test
    void purpleUnderFairEyesAsksForAPeach() {
        OneCorrector best =
                OneCorrector.of(List.of(dark(12, 8), dark(14, 9), dark(13, 8))).orElseThrow();
        assertThat(best.leaning()).isIn(Leaning.PEACH, Leaning.PINK_PEACH);
        assertThat(best.helped()).isEqualTo(3);
        assertThat(best.asked()).isEqualTo(3);
    }

    @Test
    void whereTheBaseDoesItNothingIsToBeBought() {
        assertThat(OneCorrector.of(List.of(dark(1, 0)))).isEmpty();
        assertThat(OneCorrector.of(List.of())).isEmpty();
    }
}
