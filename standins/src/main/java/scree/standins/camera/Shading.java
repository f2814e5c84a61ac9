package scree.standins.camera;

import static scree.standins.camera.Curves.clamp;

/**
 * Light on a relief: soft normals for red, sharper for blue (light travels further in red), wrapped key and fill, ambient
 * from above, hollows darker, and a warm bounce from below.
 */
final class Shading {
    private static final double[] BLURRED_SHARE = {.65, .35, .25};
    private static final double[] WRAP = {1.1, .93, .88};
    private static final double[] HOLLOW = {1, 1.15, 1.2};
    private static final double[] BOUNCE = {.30, .25, .23};

    private final Relief soft;
    private final Relief sharp;
    private final float[] hollow;
    private final Lighting light;
    private final double[] keyFlat = new double[3];
    private final double[] fillFlat = new double[3];
    private final double[] key;
    private final double[] fill;
    private final float[] kept;

    Shading(Relief relief, float[] hollow, Lighting light) {
        this.soft = relief.blurred(.035);
        this.sharp = relief.blurred(.010);
        this.hollow = hollow;
        this.light = light;
        this.kept = CastShadow.of(relief, light);
        this.key = unit(light.keyX(), light.keyY(), light.keyZ());
        this.fill = unit(-Math.signum(light.keyX()) * .62, -.05, .75);
        for (int c = 0; c < 3; c++) {
            keyFlat[c] = wrapped(key[2], c);
            fillFlat[c] = wrapped(fill[2], c);
        }
    }

    /** Returns how hollow each pixel lies: blurred minus own height, scaled, −0.12 to 0.6. */
    static float[] hollows(Relief relief, double... radiusAndGain) {
        float[] out = new float[relief.z.length];
        for (int k = 0; k < radiusAndGain.length; k += 3) {
            float[] mean = Relief.blur(relief.frame, relief.z, radiusAndGain[k]);
            float gain = (float) radiusAndGain[k + 1];
            float share = (float) radiusAndGain[k + 2];
            for (int i = 0; i < out.length; i++) {
                out[i] += share * (float) clamp((mean[i] - relief.z[i]) * gain, -.12, .6);
            }
        }
        return out;
    }

    /** Writes light per channel into {@code e}; sheen into {@code e[3]} at full strength. */
    void at(int px, int py, double extraHollow, double[] e) {
        int i = py * soft.frame.width() + px;
        double ao = clamp(hollow[i] + extraHollow, -.12, .85);
        double open = 1 - ao;
        double sx = soft.slope(px, py, 0);
        double sy = soft.slope(px, py, 1);
        double tx = sharp.slope(px, py, 0);
        double ty = sharp.slope(px, py, 1);
        double sl = 1 / Math.sqrt(1 + sx * sx + sy * sy);
        double tl = 1 / Math.sqrt(1 + tx * tx + ty * ty);
        double keySoft = (-sx * key[0] - sy * key[1] + key[2]) * sl;
        double keySharp = (-tx * key[0] - ty * key[1] + key[2]) * tl;
        double fillSoft = (-sx * fill[0] - sy * fill[1] + fill[2]) * sl;
        double up = .5 + .5 * sy * sl;
        double ambient = light.ambient() * (.78 + .44 * up);
        double bounce = Math.max(0, .5 - up) * open;
        double reached = kept == null ? 1 : kept[i];
        for (int c = 0; c < 3; c++) {
            double k = BLURRED_SHARE[c] * wrapped(keySoft, c) + (1 - BLURRED_SHARE[c]) * wrapped(keySharp, c);
            e[c] = ambient * Math.pow(Math.max(.05, open), HOLLOW[c])
                    + light.key() * reached * k / keyFlat[c] * (1 - .55 * Math.max(0, ao))
                    + light.fill() * wrapped(fillSoft, c) / fillFlat[c] * open
                    + bounce * BOUNCE[c];
        }
        e[3] = reached * sheen(tx * tl, ty * tl, tl);
    }

    private double sheen(double nx, double ny, double nz) {
        double[] h = unit(key[0], key[1], key[2] + 1);
        double toHalf = Math.max(0, -nx * h[0] - ny * h[1] + nz * h[2]);
        double p14 = Math.pow(toHalf, 14);
        return light.sheen() * (.035 * p14 + .05 * p14 * p14 * p14);
    }

    private double wrapped(double d, int c) {
        double q = light.wrap() * WRAP[c];
        return Math.max(0, (d + q) / (1 + q));
    }

    private static double[] unit(double x, double y, double z) {
        double length = Math.sqrt(x * x + y * y + z * z);
        return new double[] {x / length, y / length, z / length};
    }
}
