package scree.standins.camera;

import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

/** Coily, short coily, and curls: arcs in a ball or close to the head. */
final class CoiledHair extends Hairdo {
    CoiledHair(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, Lighting light) {
        super(sitter, scene, outline, noise, light);
    }

    @Override
    void drawFront() {
        switch (hair.style()) {
            case COILY -> coily(1.34 + hair.volume(), 17000, .015, .034);
            case SHORT_COILY -> shortCoily();
            default -> curls();
        }
    }

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
}
