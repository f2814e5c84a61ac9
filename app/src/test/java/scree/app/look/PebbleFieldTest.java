package scree.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.shade.FieldPlace;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** The pebble field's geometry: true places, names with room, nothing outside the window. */
class PebbleFieldTest {
    private static final double WIDTH = 430;
    private static final double HEIGHT = 596;
    private static final FieldPlace MIDDLE = new FieldPlace(1, 60);

    private static PebbleField field() {
        return new PebbleField(WIDTH, HEIGHT, MIDDLE, 14, 11);
    }

    private static PebbleField.Shade shade(int i, double lean, double l, String mark) {
        return new PebbleField.Shade(
                "Marl|" + i, "Marl " + i, "#aabbcc", new FieldPlace(lean, l), 0, mark, mark != null, "/x", "Marl " + i);
    }

    private static List<PebbleField.Shade> shades(Random random, int count) {
        List<PebbleField.Shade> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(shade(
                    i,
                    MIDDLE.lean() + 36 * random.nextDouble() - 18,
                    MIDDLE.lightness() + 28 * random.nextDouble() - 14,
                    i < 5 ? String.valueOf(i + 1) : null));
        }
        return all;
    }

    @Test
    void upIsLighterAndRightIsMoreGolden() {
        PebbleField f = field();
        assertThat(f.x(MIDDLE.lean())).isEqualTo(WIDTH / 2);
        assertThat(f.y(MIDDLE.lightness())).isEqualTo(HEIGHT / 2);
        assertThat(f.y(65)).isLessThan(f.y(60));
        assertThat(f.x(6)).isGreaterThan(f.x(1));
        assertThat(f.ticks(3))
                .extracting(PebbleField.Tick::value)
                .contains(60, 63)
                .allMatch(v -> v % 3 == 0);
    }

    @Seeds(60)
    void stonesStayInTheWindowAndNearTheirTruePlace(Draw draw) {
        int count = draw.whole(1, 90);
        PebbleField f = field();
        List<PebbleField.Shade> shades = shades(draw.random(), count);
        f.place(shades, 12.5, 18);
        for (PebbleField.Stone s : f.stones()) {
            PebbleField.Shade own = shades.stream()
                    .filter(x -> x.id().equals(s.id()))
                    .findFirst()
                    .orElseThrow();
            double away = Math.hypot(
                    s.x() - f.x(own.place().lean()), s.y() - f.y(own.place().lightness()));
            assertThat(away).as("slid out along its ray at most 24").isLessThanOrEqualTo(24.01);
        }
        long inside = shades.stream()
                .filter(s -> Math.abs(s.place().lean() - MIDDLE.lean()) < 12
                        && Math.abs(s.place().lightness() - MIDDLE.lightness()) < 10)
                .count();
        assertThat((long) f.stones().size()).isGreaterThanOrEqualTo(inside);
    }

    @Seeds(60)
    void namesNeverLieOverEachOtherNorOutside(Draw draw) {
        int count = draw.whole(5, 70);
        PebbleField f = field();
        f.keepFree(0, 0, WIDTH, 26);
        f.place(shades(draw.random(), count), 12.5, 18);
        List<double[]> boxes = new ArrayList<>();
        for (PebbleField.Label l : f.labels()) {
            double w = l.text().length() * 7.4;
            double left = l.anchor().equals("start") ? l.x() : l.anchor().equals("end") ? l.x() - w : l.x() - w / 2;
            assertThat(left).isGreaterThan(0);
            assertThat(left + w).isLessThan(WIDTH);
            assertThat(l.y()).as("not under the count").isGreaterThan(26);
            for (double[] b : boxes) {
                boolean over = left < b[1] && left + w > b[0] && Math.abs(l.y() - b[2]) < 16;
                assertThat(over).isFalse();
            }
            boxes.add(new double[] {left, left + w, l.y()});
        }
    }

    @Test
    void theNearestIsDrawnLastAndVividOnesCarryABar() {
        PebbleField f = field();
        f.place(
                List.of(
                        shade(1, 1, 60, "A"),
                        shade(2, 6, 64, null),
                        new PebbleField.Shade("v", "v", "#fff", new FieldPlace(-6, 56), 2.5, null, false, "/x", "v"),
                        new PebbleField.Shade("g", "g", "#fff", new FieldPlace(-6, 66), -2.5, null, false, "/x", "g")),
                12,
                18);
        List<PebbleField.Stone> stones = f.stones();
        assertThat(stones.get(stones.size() - 1).mark()).isEqualTo("A");
        assertThat(stones).anyMatch(s -> s.id().equals("v") && s.barOver() && !s.barUnder());
        assertThat(stones).anyMatch(s -> s.id().equals("g") && s.barUnder());
    }

    @Test
    void theSameStoneHasTheSameShapeInEveryView() {
        PebbleField one = field();
        PebbleField other = field();
        one.place(List.of(shade(3, 2, 61, null)), 12, 18);
        other.place(List.of(shade(3, 2, 61, null), shade(4, 8, 66, null)), 12, 18);
        String path = one.stones().get(0).path();
        assertThat(other.stones()).anyMatch(s -> s.path().equals(path));
    }
}
