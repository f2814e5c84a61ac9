package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.clamp;
import static scree.standins.camera.Curves.lerp;
import static scree.standins.camera.Curves.soft;
import static scree.standins.camera.Curves.step;

/** Models the head as one height map: a dome with the face's outline, then bumps for every feature. */
final class HeadRelief {
    private final Sitter.Face face;
    private final HeadOutline outline;
    private final Relief relief;
    private final Noise noise;
    private final boolean man;
    private final double aged;
    private final double chin;
    private final double my;
    private final double nl;
    private final double nw;

    private HeadRelief(Sitter sitter, HeadOutline outline, Frame frame, Noise noise) {
        this.face = sitter.face();
        this.outline = outline;
        this.relief = new Relief(frame);
        this.noise = noise;
        this.man = sitter.man();
        this.aged = sitter.aged();
        this.chin = face.shape().chin;
        this.my = 1.11 + (chin - 1.86) / 2;
        this.nl = face.noseLength();
        this.nw = face.noseWidth();
    }

    static Relief of(Sitter sitter, HeadOutline outline, Frame frame, Noise noise) {
        HeadRelief head = new HeadRelief(sitter, outline, frame, noise);
        head.dome();
        head.nose();
        head.eyes();
        head.cheeks();
        head.mouth();
        head.age();
        return head.relief;
    }

    /** Returns where the nose's middle lies at height y: off the midline when crooked. */
    static double noseMiddle(Sitter.Face face, double y) {
        return face.crook() * (step(0, .3, y) - .6 * step(.35, .75, y));
    }

    private void dome() {
        relief.over(-1.5, -2, 1.5, 2.2, (x, y) -> {
            double r = Math.min(1, outline.gauge(x, y)); // held at the rim, so that no cliff shades the edge
            double p = Math.max(1e-6, Math.hypot(x, y - .25));
            double v = (y - .25) / p;
            double n = 2.05 + (y > .25 ? 1.9 : .9) * v * v;
            return 1.2 * Math.sqrt(1 - Math.pow(.975 * r, n)); // a little flattened at the rim: no drawn line
        });
    }

    private void nose() {
        relief.over(-.6, -.5, .6, .9, (x, y) -> {
            double xx = x - noseMiddle(face, y);
            double t = step(-.28, nl - .1, y);
            double cut = 1 - step(nl - .22, nl + .03, y);
            double width = .085 + .028 * t + .06 * nw;
            double ridge = (.03 + face.noseHeight() * t * t)
                    * cut
                    * Math.exp(-Math.pow(Math.sqrt(xx * xx + .002) / width, 1.7))
                    * step(-.5, -.05, y);
            double ax = soft(xx);
            return ridge
                    + (.16 + (nw > .3 ? .01 : 0)) * bell(xx, y - nl + .145, .115 + .3 * (nw - .27), .10)
                    + .095 * bell(ax - .74 * nw, y - nl + .085, .085, .085)
                    + .07 * bell(xx, y - nl + .01, .06, .07)
                    - .03 * bell(ax - .55 * nw, y - nl + .19, .04, .05)
                    - .05 * bell(ax - 1.12 * nw, y - nl + .1, .05, .1);
        });
    }

    private void eyes() {
        relief.pair(-.12, .34, -.12, .17, .14);
        relief.pair(-.05, .66, -.12, .2, .12);
        relief.pair(.075, .5, 0, .24, .13);
        relief.pair(.03 + (man ? .035 : 0), .5, -.42, .34, .11);
        relief.bump(man ? .02 : 0, 0, -.35, .14, .1);
        for (int side = -1; side <= 1; side += 2) {
            EyeShape eye = new EyeShape(face, side);
            int s = side;
            relief.over(side < 0 ? -.9 : .15, -.4, side < 0 ? -.15 : .9, .1, (x, y) -> {
                double u = EyeShape.u(s * x);
                if (u < -.1 || u > 1.15) {
                    return 0;
                }
                double fade = step(-.08, .12, u) * step(1.12, .85, u);
                double crease = eye.upper(u) - .05 - .022 * Math.sin(Math.PI * clamp(u, 0, 1)) + .015 * aged;
                return -.02 * bell(y - crease, .018) * fade + aged * .035 * bell(s * x - .68, y + .17, .14, .06);
            });
        }
    }

    private void cheeks() {
        relief.pair(.07, .78, .42, .34, .24);
        relief.pair(.05 + .57 * face.smile(), .56, .62, .24, .22);
        relief.bump(.06, 0, my, .46, .32);
        relief.pair(-.06 * step(.3, 1, aged + .25), .8, .92, .2, .26);
        relief.pair(-.05 * (.4 + .8 * aged), .98, -.55, .2, .34);
    }

