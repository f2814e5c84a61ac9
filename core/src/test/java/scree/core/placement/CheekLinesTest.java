package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import scree.core.face.FacePoints;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Vec;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Light, colour and shadow of a cheek, on faces from short to long, by every aim and school. */
class CheekLinesTest {
    private static Draft draft(Draw draw) {
        double chin = draw.between(330, 430);
        FacePoints points = FacePoints.template(new Point(500, 500), new Point(700, 500), new Point(600, 500 + chin));
        String shape = draw.one("OVAL", "ROUND", "SQUARE", "OBLONG", "HEART", "DIAMOND", "TRIANGLE");
        String aim = draw.one("BALANCE", "SCULPT", "SOFTEN", "LIFT", "NATURAL");
        return ToldFace.of(shape + " " + aim, points).draft();
    }

    @Seeds(300)
    void theLightLiesOverTheShadowWithRoomForTheBlush(Draw draw) {
        CheekLines c = draft(draw).cheek(Side.LEFT);
        double light = SideMap.yAt(c.light, c.probe);
        double shadow = SideMap.yAt(c.shadow, c.probe);
        assertThat(shadow - light).isGreaterThan(.12);
        assertThat(c.blushHeight()).isBetween(light, shadow);
    }

    @Seeds(300)
    void whatIsMovedIntoTheRoomLiesClearOfBoth(Draw draw) {
        CheekLines c = draft(draw).cheek(Side.LEFT);
        double y = draw.between(-.5, 1.5);
        double moved = y + c.intoRoom(y);
        assertThat(moved).isBetween(SideMap.yAt(c.light, c.probe), SideMap.yAt(c.shadow, c.probe));
        assertThat(c.intoRoom(moved)).isCloseTo(0, within(1e-9));
    }

    /** From the hair forward and down, never past the stop, never under the nostril line. */
    @Seeds(300)
    void theShadowRunsFromTheEdgeForwardAndStops(Draw draw) {
        Draft d = draft(draw);
        SideMap s = d.side(Side.LEFT);
        CheekLines c = d.cheek(Side.LEFT);
        List<Vec> shadow = c.shadow;
        Vec start = shadow.get(0);
        Vec front = shadow.get(shadow.size() - 1);
        assertThat(start.x()).isCloseTo(s.edge(start.y()), within(.02));
        assertThat(front.x()).isGreaterThanOrEqualTo(c.stop);
        assertThat(front.y()).isGreaterThan(start.y()).isLessThan(s.nostrilLine);
        assertThat(c.stop - s.mouth.x()).isGreaterThanOrEqualTo(.22 - 1e-9);
    }

    @Seeds(100)
    void bothSidesOfTheTemplateAreAlike(Draw draw) {
        Draft d = draft(draw);
        List<Vec> left = d.cheek(Side.LEFT).shadow;
        List<Vec> right = d.cheek(Side.RIGHT).shadow;
        for (int i = 0; i < left.size(); i++) {
            assertThat(left.get(i).distanceTo(right.get(i))).isLessThan(1e-6);
        }
    }
}
