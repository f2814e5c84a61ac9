package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.step;

import java.util.Random;

/** Where skin holds more or less melanin and blood than its base, as optical density; zones, freckles, spots, pores. */
final class SkinMarks {
    private final Sitter sitter;
    private final Noise noise;
    private final Frame frame;
    private final double deep;
    private final double aged;
    private final float[] extraMelanin;
    private final float[] extraBlood;

    SkinMarks(Sitter sitter, Noise noise, Frame frame) {
        this.sitter = sitter;
        this.noise = noise;
        this.frame = frame;
        this.deep = sitter.deep();
        this.aged = sitter.aged();
        int n = frame.width() * frame.height();
        this.extraMelanin = new float[n];
        this.extraBlood = new float[n];
        scatter(new Random(sitter.seed() * 31 + 7));
    }

    /** Returns extra melanin on the face. */
    double melanin(double x, double y, int i, double gauge) {
        double ax = Math.abs(x);
        double chin = sitter.face().shape().chin;
        double smooth = .10 * bell(x, y + .75, .9, .45)
                + .10 * bell(x, y - 1.15, .55, .4) * (1 + .5 * deep)
                + .14
                        * bell(ax - .5, y - .17, .24, .12)
                        * (1 + .4 * sitter.face().bag())
                + .06 * bell(ax - .5, y + .12, .22, .09)
                + .05 * step(.7, 1, gauge) * (1 + deep)
                + .02 * bell(x, y - chin, .4, .2);
        return (1 - .45 * deep) * smooth
                + extraMelanin[i]
                + .04 * (noise.at(3 * x + 60, 3 * y + 60) - .5)
                + fine(x, y, 0);
    }

    /** Returns extra blood on the face. */
    double blood(double x, double y, int i) {
        double ax = Math.abs(x);
        double nl = sitter.face().noseLength();
        double nw = sitter.face().noseWidth();
        double chin = sitter.face().shape().chin;
        double patchy = .5 + .9 * noise.at(4 * x + 20, 4 * y + 20);
        double red = sitter.marks().redness() * patchy;
        double smooth = red
                        * (.20 * bell(ax - .66, y - .52, .34, .27)
                                + .22 * bell(x, y - nl + .12, .2, .15)
                                + .10 * bell(x, y - chin + .25, .25, .18))
                + .10 * bell(ax - nw, y - nl + .08, .09, .10)
                + .09
                        * bell(ax - .5, y - .17, .24, .12)
                        * (1 + .6 * sitter.face().bag())
                + .07 * bell(ax - .5, y + .10, .22, .09)
                + .05;
        return (1 - .5 * deep) * smooth
                + (1 - .65 * deep) * extraBlood[i]
                + .07 * (noise.at(3 * x + 90, 3 * y + 10) - .5)
                + fine(x, y, 50);
    }

    /** Returns extra melanin below the chin: less on the neck, more on a sunned chest. */
    double bodyMelanin(double x, double yBody, int i) {
        double chest = sitter.marks().chest() * step(3.0, 3.7, yBody);
        return lerp(-.06, 0, step(2.6, 3.1, yBody))
                + .10 * chest
                + extraMelanin[i]
                + .03 * (noise.at(3 * x + 5, 3 * yBody + 5) - .5)
                + fine(x, yBody, 110);
    }

    double bodyBlood(double x, double yBody, int i) {
        double chest = sitter.marks().chest() * step(3.0, 3.7, yBody);
        double mottled = 1 + aged * (noise.at(9 * x + 12, 9 * yBody) - .5);
        return .02 + .12 * chest * mottled + extraBlood[i] + .05 * (noise.at(3 * x + 33, 3 * yBody) - .5);
    }

    private double fine(double x, double y, double offset) {
        return .035 * (noise.at(11 * x + offset + 128, 11 * y + 70) - .5)
                + .030 * (noise.at(55 * x + offset, 55 * y + offset) - .5);
    }

