package scree.app.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.app.kit.Product;
import scree.app.look.Lines;
import scree.app.look.PebbleField;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.mix.Recipe;
import scree.core.shade.DifferenceContour;
import scree.core.shade.FieldPlace;

/** The way a mix takes through colour: from its first part, part by part, to where it ends, beside the skin it is to meet. */
record MixField(
        List<PebbleField.Tick> ticks,
        List<PebbleField.Contour> contours,
        double usualX,
        List<Stone> parts,
        String path,
        List<Stone> steps,
        Stone result,
        String ring,
        String skin,
        double targetX,
        double targetY) {

    /** A stone in its place. */
    record Stone(String name, String path, String colour, double x, double y, boolean atEdge) {
        /** Returns where the middle of its name lies, so that the name stays within the field. */
        public double nameX() {
            double half = CHARACTER / 2 * (name.length() + (atEdge ? ", further out".length() : 0)) + 6;
            return Math.max(half, Math.min(WIDTH - half, x));
        }
    }

    static final double WIDTH = 470;
    static final double HEIGHT = 400;
    private static final double ROOM = 30;
    /** L* and degrees of lean from the middle that the field shows at least, so that a close mix is not blown up. */
    private static final double LEAST_LIGHT = 9;

    private static final double LEAST_LEAN = 14;
    private static final double CHARACTER = 7.6;
    private static final Stones STONES = new Stones();

    static MixField of(MixBench.Bench bench) {
        Lab target = bench.target().colour();
        Recipe recipe = bench.recipe();
        Map<Long, Product> products = bench.pool().products();
        FieldPlace middle = FieldPlace.of(target);
        double light = LEAST_LIGHT;
        double lean = LEAST_LEAN;
        for (Recipe.Part p : recipe.parts()) {
            FieldPlace at = FieldPlace.of(products.get(p.ingredient().id()).settled());
            light = Math.max(light, Math.min(16, Math.abs(at.lightness() - middle.lightness()) + 4));
            lean = Math.max(lean, Math.min(26, Math.abs(at.lean() - middle.lean()) + 5));
        }
        PebbleField field = new PebbleField(WIDTH, HEIGHT, middle, lean, light);
        List<PebbleField.Contour> contours = new ArrayList<>();
        contours.add(field.contour(DifferenceContour.around(target, 2), "#D3D3D3", "9 5", "contour.2"));
        contours.add(field.contour(DifferenceContour.around(target, 1), "#DADADA", null, "contour.1"));
        List<Stone> parts = new ArrayList<>();
        for (Recipe.Part p : recipe.parts()) {
            Product own = products.get(p.ingredient().id());
            parts.add(stone(field, own.stoneId(), own.fullName(), own.settled(), 12));
        }
        List<Stone> way = way(field, recipe, target);
        double cx = field.x(middle.lean());
        double cy = field.y(middle.lightness());
        return new MixField(
                field.ticks(light > 12 ? 6 : 3),
                contours,
                field.usualX(),
                parts,
                Lines.open(way.stream().map(w -> new double[] {w.x(), w.y()}).toList()),
                between(way, recipe),
                stone(field, "mix-result", "the mix", recipe.colour(), 13),
                STONES.pebble("client-ring", cx, cy, 24),
                Srgb.hex(target),
                cx,
                cy);
    }

    /** Returns where the mix stands after every part that is added, the first alone first. */
    private static List<Stone> way(PebbleField field, Recipe recipe, Lab target) {
        List<Stone> way = new ArrayList<>();
        List<Recipe.Part> so = new ArrayList<>();
        for (Recipe.Part p : recipe.parts()) {
            so.add(new Recipe.Part(p.ingredient(), 1));
            for (int n = 1; n <= p.count(); n++) {
                so.set(so.size() - 1, new Recipe.Part(p.ingredient(), n));
                Lab here = Recipe.of(so, target).colour();
                way.add(stone(field, "step-" + way.size(), "", here, 4.5));
            }
        }
        return way;
    }

    /** Returns the stones of the way that are drawn: those of two shades or more, short of the mix itself. */
    private static List<Stone> between(List<Stone> way, Recipe recipe) {
        int alone = recipe.parts().get(0).count();
        return alone < way.size() ? way.subList(alone, way.size() - 1) : List.of();
    }

    /** What lies beyond the window stands at its edge. */
    private static Stone stone(PebbleField field, String id, String name, Lab colour, double r) {
        FieldPlace place = FieldPlace.of(colour);
        double x = field.x(place.lean());
        double y = field.y(place.lightness());
        double inX = Math.max(ROOM, Math.min(WIDTH - ROOM, x));
        double inY = Math.max(ROOM, Math.min(HEIGHT - ROOM, y));
        boolean edge = Math.hypot(x - inX, y - inY) > ROOM;
        return new Stone(name, STONES.pebble(id, inX, inY, r), Srgb.hex(colour), inX, inY, edge);
    }
}
