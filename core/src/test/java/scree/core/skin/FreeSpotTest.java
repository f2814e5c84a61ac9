package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.image.Point;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class FreeSpotTest {
    private static final FaceFrame FACE = FaceFrame.usualIn(800, 1000);

    @Seeds(100)
    void itsOutlineLiesRoundItsPlaceAtItsSize(Draw draw) {
        double x = draw.between(-1, 1);
        double y = draw.between(-.5, 2);
        double radius = draw.between(.02, .3);
        FreeSpot spot = new FreeSpot(1, FreeSpot.Kind.PATCH, x, y, radius);
        for (Point p : spot.polygon(FACE, 1)) {
            Point at = FACE.toFace(p);
            assertThat(Math.hypot(at.x() - x, at.y() - y)).isCloseTo(radius, within(1e-6));
        }
        Point grown = FACE.toFace(spot.polygon(FACE, 1.5).get(3));
        assertThat(Math.hypot(grown.x() - x, grown.y() - y)).isCloseTo(1.5 * radius, within(1e-6));
    }

    @ParameterizedTest
    @EnumSource(FreeSpot.Kind.class)
    void everyKindStartsAtASizeThatCanBeHeld(FreeSpot.Kind kind) {
        FreeSpot spot = new FreeSpot(1, kind, 0, 0, kind.usualRadius());
        assertThat(spot.sized(100).radius()).isEqualTo(.6);
        assertThat(spot.sized(.0001).radius()).isEqualTo(.01);
        assertThat(spot.moved(.4, .5)).isEqualTo(new FreeSpot(1, kind, .4, .5, kind.usualRadius()));
    }

    @Test
    void whatLiesBesideTheFaceIsRefusedWithTheWayOut() {
        assertThatThrownBy(() -> new FreeSpot(1, FreeSpot.Kind.SCAR, 9, 0, .05))
                .hasMessageContaining("spot's x")
                .hasMessageContaining("tap on the skin");
        assertThatThrownBy(() -> new FreeSpot(1, FreeSpot.Kind.SCAR, 0, 0, 2)).hasMessageContaining("spot's size");
        assertThatThrownBy(() -> new FreeSpot(1, FreeSpot.Kind.SCAR, 0, Double.NaN, .05))
                .hasMessageContaining("spot's y");
    }
}
