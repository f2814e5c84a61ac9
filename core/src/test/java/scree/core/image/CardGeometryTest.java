package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.image.CardLayout.Kind;
import scree.core.image.CardLayout.Place;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class CardGeometryTest {
    @Test
    void fieldsLieInsideTheBorderAndNeverOverlap() {
        for (Kind kind : Kind.values()) {
            List<Place> places = CardLayout.places(kind);
            for (int i = 0; i < places.size(); i++) {
                Place p = places.get(i);
                assertThat(p.left()).isGreaterThanOrEqualTo(2 * CardLayout.MARK_INSET - 1e-9);
                assertThat(p.right()).isLessThanOrEqualTo(CardLayout.WIDTH - 2 * CardLayout.MARK_INSET + 1e-9);
                assertThat(p.bottom()).isLessThanOrEqualTo(CardLayout.HEIGHT - 2 * CardLayout.MARK_INSET + 1e-9);
                for (int j = i + 1; j < places.size(); j++) {
                    assertThat(apart(p, places.get(j)))
                            .as(p + " " + places.get(j))
                            .isTrue();
                }
            }
        }
        assertThat(CardLayout.places(Kind.COLOUR)).hasSize(24);
        assertThat(CardLayout.places(Kind.COLOUR))
                .extracting(p -> p.field().number())
                .isSorted();
    }

    /** A dry-stone wall: an upright joint never runs through two courses. */
    @Test
    void jointsNeverStandAboveEachOther() {
        List<Place> places = CardLayout.places(Kind.COLOUR);
        for (Place upper : places) {
            for (Place lower : places) {
                boolean next = lower.top() > upper.bottom() && lower.top() - upper.bottom() < 3;
                boolean inner = upper.right() < 62 && lower.right() < 62;
                if (next && inner) {
                    assertThat(Math.abs(upper.right() - lower.right())).isGreaterThan(.5);
                }
            }
        }
    }

    @Test
    void coloursAndSpectraOfTheTableAgree() {
        for (CardField field : CardLayout.fields()) {
            double off = field.reflectance().toLab().differenceFrom(field.colour());
            assertThat(off).as("field " + field.number()).isLessThan(1.2);
        }
    }

    @Seeds(200)
    void aTiltedCardMapsItsDotsExactlyAndItsMiddleInside(Draw draw) {
        double a = draw.between(-40, 40);
        double b = draw.between(-40, 40);
        double c = draw.between(-40, 40);
        List<Point> seen = List.of(
                new Point(100 + a, 100 + b),
                new Point(350 + c, 110),
                new Point(340, 520 + a),
                new Point(90 + b, 500 + c));
        Homography map = Homography.between(CardLayout.marks(), seen);
        for (int i = 0; i < 4; i++) {
            Point dot = CardLayout.marks().get(i);
            assertThat(map.map(dot.x(), dot.y()).distanceTo(seen.get(i))).isCloseTo(0, within(1e-6));
        }
        Point middle = map.map(CardLayout.WIDTH / 2, CardLayout.HEIGHT / 2);
        assertThat(middle.x()).isBetween(120.0, 340.0);
        assertThat(middle.y()).isBetween(180.0, 460.0);
    }

    private static boolean apart(Place a, Place b) {
        return a.right() <= b.left() || b.right() <= a.left() || a.bottom() <= b.top() || b.bottom() <= a.top();
    }
}
