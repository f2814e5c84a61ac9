package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.soft;
import static scree.standins.camera.Curves.step;

/** Lays the head's skin into the scene: relief, hollows, melanin and blood, lips, nostrils, stubble. */
final class HeadPainter {
    private final Sitter sitter;
    private final Scene scene;
    private final Frame frame;
    private final HeadOutline outline;
    private final Noise noise;
    private final SkinMarks marks;
    private final Shading shading;
    private final MouthShape mouth;
    private final double deep;

    HeadPainter(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, SkinMarks marks, Lighting light) {
        this.sitter = sitter;
        this.scene = scene;
        this.frame = scene.frame;
        this.outline = outline;
        this.noise = noise;
        this.marks = marks;
        this.deep = sitter.deep();
        this.mouth = new MouthShape(sitter.face());
        Relief relief = HeadRelief.of(sitter, outline, frame, noise);
        float[] hollow = Shading.hollows(relief, .05, 7, .75, .15, 2.6, .6);
        this.shading = new Shading(relief, hollow, light);
    }

    void paint() {
        double[] e = new double[4];
        for (int py = frame.row(-1.95); py <= frame.row(2.15); py++) {
            double y = frame.y(py);
            for (int px = frame.column(-1.35); px <= frame.column(1.35); px++) {
                double x = frame.x(px);
                double r = outline.gauge(x, y);
                double edge = (1 - r) * outline.radius(x, y - HeadOutline.CENTRE_Y) * frame.unit() + .5;
                if (edge > 0) {
                    pixel(px, py, x, y, r, Math.min(1, edge), e);
                }
            }
        }
    }

    private void pixel(int px, int py, double x, double y, double r, double alpha, double[] e) {
        int i = py * frame.width() + px;
        double ax = soft(x);
        shading.at(px, py, hollowOf(x, ax, y, r), e);
        double shine = e[3] * shineOf(x, y) * (.75 + .5 * noise.at(60 * x, 60 * y)) * (1 - .35 * deep);
        lips(ax, y, e);
        nostrils(x, y, e);
        stubble(x, y, r, px, py, e);
        scene.coverSkin(i, alpha, marks.melanin(x, y, i, r), marks.blood(x, y, i), e[0], e[1], e[2], shine);
    }

    private double hollowOf(double x, double ax, double y, double r) {
        double nl = sitter.face().noseLength();
        double nw = sitter.face().noseWidth();
        double my = mouth.middle;
        double xx = x - HeadRelief.noseMiddle(sitter.face(), y);
        return .14 * bell(xx, y - nl - .035, .24, .06)
                + .10 * bell(x, y - my - sitter.face().lipLower() - .06, .22, .05)
                + .16 * bell(ax - .24, y + .02, .08, .12)
                + .16 * step(.86, 1, r) * step(1.4, -.2, y - .3)
                + .05 * bell(Math.abs(xx) - 1.05 * nw, y - nl + .08, .035, .09);
    }

    private double shineOf(double x, double y) {
        double zone = .55 + .5 * bell(x, y - .35, .22, .5) + .4 * bell(x, y + .75, .6, .35);
        double ax = Math.abs(x);
        boolean onLips = ax < mouth.half && y > mouth.upper(ax) && y < mouth.lower(ax);
        return onLips
                ? zone
                        + .35
                        + .9 * bell(x, y - mouth.middle - .6 * sitter.face().lipLower(), .16, .03)
                : zone;
    }

    private void lips(double ax, double y, double[] e) {
        double m = mouth.line(ax);
        if (ax > mouth.half + .05 || y < m - .3 || y > m + .35) {
            return;
        }
        double crease = .05 * (noise.at(90 * ax + 7, 6 * y) - .5);
        if (ax < mouth.half) {
            double inside = Math.min(step(-.014, .012, y - mouth.upper(ax)), step(-.014, .012, mouth.lower(ax) - y));
            double taper = step(0, .05, mouth.half - ax);
            double k = inside * taper * (sitter.man() ? .70 : .95) * (y < m ? 1.18 : 1) * (1 - .25 * sitter.aged());
            k *= 1 - .35 * deep;
            e[0] *= Math.exp(-.22 * k) * (1 + crease * inside);
            e[1] *= Math.exp(-.62 * k) * (1 + crease * inside);
            e[2] *= Math.exp(-.50 * k) * (1 + crease * inside);
        }
        double end = step(.03, -.03, ax - mouth.half);
        double line = bell(y - m, .010) * end;
        double wide = .16 * bell(y - m, .03) * end;
        e[0] *= (1 - .60 * line) * (1 - wide);
        e[1] *= (1 - .74 * line) * (1 - wide);
        e[2] *= (1 - .74 * line) * (1 - wide);
    }

