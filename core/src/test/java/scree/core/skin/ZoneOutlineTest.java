package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.face.Side;
import scree.core.image.Point;

class ZoneOutlineTest {
    private static final FaceFrame FACE = FaceFrame.usualIn(900, 1125);

    @Test
    void everyZoneHasItsOutlinesAndPairsMirrorEachOther() {
        List<ZoneOutline> all = ZoneOutline.templates();
        assertThat(all)
                .extracting(ZoneOutline::zone)
                .contains(Arrays.stream(Zone.values()).filter(Zone::inPortrait).toArray(Zone[]::new))
                .doesNotContain(Zone.FOREARM);
        for (ZoneOutline o : all) {
            if (o.side() == Side.RIGHT) {
                ZoneOutline other = all.stream()
                        .filter(p -> p.zone() == o.zone() && p.side() == Side.LEFT)
                        .findFirst()
                        .orElseThrow();
                assertThat(other.x()).isEqualTo(-o.x());
                assertThat(o.x())
                        .as("the sitter's right lies on the picture's left")
                        .isNegative();
            }
        }
    }

    @Test
    void outlinesLieRoundTheirCentreAndInThePicture() {
        for (ZoneOutline o : ZoneOutline.templates()) {
            List<Point> line = o.polygon(FACE);
            Point centre = FACE.toPicture(o.x(), o.y());
            assertThat(line.stream().mapToDouble(Point::x).average().orElseThrow())
                    .isCloseTo(centre.x(), within(1.0));
            assertThat(line).allMatch(p -> p.x() > 0 && p.x() < 900 && p.y() > 0 && p.y() < 1125);
        }
    }

    /** A zone that lies on another would count skin twice; temple, eye and cheek outlines are close but clear. */
    @Test
    void templatesOfOneSideDoNotCoverEachOthersCentres() {
        List<ZoneOutline> all = ZoneOutline.templates();
        for (ZoneOutline a : all) {
            for (ZoneOutline b : all) {
                if (a != b) {
                    double dx = (b.x() - a.x()) / a.radiusX();
                    double dy = (b.y() - a.y()) / a.radiusY();
                    assertThat(Math.hypot(dx, dy))
                            .as(a.zone() + " over " + b.zone())
                            .isGreaterThan(1);
                }
            }
        }
    }

    @Test
    void aSideWhereThereIsNoneAndAZoneOffThePictureAreRefused() {
        assertThatThrownBy(() -> Zone.NECK.template(Side.LEFT)).hasMessageContaining("no side");
        assertThatThrownBy(() -> new ZoneOutline(Zone.NECK, Side.CENTRE, 9, 2, .3, .1, 0))
                .hasMessageContaining("drag it back");
    }
}
