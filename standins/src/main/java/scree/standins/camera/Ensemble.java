package scree.standins.camera;

import java.util.List;
import scree.core.colour.Lab;
import scree.core.colour.Table;
import scree.standins.camera.Sitter.Face;
import scree.standins.camera.Sitter.Hair;
import scree.standins.camera.Sitter.Marks;
import scree.standins.camera.Sitter.Shape;
import scree.standins.camera.Sitter.Style;

/**
 * Twelve made-up musicians of the lakeside concert: all depths and undertones, ages 19 to 74. Who they are stands in
 * sitters.csv, one a line, with the components of {@link Sitter} as columns.
 */
public final class Ensemble {
    private static final List<Sitter> ALL = Table.beside(Ensemble.class, "sitters.csv").rows().stream()
            .map(row -> new Line(row).sitter())
            .toList();

    private Ensemble() {}

    /** Returns the twelve in the order of their sittings. */
    public static List<Sitter> all() {
        return ALL;
    }

    /** Returns a person like the given one whose skin is tanned or paled: for past sittings. */
    public static Sitter withSkin(Sitter s, Lab skin) {
        return new Sitter(
                s.name(), s.age(), s.man(), skin, s.face(), s.hair(), s.marks(), s.wrap(), s.iris(), s.seed());
    }

    /** Reads one line from left to right. */
    private static final class Line {
        private final String[] cells;
        private int at;

        Line(String[] cells) {
            this.cells = cells;
        }

        Sitter sitter() {
            return new Sitter(text(), whole(), flag(), lab(), face(), hair(), marks(), lab(), whole(), whole());
        }

        private Face face() {
            return new Face(
                    Shape.valueOf(text()),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n(),
                    n());
        }

        private Hair hair() {
            return new Hair(Style.valueOf(text()), lab(), n(), n(), n(), n(), n(), n(), n(), n());
        }

        private Marks marks() {
            return new Marks(n(), whole(), n(), n(), n());
        }

        private Lab lab() {
            return Lab.of(n(), n(), n());
        }

        private String text() {
            return cells[at++];
        }

        private double n() {
            return Double.parseDouble(text());
        }

        private int whole() {
            return Integer.parseInt(text());
        }

        private boolean flag() {
            return Boolean.parseBoolean(text());
        }
    }
}
