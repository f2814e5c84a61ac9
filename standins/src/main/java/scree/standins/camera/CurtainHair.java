package scree.standins.camera;

import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

/** Bob, long hair and fringe: locks along guide lines from the parting. */
final class CurtainHair extends Hairdo {
    CurtainHair(Sitter sitter, Scene scene, HeadOutline outline, Noise noise, Lighting light) {
        super(sitter, scene, outline, noise, light);
    }

    @Override
    void drawBack() {
        behindNeck();
        for (int k = 0; k < 420; k++) {
            int side = k % 2 == 0 ? 1 : -1;
            guideStroke(side, lerp(.02, .96, random.nextDouble()), 9, 5, .62, .36, .72 + .08 * random.nextDouble(), .0);
        }
        for (int k = 0; k < 900; k++) {
            int side = k % 2 == 0 ? 1 : -1;
            guideStroke(side, lerp(.05, 1.0, random.nextDouble()), 2, .7, .6, .55, .70 + .25 * random.nextDouble(), .0);
        }
    }

    @Override
    void drawFront() {
        curtains();
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
