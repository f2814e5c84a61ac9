package scree.app.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import scree.app.look.Figures;
import scree.app.look.PebbleField;
import scree.core.colour.Srgb;
import scree.core.shade.FieldPlace;

/**
 * A kit as a field: up is lighter, sideways is hue against usual skin, as on Base. Where many lie together one stone stands for them,
 * with how many there are, and leads to the list of them.
 *
 * @param clear how many have no colour of their own and lie nowhere
 */
record KitField(
        List<PebbleField.Tick> ticks,
        List<PebbleField.Stone> stones,
        List<PebbleField.Label> labels,
        double usualX,
        int shown,
        int clear) {
    static final double WIDTH = 900;
    static final double HEIGHT = 540;
    private static final int COLUMNS = 22;
    private static final int ROWS = 15;
    /** More stones than these hide each other. */
    private static final int CROWDED = 90;

    private static final int NAMED = 40;
    private static final double LEAST_LEAN = 12;
    private static final double LEAST_LIGHT = 14;
    /** What is left free around the outermost, of a span. */
    private static final double MARGIN = 1.08;

    /** Of all, how many may lie further out than what is shown, a share at each end: a few colours far from skin. */
    private static final double FAR_OUT = 0.06;

    /** The part of the field that is shown: what lies further out lies on its edge. */
    record Window(FieldPlace middle, double lean, double light) {
        static Window of(List<KitQuery.Entry> entries) {
            double[] leans =
                    entries.stream().mapToDouble(e -> e.place().lean()).sorted().toArray();
            double[] lights = entries.stream()
                    .mapToDouble(e -> e.place().lightness())
                    .sorted()
                    .toArray();
            if (leans.length == 0) {
                return new Window(new FieldPlace(0, 50), LEAST_LEAN, LEAST_LIGHT);
            }
            int out = (int) (FAR_OUT * leans.length);
            double left = Math.min(0, leans[out]);
            double right = Math.max(0, leans[leans.length - 1 - out]);
            double low = lights[0];
            double high = lights[lights.length - 1];
            return new Window(
                    new FieldPlace((left + right) / 2, (low + high) / 2),
                    Math.max(LEAST_LEAN, (right - left) / 2) * MARGIN,
                    Math.max(LEAST_LIGHT, (high - low) / 2) * MARGIN);
        }

        /** Returns where a colour lies in it. */
        FieldPlace shown(FieldPlace p) {
            double edge = lean / MARGIN;
            return new FieldPlace(
                    Math.max(middle.lean() - edge, Math.min(middle.lean() + edge, p.lean())), p.lightness());
        }

        private int cell(FieldPlace p) {
            double x = (p.lean() - middle.lean()) / lean / 2 + .5;
            double y = (middle.lightness() - p.lightness()) / light / 2 + .5;
            int column = (int) Math.max(0, Math.min(COLUMNS - 1, x * COLUMNS));
            int row = (int) Math.max(0, Math.min(ROWS - 1, y * ROWS));
            return row * COLUMNS + column;
        }
    }

    static KitField of(List<KitQuery.Entry> found, KitQuery query) {
        List<KitQuery.Entry> coloured =
                found.stream().filter(e -> !e.product().traits().colourless()).toList();
        Window window = Window.of(coloured);
        PebbleField field = new PebbleField(WIDTH, HEIGHT, window.middle(), window.lean(), window.light());
        List<PebbleField.Shade> shades = new ArrayList<>();
        if (coloured.size() <= CROWDED) {
            coloured.forEach(e -> shades.add(single(e, window, coloured.size() <= NAMED)));
        } else {
            Map<Integer, List<KitQuery.Entry>> cells = new LinkedHashMap<>();
            coloured.forEach(e -> cells.computeIfAbsent(window.cell(e.place()), c -> new ArrayList<>())
                    .add(e));
            cells.values()
                    .forEach(c -> shades.add(c.size() == 1 ? single(c.get(0), window, false) : many(c, window, query)));
        }
        field.place(shades, coloured.size() > CROWDED ? 11 : 13, coloured.size() > CROWDED ? 14 : 13);
        return new KitField(
                field.ticks(5),
                field.stones(),
                field.labels(),
                field.usualX(),
                coloured.size(),
                found.size() - coloured.size());
    }

    private static PebbleField.Shade single(KitQuery.Entry e, Window window, boolean named) {
        Product p = e.product();
        return new PebbleField.Shade(
                p.stoneId(),
                p.fullName(),
                Srgb.hex(p.settled()),
                window.shown(e.place()),
                0,
                null,
                named,
                "/kit/" + p.id(),
                p.fullName() + ", L* " + Figures.one(p.settled().lightness()));
    }

    private static PebbleField.Shade many(List<KitQuery.Entry> all, Window window, KitQuery query) {
        KitQuery.Entry first = all.get(0);
        double lean = all.stream().mapToDouble(e -> e.place().lean()).average().orElseThrow();
        double light =
                all.stream().mapToDouble(e -> e.place().lightness()).average().orElseThrow();
        double leanOff = all.stream()
                .mapToDouble(e -> Math.abs(e.place().lean() - lean))
                .max()
                .orElseThrow();
        double lightOff = all.stream()
                .mapToDouble(e -> Math.abs(e.place().lightness() - light))
                .max()
                .orElseThrow();
        return new PebbleField.Shade(
                first.product().stoneId(),
                first.product().fullName(),
                Srgb.hex(first.product().settled()),
                window.shown(new FieldPlace(lean, light)),
                0,
                String.valueOf(Math.min(99, all.size())),
                false,
                query.near(lean, leanOff, light, lightOff).link(),
                all.size() + " × " + first.product().fullName());
    }
}
