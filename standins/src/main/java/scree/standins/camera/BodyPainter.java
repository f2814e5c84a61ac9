package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

/** Lays neck, shoulders, chest and a wrap of cloth into the scene. */
final class BodyPainter {
    private static final double DOWN = .17;

    private final Sitter sitter;
    private final Scene scene;
    private final Frame frame;
    private final HeadOutline outline;
    private final Noise noise;
    private final SkinMarks marks;
    private final Lighting light;
    private final double neck;
    private final double[][] halfWidths;

    BodyPainter(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, SkinMarks marks, Lighting light) {
        this.sitter = sitter;
        this.scene = scene;
        this.frame = scene.frame;
        this.outline = outline;
        this.noise = noise;
        this.marks = marks;
        this.light = light;
        this.neck = Math.min(sitter.man() ? .80 : .68, sitter.face().shape().jaw - .06);
        this.halfWidths = knots();
    }

    private double[][] knots() {
        double n = neck;
        double k = sitter.man() ? 1.12 : 1.0;
        return new double[][] {
            {1.0, n + .06},
            {1.6, n + .01},
            {2.0, n},
            {2.35, n + .035},
            {2.56, n + .15},
            {2.72, n + .42},
            {2.84, n + .78 * k},
            {2.96, n + 1.17 * k},
            {3.12, n + 1.52 * k},
            {3.4, n + 1.84 * k},
            {3.9, n + 2 * k},
            {5, n + 2.03 * k}
        };
    }

    void paint() {
        Relief relief = relief();
        float[] hollow = Shading.hollows(relief, .12, 2.2, 1);
        Shading shading = new Shading(relief, hollow, light);
        double[] e = new double[4];
        for (int py = frame.row(1.0); py < frame.height(); py++) {
            double y = frame.y(py);
            double yb = y + DOWN;
            double half = Curves.through(halfWidths, yb);
            for (int px = frame.column(-half - .02); px <= frame.column(half + .02); px++) {
                double x = frame.x(px);
                double alpha = clamp((half - Math.abs(x)) * frame.unit() + .5, 0, 1);
                if (alpha > 0) {
                    pixel(px, py, x, y, yb, alpha, shading, e);
                }
            }
        }
    }

    private Relief relief() {
        Relief relief = new Relief(frame);
        relief.over(-3, 1.0, 3, 4.6, this::height);
        return relief;
    }

    private double height(double x, double y) {
        double yb = y + DOWN;
        double half = Curves.through(halfWidths, yb);
        double u = Math.abs(x) / half;
        if (u >= 1) {
            return 0;
        }
        double ax = Math.sqrt(x * x + .0034);
        double chest = step(2.15, 2.95, yb);
        double z = lerp(neck * Math.sqrt(1 - u * u), 1.05 * Math.sqrt(1 - Math.pow(u, 2.6)) + .12, chest)
                - .25 * step(2.9, 1.6, yb)
                + .12 * step(2.4, 4.4, yb);
        double aged = sitter.aged();
        double t = clamp((yb - 1.35) / 1.75, 0, 1);
        double strap = lerp(.93 * neck, .15, Math.pow(t, 1.15));
        z += (.045 + (sitter.man() ? .02 : 0) + .02 * aged)
                * bell(ax - strap, .10)
                * step(1.35, 1.6, yb)
                * step(3.15, 2.95, yb);
        z += (.02 + (sitter.man() ? .05 : 0)) * bell(x, yb - 2.42, .11, .16);
        z -= .09 * bell(x, yb - 3.1, .115, .1);
        return z + collarBone(ax, yb) - .022 * bell(x, yb - 4.1, .24, .7) + neckLines(x, yb, aged);
    }

    private static double collarBone(double ax, double yb) {
        double t = clamp((ax - .13) / 1.9, 0, 1);
        double yc = 3.12 - .20 * Math.pow(t, .9) + .035 * Math.sin(6 * t);
        double fade = step(.08, .2, ax) * step(2.3, 1.5, ax);
        return .046 * (bell(yb - yc, .078) - .25 * bell(yb - yc - .16, .11)) * fade
                - .10 * bell(ax - .62, yb - 2.82, .36, .11);
    }

    private static double neckLines(double x, double yb, double aged) {
        double bend = .10 * (1 - (x / .8) * (x / .8));
        double z = 0;
        for (double y0 : new double[] {2.12, 2.42, 2.66}) {
            z -= (.004 + .009 * aged) * bell(yb - y0 - bend, .016);
        }
        return Math.abs(x) < .8 ? z : 0;
    }

    private void pixel(int px, int py, double x, double y, double yb, double alpha, Shading shading, double[] e) {
        int i = py * frame.width() + px;
        double hem = 4.12 + .16 * Math.cos(.8 * x);
        double cloth = clamp((yb - hem) * frame.unit() + .5, 0, 1);
        double ao = .30 * step(1.30, .98, outline.gauge(x, y - .06)) * lerp(.4, 1, light.shadow());
        shading.at(px, py, ao, e);
        double shadow = step(1.13, .90, outline.gauge(x - .06 * Math.signum(-light.keyX()), y - .30)) * light.shadow();
        e[0] *= 1 - .36 * shadow;
        e[1] *= 1 - .44 * shadow;
        e[2] *= 1 - .47 * shadow;
        if (cloth < 1) {
            double contact = 1 - .25 * step(hem - .07, hem, yb);
            scene.coverSkin(
                    i,
                    alpha,
                    marks.bodyMelanin(x, yb, i),
                    marks.bodyBlood(x, yb, i),
                    e[0] * contact,
                    e[1] * contact,
                    e[2] * contact,
                    .4 * e[3] * (1 - shadow) * (.75 + .5 * noise.at(60 * x, 60 * y)));
        }
        if (cloth > 0) {
            cloth(i, alpha * cloth, x, yb, hem, e);
        }
    }

    private void cloth(int i, double alpha, double x, double yb, double hem, double[] e) {
        double[] rgb = scree.core.colour.Srgb.toLinear(sitter.wrap().toXyz());
        double folds = .90 + .22 * noise.at(2.2 * x + 50, .9 * yb + .6 * x);
        double weave = .97 + .06 * noise.at(120 * x, 120 * yb);
        double seam = 1 - .22 * bell(yb - hem - .055, .008);
        double k = folds * weave * seam;
        scene.cover(i, alpha, rgb[0] * e[0] * k, rgb[1] * e[1] * k, rgb[2] * e[2] * k);
    }
}
