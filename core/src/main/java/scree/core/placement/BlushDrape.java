package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;
import static scree.core.placement.SideMap.yAt;

import java.util.List;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** From the cheek round the eye to the temple. */
final class BlushDrape {
    /** The front end: under the blush's height, half way down to the nostrils, over the nostril line, within bounds. */
    private static final double UNDER_HEIGHT = .03;

    private static final double DOWN = .50;
    private static final double OVER_NOSTRIL = .14;
    private static final double MOST_UNDER_HEIGHT = .06;
    private static final double BESIDE_PUPIL = .13;
    private static final double BEFORE_CORNER = .06;
    /** Beside the eye: this share of the way from its corner to the face's edge, and under it. */
    private static final double BESIDE_EYE = .62;

    private static final double UNDER_CORNER = .02;
    private static final Vec HANGS = new Vec(.05, .08);
    /** At the temple: this share of the way from the brow's end to the edge, over it. */
    private static final double AT_TEMPLE = .55;

    private static final double OVER_BROW = .02;
    /** Share of the correction towards the blush's height that the front takes, and its bounds. */
    private static final double FRONT_FITS = .5;

    private static final double FRONT_FITS_UP = -.08;
    private static final double FRONT_FITS_DOWN = .05;
    private static final Profile WIDTH = Profile.even(.08, .10, .075, .035);
    private static final Profile AMOUNT = Profile.even(.45, 1, .7, .08);
    private static final double SOFT = .07;

    private BlushDrape() {}

    static BlushStroke on(Draft d, SideMap s) {
        CheekLines c = d.cheek(s.side);
        double y0 = Math.min(
                Math.max(c.blushHeight() + UNDER_HEIGHT, mix(s.lidLow.y(), s.nostrilLine, DOWN)),
                s.nostrilLine - OVER_NOSTRIL);
        y0 = Math.min(y0, c.blushHeight() + MOST_UNDER_HEIGHT);
        Vec b0 = new Vec(Math.max(s.pupil.x() + BESIDE_PUPIL, s.eyeOut.x() - BEFORE_CORNER), y0).plus(Blush.frontBy(d));
        Vec b2 = new Vec(mix(s.eyeOut.x(), s.edge(s.eyeOut.y()), BESIDE_EYE), s.eyeOut.y() + UNDER_CORNER);
        Vec b1 = b0.towards(b2, .5).plus(HANGS);
        Vec b3 = new Vec(mix(s.browEnd.x(), s.edge(s.browEnd.y()), AT_TEMPLE), s.browEnd.y() - OVER_BROW);
        double dy = c.blushHeight() - yAt(smooth(b0, b1, b2, b3), c.probe);
        Vec front = b0.plus(0, clamp(FRONT_FITS * dy, FRONT_FITS_UP, FRONT_FITS_DOWN));
        List<Vec> line = BlushStroke.intoRoom(c, front, b1.plus(0, dy), b2, b3);
        return new BlushStroke(
                List.of(Why.BLUSH_DRAPED), SOFT, Strokes.ribbon(line, WIDTH, AMOUNT, 0, Blush.room(s)), line);
    }
}
