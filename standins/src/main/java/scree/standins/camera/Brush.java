package scree.standins.camera;

/** Draws soft strokes into the scene: discs along a polyline, thinner and fainter towards the tip. */
final class Brush {
    private final Scene scene;
    private final double unit;
    /** Where given, collects how much each pixel is covered. */
    private final float[] coverage;

    Brush(Scene scene, float[] coverage) {
        this.scene = scene;
        this.unit = scene.frame.unit();
        this.coverage = coverage;
    }

    /** Colour of a stroke at a share of its length, at a place, with its direction. */
    interface Ink {
        void at(double share, double x, double y, double tx, double ty, double[] rgb);
    }

    /**
     * Draws one stroke.
     *
     * @param line points in pupil distances
     * @param root width at the start, in pixels of a picture with 160 pixels between the pupils
     * @param tip width at the end
     * @param fadeIn share of the length over which it appears
     * @param cut share of the length that is drawn
     */
    void stroke(double[][] line, double root, double tip, double alpha, double fadeIn, double cut, Ink ink) {
        double fadeOut = root > 4 ? .06 : .16;
        double scale = unit / 160;
        double total = 0;
        for (int i = 1; i < line.length; i++) {
            total += Math.hypot(line[i][0] - line[i - 1][0], line[i][1] - line[i - 1][1]);
        }
        double wanted = total * cut;
        double gone = 0;
        double[] rgb = new double[3];
        for (int i = 1; i < line.length && gone < wanted; i++) {
            double dx = line[i][0] - line[i - 1][0];
            double dy = line[i][1] - line[i - 1][1];
            double length = Math.hypot(dx, dy);
            if (length < 1e-9) {
                continue;
            }
            double share0 = gone / wanted;
            double width = Math.max(.6, Curves.lerp(root, tip, share0) * scale);
            double stepLength = Math.max(.9, .38 * width) / unit;
            int steps = (int) Math.max(1, Math.ceil(length / stepLength));
            for (int s = 0; s < steps; s++) {
                double t = (double) s / steps;
                double share = (gone + t * length) / wanted;
                if (share > 1) {
                    return;
                }
                double a = alpha * Math.min(1, share / Math.max(1e-3, fadeIn)) * Math.min(1, (1 - share) / fadeOut);
                double x = line[i - 1][0] + t * dx;
                double y = line[i - 1][1] + t * dy;
                ink.at(share, x, y, dx / length, dy / length, rgb);
                disc(x, y, Curves.lerp(root, tip, share) * scale / 2, a, rgb);
            }
            gone += length;
        }
    }

    void disc(double x, double y, double radius, double alpha, double[] rgb) {
        Frame frame = scene.frame;
        double cx = frame.px(x);
        double cy = frame.py(y);
        double reach = radius + .6;
        double weight = radius < .5 ? alpha * Math.max(.25, radius * 2) : alpha;
        int y0 = (int) Math.max(0, Math.ceil(cy - reach));
        int y1 = (int) Math.min(frame.height() - 1, Math.floor(cy + reach));
        int x0 = (int) Math.max(0, Math.ceil(cx - reach));
        int x1 = (int) Math.min(frame.width() - 1, Math.floor(cx + reach));
        for (int py = y0; py <= y1; py++) {
            for (int px = x0; px <= x1; px++) {
                double d = Math.sqrt((px - cx) * (px - cx) + (py - cy) * (py - cy));
                double a = weight * Curves.clamp(reach - d, 0, 1);
                if (a > .003) {
                    int i = py * frame.width() + px;
                    scene.cover(i, a, rgb[0], rgb[1], rgb[2]);
                    if (coverage != null) {
                        coverage[i] += (float) (a * (1 - coverage[i]));
                    }
                }
            }
        }
    }
}
