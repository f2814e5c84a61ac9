package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;
import static scree.core.placement.SideMap.yAt;

import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod.BlushWay;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Blush: always between light and shadow, never nearer the nose than the pupil line nor lower than the nostril. */
final class ColourRules {
    static final List<Rule> ALL = List.of(new Blush());
    private static final double RED_MUTED = .7;

    private ColourRules() {}

    /** Which way by school, aim and shape. */
    static BlushWay way(Draft d) {
        if (d.method.blush() != BlushWay.USUAL) {
            return d.method.blush();
        }
        if (d.aim(Aim.SOFTEN)) {
            return BlushWay.APPLES;
        }
        if (d.aim(Aim.LIFT)) {
            return BlushWay.LIFT;
        }
        return switch (d.brief.lead()) {
            case SQUARE -> BlushWay.APPLES;
            case OBLONG -> BlushWay.HORIZONTAL;
            case OVAL, ROUND, HEART, DIAMOND, TRIANGLE -> BlushWay.LIFT;
        };
    }

    private static final class Blush implements Rule {
        @Override
        public void place(Draft d) {
            for (Side side : Draft.BOTH) {
                SideMap s = d.side(side);
                Draft.Zoning z = d.zone(Area.BLUSH, side).why(Why.BETWEEN_LIGHT_AND_SHADOW);
                double muted = d.has(Tick.CHEEK_REDNESS) ? RED_MUTED : 1;
                Runnable school = switch (way(d)) {
                    case APPLES -> () -> apples(d, s, z, muted);
                    case HORIZONTAL -> () -> horizontal(d, s, z, muted);
                    case DRAPE -> () -> drape(d, s, z, muted);
                    case USUAL, LIFT -> () -> lift(d, s, z, muted);
                };
                school.run();
                if (muted < 1) {
                    z.why(Why.RED_MUTED);
                }
                d.add(z.stop(
                        Stop.Kind.PUPIL,
                        new Vec(s.pupil.x(), s.lidLow.y() + .05),
                        new Vec(s.pupil.x(), s.nostrilLine + .05)));
            }
            if (way(d) == BlushWay.DRAPE && !d.has(Tick.NOSE_TEXTURE)) {
                overNose(d);
            }
        }

        private static UnaryOperator<Vec> room(SideMap s) {
            UnaryOperator<Vec> settle = s.onFace();
            return p ->
                    settle.apply(new Vec(Math.max(p.x(), s.pupil.x() + .004), Math.min(p.y(), s.nostrilLine - .004)));
        }

        private static void lift(Draft d, SideMap s, Draft.Zoning z, double muted) {
            CheekLines c = d.cheek(s.side);
            double up = d.tuning.up();
            Vec b0 = new Vec(
                    Math.max(s.pupil.x() + .115, mix(s.pupil.x(), s.eyeOut.x(), .45)),
                    Math.min(mix(s.lidLow.y(), s.nostrilLine, .54), s.nostrilLine - .20) - up);
            double y3 = mix(s.browEnd.y(), s.eyeOut.y(), .70) - d.tuning.rise();
            Vec b3 = new Vec(s.edge(y3) - .055, y3);
            Vec b1 = b0.towards(b3, .40).plus(.015, .055);
            Vec b2 = b0.towards(b3, .78).plus(.03, .045);
            List<Vec> line = smooth(b0, b1, b2, b3);
            double dy = c.blushHeight() - yAt(line, c.probe);
            b0 = b0.plus(0, clamp(.5 * dy, -.15, .12));
            b0 = new Vec(b0.x(), Math.min(b0.y(), s.nostrilLine - .14));
            b1 = b1.plus(0, dy);
            b2 = b2.plus(0, .45 * dy);
            b2 = new Vec(Math.min(b2.x(), s.edge(b2.y()) - .075), b2.y());
            line = intoRoom(c, b0, b1, b2, b3);
            z.why(Why.BLUSH_LIFTS)
                    .strength(.8 * muted, .075 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            line,
                            Profile.of(0, .045, .3, .09, .7, .06, 1, .028),
                            Profile.of(0, .2, .28, 1, .55, .65, .85, .2, 1, .02),
                            0,
                            room(s)))
                    .way(line);
        }

        /** Bends the stroke until it lies between light and shadow where they are measured. */
        private static List<Vec> intoRoom(CheekLines c, Vec b0, Vec b1, Vec b2, Vec b3) {
            List<Vec> line = smooth(b0, b1, b2, b3);
            for (int pass = 0; pass < 6; pass++) {
                double off = c.intoRoom(yAt(line, c.probe));
                if (off == 0) {
                    break;
                }
                double step = Math.signum(off) * Math.max(.004, Math.abs(off));
                b0 = b0.plus(0, step < 0 ? .6 * step : .2 * step);
                b1 = b1.plus(0, step);
                b2 = b2.plus(0, .8 * step);
                line = smooth(b0, b1, b2, b3);
            }
            return line;
        }

