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

    /** A shade once lay inside "unseen" and was listed 2.4, because the map knew nothing of its strength. */
    @Seeds(300)
    void aShadeLiesWhereTheListSaysInItsOwnDirection(Draw draw) {
        Lab skin = skin(draw.between(34, 72), draw.between(-4, 4));
        Lab shade = Lab.of(
                skin.lightness() + draw.between(-4, 4),
                Math.max(1, skin.a() + draw.between(-3, 3)),
                Math.max(1, skin.b() + draw.between(-3, 3)));
        double listed = shade.differenceFrom(skin);
        FieldPlace place = DifferenceContour.placed(skin, shade, listed);
        assertThat(place.at(skin.chroma()).differenceFrom(skin)).isCloseTo(listed, within(.02));
        FieldPlace own = FieldPlace.of(shade);
        FieldPlace centre = FieldPlace.of(skin);
        double dx = own.lean() - centre.lean();
        double dy = own.lightness() - centre.lightness();
        double across = dx * (place.lightness() - centre.lightness()) - dy * (place.lean() - centre.lean());
        assertThat(across).isCloseTo(0, within(1e-6));
        assertThat(dx * (place.lean() - centre.lean()) + dy * (place.lightness() - centre.lightness()))
                .isGreaterThanOrEqualTo(-1e-9);
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
