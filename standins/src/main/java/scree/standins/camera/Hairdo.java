package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

import java.util.Random;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;

/** What all hair shares: where it grows, how a strand is coloured and lit. Each way to wear it is a subclass. */
abstract class Hairdo {
    final Sitter sitter;
    final Sitter.Hair hair;
    final Scene scene;
    final Frame frame;
    final HeadOutline outline;
    final Noise noise;
    final Random random;
    final double[] dark;
    final double[] grey;
    final double[] key;
    final double gloss;
    final float[] coverage;
    Brush brush;

    Hairdo(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, Lighting light) {
        this.sitter = sitter;
        this.hair = sitter.hair();
        this.scene = scene;
        this.frame = scene.frame;
        this.outline = outline;
        this.noise = noise;
        this.random = new Random(sitter.seed() * 101 + 13);
        this.dark = linear(hair.colour());
        this.grey = linear(Lab.of(hair.grey() > .6 ? 80 : 62, 0, 2));
        double n = Math.sqrt(light.keyX() * light.keyX() + light.keyY() * light.keyY() + light.keyZ() * light.keyZ());
        this.key = new double[] {light.keyX() / n, light.keyY() / n, light.keyZ() / n};
        this.gloss = hair.style() == Sitter.Style.FRINGE_BOB ? 1.3 : hair.style() == Sitter.Style.COILY ? .3 : 1;
        this.coverage = new float[frame.width() * frame.height()];
    }

    private static double[] linear(Lab lab) {
        double[] v = Srgb.toLinear(lab.toXyz());
        return new double[] {Math.max(.002, v[0]), Math.max(.002, v[1]), Math.max(.002, v[2])};
    }

    /** Returns the way this sitter wears it. */
    static Hairdo of(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, Lighting light) {
        return switch (sitter.hair().style()) {
            case COILY, SHORT_COILY, CURLS -> new CoiledHair(sitter, scene, outline, noise, light);
            case BOB, LONG, FRINGE_BOB -> new CurtainHair(sitter, scene, outline, noise, light);
            default -> new ShortHair(sitter, scene, outline, noise, light);
        };
    }

    /** Draws what hangs behind head and neck. */
    final void back() {
        brush = new Brush(scene, null);
        drawBack();
    }

    /** Draws what lies on and over the face, and notes how much it covers. */
    final void front() {
        brush = new Brush(scene, coverage);
        drawFront();
    }

    void drawBack() {}

    abstract void drawFront();

    double hairlineGauge(double x, double y) {
        double c = sitter.face().shape().cheek;
        double p = sitter.man() ? 2.6 : 2.3;
        double f = Math.pow(
                Math.pow(Math.abs(x) / (.90 * c), p)
                        + Math.pow(Math.abs(y - .12) / sitter.face().shape().forehead, p),
                1 / p);
        return f
                - .16 * hair.recession() * bell(Math.abs(x) - .52, y + 1.08, .26, .24)
                + .02 * bell(x, y + 1.1, .16, .2)
                + .036 * (noise.at(9 * x + 44, 9 * y + 44) - .5);
    }

    double scalp(double x, double y) {
        double top = step(.955, 1.06, hairlineGauge(x, y)) * step(.22, -.08, y);
        double rim = step(.90, .965, outline.gauge(x, y)) * step(.22, -.05, y);
        return Math.max(top, rim);
    }

    double capGauge(double x, double y, double thick) {
        double dy = y - HeadOutline.CENTRE_Y;
        double up = step(.25, -.9, y);
        double th = lerp(.03, thick, up);
        return Math.sqrt(x * x + dy * dy) / (outline.radius(x, dy) + th);
    }

    double[] strand(double vary) {
        double white = .55 * (random.nextDouble() < hair.grey() ? 1 : 0) + .45 * hair.grey();
        double[] base = {lerp(dark[0], grey[0], white), lerp(dark[1], grey[1], white), lerp(dark[2], grey[2], white)};
        double k = 1 + (random.nextDouble() * 2 - 1) * vary;
        double warm = 1 + (random.nextDouble() * 2 - 1) * .08;
        return new double[] {base[0] * k * warm, base[1] * k, base[2] * k / warm};
    }

    Brush.Ink ink(double[] colour, double depth) {
        return (share, x, y, tx, ty, rgb) -> shade(colour, depth, x, y, tx, ty, rgb);
    }

    void shade(double[] colour, double depth, double x, double y, double tx, double ty, double[] rgb) {
        double nx = x / 1.5;
        double ny = y < -.25 ? (y + .25) / 1.75 : (y + .25) * .06;
        double nz = Math.sqrt(Math.max(.05, 1 - nx * nx - ny * ny));
        double n = Math.sqrt(nx * nx + ny * ny + nz * nz);
        nx /= n;
        ny /= n;
        nz /= n;
        double tz = -(tx * nx + ty * ny) / nz;
        double tl = Math.sqrt(1 + tz * tz);
        double hx = .35 * key[0];
        double hy = key[1];
        double hz = key[2] + 1;
        double hl = Math.sqrt(hx * hx + hy * hy + hz * hz);
        double th = (tx * hx + ty * hy + tz * hz) / (tl * hl);
        double facing = nx * key[0] + ny * key[1] + nz * key[2];
        double diffuse = .30 + .50 * Math.max(0, (facing + .35) / 1.35) + .18 * Math.max(0, .6 * nx + .78 * nz);
        double s1 = Math.pow(Math.max(0, 1 - (th + .1) * (th + .1)), 12);
        double s2 = Math.pow(Math.max(0, 1 - th * th), 34);
        double body = 1.05 * diffuse * depth + .5 * gloss * depth * s1 * step(.3, -1.2, y);
        double shine = .026 * gloss * depth * s2 * step(.4, -1.0, y);
        for (int c = 0; c < 3; c++) {
            rgb[c] = colour[c] * body + shine;
        }
    }

    void fill(double alphaMost, double depth, double thick) {
        double[] rgb = new double[3];
        double[] base = mixed();
        for (int py = frame.row(-2.1); py <= frame.row(.3); py++) {
            double y = frame.y(py);
            for (int px = frame.column(-1.4); px <= frame.column(1.4); px++) {
                double x = frame.x(px);
                double cap = capGauge(x, y, thick);
                double inside = clamp((1 - cap) * frame.unit() + .5, 0, 1) * step(.22, -.02, y);
                boolean beyond = outline.gauge(x, y) >= 1;
                double a = inside * (beyond ? 1 : alphaMost * scalp(x, y));
                if (a > .01) {
                    double vary = .85 + .3 * noise.at(30 * x, 12 * y);
                    shade(base, depth * vary, x, y, x, y - .35, rgb);
                    int i = py * frame.width() + px;
                    scene.cover(i, a, rgb[0], rgb[1], rgb[2]);
                    coverage[i] += (float) (a * (1 - coverage[i]));
                }
            }
        }
    }

    double[] mixed() {
        double g = hair.grey();
        return new double[] {lerp(dark[0], grey[0], g), lerp(dark[1], grey[1], g), lerp(dark[2], grey[2], g)};
    }
}
