package scree.app.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.FacePoints;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.skin.FreeSpot;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Zones and spots as the artist moves them over a picture. */
class FaceStateTest {
    private static final FaceState USUAL = FaceState.usualIn(900, 1200);
    private static final FacePoints POINTS =
            FacePoints.template(new Point(380, 420), new Point(540, 430), new Point(452, 730));

    private static ZoneOutline outline(FaceState face, Zone zone, Side side) {
        return face.outlines().stream()
                .filter(o -> o.zone() == zone && o.side() == side)
                .findFirst()
                .orElseThrow();
    }

    private static Point pixel(FaceState face, Zone zone, Side side) {
        ZoneOutline o = outline(face, zone, side);
        return face.frame().toPicture(o.x(), o.y());
    }

    @Test
    void everyZoneOfTheTemplateIsThereAlsoInAFaceThatWasStoredWithFewer() {
        FaceState old = new FaceState(
                USUAL.rightPupil(),
                USUAL.leftPupil(),
                USUAL.chin(),
                List.of(Zone.CHIN.template(Side.CENTRE)),
                null,
                null,
                null);
        assertThat(old.outlines()).isEqualTo(ZoneOutline.templates());
        assertThat(old.spots()).isEmpty();
        assertThat(old.byHand()).isEmpty();
    }

    @Seeds(100)
    void aZoneMovesByThePixelsThatItWasDragged(Draw draw) {
        double dx = draw.between(-80, 80);
        double dy = draw.between(-80, 80);
        Point before = pixel(USUAL, Zone.CHEEK, Side.LEFT);
        FaceState moved = USUAL.withZone(Zone.CHEEK, Side.LEFT, dx, dy, 1);
        Point after = pixel(moved, Zone.CHEEK, Side.LEFT);
        assertThat(after.x()).isCloseTo(before.x() + dx, within(1e-6));
        assertThat(after.y()).isCloseTo(before.y() + dy, within(1e-6));
        assertThat(moved.byHand()).containsExactly("CHEEK.LEFT");
        assertThat(outline(moved, Zone.CHEEK, Side.RIGHT)).isEqualTo(outline(USUAL, Zone.CHEEK, Side.RIGHT));
    }