        private static void apples(Draft d, SideMap s, Draft.Zoning z, double muted) {
            CheekLines c = d.cheek(s.side);
            double x = s.pupil.x() + .205 + (d.has(Tick.FULL_CHEEKS) ? .06 : 0);
            double y = clamp(
                    mix(s.lidLow.y(), s.nostrilLine, .56) - d.tuning.up(),
                    c.blushHeight() - .06,
                    c.blushHeight() + .04);
            y = Math.min(y, s.nostrilLine - .15) - (d.has(Tick.FLAT_CHEEKS) ? .04 : 0);
            y += c.intoRoom(y - .02);
            Vec m = new Vec(x, y);
            double ex = Math.max(.12, Math.min(.30, s.edge(y) - .06 - x));
            List<Vec> around = List.of(
                    m.plus(-.19, .02),
                    m.plus(-.13, -.11),
                    m.plus(0, -.15),
                    m.plus(Math.min(.15, .6 * ex), -.155),
                    m.plus(ex, -.19),
                    m.plus(.9 * ex, -.07),
                    m.plus(Math.min(.15, .6 * ex), .07),
                    m.plus(.02, .135),
                    m.plus(-.12, .12));
            if (d.has(Tick.FULL_CHEEKS)) {
                z.why(Why.CHEEKS_FULL_OFF_FRONT);
            } else if (d.has(Tick.FLAT_CHEEKS)) {
                z.why(Why.CHEEKS_FLAT_HIGHER);
            }
            z.why(Why.BLUSH_FRESH)
                    .strength(.8 * muted, .075 * d.tuning.blur())
                    .piece(Strokes.patch(around, m.plus(-.01, -.02), room(s)))
                    .way(List.of(m, m.plus(ex, -.16)));
        }

        private static void horizontal(Draft d, SideMap s, Draft.Zoning z, double muted) {
            CheekLines c = d.cheek(s.side);
            double y = Math.max(mix(s.lidLow.y(), s.nostrilLine, .56) - d.tuning.up(), c.blushHeight());
            y = Math.min(Math.min(y, yAt(c.shadow, c.probe) - .05), s.nostrilLine - .10);
            y = Math.min(y, c.blushHeight() + .04);
            y += c.intoRoom(y - .015);
            Vec a = new Vec(s.pupil.x() + .10, y);
            Vec b = new Vec(s.edge(y - .05) - .07, y - .05);
            List<Vec> line = smooth(a, a.towards(b, .5).plus(0, .012), b);
            z.why(Why.BLUSH_SHORTENS)
                    .strength(.8 * muted, .055 * d.tuning.blur())
                    .piece(Strokes.ribbon(line, Profile.even(.07, .085, .04), Profile.even(.5, 1, .5, .05), 0, room(s)))
                    .way(line);
        }

        private static void drape(Draft d, SideMap s, Draft.Zoning z, double muted) {
            CheekLines c = d.cheek(s.side);
            double y0 = Math.min(
                    Math.max(c.blushHeight() + .03, mix(s.lidLow.y(), s.nostrilLine, .50)), s.nostrilLine - .14);
            y0 = Math.min(y0, c.blushHeight() + .06);
            Vec b0 = new Vec(Math.max(s.pupil.x() + .13, s.eyeOut.x() - .06), y0);
            Vec b2 = new Vec(mix(s.eyeOut.x(), s.edge(s.eyeOut.y()), .62), s.eyeOut.y() + .02);
            Vec b1 = b0.towards(b2, .5).plus(.05, .08);
            Vec b3 = new Vec(mix(s.browEnd.x(), s.edge(s.browEnd.y()), .55), s.browEnd.y() - .02);
            List<Vec> line = smooth(b0, b1, b2, b3);
            double dy = c.blushHeight() - yAt(line, c.probe);
            line = intoRoom(c, b0.plus(0, clamp(.5 * dy, -.08, .05)), b1.plus(0, dy), b2, b3);
            z.why(Why.BLUSH_DRAPED)
                    .strength(.8 * muted, .055 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            line, Profile.even(.08, .10, .075, .035), Profile.even(.45, 1, .7, .08), 0, room(s)))
                    .way(line);
        }

        private static void overNose(Draft d) {
            SideMap r = d.side(Side.RIGHT);
            SideMap l = d.side(Side.LEFT);
            Vec right = r.turn(new Vec(r.pupil.x() + .14, mix(r.lidLow.y(), r.nostrilLine, .46)));
            Vec left = new Vec(l.pupil.x() + .14, mix(l.lidLow.y(), l.nostrilLine, .46));
            double y = mix(
                    d.brief.face().at(Landmark.NOSE_ROOT).y(),
                    d.brief.face().at(Landmark.NOSE_TIP).y(),
                    .60);
            List<Vec> line = smooth(right, d.middle(y), left);
            d.add(d.zone(Area.BLUSH_OVER_NOSE)
                    .why(Why.BLUSH_DRAPED)
                    .strength(.6, .055 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            line, Profile.even(.055, .045, .055), Profile.even(.6, 1, .6), 0, l.onFace())));
        }
    }
}
