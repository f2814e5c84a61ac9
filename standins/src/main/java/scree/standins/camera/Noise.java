package scree.standins.camera;

/** Value noise 0..1 on a tile of 256 × 256 hashed cells; smooth, repeatable from a seed, never a sine hash. */
final class Noise {
    private static final int SIZE = 256;
    private final float[] cells = new float[SIZE * SIZE];

    Noise(long seed) {
        for (int i = 0; i < cells.length; i++) {
            cells[i] = (float) hash(seed * 1_000_003L + i);
        }
    }

    double at(double x, double y) {
        int ix = (int) Math.floor(x);
        int iy = (int) Math.floor(y);
        double u = x - ix;
        double v = y - iy;
        u = u * u * (3 - 2 * u);
        v = v * v * (3 - 2 * v);
        double top = cell(ix, iy) + u * (cell(ix + 1, iy) - cell(ix, iy));
        double bottom = cell(ix, iy + 1) + u * (cell(ix + 1, iy + 1) - cell(ix, iy + 1));
        return top + v * (bottom - top);
    }

    /** Returns one uncorrelated value 0..1 per cell. */
    double cell(int x, int y) {
        return cells[(y & SIZE - 1) * SIZE + (x & SIZE - 1)];
    }

    private static double hash(long v) {
        v = (v ^ v >>> 33) * 0xff51afd7ed558ccdL;
        v = (v ^ v >>> 33) * 0xc4ceb9fe1a85ec53L;
        v ^= v >>> 33;
        return (v >>> 11) * 0x1p-53;
    }
}