    @Seeds(60)
    void aZoneGrowsAndShrinksWithinReason(Draw draw) {
        double scale = draw.between(.01, 50);
        ZoneOutline before = outline(USUAL, Zone.NECK, Side.CENTRE);
        ZoneOutline after = outline(USUAL.withZone(Zone.NECK, Side.CENTRE, 0, 0, scale), Zone.NECK, Side.CENTRE);
        assertThat(after.radiusX()).isBetween(.025, 1.5);
        assertThat(after.radiusY()).isBetween(.025, 1.5);
        if (scale > .3 && scale < 3) {
            assertThat(after.radiusX() / before.radiusX()).isCloseTo(scale, within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(FaceState.Handle.class)
    void aPointOfTheTemplateIsDraggedAloneAndTheZonesFollow(FaceState.Handle handle) {
        FaceState moved = USUAL.withMoved(handle, 6, 4);
        for (FaceState.Handle h : FaceState.Handle.values()) {
            Point before = USUAL.at(h);
            assertThat(moved.at(h)).isEqualTo(h == handle ? before.plus(6, 4) : before);
        }
        assertThat(moved.outlines()).isEqualTo(USUAL.outlines());
        assertThat(pixel(moved, Zone.NECK, Side.CENTRE)).isNotEqualTo(pixel(USUAL, Zone.NECK, Side.CENTRE));
    }

    @Test
    void aChinAboveTheEyesIsRefusedWithTheWayOut() {
        FaceState turned = USUAL.withMoved(FaceState.Handle.CHIN, 0, -600);
        assertThatThrownBy(turned::frame)
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("put the point on the chin");
    }

    /** What was laid by hand stays on its patch of skin when the face's points move the rest. */
    @Test
    void onNewPointsWhatWasMovedByHandAndTheSpotsStayInThePicture() {
        FaceState byHand = USUAL.withZone(Zone.JAW, Side.RIGHT, 12, -20, 1).withSpot(FreeSpot.Kind.BLEMISH, 500, 600);
        Point jaw = pixel(byHand, Zone.JAW, Side.RIGHT);
        FaceState laid = byHand.laidOn(POINTS, 3);
        assertThat(laid.laidOn()).isEqualTo(3);
        assertThat(laid.rightPupil().distanceTo(new Point(380, 420))).isLessThan(2);
        Point now = pixel(laid, Zone.JAW, Side.RIGHT);
        assertThat(now.distanceTo(jaw)).isLessThan(1e-6);
        FreeSpot spot = laid.spots().get(0);
        assertThat(laid.frame().toPicture(spot.x(), spot.y()).distanceTo(new Point(500, 600)))
                .isLessThan(1e-6);
        assertThat(pixel(laid, Zone.JAW, Side.LEFT)).isEqualTo(pixel(FaceState.on(POINTS, 3), Zone.JAW, Side.LEFT));
        assertThat(laid.byHand()).isEqualTo(Set.of("JAW.RIGHT"));
    }

    @Test
    void theTemplateTakesHandsBackButKeepsTheSpots() {
        FaceState face = FaceState.on(POINTS, 2)
                .withZone(Zone.CHIN, Side.CENTRE, 9, 9, 2)
                .withSpot(FreeSpot.Kind.CAPILLARY, 430, 520)
                .withTemplate();
        assertThat(face.outlines()).isEqualTo(ZoneOutline.templates());
        assertThat(face.byHand()).isEmpty();
        assertThat(face.laidOn()).isNull();
        assertThat(face.spots()).hasSize(1);
    }

    @Test
    void spotsKeepTheirNumbersWhenOneIsTakenAway() {
        FaceState three = USUAL.withSpot(FreeSpot.Kind.BLEMISH, 400, 500)
                .withSpot(FreeSpot.Kind.CAPILLARY, 450, 500)
                .withSpot(FreeSpot.Kind.BLEMISH, 500, 500);
        assertThat(three.spots()).extracting(FreeSpot::id).containsExactly(1, 2, 3);
        FaceState two = three.withoutSpot(2);
        assertThat(two.spots()).extracting(FreeSpot::id).containsExactly(1, 3);
        assertThat(two.withSpot(FreeSpot.Kind.CAPILLARY, 430, 520).spots())
                .extracting(FreeSpot::id)
                .containsExactly(1, 3, 4);
        assertThat(two.withoutSpot(9)).isEqualTo(two);
    }

    @Seeds(60)
    void aSpotIsDraggedByPixelsAndSizedByItsScale(Draw draw) {
        double dx = draw.between(-60, 60);
        double dy = draw.between(-60, 60);
        double scale = draw.between(.7, 1.4);
        FaceState one = USUAL.withSpot(FreeSpot.Kind.BLEMISH, 450, 560).withSpot(FreeSpot.Kind.CAPILLARY, 300, 500);
        FaceState moved = one.withSpotMoved(1, dx, dy, scale);
        FreeSpot spot = moved.spots().get(0);
        Point at = moved.frame().toPicture(spot.x(), spot.y());
        assertThat(at.distanceTo(new Point(450 + dx, 560 + dy))).isLessThan(1e-6);
        assertThat(spot.radius() / one.spots().get(0).radius()).isCloseTo(scale, within(1e-9));
        assertThat(moved.spots().get(1)).isEqualTo(one.spots().get(1));
    }

    @Test
    void pastThirtySpotsItIsAPattern() {
        FaceState face = USUAL;
        for (int i = 0; i < FaceState.MOST_SPOTS; i++) {
            face = face.withSpot(FreeSpot.Kind.BLEMISH, 400 + i, 500);
        }
        FaceState full = face;
        assertThatThrownBy(() -> full.withSpot(FreeSpot.Kind.CAPILLARY, 1, 1))
                .hasMessageContaining("30 spots")
                .hasMessageContaining("mark the whole patch");
    }
}
