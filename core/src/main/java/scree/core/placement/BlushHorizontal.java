package scree.core.placement;

import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;
import static scree.core.placement.SideMap.yAt;

import java.util.List;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Straight across the cheek: shortens a long face. */
final class BlushHorizontal {
    /** Share of the way from the lower lid to the nostrils. */
    private static final double DOWN = .56;
    /** It keeps this over the shadow, over the nostril line, and not further than this under the blush's height. */
    private static final double OVER_SHADOW = .05;

    private static final double OVER_NOSTRIL = .10;
    private static final double UNDER_HEIGHT = .04;
    private static final double ASKED_OVER = .015;
    /** From beside the pupil to inside the face's edge, rising a little, sagging in the middle. */
    private static final double BESIDE_PUPIL = .10;

    private static final double INSIDE = .07;
    private static final double RISES = .05;
    private static final double SAGS = .012;
    private static final Profile WIDTH = Profile.even(.07, .085, .04);
    private static final Profile AMOUNT = Profile.even(.5, 1, .5, .05);
    private static final double SOFT = .07;

    private BlushHorizontal() {}

    static BlushStroke on(Draft d, SideMap s) {
        CheekLines c = d.cheek(s.side);
        double y = Math.max(mix(s.lidLow.y(), s.nostrilLine, DOWN) - d.tuning.up(), c.blushHeight());
        y = Math.min(Math.min(y, yAt(c.shadow, c.probe) - OVER_SHADOW), s.nostrilLine - OVER_NOSTRIL);
        y = Math.min(y, c.blushHeight() + UNDER_HEIGHT);
        y += c.intoRoom(y - ASKED_OVER);
        Vec a = new Vec(s.pupil.x() + BESIDE_PUPIL, y).plus(Blush.frontBy(d));
        Vec b = new Vec(s.edge(y - RISES) - INSIDE, y - RISES);
        List<Vec> line = smooth(a, a.towards(b, .5).plus(0, SAGS), b);
        return new BlushStroke(
                List.of(Why.BLUSH_SHORTENS), SOFT, Strokes.ribbon(line, WIDTH, AMOUNT, 0, Blush.room(s)), line);
    }
}
