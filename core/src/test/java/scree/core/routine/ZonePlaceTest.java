package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Vec;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Where a zone lies and which way the hand goes there: as the craft says, on long and on short faces, straight or tilted. */
class ZonePlaceTest {
    private static final LevelledFace FACE = face(1.86, 0);

    /** @param chin under the pupils, in pupil distances */
    private static LevelledFace face(double chin, double tilt) {
        double unit = 200;
        double c = Math.cos(tilt);
        double s = Math.sin(tilt);
        Point right = new Point(300 - unit / 2 * c, 400 - unit / 2 * s);
        Point left = new Point(300 + unit / 2 * c, 400 + unit / 2 * s);
        return LevelledFace.of(
                FacePoints.template(right, left, new Point(300 - chin * unit * s, 400 + chin * unit * c)));
    }

    private static double middle(ZonePlace place) {
        return place.outline().stream().mapToDouble(Vec::x).average().orElseThrow();
    }

    private static double height(ZonePlace place) {
        return place.outline().stream().mapToDouble(Vec::y).average().orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(WorkZone.class)
    void everyZoneHasAPlaceThatCanBeSeenAndAWay(WorkZone zone) {
        List<ZonePlace> places = ZonePlace.of(zone, FACE);
        assertThat(places).isNotEmpty();
        for (ZonePlace p : places) {
            double wide = p.outline().stream().mapToDouble(Vec::x).max().orElseThrow()
                    - p.outline().stream().mapToDouble(Vec::x).min().orElseThrow();
            double high = p.outline().stream().mapToDouble(Vec::y).max().orElseThrow()
                    - p.outline().stream().mapToDouble(Vec::y).min().orElseThrow();
            assertThat(Math.min(wide, high)).as("no line").isGreaterThan(.05);
            assertThat(p.ways()).isNotEmpty().allMatch(w -> w.size() >= 2);
        }
    }

    @Seeds(60)
    void placesLieOnTheFaceAndNeckAndOnBothSidesAlike(Draw draw) {
        LevelledFace face = face(draw.between(1.5, 2.3), draw.between(-.2, .2));
        for (WorkZone zone : WorkZone.values()) {
            List<ZonePlace> places = ZonePlace.of(zone, face);
            for (ZonePlace p : places) {
                for (Vec v : p.outline()) {
                    double cheek = face.outward(Landmark.CHEEK, v.x() < 0 ? Side.RIGHT : Side.LEFT)
                            .x();
                    assertThat(Math.abs(v.x())).as(zone + " beside the face").isLessThan(cheek + .02);
                    assertThat(v.y())
                            .as(zone + " over the hair or under the neck")
                            .isBetween(
                                    face.at(Landmark.HAIRLINE).y() - .01,
                                    face.at(Landmark.CHIN).y() + .7);
                }
            }
            if (places.size() == 2) {
                assertThat(middle(places.get(0))).as(zone.name()).isEqualTo(-middle(places.get(1)), within());
                assertThat(height(places.get(0))).as(zone.name()).isEqualTo(height(places.get(1)), within());
            } else {
                assertThat(middle(places.get(0))).as(zone.name()).isEqualTo(0, within());
            }
        }
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(.02);
    }

    @Seeds(30)
    void zonesFollowEachOtherDownTheFace(Draw draw) {
        LevelledFace face = face(draw.between(1.5, 2.3), 0);
        WorkZone[] down = {
            WorkZone.FOREHEAD,
            WorkZone.BROW,
            WorkZone.LID,
            WorkZone.UNDER_EYE,
            WorkZone.CHEEK,
            WorkZone.LIPS,
            WorkZone.JAW,
            WorkZone.NECK
        };
        for (int i = 1; i < down.length; i++) {
            assertThat(height(ZonePlace.of(down[i], face).get(0)))
                    .as(down[i - 1] + " over " + down[i])
                    .isGreaterThan(height(ZonePlace.of(down[i - 1], face).get(0)));
        }
    }

    /** Cited: the directions of the craft by zone. */
    @ParameterizedTest
    @EnumSource(WorkZone.class)
    void theHandGoesAsTheCraftSays(WorkZone zone) {
        for (ZonePlace p : ZonePlace.of(zone, FACE)) {
            for (List<Vec> way : p.ways()) {
                Vec from = way.get(0);
                Vec to = way.get(way.size() - 1);
                boolean outward = Math.abs(to.x()) > Math.abs(from.x());
                switch (zone) {
                    case FOREHEAD, TEMPLE, LASH -> assertThat(to.y()).isLessThan(from.y());
                    case CHEEK, OUTER, MOUTH -> {
                        assertThat(to.y()).as("up").isLessThan(from.y());
                        assertThat(outward).as("and back").isTrue();
                    }
                    case UNDER_EYE, LID, BROW -> assertThat(outward).isTrue();
                    case NOSE, JAW, NECK -> assertThat(to.y()).isGreaterThan(from.y());
                    case LIPS ->
                        assertThat(outward).as("from the corner to the middle").isFalse();
                }
            }
        }
    }
}
