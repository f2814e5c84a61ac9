package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import scree.core.colour.Lab;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class DifferenceContourTest {
    @Seeds(40)
    void everyPointOfTheLineHasTheDifferenceItClaims(Draw draw) {
        double l = draw.between(32, 74);
        double difference = draw.between(0.5, 3);
        List<Lab> gradient = List.of(skin(l, -2), skin(l + 1, 0), skin(l + 2, 2));
        for (FieldPlace place : DifferenceContour.around(gradient, difference)) {
            assertThat(DifferenceContour.nearest(gradient, place)).isCloseTo(difference, within(0.01));
        }
    }

    @Seeds(20)
    void aWiderLineEnclosesTheNarrower(Draw draw) {
        double l = draw.between(32, 74);
        List<Lab> gradient = List.of(skin(l, 0));
        List<FieldPlace> one = DifferenceContour.around(gradient, 1);
        List<FieldPlace> two = DifferenceContour.around(gradient, 2);
        FieldPlace centre = FieldPlace.of(gradient.get(0));
        for (int i = 0; i < one.size(); i++) {
            assertThat(away(two.get(i), centre)).isGreaterThan(away(one.get(i), centre));
        }
    }

    private static double away(FieldPlace p, FieldPlace centre) {
        return Math.hypot(p.lean() - centre.lean(), p.lightness() - centre.lightness());
    }

    private static Lab skin(double l, double lean) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(l, usual.chroma(), usual.hueDegrees() + lean);
    }
}
