package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.face.Unevenness;
import scree.core.method.Aim;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Two thin lines on the bridge's edges. */
final class NoseShadow implements Rule {
    /** How much more the side that a nose does not lean to gets. */
    private static final double CROOKED_MORE = 1.3;
    /** Out from the middle, as a share of the way to the nostril's wing: usually, to narrow, to widen. */
    private static final double OUT = .36;

    private static final double OUT_NARROWER = .30;
    private static final double OUT_WIDER = .40;
    /** The line's waist, at the bridge's middle, is this much narrower than its ends, which are this factor wider. */
    private static final double WAIST = .15;
    /** It begins between root and eye by this share, or this far under the eye's corner to shorten or to keep eyes apart. */
    private static final double BEGINS = .35;

    private static final double BEGINS_UNDER_EYE = .10;
    /** It ends at this share of the way from root to tip. */
    private static final double ENDS = .86;

    private static final double ENDS_SHORTENED = .72;
    /** To lengthen it begins under the brow, this share of the way from the brow's start to the middle, and down by this. */
    private static final double FROM_BROW = .30;

    private static final double UNDER_BROW = .10;
    private static final int POINTS = 7;
    private static final int PIECES = 6;
    private static final Profile WIDTH = Profile.even(.018, .024, .016);
    private static final Profile AMOUNT = Profile.of(0, .35, .3, .9, .75, .7, 1, .1);
    private static final double STRENGTH = .5;
    private static final double STRENGTH_ASKED = .6;
    private static final double SOFT = .02;

    /** What is asked of the nose, and whether the eyes stand close. */
    private record Wish(boolean narrower, boolean wider, boolean shorter, boolean longer, boolean close, Side leans) {
        static Wish of(Draft d) {
            return new Wish(
                    d.is(Trait.NOSE_WIDTH, true),
                    d.is(Trait.NOSE_WIDTH, false),
                    d.is(Trait.NOSE_LENGTH, true),
                    d.is(Trait.NOSE_LENGTH, false),
                    d.is(Trait.EYES_APART, false),
                    NoseShadow.leans(d));
        }

        boolean any() {
            return narrower || shorter || longer || leans != null;
        }

        double out() {
            return narrower ? OUT_NARROWER : wider ? OUT_WIDER : OUT;
        }

        Why why() {
            return narrower
                    ? Why.NOSE_NARROWER
                    : longer ? Why.NOSE_LONGER : shorter ? Why.NOSE_SHORTER : Why.NOSE_USUAL;
        }
    }

    @Override
    public void place(Draft d) {
        Wish wish = Wish.of(d);
        if (d.aim(Aim.LIFT) || d.aim(Aim.NATURAL) && !wish.any()) {
            return;
        }
        for (Side side : Draft.BOTH) {
            Draft.Zoning z = d.zone(Area.NOSE_SHADOW, side).why(wish.why());
            if (wish.close) {
                z.why(Why.CLOSE_SET_CLEAR);
            }
            double strength = wish.any() ? STRENGTH_ASKED : STRENGTH;
            if (wish.leans != null && wish.leans != side) {
                strength *= CROOKED_MORE;
                z.why(Why.CROOKED_MORE, side);
            }
            SideMap s = d.side(side);
            List<Vec> line = line(s, wish);
            d.add(z.strength(strength, SOFT * d.tuning.blur())
                    .piece(Strokes.ribbon(Curves.through(line, PIECES), WIDTH, AMOUNT, 0, s.onFace()))
                    .way(line));
        }
    }

    private static List<Vec> line(SideMap s, Wish wish) {
        double top =
                wish.shorter || wish.close ? s.eyeIn.y() + BEGINS_UNDER_EYE : mix(s.noseRoot.y(), s.eyeIn.y(), BEGINS);
        double bottom = mix(s.noseRoot.y(), s.noseTip.y(), wish.shorter ? ENDS_SHORTENED : ENDS);
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            double y = mix(top, bottom, i / (POINTS - 1.0));
            double m = s.middle(y);
            double waist = Math.sin(Math.PI * clamp((y - s.noseRoot.y()) / (s.noseTip.y() - s.noseRoot.y()), 0, 1));
            line.add(new Vec(m + (s.alare.x() - m) * wish.out() * (1 + WAIST - WAIST * waist), y));
        }
        if (wish.longer && !wish.close) {
            double x = mix(s.browStart.x(), s.middle(s.browStart.y()), FROM_BROW);
            line.set(0, new Vec(x, s.browStart.y() + UNDER_BROW));
        }
        return line;
    }

    /** A nose that leans throws its own shadow on the side that it leans to; the other gets more. */
    private static Side leans(Draft d) {
        if (d.has(Tick.NOSE_LEANS_RIGHT) != d.has(Tick.NOSE_LEANS_LEFT)) {
            return d.has(Tick.NOSE_LEANS_RIGHT) ? Side.RIGHT : Side.LEFT;
        }
        return d.brief.balance().uneven().stream()
                .filter(u -> u.kind() == Unevenness.Kind.NOSE_TIP)
                .map(Unevenness::side)
                .findFirst()
                .orElse(null);
    }
}
