package scree.core.placement;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import scree.core.image.Point;

/** The part of a picture round a mark, shrunk to parts of the mark's radius: told and covered by these, not by pixels. */
final class MarkGrid {
    /** Parts of a mark's radius that are told apart; more cost time and show nothing. House choice. */
    private static final double FINE = 10;
    /** How far round a mark is looked, in its radius: skin is seen from 1.45 on. */
    private static final double REACH = 2.4;

    final int left;
    final int top;
    final int w;
    final int h;
    final int step;
    /** Half the mark's width with its run-out, in pixels of the picture. */
    final double radius;
    /** How far each part is from the mark's middle line: 1 at its edge. */
    final float[] away;
    /** Linear light. */
    final float[] light;
    /** Share of skin, 0 to 1. */
    final float[] skin;

    private final Covered covered;
    private final int width;

    /** @param open where skin is, or null for everywhere */
    MarkGrid(Covered covered, float[] bare, Canvas.Room open, int width, int height) {
        this.covered = covered;
        this.width = width;
        List<Point> line = covered.outline();
        this.radius = (1 + covered.spread()) * halfWidth(line);
        int margin = (int) Math.ceil(REACH * radius) + 3;
        this.left = (int) Math.max(0, line.stream().mapToDouble(Point::x).min().orElse(0) - margin);
        this.top = (int) Math.max(0, line.stream().mapToDouble(Point::y).min().orElse(0) - margin);
        int right =
                (int) Math.min(width, line.stream().mapToDouble(Point::x).max().orElse(0) + margin);
        int bottom =
                (int) Math.min(height, line.stream().mapToDouble(Point::y).max().orElse(0) + margin);
        this.step = Math.max(1, (int) (radius / FINE));
        this.w = Math.max(0, right - left) / step;
        this.h = Math.max(0, bottom - top) / step;
        this.away = new float[w * h];
        this.light = new float[3 * w * h];
        this.skin = new float[w * h];
        shrink(bare, open);
        distances();
    }

    /** Returns whether there is enough of it to tell anything. */
    boolean tells() {
        return w > 4 && h > 4 && radius > 1.5;
    }

    /** Returns the place of a pixel of the part in the whole picture. */
    int pixel(int x, int y) {
        return (y + top) * width + x + left;
    }

    /** Shrinks what is looked at: a mark is told by parts of its radius, not by pixels. */
    private void shrink(float[] bare, Canvas.Room open) {
        float share = 1f / (step * step);
        IntStream.range(0, h).parallel().forEach(y -> {
            float[] row = new float[w * step];
            Arrays.fill(row, 1);
            for (int dy = 0; dy < step; dy++) {
                int line = y * step + dy + top;
                if (open != null) {
                    open.row(line, left, row);
                }
                for (int x = 0; x < w; x++) {
                    int i = y * w + x;
                    for (int dx = 0; dx < step; dx++) {
                        int p = line * width + x * step + left + dx;
                        light[3 * i] += bare[3 * p] * share;
                        light[3 * i + 1] += bare[3 * p + 1] * share;
                        light[3 * i + 2] += bare[3 * p + 2] * share;
                        skin[i] += row[x * step + dx] * share;
                    }
                }
            }
        });
    }

    /** Half the width of a long shape, the radius of a round one. */
    private static double halfWidth(List<Point> line) {
        double area = 0;
        double round = 0;
        for (int i = 0; i < line.size(); i++) {
            Point a = line.get(i);
            Point b = line.get((i + 1) % line.size());
            area += a.x() * b.y() - b.x() * a.y();
            round += Math.hypot(b.x() - a.x(), b.y() - a.y());
        }
        return round == 0 ? 0 : Math.abs(area) / round;
    }

    /** Fills in how far each pixel is from the mark's middle line: 1 at its edge. */
    private void distances() {
        Point[] line = covered.outline().toArray(Point[]::new);
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < w; x++) {
                double px = (x + .5) * step + left;
                double py = (y + .5) * step + top;
                double near = Double.MAX_VALUE;
                boolean inside = false;
                Point a = line[line.length - 1];
                for (Point b : line) {
                    double dx = b.x() - a.x();
                    double dy = b.y() - a.y();
                    double t = Math.max(
                            0,
                            Math.min(1, ((px - a.x()) * dx + (py - a.y()) * dy) / Math.max(1e-9, dx * dx + dy * dy)));
                    double ox = px - a.x() - t * dx;
                    double oy = py - a.y() - t * dy;
                    near = Math.min(near, ox * ox + oy * oy);
                    if (a.y() > py != b.y() > py && px < a.x() + (py - a.y()) / (b.y() - a.y()) * dx) {
                        inside = !inside;
                    }
                    a = b;
                }
                double own = radius / (1 + covered.spread());
                double far = Math.sqrt(near);
                away[y * w + x] = (float) ((own + (inside ? -far : far)) / radius);
            }
        });
    }

    /** Returns a value of the small grid at a pixel, bilinear. */
    float between(float[] grid, int x, int y) {
        if (step == 1) {
            return grid[y * w + x];
        }
        float gx = Math.max(0, Math.min(w - 1.001f, (x + .5f) / step - .5f));
        float gy = Math.max(0, Math.min(h - 1.001f, (y + .5f) / step - .5f));
        int i = (int) gy * w + (int) gx;
        float fx = gx - (int) gx;
        float fy = gy - (int) gy;
        return (1 - fy) * ((1 - fx) * grid[i] + fx * grid[i + 1])
                + fy * ((1 - fx) * grid[i + w] + fx * grid[i + w + 1]);
    }
}
