package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;
import static scree.core.placement.SideMap.yAt;

import java.util.List;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** From beside the pupil up to the hair over the ear: lifts. */
final class BlushLift {
    /** The front end: beside the pupil, this share towards the eye's corner; this share of the way down to the nostrils. */
    private static final double BESIDE_PUPIL = .115;

    private static final double TO_CORNER = .45;
    private static final double DOWN = .54;
    /** It keeps this far over the nostril line, before and after it is fitted between light and shadow. */
    private static final double OVER_NOSTRIL = .20;

    private static final double OVER_NOSTRIL_FITTED = .14;
    /** The back end: this share of the way from brow to eye, inside the face's edge. */
    private static final double BACK = .70;

    private static final double BACK_INSIDE = .055;
    /** Two points between, as shares of the way, and how far each hangs. */
    private static final double SECOND = .40;

    private static final Vec SECOND_HANGS = new Vec(.015, .055);
    private static final double THIRD = .78;
    private static final Vec THIRD_HANGS = new Vec(.03, .045);
    /** Shares of the correction towards the blush's height that front and third point take, and the front's bounds. */
    private static final double FRONT_FITS = .5;

    private static final double FRONT_FITS_UP = -.15;
    private static final double FRONT_FITS_DOWN = .12;
    private static final double THIRD_FITS = .45;
    private static final double THIRD_INSIDE = .075;
    /** Half width: fullest a third along, a point at the hair. */
    private static final Profile WIDTH =
            Profile.from(.045).at(.3, .09).at(.7, .06).to(.028);
    /** How much: strongest on the bone, fading long before the hair. */
    private static final Profile AMOUNT =
            Profile.from(.2).at(.28, 1).at(.55, .65).at(.85, .2).to(.02);

    private static final double SOFT = .075;

    private BlushLift() {}

    static BlushStroke on(Draft d, SideMap s) {
        CheekLines c = d.cheek(s.side);
        Vec b0 = new Vec(
                        Math.max(s.pupil.x() + BESIDE_PUPIL, mix(s.pupil.x(), s.eyeOut.x(), TO_CORNER)),
                        Math.min(mix(s.lidLow.y(), s.nostrilLine, DOWN), s.nostrilLine - OVER_NOSTRIL) - d.tuning.up())
                .plus(Blush.frontBy(d));
        double y3 = mix(s.browEnd.y(), s.eyeOut.y(), BACK) - d.tuning.rise();
        Vec b3 = new Vec(s.edge(y3) - BACK_INSIDE, y3);
        Vec b1 = b0.towards(b3, SECOND).plus(SECOND_HANGS);
        Vec b2 = b0.towards(b3, THIRD).plus(THIRD_HANGS);
        double dy = c.blushHeight() - yAt(smooth(b0, b1, b2, b3), c.probe);
        b0 = b0.plus(0, clamp(FRONT_FITS * dy, FRONT_FITS_UP, FRONT_FITS_DOWN));
        b0 = new Vec(b0.x(), Math.min(b0.y(), s.nostrilLine - OVER_NOSTRIL_FITTED));
        b1 = b1.plus(0, dy);
        b2 = b2.plus(0, THIRD_FITS * dy);
        b2 = new Vec(Math.min(b2.x(), s.edge(b2.y()) - THIRD_INSIDE), b2.y());
        List<Vec> line = BlushStroke.intoRoom(c, b0, b1, b2, b3);
        return new BlushStroke(
                List.of(Why.BLUSH_LIFTS), SOFT, Strokes.ribbon(line, WIDTH, AMOUNT, 0, Blush.room(s)), line);
    }
}
