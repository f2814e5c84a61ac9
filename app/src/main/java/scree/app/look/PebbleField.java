package scree.app.look;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.shade.FieldPlace;

/**
 * The pebble field as SVG geometry: up is lighter, sideways is hue against usual skin. Stones keep their true place, labels
 * look for room, contours come from the core.
 */
public final class PebbleField {
    /** A shade to be shown. */
    public record Shade(
            String id,
            String name,
            String colour,
            FieldPlace place,
            double strength,
            String mark,
            boolean named,
            String href,
            String title) {}

    /** A placed stone. */
    public record Stone(
            String id,
            String name,
            String path,
            String colour,
            double x,
            double y,
            String mark,
            boolean darkMark,
            boolean barOver,
            boolean barUnder,
            String href,
            String title) {
        /** Returns the stone with its bars as SVG. */
        public String drawing() {
            Drawn drawn = new Drawn().reach(x, y, 20).stone(path, colour, 1.8);
            if (barOver) {
                drawn.bar(x, y - 17);
            }
            if (barUnder) {
                drawn.bar(x, y + 17);
            }
            return drawn.toString();
        }

        /** Returns its letter or rank as SVG, drawn over all stones. */
        public String markDrawing() {
            return new Drawn().mark(mark, x, y + 5, darkMark).toString();
        }
    }

    /** A placed name. */
    public record Label(String text, double x, double y, String anchor, boolean quiet) {}

    /** A contour line with its word. */
    public record Contour(String path, String fill, String dash, String key, double x, double y) {}

    /** A tick of the depth axis. */
    public record Tick(int value, double y) {}

    private static final double STRENGTH_SHOWN = 1.6;
    private static final double CHARACTER = 7.4;

    private final Stones stones = new Stones();
    private final double width;
    private final double height;
    private final FieldPlace middle;
    private final double leanSpan;
    private final double lightSpan;
    private final List<double[]> taken = new ArrayList<>();
    private final List<Stone> placed = new ArrayList<>();
    private final List<Label> labels = new ArrayList<>();

    /**
     * @param middle what lies in the middle of the window
     * @param leanSpan degrees shown to either side
     * @param lightSpan L* shown up and down
     */
    public PebbleField(double width, double height, FieldPlace middle, double leanSpan, double lightSpan) {
        this.width = width;
        this.height = height;
        this.middle = middle;
        this.leanSpan = leanSpan;
        this.lightSpan = lightSpan;
    }

    /** Returns the place of a hue lean, degrees, in the drawing. */
    public double x(double lean) {
        return width / 2 + (lean - middle.lean()) / leanSpan * width / 2;
    }

    /** Returns the place of L* in the drawing. */
    public double y(double lightness) {
        return height / 2 - (lightness - middle.lightness()) / lightSpan * height / 2;
    }

    private boolean inside(double x, double y, double margin) {
        return x > margin && x < width - margin && y > margin && y < height - margin;
    }

    /** Returns the place of usual hue, or a value outside when it is not in the window. */
    public double usualX() {
        return x(0);
    }

    /** Returns the ticks of the depth axis that lie in the window, every {@code step} L*. */
    public List<Tick> ticks(int step) {
        List<Tick> ticks = new ArrayList<>();
        int first = (int) Math.ceil((middle.lightness() - lightSpan) / step) * step;
        for (int v = first; v <= middle.lightness() + lightSpan; v += step) {
            if (inside(width / 2, y(v), 14)) {
                ticks.add(new Tick(v, y(v)));
            }
        }
        return ticks;
    }

    /** Returns a contour as a closed path with the place of its word at its lowest visible point. */
    public Contour contour(List<FieldPlace> line, String fill, String dash, String key) {
        double[][] points = new double[line.size()][];
        double lowest = -1;
        double wordX = width / 2;
        for (int i = 0; i < points.length; i++) {
            points[i] = new double[] {x(line.get(i).lean()), y(line.get(i).lightness())};
            if (points[i][1] > lowest && inside(points[i][0], points[i][1], 24)) {
                lowest = points[i][1];
                wordX = points[i][0];
            }
        }
        taken.add(new double[] {wordX - 40, lowest - 12, wordX + 40, lowest + 12});
        return new Contour(Stones.closed(points), fill, dash, key, wordX, lowest);
    }

