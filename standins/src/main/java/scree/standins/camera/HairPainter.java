package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

import java.util.Random;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;

/** Grows hair from strokes: a part behind the head first, the rest over the face with its own soft shadow. */
final class HairPainter {
    private final Sitter sitter;
    private final Sitter.Hair hair;
    private final Scene scene;
    private final Frame frame;
    private final HeadOutline outline;
    private final Noise noise;
    private final Random random;
    private final double[] dark;
    private final double[] grey;
    private final double[] key;
    private final double gloss;
    final float[] coverage;
    private Brush brush;

    HairPainter(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, Lighting light) {
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

    private boolean long_() {
        return switch (hair.style()) {
            case BOB, LONG, FRINGE_BOB -> true;
            default -> false;
        };
    }

    void back() {
        brush = new Brush(scene, null);
        if (hair.style() == Sitter.Style.TIED) {
            bun(.02, -2.0, .34);
        } else if (long_()) {
            behindNeck();
            for (int k = 0; k < 420; k++) {
                int side = k % 2 == 0 ? 1 : -1;
                guideStroke(
                        side, lerp(.02, .96, random.nextDouble()), 9, 5, .62, .36, .72 + .08 * random.nextDouble(), .0);
            }
            for (int k = 0; k < 900; k++) {
                int side = k % 2 == 0 ? 1 : -1;
                guideStroke(
                        side, lerp(.05, 1.0, random.nextDouble()), 2, .7, .6, .55, .70 + .25 * random.nextDouble(), .0);
            }
        }
    }

    /** Hair that hangs behind the neck: dark, straight down, so that no wall shows between the curtains. */
    private void behindNeck() {
        double end = hair.length() - .12;
        for (int k = 0; k < 700; k++) {
            boolean under = k < 220;
            double x = lerp(-1.12, 1.12, random.nextDouble());
            double tip = end - .10 * random.nextDouble() - .05 * (1 - Math.abs(x));
            double[][] line = {
                {x * .9, -.6}, {x, .2}, {x * 1.02, .5 * (.2 + tip)}, {x * 1.03 + .03 * random.nextGaussian(), tip}
            };
            brush.stroke(
                    Curves.polyline(line, 10),
                    under ? 10 : 2,
                    under ? 6 : .8,
                    .75,
                    .02,
                    1,
                    ink(strand(.2), under ? .30 : .44));
        }
    }

    void front() {
        brush = new Brush(scene, coverage);
        switch (hair.style()) {
            case CROPPED, SIDE_PARTED -> cropped();
            case TIED -> tied();
            case COILY -> coily(1.34 + hair.volume(), 17000, .015, .034);
            case SHORT_COILY -> shortCoily();
            case CURLS -> curls();
            default -> curtains();
        }
    }

    // ---- where hair grows ----

    private double hairlineGauge(double x, double y) {
        double c = sitter.face().shape().cheek;
        double p = sitter.man() ? 2.6 : 2.3;
        double f = Math.pow(Math.pow(Math.abs(x) / (.90 * c), p) + Math.pow(Math.abs(y - .12) / 1.25, p), 1 / p);
        return f
                - .16 * hair.recession() * bell(Math.abs(x) - .52, y + 1.08, .26, .24)
                + .02 * bell(x, y + 1.1, .16, .2)
                + .036 * (noise.at(9 * x + 44, 9 * y + 44) - .5);
    }

    private double scalp(double x, double y) {
        double top = step(.955, 1.06, hairlineGauge(x, y)) * step(.22, -.08, y);
        double rim = step(.90, .965, outline.gauge(x, y)) * step(.22, -.05, y);
        return Math.max(top, rim);
    }

    private double capGauge(double x, double y, double thick) {
        double dy = y - HeadOutline.CENTRE_Y;
        double up = step(.25, -.9, y);
        double th = lerp(.03, thick, up);
        return Math.sqrt(x * x + dy * dy) / (outline.radius(x, dy) + th);
    }

    // ---- colour ----

    private double[] strand(double vary) {
        double white = .55 * (random.nextDouble() < hair.grey() ? 1 : 0) + .45 * hair.grey();
        double[] base = {lerp(dark[0], grey[0], white), lerp(dark[1], grey[1], white), lerp(dark[2], grey[2], white)};
        double k = 1 + (random.nextDouble() * 2 - 1) * vary;
        double warm = 1 + (random.nextDouble() * 2 - 1) * .08;
        return new double[] {base[0] * k * warm, base[1] * k, base[2] * k / warm};
    }

    private Brush.Ink ink(double[] colour, double depth) {
        return (share, x, y, tx, ty, rgb) -> shade(colour, depth, x, y, tx, ty, rgb);
    }

    private void shade(double[] colour, double depth, double x, double y, double tx, double ty, double[] rgb) {
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

    private void fill(double alphaMost, double depth, double thick) {
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

    private double[] mixed() {
        double g = hair.grey();
        return new double[] {lerp(dark[0], grey[0], g), lerp(dark[1], grey[1], g), lerp(dark[2], grey[2], g)};
    }

    // ---- short hair ----

    private void cropped() {
        boolean parted = hair.style() == Sitter.Style.SIDE_PARTED;
        double thick = parted ? .15 : .09 + .2 * hair.length();
        fill(.90, .6, thick);
        double[] depths = {.5, .78, 1.0};
        for (double depth : depths) {
            for (int k = 0; k < 2600; k++) {
                double x = lerp(-1.25, 1.25, random.nextDouble());
                double y = lerp(-1.95, .2, random.nextDouble());
                double mask = outline.gauge(x, y) < 1 ? scalp(x, y) : capGauge(x, y, thick) < .99 ? 1 : 0;
                if (random.nextDouble() < mask) {
                    traced(x, y, depth, mask, parted, thick);
                }
            }
        }
    }

    private void traced(double x0, double y0, double depth, double mask, boolean parted, double thick) {
        double up = step(-.35, -1.15, y0);
        double length = lerp(.08, lerp(.18, .42, hair.length()), up) * (.7 + .6 * random.nextDouble());
        int n = 8;
        double[][] line = new double[n][2];
        double x = x0;
        double y = y0;
        double wild = (noise.at(4 * x0 + 70, 4 * y0 + 70) - .5) * lerp(.25, parted ? .7 : 1.1, up)
                + (random.nextDouble() - .5) * .25;
        int used = 0;
        for (int i = 0; i < n; i++) {
            line[i] = new double[] {x, y};
            used = i + 1;
            double dx = lerp(Math.signum(x) * .12, parted ? 1.1 + .5 * x : .35 + .75 * x, up);
            double dy = lerp(1, parted ? -.30 : -.75, up);
            double angle = Math.atan2(dy, dx) + wild;
            x += length / n * Math.cos(angle);
            y += length / n * Math.sin(angle);
            if (capGauge(x, y, thick + .02) > 1) {
                break;
            }
        }
        if (used > 2) {
            brush.stroke(
                    java.util.Arrays.copyOf(line, used),
                    1.6,
                    .6,
                    .62 * lerp(.4, 1, mask),
                    .12,
                    1,
                    ink(strand(.22), depth));
        }
    }

    // ---- tied back ----

    private void tied() {
        fill(.88, .62, .07);
        for (int pass = 0; pass < 2; pass++) {
            for (int k = 0; k < (pass == 0 ? 1500 : 2600); k++) {
                double a = lerp(-Math.PI * .98, -.02, random.nextDouble());
                double start = lerp(1.0, 1.28, Math.pow(random.nextDouble(), 1.4));
                double x = Math.cos(a) * .90 * sitter.face().shape().cheek * start;
                double y = .12 + Math.sin(a) * 1.25 * start;
                if (y < .1 && capGauge(x, y, .07) < 1) {
                    swept(x, y, pass == 0 ? .55 : .95);
                }
            }
        }
        for (int k = 0; k < 90; k++) {
            double a = lerp(-Math.PI * .95, -.05, random.nextDouble());
            double x = Math.cos(a) * .895 * sitter.face().shape().cheek;
            double y = .12 + Math.sin(a) * 1.243;
            double[][] line = {
                {x, y},
                {x * 1.02 + .03 * (random.nextDouble() - .5), y - .05},
                {x * 1.05, y - .12 * random.nextDouble() - .04}
            };
            brush.stroke(Curves.polyline(line, 5), .9, .4, .35, .2, 1, ink(strand(.2), .9));
        }
    }

    private void swept(double x0, double y0, double depth) {
        double length = lerp(.35, .9, random.nextDouble());
        int n = 14;
        double[][] line = new double[n][2];
        double x = x0;
        double y = y0;
        int used = 0;
        for (int i = 0; i < n; i++) {
            line[i] = new double[] {x, y};
            used = i + 1;
            double cap = capGauge(x, y, .07);
            double toX = .95 * x * .2 + (.02 - x) * .25;
            double toY = -2.0 - y;
            double l = Math.hypot(toX, toY);
            double rx = x;
            double ry = y - HeadOutline.CENTRE_Y;
            double rl = Math.hypot(rx, ry);
            double tx = ry / rl * Math.signum(-x) * -1;
            double tangentX = -ry / rl * Math.signum(x);
            double tangentY = rx / rl * Math.signum(x);
            if (tangentY > 0) {
                tangentX = -tangentX;
                tangentY = -tangentY;
            }
            double bend = .75 * step(.86, 1.0, cap);
            double dx = lerp(toX / l, tangentX, bend);
            double dy = lerp(toY / l, tangentY, bend);
            double dl = Math.max(1e-6, Math.hypot(dx, dy));
            x += length / n * dx / dl;
            y += length / n * dy / dl;
            if (capGauge(x, y, .08) > 1 || Double.isNaN(tx)) {
                break;
            }
        }
        if (used > 3) {
            double outer = .42 + .58 * step(1.02, .86, capGauge(x0, y0, .07));
            brush.stroke(java.util.Arrays.copyOf(line, used), 1.5, .6, .55, .1, 1, ink(strand(.2), depth * outer));
        }
    }

    private void bun(double cx, double cy, double radius) {
        double[] rgb = new double[3];
        for (double r = .93 * radius; r > 0; r -= .02) {
            shade(dark, .5, cx, cy, 1, 0, rgb);
            brush.disc(cx, cy, r * frame.unit(), .95, rgb);
        }
        for (int k = 0; k < 1200; k++) {
            double r = radius * Math.sqrt(random.nextDouble());
            double a0 = random.nextDouble() * 2 * Math.PI;
            double span = lerp(.4, 1.3, random.nextDouble());
            double[][] line = new double[8][2];
            for (int i = 0; i < 8; i++) {
                double a = a0 + span * i / 7;
                double squash = 1 + .25 * Math.sin(a + 1);
                line[i] = new double[] {cx + r * Math.cos(a) * squash * .95, cy + r * Math.sin(a) * .9};
            }
            double light = .5 + .6 * step(.3, -.3, (line[4][1] - cy) / radius + .5 * (line[4][0] - cx) / radius);
            brush.stroke(line, 1.5, .7, .5, .15, 1, ink(strand(.22), light));
        }
    }

    // ---- coily and curled ----

    private boolean inBall(double x, double y, double radius) {
        double taper = .22 * hair.taper() * Math.abs(x) * step(-.6, .2, y);
        double d = Math.hypot(x, .97 * (y + .5))
                - radius
                - .12 * (noise.at(4 * x + 15, 4 * y + 15) - .5)
                - .09 * (noise.at(10 * x, 10 * y) - .5)
                + taper;
        return d < 0 && y < .55;
    }

    private boolean grows(double x, double y, double radius) {
        if (!inBall(x, y, radius)) {
            return false;
        }
        if (outline.gauge(x, y) > 1) {
            return y < .12 + .5 * hair.volume() + hair.length() * .3;
        }
        double low = step(.30, -.15, y - .15 * hair.length());
        return random.nextDouble() < Math.max(scalp(x, y), step(.86, .95, outline.gauge(x, y)) * low);
    }

    private void ballFill(double radius) {
        double[] rgb = new double[3];
        double[] base = mixed();
        for (int py = frame.row(-2.2); py <= frame.row(.45); py++) {
            double y = frame.y(py);
            for (int px = frame.column(-1.7); px <= frame.column(1.7); px++) {
                double x = frame.x(px);
                if (!inBall(x, y, radius - .03)) {
                    continue;
                }
                double g = outline.gauge(x, y);
                double a = g > 1
                        ? step(.42, .12, y - .3 * hair.length())
                        : Math.max(scalp(x, y), .95 * step(.93, .99, g) * step(.25, -.1, y));
                if (a > .01) {
                    shade(base, .34 + .30 * noise.at(5 * x, 5 * y), x, y, 1, 0, rgb);
                    int i = py * frame.width() + px;
                    scene.cover(i, a, rgb[0], rgb[1], rgb[2]);
                    coverage[i] += (float) (a * (1 - coverage[i]));
                }
            }
        }
    }

    private void coily(double radius, int arcs, double small, double large) {
        ballFill(radius);
        for (int k = 0; k < arcs; k++) {
            double x = lerp(-1.75, 1.75, random.nextDouble());
            double y = lerp(-2.2, .5, random.nextDouble());
            if (grows(x, y, radius)) {
                double order = (double) k / arcs;
                double rim = inBall(x * 1.08, -.5 + (y + .5) * 1.08, radius) ? 1 : .7;
                double depth = (.45 + .75 * order) * (.55 + .75 * noise.at(4.5 * x + 3, 4.5 * y + 3));
                arc(
                        x,
                        y,
                        lerp(small, large, random.nextDouble()) * rim,
                        lerp(2.2, 5, random.nextDouble()),
                        depth,
                        1.35);
            }
        }
    }

    private void arc(double x, double y, double radius, double span, double depth, double width) {
        double a0 = random.nextDouble() * 2 * Math.PI;
        double[] colour = strand(.25);
        int n = 9;
        double[][] line = new double[n][2];
        for (int i = 0; i < n; i++) {
            double a = a0 + span * i / (n - 1);
            line[i] = new double[] {x + radius * Math.cos(a), y + radius * Math.sin(a)};
        }
        brush.stroke(line, width, .8, .62, .1, 1, (share, px, py, tx, ty, rgb) -> {
            double lit = .9 + .9 * step(.6, -1, ((px - x) * .6 + (py - y)) / radius);
            shade(colour, depth * lit, px, py, tx, ty, rgb);
        });
    }

    private void shortCoily() {
        fill(.94, .55, .07);
        for (int k = 0; k < 6500; k++) {
            double x = lerp(-1.2, 1.2, random.nextDouble());
            double y = lerp(-1.9, .2, random.nextDouble());
            double mask = outline.gauge(x, y) < 1 ? scalp(x, y) : capGauge(x, y, .085) < 1 && y < .15 ? 1 : 0;
            if (random.nextDouble() < mask) {
                arc(
                        x,
                        y,
                        lerp(.010, .020, random.nextDouble()),
                        lerp(2.5, 5, random.nextDouble()),
                        .5 + .6 * k / 6500.0,
                        1.3);
            }
        }
    }

    private void curls() {
        double radius = 1.30 + hair.volume();
        ballFill(radius);
        for (int k = 0; k < 4200; k++) {
            double x = lerp(-1.6, 1.6, random.nextDouble());
            double y = lerp(-2.1, .4, random.nextDouble());
            if (!grows(x, y, radius)) {
                continue;
            }
            double order = k / 4200.0;
            double r = lerp(.035, .075, random.nextDouble());
            double a0 = random.nextDouble() * 2 * Math.PI;
            double span = lerp(2.6, 4.6, random.nextDouble()) * (random.nextBoolean() ? 1 : -1);
            double depth = (.45 + .65 * order) * (.6 + .7 * noise.at(4 * x + 8, 4 * y + 8));
            for (int i = 0; i < 9; i++) {
                double ring = r * lerp(.58, 1, i / 8.0);
                double bright = Math.max(.25, 1.15 - .9 * Math.abs(i / 8.0 - .4) * 1.3);
                double[][] line = new double[9][2];
                for (int s = 0; s < 9; s++) {
                    double a = a0 + span * s / 8;
                    double drift = .35 * r * s / 8;
                    line[s] = new double[] {x + ring * Math.cos(a), y + ring * Math.sin(a) + drift};
                }
                brush.stroke(line, 1.3, .7, .55, .08, 1, ink(strand(.12), depth * bright));
            }
        }
    }

    // ---- bob, long, fringe ----

    /** Returns the guide line at s: 0 hugs the face, 1 is the outer contour. */
    private double[][] guide(int side, double s) {
        double c = sitter.face().shape().cheek;
        double x0 = hair.part();
        double tip = hair.length();
        double tipIn = hair.style() == Sitter.Style.LONG ? 1.02 : .93 * c;
        double tipOut = hair.style() == Sitter.Style.LONG ? 1.50 : 1.33;
        double dx = x0 * (1 - .3 * s);
        java.util.List<double[]> p = new java.util.ArrayList<>();
        p.add(new double[] {dx, lerp(-1.20, -1.94, s)});
        p.add(new double[] {(dx + side * .52) / 2 + side * .03, lerp(-1.18, -1.95, s)});
        p.add(new double[] {side * lerp(.60, .82, s), lerp(-1.04, -1.72, s)});
        p.add(new double[] {side * lerp(.80 * c, 1.12, s), lerp(-.74, -1.27, s)});
        p.add(new double[] {side * lerp(.91 * c, 1.29, s), lerp(-.38, -.64, s)});
        p.add(new double[] {side * lerp(.96 * c, 1.37, s), lerp(.10, -.05, s)});
        if (tip > .9) {
            p.add(new double[] {side * lerp(.965 * c, 1.40, s), lerp(.62, .58, s)});
        }
        if (tip > 1.9) {
            p.add(new double[] {side * lerp(.98, 1.43, s), 1.30});
            p.add(new double[] {side * lerp(1.0, 1.48, s), 2.05});
        }
        p.add(new double[] {side * lerp(tipIn, tipOut, s), tip - .18 * s});
        return p.toArray(new double[0][]);
    }

    private void guideStroke(
            int side, double s, double root, double tip, double alpha, double depth, double cut, double fade) {
        double[][] p = guide(side, s);
        for (int i = 4; i < p.length; i++) {
            p[i][1] += (random.nextDouble() - .5) * (i == p.length - 1 ? .16 : .10);
            p[i][0] += (random.nextDouble() - .5) * .05;
        }
        double phase = 1.6 * s + (side > 0 ? .9 : 0) + (random.nextDouble() - .5) * .7;
        double[][] line = waved(Curves.polyline(p, 9), phase, side);
        double[] colour = strand(.18);
        double lock = 1 + .14 * (noise.at(18 * s + 3 * side + 40, 3) - .5);
        brush.stroke(line, root, tip, alpha, Math.max(.03, fade), cut, (share, x, y, tx, ty, rgb) -> {
            double rootDark = .62 + .38 * step(0, .10, share);
            double band =
                    hair.waveHeight() > .02 ? 1 + .24 * Math.cos(phase + 2 * Math.PI * hair.waves() * share + 1) : 1;
            double under = lerp(.72, 1, step(.0, .25, s)) * lerp(1, .80, step(.75, 1, s));
            shade(colour, depth * rootDark * band * lock * under, x, y, tx, ty, rgb);
        });
    }

    private double[][] waved(double[][] line, double phase, int side) {
        if (hair.waveHeight() <= 0) {
            return line;
        }
        double[][] out = new double[line.length][2];
        for (int i = 0; i < line.length; i++) {
            double t = (double) i / (line.length - 1);
            double amount = hair.waveHeight() * step(.3, .65, t) * Math.sin(phase + 2 * Math.PI * hair.waves() * t);
            out[i] = new double[] {line[i][0] + side * amount, line[i][1]};
        }
        return out;
    }

    private void curtains() {
        double alphaDark = .72;
        for (int side = -1; side <= 1; side += 2) {
            for (int k = 0; k < 64; k++) {
                guideStroke(side, lerp(.03, .94, (k + random.nextDouble()) / 64), 10, 5, alphaDark, .46, .80, .02);
            }
        }
        for (int side = -1; side <= 1; side += 2) {
            for (int pass = 0; pass < 2; pass++) {
                for (int k = 0; k < 46; k++) {
                    double s = lerp(.03, .99, (k + random.nextDouble()) / 46);
                    double cut = lerp(.70, .97, random.nextDouble());
                    for (int strand = 0; strand < 14; strand++) {
                        double spread = (random.nextDouble() - .5) * .05;
                        guideStroke(
                                side,
                                clamp(s + spread, .0, 1),
                                1.7,
                                .7,
                                .58,
                                pass == 0 ? .78 : 1.02,
                                cut * (.94 + .06 * random.nextDouble()),
                                .03);
                    }
                }
            }
            for (int k = 0; k < 70; k++) {
                guideStroke(
                        side,
                        Math.pow(random.nextDouble(), 2.2) * .32,
                        1.3,
                        .5,
                        .45,
                        .95,
                        lerp(.6, .96, random.nextDouble()),
                        .10);
            }
        }
        if (hair.style() == Sitter.Style.FRINGE_BOB) {
            fringe();
        }
    }

    private void fringe() {
        for (int k = 0; k < 144; k++) {
            boolean base = k < 44;
            double x = lerp(-.92, .92, (k % 44 + random.nextDouble()) / 44.0);
            x = base ? x : lerp(-.92, .92, random.nextDouble());
            double e = -.50 + .10 * Math.pow(Math.abs(x) / .9, 2.2) + (random.nextDouble() - .5) * .05;
            int strands = base ? 1 : 10;
            for (int s = 0; s < strands; s++) {
                double xs = x + (random.nextDouble() - .5) * .05;
                double[][] p = {
                    {xs * .35, -1.86},
                    {xs * .66, -1.62},
                    {xs * .9, -1.25},
                    {xs * .985, -.86},
                    {xs + (random.nextDouble() - .5) * .02, e + (random.nextDouble() - .5) * .03}
                };
                brush.stroke(
                        Curves.polyline(p, 8),
                        base ? 9 : 1.6,
                        base ? 5 : .7,
                        base ? .7 : .5,
                        .05,
                        1,
                        ink(strand(.18), base ? .42 : lerp(.7, 1.05, random.nextDouble())));
            }
        }
    }
}
