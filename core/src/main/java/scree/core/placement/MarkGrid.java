package scree.core.placement;

import java.util.Arrays;
import java.util.List;
import scree.core.image.Point;
import scree.core.image.Raster;

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
    MarkGrid(Covered covered, Raster bare, Canvas.Room open) {
        this.covered = covered;
        this.width = bare.width();
        List<Point> line = covered.outline();
        this.radius = (1 + covered.spread()) * halfWidth(line);
        int margin = (int) Math.ceil(REACH * radius) + 3;
        this.left = (int) Math.max(0, line.stream().mapToDouble(Point::x).min().orElse(0) - margin);
        this.top = (int) Math.max(0, line.stream().mapToDouble(Point::y).min().orElse(0) - margin);
        int right =
                (int) Math.min(width, line.stream().mapToDouble(Point::x).max().orElse(0) + margin);
        int bottom = (int) Math.min(
                bare.height(), line.stream().mapToDouble(Point::y).max().orElse(0) + margin);
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

    /** Returns what is looked at: left, top, right, bottom, px. */
    int[] box() {
        return new int[] {left, top, left + w * step, top + h * step};
    }

    /** Returns the place of a pixel of the part in the whole picture. */
    int pixel(int x, int y) {
        return (y + top) * width + x + left;
    }

    /** Shrinks what is looked at: a mark is told by parts of its radius, not by pixels. */
    private void shrink(Raster bare, Canvas.Room open) {
        float share = 1f / (step * step);
        float[] row = new float[w * step];
        Arrays.fill(row, 1);
        for (int y = 0; y < h; y++) {
            for (int dy = 0; dy < step; dy++) {
                int line = y * step + dy + top;
                if (open != null) {
                    open.row(line, left, row);
                }
                for (int x = 0; x < w; x++) {
                    int i = y * w + x;
                    for (int dx = 0; dx < step; dx++) {
                        int p = bare.rgb()[line * width + x * step + left + dx];
                        light[3 * i] += MadeUp.linear(p >> 16 & 255) * share;
                        light[3 * i + 1] += MadeUp.linear(p >> 8 & 255) * share;
                        light[3 * i + 2] += MadeUp.linear(p & 255) * share;
                        skin[i] += row[x * step + dx] * share;
                    }
                }
            }
        }
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

    /** Fills in how far each part is from the mark's middle line: 1 at its edge. */
    private void distances() {
        Edges line = new Edges(covered.outline());
        double own = radius / (1 + covered.spread());
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                away[y * w + x] =
                        (float) ((own + line.outside((x + .5) * step + left, (y + .5) * step + top)) / radius);
            }
        }
    }

    /** The edges of a closed line, ready to be measured to many times. */
    private static final class Edges {
        private final double[] x;
        private final double[] y;
        private final double[] dx;
        private final double[] dy;
        private final double[] perSquare;

        Edges(List<Point> line) {
            int n = line.size();
            x = line.stream().mapToDouble(Point::x).toArray();
            y = line.stream().mapToDouble(Point::y).toArray();
            dx = new double[n];
            dy = new double[n];
            perSquare = new double[n];
            for (int i = 0; i < n; i++) {
                dx[i] = x[(i + 1) % n] - x[i];
                dy[i] = y[(i + 1) % n] - y[i];
                perSquare[i] = 1 / Math.max(1e-9, dx[i] * dx[i] + dy[i] * dy[i]);
            }
        }

        /** Returns how far a point is from the line, px; less than 0 inside. */
        double outside(double px, double py) {
            double near = Double.MAX_VALUE;
            boolean inside = false;
            for (int i = 0; i < x.length; i++) {
                double ox = px - x[i];
                double oy = py - y[i];
                double t = Math.max(0, Math.min(1, (ox * dx[i] + oy * dy[i]) * perSquare[i]));
                double rx = ox - t * dx[i];
                double ry = oy - t * dy[i];
                near = Math.min(near, rx * rx + ry * ry);
                if (oy < 0 != oy < dy[i] && ox * dy[i] < oy * dx[i] == dy[i] > 0) {
                    inside = !inside;
                }
            }
            return inside ? -Math.sqrt(near) : Math.sqrt(near);
        }
    }

    /** Returns a sheet of the grid that is read by pixels. */
    Blocks sheet() {
        return new Blocks(step, w, h);
    }
}