    private void scatter(Random random) {
        int tries = (int) (950 * sitter.marks().freckles());
        for (int k = 0; k < tries; k++) {
            double x = lerp(-1.05, 1.05, random.nextDouble());
            double y = lerp(-1.0, 1.5, random.nextDouble());
            double wanted = bell(Math.abs(x) - .5, y - .42, .45, .3) + .7 * bell(x, y - .4, .22, .4) + .12;
            if (random.nextDouble() < wanted) {
                dot(
                        extraMelanin,
                        x,
                        y,
                        lerp(.006, .017, random.nextDouble()),
                        lerp(.10, .40, random.nextDouble()),
                        random);
            }
        }
        for (int k = 0; k < tries / 3; k++) {
            dot(
                    extraMelanin,
                    lerp(-2, 2, random.nextDouble()),
                    lerp(2.9, 4.2, random.nextDouble()),
                    lerp(.006, .016, random.nextDouble()),
                    lerp(.08, .25, random.nextDouble()),
                    random);
        }
        for (int k = 0; k < 16 * aged; k++) {
            dot(
                    extraMelanin,
                    lerp(-.95, .95, random.nextDouble()),
                    lerp(-.9, 1.2, random.nextDouble()),
                    lerp(.02, .05, random.nextDouble()),
                    lerp(.10, .24, random.nextDouble()),
                    random);
        }
        for (int k = 0; k < 3; k++) {
            dot(
                    extraMelanin,
                    lerp(-1, 1, random.nextDouble()),
                    lerp(.2, 3.9, random.nextDouble()),
                    lerp(.012, .02, random.nextDouble()),
                    lerp(.5, .9, random.nextDouble()),
                    random);
        }
        for (Concern c : sitter.marks().concerns()) {
            patch(c, 1);
            if (c.both()) {
                patch(c, -1);
            }
        }
        for (int k = 0; k < sitter.marks().blemishes(); k++) {
            dot(
                    extraBlood,
                    lerp(-.8, .8, random.nextDouble()),
                    lerp(.5, 1.55, random.nextDouble()),
                    lerp(.022, .038, random.nextDouble()),
                    lerp(.3, .55, random.nextDouble()),
                    random);
        }
    }

    private void patch(Concern c, double side) {
        double cx = side * c.x();
        double reach = 1.7;
        int x0 = frame.column(cx - reach * c.radiusX());
        int x1 = frame.column(cx + reach * c.radiusX());
        for (int py = frame.row(c.y() - reach * c.radiusY()); py <= frame.row(c.y() + reach * c.radiusY()); py++) {
            for (int px = x0; px <= x1; px++) {
                double d = Math.hypot((frame.x(px) - cx) / c.radiusX(), (frame.y(py) - c.y()) / c.radiusY());
                double uneven = 1 + .3 * (noise.at(9 * frame.x(px) + 40, 9 * frame.y(py) + 14) - .5);
                double share = 1 - step(.7, 1.35, d * uneven);
                extraMelanin[py * frame.width() + px] += (float) (c.melanin() * share);
                extraBlood[py * frame.width() + px] += (float) (c.blood() * share);
            }
        }
    }

    private void dot(float[] map, double cx, double cy, double radius, double amount, Random random) {
        double squeeze = lerp(.85, 1.2, random.nextDouble());
        int x0 = frame.column(cx - 2 * radius);
        int x1 = frame.column(cx + 2 * radius);
        for (int py = frame.row(cy - 2 * radius); py <= frame.row(cy + 2 * radius); py++) {
            for (int px = x0; px <= x1; px++) {
                double d = Math.hypot((frame.x(px) - cx) * squeeze, (frame.y(py) - cy) / squeeze) / radius;
                double jag = 1 + .24 * (noise.cell(px, py) - .5);
                map[py * frame.width() + px] += (float) (amount * Math.exp(-d * d * d * jag));
            }
        }
    }
}