    /** Returns the smooth line through places. */
    public String line(List<FieldPlace> places) {
        StringBuilder d = new StringBuilder();
        for (FieldPlace p : places) {
            d.append(d.length() == 0 ? 'M' : 'L').append(Stones.pair(x(p.lean()), y(p.lightness())));
        }
        return d.toString();
    }

    /** Places shades: the nearest to the skin is drawn last, so it is never hidden; those outside the window are left out. */
    public void place(List<Shade> shades, double radius, double radiusOfMarked) {
        List<Shade> order = new ArrayList<>(shades);
        order.sort(Comparator.comparing((Shade s) -> s.mark() != null)
                .thenComparingDouble(s -> -Math.hypot(
                        (s.place().lean() - middle.lean()) / leanSpan,
                        (s.place().lightness() - middle.lightness()) / lightSpan)));
        for (Shade s : order) {
            double px = x(s.place().lean());
            double py = y(s.place().lightness());
            double r = s.mark() == null ? radius : radiusOfMarked;
            if (!inside(px, py, r * .7)) {
                continue;
            }
            double[] moved = clear(px, py, r);
            boolean dark = s.place().lightness() > 52;
            placed.add(new Stone(
                    s.id(),
                    s.name(),
                    stones.pebble(s.id(), moved[0], moved[1], r),
                    s.colour(),
                    moved[0],
                    moved[1],
                    s.mark(),
                    dark,
                    s.strength() > STRENGTH_SHOWN,
                    s.strength() < -STRENGTH_SHOWN,
                    s.href(),
                    s.title()));
        }
        for (Stone s : placed) {
            taken.add(new double[] {s.x() - radius, s.y() - radius, s.x() + radius, s.y() + radius});
        }
        for (int i = order.size() - 1; i >= 0; i--) {
            Shade s = order.get(i);
            if (s.named()) {
                placed.stream()
                        .filter(p -> p.id().equals(s.id()))
                        .findFirst()
                        .ifPresent(p -> name(p, s.name(), radiusOfMarked));
            }
        }
    }

    /** Slides a stone that would be covered by more than about 60 % outwards along its ray, at most 24. */
    private double[] clear(double px, double py, double r) {
        double dx = px - width / 2;
        double dy = py - height / 2;
        double length = Math.max(1e-6, Math.hypot(dx, dy));
        double[] at = {px, py};
        for (double out = 0; out <= 24; out += 4) {
            at = new double[] {px + dx / length * out, py + dy / length * out};
            double[] here = at;
            if (placed.stream().noneMatch(s -> Math.hypot(s.x() - here[0], s.y() - here[1]) < .8 * r)) {
                return at;
            }
        }
        return at;
    }

    /** Tries right, left, above, below; a name without room is only shown on focus, as the stone's title. */
    private void name(Stone s, String text, double r) {
        write(text, s.x(), s.y(), r, false);
    }

    private void write(String text, double x, double y, double r, boolean quiet) {
        double w = text.length() * CHARACTER;
        double[][] tries = {{x + r + 6, y + 4, 0}, {x - r - 6, y + 4, 2}, {x, y - r - 8, 1}, {x, y + r + 16, 1}};
        for (double[] t : tries) {
            double left = t[2] == 0 ? t[0] : t[2] == 2 ? t[0] - w : t[0] - w / 2;
            double[] box = {left, t[1] - 12, left + w, t[1] + 4};
            boolean within = left > 4 && left + w < width - 4 && box[1] > 4 && box[3] < height - 4;
            if (within && free(box)) {
                taken.add(box);
                labels.add(new Label(text, t[0], t[1], t[2] == 0 ? "start" : t[2] == 2 ? "end" : "middle", quiet));
                return;
            }
        }
    }

    /** Names a place that is no stone, where there is room beside it. */
    public void nameDot(String text, double x, double y, double r) {
        write(text, x, y, r, true);
    }

    /** Keeps names off a box. */
    public void keepFree(double left, double top, double right, double bottom) {
        taken.add(new double[] {left, top, right, bottom});
    }

    private boolean free(double[] box) {
        return taken.stream().noneMatch(t -> box[0] < t[2] && box[2] > t[0] && box[1] < t[3] && box[3] > t[1]);
    }

    /** Returns the stones that lie in the window, the nearest to the skin last. */
    public List<Stone> stones() {
        return List.copyOf(placed);
    }

    /** Returns the names that found room. */
    public List<Label> labels() {
        return List.copyOf(labels);
    }
}
