package scree.app.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import scree.core.shade.FieldPlace;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class StonesTest {
    private final Stones stones = new Stones();

    @Test
    void theSameThingIsTheSameStoneForEver() {
        assertThat(stones.pebble("Marl|31", 0, 0, 10)).isEqualTo(stones.pebble("Marl|31", 0, 0, 10));
        assertThat(stones.pebble("Marl|31", 0, 0, 10)).isNotEqualTo(stones.pebble("Marl|33", 0, 0, 10));
        assertThat(stones.pebble("Marl|31", 0, 0, 10)).startsWith("M").endsWith("Z");
    }

    @Seeds(100)
    void aPebbleStaysNearItsRadius(Draw draw) {
        String id = draw.text(40);
        double r = draw.between(5, 40);
        var numbers = Pattern.compile("(-?[\\d.]+),(-?[\\d.]+)").matcher(stones.pebble(id, 0, 0, r));
        while (numbers.find()) {
            double far = Math.hypot(Double.parseDouble(numbers.group(1)), Double.parseDouble(numbers.group(2)));
            assertThat(far).isBetween(.6 * r, 1.6 * r);
        }
    }

    @Test
    void marksOfStonesNearTheSkinAreNeverHiddenAndNamesDoNotOverlap() {
        PebbleField field = new PebbleField(430, 596, new FieldPlace(0, 60), 14, 11);
        List<PebbleField.Shade> shades = new java.util.ArrayList<>();
        for (int i = 0; i < 30; i++) {
            String mark = i < 5 ? String.valueOf(i + 1) : null;
            shades.add(new PebbleField.Shade(
                    "s" + i,
                    "Shade " + i,
                    "#aa8866",
                    new FieldPlace((i % 6) * .7 - 2, 58 + i % 5),
                    0,
                    mark,
                    i < 5,
                    "#",
                    "t"));
        }
        field.place(shades, 12, 18);
        assertThat(field.stones()
                        .subList(field.stones().size() - 5, field.stones().size()))
                .allMatch(s -> s.mark() != null);
        List<PebbleField.Label> labels = field.labels();
        for (int a = 0; a < labels.size(); a++) {
            for (int b = a + 1; b < labels.size(); b++) {
                boolean apart = Math.abs(labels.get(a).y() - labels.get(b).y()) >= 16
                        || Math.abs(labels.get(a).x() - labels.get(b).x()) > 40;
                assertThat(apart).isTrue();
            }
        }
    }
}
