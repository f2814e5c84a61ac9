package scree.standins.camera;

/** Turns raw light into codes as a camera does: exposure, noise, flare, matrix, shoulder and curve, contrast, saturation. */
final class Developer {
    private static final double SHOULDER_FROM = .75;
    private static final int CURVE_STEPS = 8192;
    private static final double CURVE_TOP = 2;
    /** Light under which the curve bends too much for steps of the whole; it has as many steps of its own. */
    private static final double TOE = .02;

    private final double[][] matrix;
    private final Camera camera;
    private final Shot shot;
    private final double cos;
    private final double sin;
    private final double[] curve = new double[CURVE_STEPS + 1];
    private final double[] toe = new double[CURVE_STEPS + 1];
    private long state;

    Developer(Camera camera, Lamp lamp, Shot shot) {
        this.camera = camera;
        this.shot = shot;
        this.matrix = camera.matrixFor(lamp.power());
        this.cos = Math.cos(camera.twist);
        this.sin = Math.sin(camera.twist);
        this.state = shot.seed() * 0x9E3779B97F4A7C15L + 1;
        for (int i = 0; i <= CURVE_STEPS; i++) {
            curve[i] = curve(CURVE_TOP * i / CURVE_STEPS);
            toe[i] = curve(TOE * i / CURVE_STEPS);
        }
    }

    int develop(double r, double g, double b) {
        double er = noisy(r * shot.exposure() * shot.whiteBalance()[0]);
        double eg = noisy(g * shot.exposure());
        double eb = noisy(b * shot.exposure() * shot.whiteBalance()[1]);
        double cr = code(matrix[0][0] * er + matrix[0][1] * eg + matrix[0][2] * eb);
        double cg = code(matrix[1][0] * er + matrix[1][1] * eg + matrix[1][2] * eb);
        double cb = code(matrix[2][0] * er + matrix[2][1] * eg + matrix[2][2] * eb);
        double luma = .299 * cr + .587 * cg + .114 * cb;
        double s = camera.saturation;
        double u = (cb - luma) * s;
        double v = (cr - luma) * s;
        double tu = cos * u - sin * v * .8;
        double tv = sin * u * 1.25 + cos * v;
        double fr = luma + tv;
        double fb = luma + tu;
        double fg = (luma - .299 * fr - .114 * fb) / .587;
        return eight(fr) << 16 | eight(fg) << 8 | eight(fb);
    }

    private double noisy(double v) {
        state ^= state << 13;
        state ^= state >>> 7;
        state ^= state << 17;
        double grain = ((state & 0xffff) + (state >>> 16 & 0xffff) + (state >>> 32 & 0xffff)) / 65535.0 - 1.5;
        double sigma = 2 * camera.noise * (.4 + Math.sqrt(Math.max(0, v)) * 2.2);
        return v + camera.flare + sigma * grain;
    }

    private double code(double v) {
        if (v < 0) {
            return curve(v);
        }
        return v <= TOE ? between(toe, v * (CURVE_STEPS / TOE)) : between(curve, v * (CURVE_STEPS / CURVE_TOP));
    }

    private static double between(double[] steps, double at) {
        int i = (int) Math.min(CURVE_STEPS - 1, at);
        return steps[i] + Math.min(1, at - i) * (steps[i + 1] - steps[i]);
    }

    /** Linear light to code: a soft shoulder, the sRGB curve and an S of the camera's contrast. */
    private double curve(double v) {
        double soft = v < SHOULDER_FROM
                ? v
                : SHOULDER_FROM + (1 - SHOULDER_FROM) * (1 - Math.exp(-(v - SHOULDER_FROM) / (1 - SHOULDER_FROM)));
        double c = soft <= 0 ? 12.92 * soft : scree.core.colour.Srgb.toCode(soft);
        return c - camera.contrast * Math.sin(2 * Math.PI * c) / (2 * Math.PI);
    }

    private static int eight(double code) {
        return (int) Curves.clamp(Math.round(code * 255), 0, 255);
    }
}
