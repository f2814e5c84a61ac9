package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Tick;
import scree.core.plane.Vec;

/** A round patch on the apple of the cheek, drawn out a little to the side: fresh, younger. */
final class BlushApples {
    /** The middle: beside the pupil, further out on full cheeks; this share of the way down to the nostrils. */
    private static final double BESIDE_PUPIL = .205;

    private static final double DOWN = .56;
    /** It lies within this of the blush's height, over the nostril line, higher on flat cheeks. */
    private static final double OVER_HEIGHT = .06;

    private static final double UNDER_HEIGHT = .04;
    private static final double OVER_NOSTRIL = .15;
    /** Where its room is asked for, over its middle. */
    private static final double ASKED_OVER = .02;
    /** Reach to the side: up to this inside the face's edge, within bounds. */
    private static final double INSIDE = .06;

    private static final double LEAST_REACH = .12;
    private static final double MOST_REACH = .30;
    /** The inner half of the outline about the middle, from the nose over the top. */
    private static final List<Vec> INNER_TOP = List.of(new Vec(-.19, .02), new Vec(-.13, -.11), new Vec(0, -.15));

    private static final List<Vec> INNER_LOW = List.of(new Vec(.02, .135), new Vec(-.12, .12));
    /** The outer half: its shoulder as a share of the reach, how high shoulder, tip and underside lie. */
    private static final double SHOULDER = .6;

    private static final double MOST_SHOULDER = .15;
    private static final double SHOULDER_HIGH = -.155;
    private static final double TIP_HIGH = -.19;
    private static final double UNDER_TIP = .9;
    private static final double UNDER_TIP_HIGH = -.07;
    private static final double BELLY = .07;
    private static final Vec HEART = new Vec(-.01, -.02);
    /** The brush goes from the middle out and up. */
    private static final double WAY_UP = -.16;

    private static final double SOFT = .075;

    private BlushApples() {}

    static BlushStroke on(Draft d, SideMap s) {
        Vec m = middle(d, s);
        double reach = clamp(s.edge(m.y()) - INSIDE - m.x(), LEAST_REACH, MOST_REACH);
        double shoulder = Math.min(MOST_SHOULDER, SHOULDER * reach);
        List<Vec> around = new ArrayList<>();
        INNER_TOP.forEach(v -> around.add(m.plus(v)));
        around.add(m.plus(shoulder, SHOULDER_HIGH));
        around.add(m.plus(reach, TIP_HIGH));
        around.add(m.plus(UNDER_TIP * reach, UNDER_TIP_HIGH));
        around.add(m.plus(shoulder, BELLY));
        INNER_LOW.forEach(v -> around.add(m.plus(v)));
        return new BlushStroke(
                why(d), SOFT, Strokes.patch(around, m.plus(HEART), Blush.room(s)), List.of(m, m.plus(reach, WAY_UP)));
    }

    private static Vec middle(Draft d, SideMap s) {
        CheekLines c = d.cheek(s.side);
        double x = s.pupil.x() + BESIDE_PUPIL + Blush.frontBy(d).x();
        double y = clamp(
                mix(s.lidLow.y(), s.nostrilLine, DOWN) - d.tuning.up(),
                c.blushHeight() - OVER_HEIGHT,
                c.blushHeight() + UNDER_HEIGHT);
        y = Math.min(y, s.nostrilLine - OVER_NOSTRIL) + Blush.frontBy(d).y();
        return new Vec(x, y + c.intoRoom(y - ASKED_OVER));
    }

    /** Round apples are not called "on the apples": the blush keeps off their front. */
    private static List<Why> why(Draft d) {
        return d.has(Tick.FULL_CHEEKS) ? List.of() : List.of(Why.BLUSH_FRESH);
    }
}