    private void nostrils(double x, double y, double[] e) {
        Sitter.Face f = sitter.face();
        double dx = (Math.abs(x - HeadRelief.noseMiddle(f, y)) - .41 * f.noseWidth()) / .062;
        double dy = (y - f.noseLength() + .022) / .021;
        double d = Math.sqrt(dx * dx + dy * dy);
        if (d < 1.35) {
            double k = .9 * step(1.35, .4, d);
            e[0] *= 1 - .72 * k;
            e[1] *= 1 - .86 * k;
            e[2] *= 1 - .88 * k;
        }
    }

    private void stubble(double x, double y, double r, int px, int py, double[] e) {
        double amount = sitter.marks().stubble();
        if (amount <= 0 || y < .5) {
            return;
        }
        double ax = Math.abs(x);
        double chin = sitter.face().shape().chin;
        double beard = step(.72, 1.02, y + .35 * step(.6, 1, ax))
                * step(.30, .52, Math.hypot(ax, .9 * (y - mouth.middle)) + .12);
        double moustache = bell(x, y - sitter.face().noseLength() - .2, .38, .12);
        double mask =
                clamp(Math.max(beard, moustache), 0, 1) * step(.0, .06, distanceFromLips(ax, y)) * step(1.02, .97, r);
        mask *= step(chin + .1, chin - .1, y);
        int cell = (int) Math.round(frame.unit() / 118 + .5);
        double dot = noise.cell(px / cell, py / cell) > .62 ? 1 : 0;
        double k = amount * mask * (.16 + .20 * dot);
        e[0] *= 1 - k;
        e[1] *= 1 - .93 * k;
        e[2] *= 1 - .80 * k;
    }

    private double distanceFromLips(double ax, double y) {
        if (ax > mouth.half) {
            return Math.hypot(ax - mouth.half, y - mouth.line(mouth.half));
        }
        return Math.max(mouth.upper(ax) - y, y - mouth.lower(ax));
    }

    /** Draws the ears; before the head, which covers their joint. */
    void ears() {
        double size = sitter.face().earSize();
        for (int side = -1; side <= 1; side += 2) {
            double edge = outline.halfWidth(.2, side);
            for (int py = frame.row(-.32); py <= frame.row(.75); py++) {
                for (int px = frame.column(side < 0 ? -edge - .25 : edge - .3);
                        px <= frame.column(side < 0 ? -edge + .3 : edge + .25);
                        px++) {
                    ear(px, py, side, edge, size);
                }
            }
        }
    }

    private void ear(int px, int py, int side, double edge, double size) {
        double x = side * frame.x(px);
        double y = frame.y(py);
        double t = (y - .20) / .47;
        if (Math.abs(t) >= 1) {
            return;
        }
        double w = .128 * size * (1 - .35 * step(.1, 1, t)) * Math.sqrt(1 - t * t);
        double centre = edge - .015 - .05 * step(-.1, 1, t) - .02 * step(.2, -1, t);
        double u = (x - centre) / Math.max(.01, w);
        double alpha = clamp((1 - Math.abs(u)) * w * frame.unit() + .5, 0, 1);
        if (alpha <= 0) {
            return;
        }
        double rim = bell(Math.abs(u) - .78, .22);
        double concha = bell(u - .15, t - .1, .45, .45);
        double joint = 1 - .45 * step(1.10, .99, outline.gauge(side * x, y));
        double e = (.90 + .13 * rim - .24 * concha) * joint * (side < 0 ? 1.02 : .95);
        int i = py * frame.width() + px;
        scene.coverSkin(i, alpha, .03 + marks.melanin(side * x, y, i, .9) * .3, .22, e * 1.03, e, e * .98, .006 * rim);
    }

    /** Returns linear sRGB scaled by lightness of the brows' own colour. */
    static double[] scaled(double[] rgb, double k) {
        return new double[] {rgb[0] * k, rgb[1] * k, rgb[2] * k};
    }

    /** Darkens skin under front hair: the hair's own shadow. */
    static void hairShadow(Scene scene, float[] coverage, Lighting light) {
        Frame frame = scene.frame;
        float[] soft = Relief.blur(frame, coverage, .05);
        int dx = (int) Math.round(.035 * frame.unit());
        int dy = (int) Math.round(.05 * frame.unit());
        for (int py = dy; py < frame.height(); py++) {
            for (int px = dx; px < frame.width(); px++) {
                double a = clamp(soft[(py - dy) * frame.width() + px - dx], 0, 1) * lerp(.35, 1, light.shadow());
                int i = py * frame.width() + px;
                if (a > .004 && scene.skin[i] > 0) {
                    scene.light[0][i] *= (float) (1 - .32 * a);
                    scene.light[1][i] *= (float) (1 - .40 * a);
                    scene.light[2][i] *= (float) (1 - .42 * a);
                }
            }
        }
    }
}
