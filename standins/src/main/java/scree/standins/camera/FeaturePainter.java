package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

import java.util.Random;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;

/** Paints what carries the likeness: eyes, lashes and brows. */
final class FeaturePainter {
    private static final double[] WHITE = {.60, .55, .52};
    private static final double[] CORNER = {.55, .40, .37};
    private static final double[] DUCT = {.42, .20, .17};

    private final Sitter sitter;
    private final Scene scene;
    private final Frame frame;
    private final Noise noise;
    private final Brush brush;
    private final Random random;
    private final double[] iris;
    private final double bright;

    FeaturePainter(Sitter sitter, Scene scene, Noise noise, Lighting light) {
        this.sitter = sitter;
        this.scene = scene;
        this.frame = scene.frame;
        this.noise = noise;
        this.brush = new Brush(scene, null);
        this.random = new Random(sitter.seed() * 17 + 3);
        this.bright = .92 + .08 * light.ambient();
        int rgb = sitter.iris();
        this.iris =
                new double[] {Srgb.toLinear(rgb >> 16 & 0xff), Srgb.toLinear(rgb >> 8 & 0xff), Srgb.toLinear(rgb & 0xff)
                };
    }

    void paint() {
        for (int side = -1; side <= 1; side += 2) {
            EyeShape eye = new EyeShape(sitter.face(), side);
            opening(eye, side);
            lashes(eye, side);
            brow(side);
        }
    }

    private void opening(EyeShape eye, int side) {
        for (int py = frame.row(-.22); py <= frame.row(.16); py++) {
            double y = frame.y(py);
            for (int px = frame.column(side < 0 ? -.82 : .2); px <= frame.column(side < 0 ? -.2 : .82); px++) {
                double x = frame.x(px);
                double u = EyeShape.u(side * x);
                if (u > 0 && u < 1) {
                    double top = y - eye.upper(u);
                    double bottom = eye.lower(u) - y;
                    double inside = clamp(Math.min(top, bottom) * frame.unit() + .5, 0, 1);
                    if (inside > 0) {
                        eyeball(py * frame.width() + px, side, x, y, u, top, bottom, inside);
                    } else if (bottom < 0 && bottom > -.012) {
                        int i = py * frame.width() + px;
                        scene.tint(i, 1.02, .90, .90);
                    }
                }
            }
        }
    }

    private void eyeball(int i, int side, double x, double y, double u, double top, double bottom, double alpha) {
        double dx = x - side * EyeShape.PUPIL_X;
        double dy = y - EyeShape.PUPIL_Y;
        double r = Math.sqrt(dx * dx + dy * dy);
        double lid = step(-.012, .08, top);
        double[] c = new double[3];
        double edge = step(.02, .26, Math.abs(u - .5) - .16);
        for (int k = 0; k < 3; k++) {
            c[k] = lerp(WHITE[k], CORNER[k], edge)
                    * (.40 + .60 * lid)
                    * (1.0 - .18 * Math.abs(u - .5))
                    * (.70 + .30 * step(.34, .1, Math.abs(dx)));
        }
        if (u < .085) {
            double duct = step(.10, .04, u);
            for (int k = 0; k < 3; k++) {
                c[k] = lerp(c[k], DUCT[k] * (.5 + .5 * lid), duct);
            }
        }
        double inIris = clamp((EyeShape.IRIS - r) * frame.unit() + .5, 0, 1);
        if (inIris > 0) {
            double[] colour = irisColour(dx, dy, r, lid);
            for (int k = 0; k < 3; k++) {
                c[k] = lerp(c[k], colour[k], inIris);
            }
        }
        double wet = .05 * bell(bottom - .008, .006);
        catchLight(dx, dy, c);
        scene.cover(i, alpha, (c[0] + wet) * bright, (c[1] + wet) * bright, (c[2] + wet) * bright);
    }

    private double[] irisColour(double dx, double dy, double r, double lid) {
        double angle = Math.atan2(dy, dx);
        double fibres = .72 + .55 * noise.at(7 * (angle + 4), 22 * r * 10) + .25 * noise.at(17 * (angle + 4), 3);
        double rim = 1 - .62 * step(.072, .098, r);
        double lower = 1 + .37 * step(-.2, 1, (dy - .3 * dx) / .098) * step(.03, .06, r);
        double shade = (.45 + .55 * lid) * fibres * rim * lower;
        double warm = .25 * bell(r - .05, .014);
        double pupil = step(.0345, .041, r);
        return new double[] {
            (iris[0] * shade + warm * .10) * pupil + .004,
            (iris[1] * shade + warm * .06) * pupil + .004,
            (iris[2] * shade + warm * .02) * pupil + .004
        };
    }

    private static void catchLight(double dx, double dy, double[] c) {
        double main = step(.024, .013, Math.max(Math.abs(dx + .036), Math.abs(dy + .034)));
        double faint = .13 * step(.022, .01, Math.hypot(dx - .04, dy - .045));
        for (int k = 0; k < 3; k++) {
            c[k] = lerp(c[k], .92, main) + faint * .6;
        }
    }

