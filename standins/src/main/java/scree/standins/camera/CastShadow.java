package scree.standins.camera;

/** What the head's own relief keeps of a small lamp's light: the nose on the lip, the brows on the eyes. A window is too wide to throw any. */
final class CastShadow {
    /** From this wrap on a light is so wide that its shadows are gone. */
    private static final double WIDE = .3;

    private static final double REACH = .7;
    private static final double STEP = .02;
    /** Height over the ray, in pupil distances, at which the lamp is gone: the lamp is no point. */
    private static final double SOFT = .06;

    private static final double BIAS = .012;

    private CastShadow() {}

    /** Returns the share of the key that each pixel keeps, 0..1, or null where the key throws no shadow. */
    static float[] of(Relief relief, Lighting light) {
        double flat = Math.hypot(light.keyX(), light.keyY());
        if (light.wrap() >= WIDE || flat < 1e-6) {
            return null;
        }
        Frame frame = relief.frame;
        Relief soft = relief.blurred(.012);
        float[] kept = new float[relief.z.length];
        double stepX = STEP * light.keyX() / flat * frame.unit();
        double stepY = STEP * light.keyY() / flat * frame.unit();
        double rise = STEP * light.keyZ() / flat;
        for (int py = 0; py < frame.height(); py++) {
            for (int px = 0; px < frame.width(); px++) {
                int i = py * frame.width() + px;
                kept[i] = soft.z[i] <= 0 ? 1 : (float) kept(soft, px, py, stepX, stepY, rise);
            }
        }
        return kept;
    }

    private static double kept(Relief soft, int px, int py, double stepX, double stepY, double rise) {
        Frame frame = soft.frame;
        double height = soft.z[py * frame.width() + px] + BIAS;
        double over = 0;
        for (int s = 1; s * STEP < REACH; s++) {
            int x = (int) Math.round(px + s * stepX);
            int y = (int) Math.round(py + s * stepY);
            if (x < 0 || y < 0 || x >= frame.width() || y >= frame.height()) {
                break;
            }
            over = Math.max(over, soft.z[y * frame.width() + x] - height - s * rise);
        }
        return 1 - Curves.step(0, SOFT, over);
    }
}
