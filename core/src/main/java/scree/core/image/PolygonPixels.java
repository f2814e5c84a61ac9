package scree.core.image;

import java.util.Arrays;
import java.util.List;

/** Collects the pixels inside a polygon by scan lines, thinned evenly to a limit: their places in the raster's array. */
final class PolygonPixels {
    private PolygonPixels() {}

    static int[] in(Raster picture, List<Point> polygon, int most) {
        int longest =
                Math.max(picture.width(), picture.height()); // a longer step would run past the last line for ever
        int step = (int) Math.min(longest, Math.max(1, Math.ceil(Math.sqrt(area(polygon) / most))));
        int top = (int) Math.max(
                0, Math.ceil(polygon.stream().mapToDouble(Point::y).min().orElse(0)));
        int bottom = (int) Math.min(
                picture.height() - 1.0,
                Math.floor(polygon.stream().mapToDouble(Point::y).max().orElse(-1)));
        int[] found = new int[1024];
        int count = 0;
        for (int y = top; y <= bottom; y += step) {
            double[] crossings = crossings(polygon, y);
            for (int k = 0; k + 1 < crossings.length; k += 2) {
                int right = (int) Math.min(picture.width() - 1.0, Math.floor(crossings[k + 1]));
                for (int x = (int) Math.max(0, Math.ceil(crossings[k])); x <= right; x += step) {
                    if (count == found.length) {
                        found = Arrays.copyOf(found, count * 2);
                    }
                    found[count++] = y * picture.width() + x;
                }
            }
        }
        return Arrays.copyOf(found, count);
    }

    private static double area(List<Point> polygon) {
        double twice = 0;
        for (int i = 0; i < polygon.size(); i++) {
            Point a = polygon.get(i);
            Point b = polygon.get((i + 1) % polygon.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }

    private static double[] crossings(List<Point> polygon, double y) {
        double[] xs = new double[polygon.size()];
        int count = 0;
        for (int i = 0; i < polygon.size(); i++) {
            Point a = polygon.get(i);
            Point b = polygon.get((i + 1) % polygon.size());
            if (a.y() <= y != b.y() <= y) {
                xs[count++] = a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x());
            }
        }
        double[] sorted = Arrays.copyOf(xs, count);
        Arrays.sort(sorted);
        return sorted;
    }
}
