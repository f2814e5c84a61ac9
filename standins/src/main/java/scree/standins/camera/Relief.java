package scree.standins.camera;

/** A height map z(x, y) in pupil distances, towards the camera. */
final class Relief {
    final Frame frame;
    final float[] z;

    Relief(Frame frame) {
        this(frame, new float[frame.width() * frame.height()]);
    }

    private Relief(Frame frame, float[] z) {
        this.frame = frame;
        this.z = z;
    }

    /** Adds a bell within its box. */
    void bump(double amount, double cx, double cy, double sx, double sy) {
        over(
                cx - 3 * sx,
                cy - 3 * sy,
                cx + 3 * sx,
                cy + 3 * sy,
                (x, y) -> amount * Curves.bell(x - cx, y - cy, sx, sy));
    }

    /** Adds the same bell on both sides. */
    void pair(double amount, double cx, double cy, double sx, double sy) {
        bump(amount, cx, cy, sx, sy);
        bump(amount, -cx, cy, sx, sy);
    }

    /** A value at a place of the scene. */
    interface Shape {
        double at(double x, double y);
    }

    /** Adds a shape within a box of the scene. */
    void over(double left, double top, double right, double bottom, Shape shape) {
        int x0 = frame.column(left);
        int x1 = frame.column(right);
        int y0 = frame.row(top);
        int y1 = frame.row(bottom);
        for (int py = y0; py <= y1; py++) {
            double y = frame.y(py);
            int row = py * frame.width();
            for (int px = x0; px <= x1; px++) {
                z[row + px] += (float) shape.at(frame.x(px), y);
            }
        }
    }

    /** Returns a copy blurred by two box passes of about the given radius in pupil distances. */
    Relief blurred(double radius) {
        return new Relief(frame, blur(frame, z, radius));
    }

    static float[] blur(Frame frame, float[] source, double radius) {
        int reach = Math.max(1, (int) Math.round(radius * frame.unit()));
        float[] a = new float[source.length];
        float[] b = source.clone();
        for (int pass = 0; pass < 2; pass++) {
            rows(b, a, frame.width(), frame.height(), reach);
            columns(a, b, frame.width(), frame.height(), reach);
        }
        return b;
    }

    private static void rows(float[] in, float[] out, int w, int h, int reach) {
        for (int y = 0; y < h; y++) {
            int base = y * w;
            double sum = in[base] * (double) reach;
            for (int x = 0; x < reach; x++) {
                sum += in[base + Math.min(x, w - 1)];
            }
            for (int x = 0; x < w; x++) {
                sum += in[base + Math.min(w - 1, x + reach)];
                out[base + x] = (float) (sum / (2 * reach + 1));
                sum -= in[base + Math.max(0, x - reach)];
            }
        }
    }

    private static void columns(float[] in, float[] out, int w, int h, int reach) {
        double[] sum = new double[w];
        for (int x = 0; x < w; x++) {
            sum[x] = in[x] * (double) reach;
        }
        for (int y = 0; y < reach; y++) {
            for (int x = 0; x < w; x++) {
                sum[x] += in[Math.min(y, h - 1) * w + x];
            }
        }
        for (int y = 0; y < h; y++) {
            int add = Math.min(h - 1, y + reach) * w;
            int drop = Math.max(0, y - reach) * w;
            for (int x = 0; x < w; x++) {
                sum[x] += in[add + x];
                out[y * w + x] = (float) (sum[x] / (2 * reach + 1));
                sum[x] -= in[drop + x];
            }
        }
    }

    /** Returns the slope in x (0) or y (1) at a pixel; borders copy their neighbours. */
    double slope(int px, int py, int axis) {
        int w = frame.width();
        int x = (int) Curves.clamp(px, 1, w - 2);
        int y = (int) Curves.clamp(py, 1, frame.height() - 2);
        int i = y * w + x;
        int d = axis == 0 ? 1 : w;
        return (z[i + d] - z[i - d]) * frame.unit() / 2;
    }
}
