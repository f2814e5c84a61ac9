package scree.standins.variation;

import scree.core.image.Raster;

/**
 * A picture as a painter lays it: every place takes the calmest of its four quarters (Kuwahara 1976), so that shading turns into strokes with
 * edges of their own, and lines are inked where light steps. A drawing style for measuring only; nothing was derived on it.
 */
public final class Painted {
    /** Reach of a stroke and width of a line, pupil distances. */
    private static final double STROKE = .035;

    private static final double INK_FROM = 26;
    private static final double INK_TO = 90;
    private static final double INK = .45;

    private Painted() {}

    /** @param unit pixels between the pupils */
    public static Raster of(Raster r, double unit) {
        int reach = Math.max(1, (int) Math.round(STROKE * unit));
        int[] rgb = new int[r.rgb().length];
        double[] best = new double[4];
        for (int y = 0; y < r.height(); y++) {
            for (int x = 0; x < r.width(); x++) {
                best[3] = Double.MAX_VALUE;
                for (int q = 0; q < 4; q++) {
                    quarter(r, x, y, q % 2 == 0 ? -reach : 0, q / 2 == 0 ? -reach : 0, reach, best);
                }
                double step = Math.hypot(r.luma(x + 1, y) - r.luma(x - 1, y), r.luma(x, y + 1) - r.luma(x, y - 1));
                double ink = 1 - INK * Math.max(0, Math.min(1, (step - INK_FROM) / (INK_TO - INK_FROM)));
                rgb[y * r.width() + x] =
                        (int) (best[0] * ink) << 16 | (int) (best[1] * ink) << 8 | (int) (best[2] * ink);
            }
        }
        return new Raster(r.width(), r.height(), rgb);
    }

    private static void quarter(Raster r, int x, int y, int left, int top, int reach, double[] best) {
        double[] sum = new double[3];
        double square = 0;
        double lumas = 0;
        int n = 0;
        for (int dy = top; dy <= top + reach; dy++) {
            for (int dx = left; dx <= left + reach; dx++) {
                for (int c = 0; c < 3; c++) {
                    sum[c] += r.code(x + dx, y + dy, c);
                }
                double l = r.luma(
                        Math.max(0, Math.min(r.width() - 1, x + dx)), Math.max(0, Math.min(r.height() - 1, y + dy)));
                lumas += l;
                square += l * l;
                n++;
            }
        }
        double spread = square / n - lumas / n * (lumas / n);
        if (spread < best[3]) {
            best[3] = spread;
            for (int c = 0; c < 3; c++) {
                best[c] = sum[c] / n;
            }
        }
    }
}
