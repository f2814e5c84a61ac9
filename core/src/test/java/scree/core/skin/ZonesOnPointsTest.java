package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.placement.Area;

class ZonesOnPointsTest {
    private static final FacePoints USUAL =
            FacePoints.template(new Point(370, 420), new Point(530, 420), new Point(450, 716));

    @Test
    void onAUsualFaceTheZonesLieAsInTheTemplate() {
        List<ZoneOutline> laid = ZonesOnPoints.outlines(USUAL);
        for (ZoneOutline t : ZoneOutline.templates()) {
            ZoneOutline o = find(laid, t.zone(), t.side());
            assertThat(o.x()).as(t.zone() + " x").isCloseTo(t.x(), within(.03));
            assertThat(o.y()).as(t.zone() + " y").isCloseTo(t.y(), within(.03));
        }
    }

    @Test
    void aZoneFollowsItsLandmarksAndOthersStay() {
        PointKey mouth = new PointKey(Landmark.MOUTH, Side.LEFT);
        FacePoints moved = USUAL.moved(mouth, 16, 0, false);
        List<ZoneOutline> before = ZonesOnPoints.outlines(USUAL);
        List<ZoneOutline> after = ZonesOnPoints.outlines(moved);
        assertThat(find(after, Zone.AROUND_MOUTH, Side.LEFT).x())
                .isGreaterThan(find(before, Zone.AROUND_MOUTH, Side.LEFT).x() + .03);
        assertThat(find(after, Zone.AROUND_MOUTH, Side.RIGHT)).isEqualTo(find(before, Zone.AROUND_MOUTH, Side.RIGHT));
        assertThat(find(after, Zone.FOREHEAD, Side.CENTRE)).isEqualTo(find(before, Zone.FOREHEAD, Side.CENTRE));
    }

    /** A hairline that nobody looked at may be hair: the forehead is dotted until somebody did, the cheeks never are. */
    @Test
    void zonesAtARimThatNobodySawAreUnsure() {
        FacePoints guessed = USUAL;
        assertThat(ZonesOnPoints.unsure(guessed)).containsExactlyInAnyOrder(Zone.FOREHEAD, Zone.TEMPLE);
        FacePoints looked = guessed.confirmed(Landmark.HAIRLINE);
        assertThat(ZonesOnPoints.unsure(looked)).containsExactly(Zone.TEMPLE);
        assertThat(ZonesOnPoints.unsure(looked.confirmed(Landmark.TEMPLE))).isEmpty();
        assertThat(Area.HAIRLINE_SHADOW.unsure(guessed)).isTrue();
        assertThat(Area.HAIRLINE_SHADOW.unsure(looked)).isFalse();
        assertThat(Area.TEMPLE_SHADOW.unsure(looked)).isTrue();
        assertThat(Area.CHEEK_SHADOW.unsure(guessed)).isFalse();
    }

    @Test
    void onANarrowFaceCheekAndOuterCheekStayApart() {
        FacePoints narrow = USUAL;
        for (Landmark l : List.of(Landmark.CHEEK, Landmark.JAW)) {
            narrow = narrow.moved(new PointKey(l, Side.LEFT), -26, 0, true);
        }
        List<ZoneOutline> laid = ZonesOnPoints.outlines(narrow);
        for (Side side : List.of(Side.RIGHT, Side.LEFT)) {
            ZoneOutline inner = find(laid, Zone.CHEEK, side);
            ZoneOutline outer = find(laid, Zone.OUTER_CHEEK, side);
            assertThat(Math.abs(inner.x()) + inner.radiusX())
                    .isLessThanOrEqualTo(Math.abs(outer.x()) - outer.radiusX() + 1e-9);
        }
    }

    @Test
    void lipsEyesAndBrowsAreFeaturesWhereverThePointsLie() {
        List<List<Point>> features = Features.of(USUAL);
        assertThat(features).hasSize(7);
        Point mouth = USUAL.at(PointKey.of(Landmark.STOMION)).at();
        assertThat(features.get(0).stream().mapToDouble(Point::y).min().orElseThrow())
                .isLessThan(mouth.y());
        assertThat(features.get(0).stream().mapToDouble(Point::y).max().orElseThrow())
                .isGreaterThan(mouth.y());
    }

    private static ZoneOutline find(List<ZoneOutline> all, Zone zone, Side side) {
        return all.stream()
                .filter(o -> o.zone() == zone && o.side() == side)
                .findFirst()
                .orElseThrow();
    }
}
