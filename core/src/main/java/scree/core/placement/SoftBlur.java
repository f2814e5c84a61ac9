package scree.core.placement;

import java.util.stream.IntStream;

/** Softens a sheet of amounts. */
final class SoftBlur {
    private static final int STRIPE = 64;
    private static final int FOUR = 4;

    private SoftBlur() {}

    /** Three box blurs in both directions: close to a Gaussian (Wells 1986), and quick. */
    static void of(float[] v, int w, int h, double sigma) {
        int r = (int) Math.round((Math.sqrt(4 * sigma * sigma + 1) - 1) / 2);
        if (r < 1) {
            return;
        }
        float[] buffer = new float[v.length];
        for (int pass = 0; pass < 3; pass++) {
            IntStream.range(0, (h + FOUR - 1) / FOUR).parallel().forEach(k -> {
                int y = k * FOUR;
                if (y + FOUR <= h) {
                    four(v, buffer, y * w, w, r);
                } else {
                    for (; y < h; y++) {
                        line(v, buffer, y * w, w, r);
                    }
                }
            });
            IntStream.range(0, (w + STRIPE - 1) / STRIPE)
                    .parallel()
                    .forEach(k -> stripe(buffer, v, k * STRIPE, Math.min(w, (k + 1) * STRIPE), w, h, r));
        }
    }

    /** Columns side by side, so that memory is read in order. */
    private static void stripe(float[] from, float[] to, int left, int right, int w, int h, int r) {
        float[] sum = new float[right - left];
        for (int y = 0; y < Math.min(r, h); y++) {
            add(from, y * w + left, sum, 1);
        }
        float share = 1f / (2 * r + 1);
        for (int y = 0; y < h; y++) {
            if (y + r < h) {
                add(from, (y + r) * w + left, sum, 1);
            }
            if (y - r - 1 >= 0) {
                add(from, (y - r - 1) * w + left, sum, -1);
            }
            int at = y * w + left;
            for (int x = 0; x < sum.length; x++) {
                to[at + x] = sum[x] * share;
            }
        }
    }

    private static void add(float[] from, int at, float[] sum, float sign) {
        for (int x = 0; x < sum.length; x++) {
            sum[x] += sign * from[at + x];
        }
    }

    /** Four lines at once: each sum waits for its last, so that one alone leaves a processor idle most of the time. */
    private static void four(float[] from, float[] to, int start, int n, int r) {
        int second = start + n;
        int third = second + n;
        int fourth = third + n;
        float a = 0;
        float b = 0;
        float c = 0;
        float d = 0;
        for (int i = 0; i < Math.min(r, n); i++) {
            a += from[start + i];
            b += from[second + i];
            c += from[third + i];
            d += from[fourth + i];
        }
        float share = 1f / (2 * r + 1);
        for (int i = 0; i < n; i++) {
            if (i + r < n) {
                a += from[start + i + r];
                b += from[second + i + r];
                c += from[third + i + r];
                d += from[fourth + i + r];
            }
            if (i - r - 1 >= 0) {
                a -= from[start + i - r - 1];
                b -= from[second + i - r - 1];
                c -= from[third + i - r - 1];
                d -= from[fourth + i - r - 1];
            }
            to[start + i] = a * share;
            to[second + i] = b * share;
            to[third + i] = c * share;
            to[fourth + i] = d * share;
        }
    }

    private static void line(float[] from, float[] to, int start, int n, int r) {
        float sum = 0;
        for (int i = 0; i < Math.min(r, n); i++) {
            sum += from[start + i];
        }
        float share = 1f / (2 * r + 1);
        for (int i = 0; i < n; i++) {
            if (i + r < n) {
                sum += from[start + i + r];
            }
            if (i - r - 1 >= 0) {
                sum -= from[start + i - r - 1];
            }
            to[start + i] = sum * share;
        }
    }
}
