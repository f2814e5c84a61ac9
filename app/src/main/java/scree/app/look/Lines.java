package scree.app.look;

import java.util.List;

/** Writes points as SVG paths, to a tenth of a pixel. */
public final class Lines {
    private Lines() {}

    /** Returns the path through points. */
    public static String open(List<double[]> line) {
        return straight(line).toString();
    }

    /** Returns the closed path through points. */
    public static String closed(List<double[]> line) {
        return straight(line).append('Z').toString();
    }

    private static StringBuilder straight(List<double[]> line) {
        StringBuilder path = new StringBuilder(line.size() * 12);
        for (int i = 0; i < line.size(); i++) {
            path.append(i == 0 ? 'M' : 'L');
            number(path, line.get(i)[0]).append(' ');
            number(path, line.get(i)[1]);
        }
        return path;
    }

    /** Returns a closed curve through the points: uniform Catmull–Rom as Bézier pieces. */
    public static String closedSmooth(List<double[]> points) {
        int n = points.size();
        StringBuilder path = new StringBuilder();
        path.append('M');
        number(path, points.get(0)[0]).append(' ');
        number(path, points.get(0)[1]);
        for (int i = 0; i < n; i++) {
            double[] a = points.get((i + n - 1) % n);
            double[] b = points.get(i);
            double[] c = points.get((i + 1) % n);
            double[] d = points.get((i + 2) % n);
            path.append('C');
            number(path, b[0] + (c[0] - a[0]) / 6).append(' ');
            number(path, b[1] + (c[1] - a[1]) / 6).append(' ');
            number(path, c[0] - (d[0] - b[0]) / 6).append(' ');
            number(path, c[1] - (d[1] - b[1]) / 6).append(' ');
            number(path, c[0]).append(' ');
            number(path, c[1]);
        }
        return path.append('Z').toString();
    }

    /** Faster than formatting: a tenth is enough for a screen. */
    static StringBuilder number(StringBuilder path, double v) {
        long tenths = Math.round(v * 10);
        if (tenths < 0) {
            path.append('-');
            tenths = -tenths;
        }
        path.append(tenths / 10);
        if (tenths % 10 != 0) {
            path.append('.').append(tenths % 10);
        }
        return path;
    }
}
