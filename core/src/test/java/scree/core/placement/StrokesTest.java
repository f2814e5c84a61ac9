package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Profile;
import scree.core.plane.Vec;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class StrokesTest {
    private static final UnaryOperator<Vec> STAY = UnaryOperator.identity();
    private static final LevelledFace FACE =
            LevelledFace.of(FacePoints.template(new Point(500, 500), new Point(700, 500), new Point(600, 872)));

    @Test
    void aStraightRibbonIsAsWideAsItsProfileAndItsInnerLayersCrowdTheBiasedEdge() {
        Piece piece = Strokes.ribbon(
                List.of(new Vec(0, 0), new Vec(1, 0)), Profile.even(.1, .1), Profile.even(1, 1), .45, STAY);
        assertThat(piece.edge().stream().mapToDouble(Vec::y).max().orElse(0)).isCloseTo(.1, within(1e-9));
        assertThat(piece.edge().stream().mapToDouble(Vec::y).min().orElse(0)).isCloseTo(-.1, within(1e-9));
        List<Vec> inner = piece.layers().get(2).cells().get(12).outline();
        double middle = inner.stream().mapToDouble(Vec::y).average().orElse(0);
        assertThat(middle).as("to the right of the way is down on screen").isCloseTo(.45 * .1 * .67, within(1e-9));
    }

    @Seeds(200)
    void noEdgeCrossesItselfHoweverTheLineBends(Draw draw) {
        double x1 = draw.between(-1, 1);
        double y1 = draw.between(-1, 1);
        double x2 = draw.between(-1, 1);
        double y2 = draw.between(-1, 1);
        List<Vec> line = SideMap.smooth(new Vec(-1, 0), new Vec(x1, y1), new Vec(x2, y2), new Vec(1, .2));
        Piece piece = Strokes.ribbon(line, Profile.even(.05, .3, .05), Profile.even(1, 1), 0, STAY);
        assertThat(Strokes.simple(piece.edge())).isTrue();
    }

    @Test
    void theOutlinePassesThroughItsPointsAndKnowsInsideFromOutside() {
        Outline outline = new Outline(FACE);
        for (Landmark l : List.of(Landmark.CHEEK, Landmark.JAW, Landmark.TEMPLE, Landmark.FOREHEAD_CORNER)) {
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                assertThat(outline.beyond(FACE.at(l, side))).as(l + " " + side).isCloseTo(0, within(.012));
            }
        }
        assertThat(outline.beyond(FACE.at(Landmark.NOSE_TIP))).isNegative();
        assertThat(outline.beyond(new Vec(1.4, .2))).isPositive();
        Vec fitted = outline.fit(new Vec(2, .4), .05);
        assertThat(outline.beyond(fitted)).isCloseTo(-.05, within(1e-6));
        assertThat(outline.at(Side.LEFT, .22).x()).isCloseTo(1.06, within(.02));
        assertThat(outline.at(Side.RIGHT, .22).x()).isCloseTo(-1.06, within(.02));
    }

    @Seeds(300)
    void pushedPointsLieOutsideEyesBrowsNostrilsAndLips(Draw draw) {
        double x = draw.between(-1, 1);
        double y = draw.between(-.6, 1.5);
        KeepOff keepOff = new KeepOff(FACE);
        Vec pushed = keepOff.push(new Vec(x, y), KeepOff.ALL);
        for (KeepOff.Part part : List.of(KeepOff.Part.BROW, KeepOff.Part.LIPS)) {
            assertThat(keepOff.inCore(pushed, part)).as("%s %s", part, pushed).isFalse();
        }
        if (y > .2 || Math.abs(x) < .2) { // between brow and lid both may want the point; there the brow wins
            assertThat(keepOff.inCore(pushed, KeepOff.Part.EYE)).isFalse();
            assertThat(keepOff.inCore(pushed, KeepOff.Part.NOSTRIL)).isFalse();
        }
    }
}
