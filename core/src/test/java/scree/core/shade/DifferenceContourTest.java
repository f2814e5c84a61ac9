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
        Lab skin = skin(l, draw.between(-4, 4));
        for (FieldPlace place : DifferenceContour.around(skin, difference)) {
            assertThat(place.at(skin.chroma()).differenceFrom(skin)).isCloseTo(difference, within(0.01));
        }
    }

    @Seeds(20)
    void aWiderLineEnclosesTheNarrower(Draw draw) {
        double l = draw.between(32, 74);
        Lab skin = skin(l, 0);
        List<FieldPlace> one = DifferenceContour.around(skin, 1);
        List<FieldPlace> two = DifferenceContour.around(skin, 2);
        FieldPlace centre = FieldPlace.of(skin);
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
