package scree.core.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.plane.Curves;
import scree.core.plane.Vec;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The face's edge from temple to temple: width at a height, and how sharp the jaw turns. */
class EdgeCurveTest {
    private static final List<Landmark> EDGE =
            List.of(Landmark.TEMPLE, Landmark.CHEEK, Landmark.JAW, Landmark.JAW_MID, Landmark.CHIN_SIDE);

    private static EdgeCurve edge(double wider, double squarer) {
        return new EdgeCurve(LevelledFace.of(UsualFace.points(PointState.CONFIRMED, (key, p) -> {
            if (!EDGE.contains(key.landmark())) {
                return p;
            }
            double out = key.landmark() == Landmark.JAW ? squarer : 0;
            return new Vec(p.x() * wider + Math.signum(p.x()) * out, p.y());
        })));
    }

    @Seeds(60)
    void aFaceDrawnWiderIsWiderByAsMuchAtEveryHeight(Draw draw) {
        double wider = draw.between(.8, 1.3);
        double y = draw.between(0, 1.2);
        assertThat(edge(wider, 0).width(y) / edge(1, 0).width(y)).isCloseTo(wider, within(.02));
    }

    @Test
    void beyondTempleAndChinTheNearestWidthIsTaken() {
        EdgeCurve edge = edge(1, 0);
        assertThat(edge.width(-3)).isEqualTo(edge.width(-9)).isGreaterThan(1.5);
        assertThat(edge.width(9)).isCloseTo(0, within(1e-9));
    }

    @Test
    void theWidthNarrowsFromCheekToChin() {
        EdgeCurve edge = edge(1, 0);
        double before = edge.width(.6);
        for (double y = .7; y < 1.8; y += .1) {
            assertThat(edge.width(y)).isLessThan(before);
            before = edge.width(y);
        }
    }

    @Test
    void theLineGoesRoundOnceAndIsTheSameOnBothSides() {
        List<Vec> line = edge(1, 0).line();
        assertThat(line.get(0).x()).isNegative();
        assertThat(line.get(line.size() - 1).x()).isPositive();
        for (int i = 0; i < line.size(); i++) {
            Vec twin = line.get(line.size() - 1 - i);
            assertThat(twin.x()).isCloseTo(-line.get(i).x(), within(1e-9));
            assertThat(twin.y()).isCloseTo(line.get(i).y(), within(1e-9));
        }
        assertThat(Curves.length(line)).isBetween(4.0, 7.0);
    }

    /** A jaw drawn out at its angle turns more sharply; that is what tells square from round. */
    @Test
    void anAngularJawTurnsMoreSharply() {
        double usual = edge(1, 0).corner();
        double square = edge(1, .16).corner();
        assertThat(usual).isBetween(20.0, 50.0);
        assertThat(square).isGreaterThan(usual + 5);
        assertThat(edge(1, .16).corner()).isEqualTo(square);
    }

    @Test
    void onlyPointsOfTheEdgeAndThePupilsMoveIt() {
        for (Landmark l : Landmark.values()) {
            boolean levels = l == Landmark.PUPIL || l == Landmark.CHIN;
            assertThat(EdgeCurve.follows(l)).as(l.name()).isEqualTo(levels || EDGE.contains(l));
        }
    }
}