    private void mouth() {
        MouthShape mouth = new MouthShape(face);
        relief.over(-.5, my - .25, .5, my + .3, (x, y) -> {
            double ax = soft(x);
            double e = step(0, .12, mouth.half - ax);
            double m = mouth.line(ax);
            double z = -.014 * bell(y - m, .016) * e;
            double top = mouth.upper(ax);
            double bottom = mouth.lower(ax);
            if (y > top && y < m) {
                z += .042 * e * Math.sin(Math.PI * Math.pow((y - top) / (m - top), .8));
            } else if (y >= m && y < bottom) {
                z += .055 * e * Math.sin(Math.PI * Math.pow((y - m) / (bottom - m), .75));
            }
            return z - .022 * bell(ax - mouth.half - .02, y - my + face.smile(), .05, .06);
        });
        relief.bump(-.045, 0, my + face.lipLower() + .085, .24, .065);
        relief.bump(.085 + (man ? .02 : 0), 0, chin - .24, .27, .19);
        relief.bump(-.014, 0, nl + .2, .035, .13);
        relief.pair(.01, .075, nl + .2, .03, .13);
    }

    private void age() {
        relief.over(-.9, nl - .2, .9, nl + .6, (x, y) -> fold(x, y));
        double k = face.jowl() * Math.max(aged * aged, .25 * face.jowl());
        relief.pair(.09 * k, .72, chin - .42, .17, .16);
        relief.pair(-.035 * k, .5, chin - .3, .05, .14);
        relief.over(
                -.7, my, .7, my + .5, (x, y) -> -.02 * k * bell(soft(x) - .44 - .2 * (y - my), y - my - .17, .03, .14));
        relief.over(-.85, .05, .85, .4, (x, y) -> bag(soft(x), y));
        if (aged > .12) {
            relief.over(-.75, -1.05, .75, -.55, (x, y) -> foreheadLines(x, y));
            relief.over(-1.1, -.15, 1.1, .15, (x, y) -> crowsFeet(soft(x), y));
            relief.pair(-.010 * aged, .07, -.38, .012, .1);
        }
        if (aged > .6) {
            double amount = .025 * (aged - .6);
            relief.over(-.85, .08, .85, .4, (x, y) -> amount * (noise.at(26 * x + 40, 34 * y + 40) - .5));
        }
    }

    private double fold(double x, double y) {
        double ax = soft(x);
        double tau = clamp((y - nl + .12) / .55, 0, 1.2);
        double t = (y - nl + .14) / .6;
        if (t <= -.05 || t > 1.06) {
            return 0;
        }
        double d = ax - (.33 + .22 * Math.pow(tau, .8));
        double w = Math.pow(Math.max(0, Math.sin(Math.PI * (.9 * t + .05))), .7);
        double side = x < 0 ? 1.1 : .9;
        double strength = Math.max(face.fold(), .06 + .9 * aged * face.fold()) * side;
        return strength * w * (.05 * step(-.03, .07, d) * bell(d, .22) - .018 * bell(d, .035));
    }

    private double bag(double ax, double y) {
        double s = (ax - .2) / .62;
        if (s <= 0 || s >= 1) {
            return 0;
        }
        double b = Math.max(face.bag(), .1 + .5 * aged);
        double d = y - (.17 + .05 * Math.sin(Math.PI * clamp((ax - .2) / .6, 0, 1)));
        return Math.sin(Math.PI * s) * b * (.028 * bell(d + .01, .05) - .022 * bell(d - .085, .035))
                - .012 * bell(ax - .3 - .2 * (y - .15), y - .2, .05, .1);
    }

    private double foreheadLines(double x, double y) {
        double wobble = .08 * (noise.at(3 * x + 9, 5) - .5);
        double fade = step(.72, .45, Math.abs(x)) * (.45 + .55 * step(.3, .6, noise.at(4 * x + 30, 9 * y + 30)));
        double sum =
                .7 * bell(y + .66 + wobble, .016) + bell(y + .81 + wobble, .016) + .8 * bell(y + .95 + wobble, .016);
        return -.015 * aged * fade * sum;
    }

    private double crowsFeet(double ax, double y) {
        double sum = 0;
        double along = (ax - .80) / .24;
        if (along <= 0 || along >= 1) {
            return 0;
        }
        for (double slope : new double[] {-.35, 0, .32}) {
            sum += bell(y + .01 - slope * (ax - .80), .012);
        }
        return -.014 * aged * sum * lerp(1, 0, along) * step(0, .15, along);
    }
}
