package scree.standins.camera;

import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

/** Cropped, parted at the side, or tied back with a bun. */
final class ShortHair extends Hairdo {
    ShortHair(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, Lighting light) {
        super(sitter, scene, outline, noise, light);
    }

    @Override
    void drawBack() {
        if (hair.style() == Sitter.Style.TIED) {
            bun(.02, -2.0, .34);
        }
    }

    @Override
    void drawFront() {
        if (hair.style() == Sitter.Style.TIED) {
            tied();
        } else {
            cropped();
        }
    }

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
}
