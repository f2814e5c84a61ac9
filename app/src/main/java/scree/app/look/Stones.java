package scree.app.look;

import java.nio.charset.StandardCharsets;

/**
 * Draws the stones of Scree's look as SVG paths: pebbles for shades, zones and marks; slabs for the cairn, sittings and bars.
 * The same id gives the same stone in every view and size.
 */
public class Stones {
    private static final int PEBBLE_POINTS = 16;

    /** Returns a pebble of radius r round (cx, cy). */
    public String pebble(String id, double cx, double cy, double r) {
        Chance u = new Chance(id);
        double f2 = 2 * Math.PI * u.next();
        double f3 = 2 * Math.PI * u.next();
        double f5 = 2 * Math.PI * u.next();
        double a2 = .05 + .05 * u.next();
        double a3 = .035 + .045 * u.next();
        double a5 = .008 + .016 * u.next();
        double stretch = Math.sqrt(1.10 + .20 * u.next());
        double tilt = .62 * (u.next() - .5);
        double[][] points = new double[PEBBLE_POINTS][];
        for (int i = 0; i < PEBBLE_POINTS; i++) {
            double t = 2 * Math.PI * i / PEBBLE_POINTS;
            double k = r * (1 + a2 * Math.cos(2 * t + f2) + a3 * Math.cos(3 * t + f3) + a5 * Math.cos(5 * t + f5));
            double x = k * Math.cos(t) * stretch;
            double y = k * Math.sin(t) / stretch;
            points[i] = new double[] {
                cx + x * Math.cos(tilt) - y * Math.sin(tilt), cy + x * Math.sin(tilt) + y * Math.cos(tilt)
            };
        }
        return closed(points);
    }

    /** Returns a slab filling the box at (x, y). */
    public String slab(String id, double x, double y, double width, double height) {
        Chance u = new Chance(id);
        double a = 2 * Math.PI * u.next();
        double b = 2 * Math.PI * u.next();
        double c = 2 * Math.PI * u.next();
        double exponent = 2.9 + .9 * u.next();
        double tilt = (u.next() - .5) * .05;
        boolean bar = width > 4.5 * height;
        int n = bar ? 48 : 32;
        exponent += bar ? 4.1 : 0;
        double[][] points = new double[n][];
        for (int i = 0; i < n; i++) {
            double t = 2 * Math.PI * i / n;
            double wobble = bar
                    ? 1
                    : 1
                            - .035 * (1 + Math.cos(2 * t + a)) / 2
                            - .03 * (1 + Math.cos(3 * t + b)) / 2
                            - .012 * (1 + Math.cos(5 * t + c)) / 2;
            double px = signed(Math.cos(t), 2 / exponent) * width / 2 * wobble;
            double py = signed(Math.sin(t), 2 / exponent) * height / 2 * wobble;
            if (bar) {
                py *= 1 - .05 * (1 + Math.cos(2.2 * px / (width / 2) + a));
            } else {
                double turned = px * Math.cos(tilt) - py * Math.sin(tilt) * height / Math.max(width, height);
                py = px * Math.sin(tilt) * height / width + py * Math.cos(tilt);
                px = turned;
            }
            points[i] = new double[] {x + width / 2 + px, y + height / 2 + py};
        }
        return closed(points);
    }

    /**
     * Returns a smooth closed line through points {x, y}: closed Catmull–Rom as Bézier curves. Only the first names both its
     * controls; every other one starts as the mirror of the one before, which is what S says.
     */
    public static String closed(double[][] p) {
        int n = p.length;
        StringBuilder d = new StringBuilder(n * 28);
        pair(d.append('M'), p[0][0], p[0][1]);
        for (int i = 0; i < n; i++) {
            double[] from = p[i];
            double[] to = p[(i + 1) % n];
            double[] after = p[(i + 2) % n];
            if (i == 0) {
                double[] before = p[n - 1];
                pair(d.append('C'), from[0] + (to[0] - before[0]) / 6, from[1] + (to[1] - before[1]) / 6)
                        .append(' ');
            } else {
                d.append('S');
            }
            pair(d, to[0] - (after[0] - from[0]) / 6, to[1] - (after[1] - from[1]) / 6)
                    .append(' ');
            pair(d, to[0], to[1]);
        }
        return d.append('Z').toString();
    }

    static String pair(double x, double y) {
        return pair(new StringBuilder(14), x, y).toString();
    }

    private static StringBuilder pair(StringBuilder d, double x, double y) {
        Lines.number(d, x).append(',');
        return Lines.number(d, y);
    }

    private static double signed(double v, double power) {
        return Math.signum(v) * Math.pow(Math.abs(v), power);
    }

    /** FNV-1a seeds mulberry32, so that stones stay the same for ever. */
    private static final class Chance {
        private int a;

        Chance(String id) {
            int hash = 0x811c9dc5;
            for (byte b : id.getBytes(StandardCharsets.UTF_8)) {
                hash = (hash ^ b & 0xff) * 0x01000193;
            }
            a = hash;
        }

        double next() {
            a += 0x6D2B79F5;
            int t = (a ^ a >>> 15) * (a | 1);
            t ^= t + (t ^ t >>> 7) * (t | 61);
            return ((t ^ t >>> 14) & 0xffffffffL) / 4294967296.0;
        }
    }
}
