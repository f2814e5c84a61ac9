package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.core.colour.Lab;
import scree.core.image.Point;
import scree.core.skin.Depth;
import scree.core.skin.Undertone;

/** The twelve have to show what the demo promises, and the truth that comes with them has to hold together. */
class CastTest {
    static List<Sitter> all() {
        return Ensemble.all();
    }

    @Test
    void theCastCoversDepthsUndertonesAgesAndHair() {
        assertThat(all()).hasSize(12);
        assertAtLeastTwo(
                "very deep",
                s -> Depth.of(s.skin()) == Depth.VERY_DEEP || s.skin().lightness() < 40);
        assertAtLeastTwo("very fair", s -> s.skin().lightness() >= 70);
        assertAtLeastTwo("olive", s -> Undertone.of(List.of(s.skin()), 1, true).olive() > .3);
        assertAtLeastTwo("freckled", s -> s.marks().freckles() >= .15);
        assertAtLeastTwo("over 65", s -> s.age() > 65);
        assertAtLeastTwo("grey hair", s -> s.hair().grey() > .2);
        assertAtLeastTwo("men", Sitter::man);
        assertThat(all()).extracting(Sitter::age).contains(19, 74);
        Set<Sitter.Shape> shapes = EnumSet.noneOf(Sitter.Shape.class);
        all().forEach(s -> shapes.add(s.face().shape()));
        assertThat(shapes).containsExactlyInAnyOrder(Sitter.Shape.values());
        assertThat(new HashSet<>(all().stream().map(Sitter::seed).toList())).hasSize(12);
    }

    @ParameterizedTest
    @MethodSource("all")
    void theModelHasASkinNearTheWantedOne(Sitter sitter) {
        SkinPigment pigment = new SkinPigment(sitter.skin(), sitter.seed(), 0);
        double step = (0 - SkinPigment.LOW) / (SkinPigment.HIGH - SkinPigment.LOW) * (SkinPigment.STEPS - 1);
        Lab nearZero =
                pigment.at((int) Math.round(step), (int) Math.round(step)).toLab();
        assertThat(nearZero.differenceFrom(sitter.skin()))
                .isLessThan(4); // a grid step of density beside the base itself
    }

    @Test
    void moreMelaninIsDeeperAndMoreBloodIsRedder() {
        SkinPigment pigment = new SkinPigment(Lab.of(66, 10, 16), 3, .01);
        for (int i = 5; i < 12; i++) { // before and beyond, melanin or blood is at its bound
            assertThat(pigment.at(i, 8).toLab().lightness())
                    .isLessThan(pigment.at(i - 1, 8).toLab().lightness());
            assertThat(pigment.at(6, i).toLab().a())
                    .isGreaterThan(pigment.at(6, i - 1).toLab().a());
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void landmarksLieInsideTheHeadInTheRightOrder(Sitter sitter) {
        Portrait portrait = new Portrait(sitter, new Scene(new Frame(300, 375)), new HeadOutline(sitter.face()), null);
        var points = portrait.landmarks();
        assertThat(points.get("right pupil").x())
                .isLessThan(points.get("left pupil").x());
        double down = points.get("right pupil").y();
        for (String name : List.of("nose tip", "under nose", "right mouth corner", "chin")) {
            assertThat(points.get(name).y()).as(name).isGreaterThan(down);
            down = points.get(name).y();
        }
        HeadOutline outline = new HeadOutline(sitter.face());
        Frame frame = new Frame(300, 375);
        points.forEach((name, p) -> {
            double gauge = outline.gauge(
                    frame.x(0) + (p.x() - frame.px(frame.x(0))) / frame.unit(), (p.y() - frame.py(0)) / frame.unit());
            assertThat(gauge).as(name).isLessThan(1.02);
        });
    }

    @ParameterizedTest
    @MethodSource("all")
    void theOutlineIsSmoothAndClosed(Sitter sitter) {
        List<Point> line =
                new Portrait(sitter, new Scene(new Frame(300, 375)), new HeadOutline(sitter.face()), null).outline();
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get((i + 1) % line.size());
            Point c = line.get((i + 2) % line.size());
            double turn = Math.atan2(c.y() - b.y(), c.x() - b.x()) - Math.atan2(b.y() - a.y(), b.x() - a.x());
            assertThat(Math.abs(Math.IEEEremainder(turn, 2 * Math.PI)))
                    .as("corner " + i)
                    .isLessThan(.35);
        }
    }

    private static void assertAtLeastTwo(String what, Predicate<Sitter> is) {
        assertThat(all().stream().filter(is).count()).as(what).isGreaterThanOrEqualTo(2);
    }
}