    private void lashes(EyeShape eye, int side) {
        boolean man = sitter.man();
        double[] dark = {.012, .009, .008};
        for (double u = .06; u < 1.02; u += .004) {
            double x = side * (EyeShape.INNER + EyeShape.WIDTH * u);
            double width = (.007 + .011 * u + (man ? 0 : .004)) * step(0, .2, u);
            brush.disc(x, eye.upper(Math.min(u, 1)) - .2 * width, width * frame.unit() * .42, man ? .16 : .24, dark);
        }
        int count = man ? 34 : 52;
        for (int k = 0; k < count; k++) {
            double u = lerp(.12, 1.0, (k + random.nextDouble() * .6) / count);
            double length = (.022 + .035 * u) * (man ? .75 : 1) * (.8 + .4 * random.nextDouble());
            double x = side * (EyeShape.INNER + EyeShape.WIDTH * u);
            double y = eye.upper(u);
            double out = lerp(-.1, 1.15, u);
            double[][] line = {
                {x, y},
                {x + side * .45 * out * length, y - .35 * length},
                {x + side * 1.0 * out * length, y - length * lerp(.95, .7, u)}
            };
            brush.stroke(Curves.polyline(line, 5), 1.5, .5, man ? .5 : .75, .01, 1, ink(dark));
        }
        for (int k = 0; k < 22; k++) {
            double u = lerp(.3, .97, (k + random.nextDouble()) / 22);
            double x = side * (EyeShape.INNER + EyeShape.WIDTH * u);
            double y = eye.lower(u);
            double length = .018 + .012 * u;
            double[][] line = {{x, y + .004}, {x + side * .5 * u * length, y + length}};
            brush.stroke(line, .9, .4, .28, .01, 1, ink(dark));
        }
    }

    private static Brush.Ink ink(double[] colour) {
        return (share, x, y, tx, ty, rgb) -> System.arraycopy(colour, 0, rgb, 0, 3);
    }

    private void brow(int side) {
        Sitter.Face f = sitter.face();
        double grey = sitter.hair().grey();
        Lab base = sitter.hair().colour();
        Lab own = Lab.of(Math.min(40, base.lightness() * .72 + 4), base.a() * .6, base.b() * .6);
        Lab white = grey > .6 ? Lab.of(60, 0, 2) : Lab.of(46, 0, 2);
        boolean man = sitter.man();
        double shift = side * f.asymmetry() * .012;
        for (int k = 0; k < (man ? 420 : 360); k++) {
            double s = Math.pow(random.nextDouble(), .9);
            double v = random.nextDouble() * 2 - 1;
            double[] p = browAt(s, f);
            double half = browHalf(s, f);
            double x = p[0];
            double y = p[1] + v * half + shift;
            double[] q = browAt(Math.min(1.06, s + .05), f);
            double path = Math.atan2(q[1] - p[1], q[0] - p[0]);
            double turn = .9 * lerp(-1.0, -.05, step(0, .42, s))
                    + (random.nextDouble() - .5) * .4
                    - .35 * v * step(.25, .6, s) * -1;
            double angle = path + turn;
            double length = lerp(.06, .105, random.nextDouble()) * (s > .8 ? .7 : 1);
            double tx = Math.cos(angle);
            double ty = Math.sin(angle);
            double bend = .25 * length;
            double[][] line = {
                {side * x, y},
                {side * (x + .5 * length * tx + bend * .3), y + .5 * length * ty},
                {side * (x + length * tx + bend), y + length * ty + .1 * bend}
            };
            Lab colour = random.nextDouble() < grey ? white : own;
            double[] rgb = Srgb.toLinear(colour.toXyz());
            double vary = .75 + .5 * random.nextDouble();
            double[] ink = HeadPainter.scaled(
                    new double[] {Math.max(0, rgb[0]), Math.max(0, rgb[1]), Math.max(0, rgb[2])}, vary);
            double alpha = .36 * lerp(.45, 1, step(0, .22, s)) * (man ? 1.05 : 1);
            brush.stroke(Curves.polyline(line, 4), 1.35, .7, alpha, .22, 1, ink(ink));
        }
    }

    /** Returns the brow's middle at share s of its length, x outward. */
    static double[] browAt(double s, Sitter.Face f) {
        double y = f.browHeight()
                + .03
                - f.browArch() * Math.sin(.86 * Math.PI * Math.pow(s, 1.25))
                + .14 * Math.pow(Math.max(0, s - .62), 1) * .9;
        return new double[] {.19 + .64 * s, y};
    }

    /** Returns half the brow's thickness there. */
    static double browHalf(double s, Sitter.Face f) {
        double share = s < .2 ? lerp(.75, 1, s / .2) : s < .6 ? 1 : lerp(1, .22, (s - .6) / .4);
        return f.browThickness() / 2 * share * 1.05;
    }
}
