package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Side;
import scree.core.face.Trait;
import scree.core.face.Unevenness;
import scree.core.method.Aim;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Two thin lines on the bridge's edges. */
final class NoseShadow implements Rule {
    private static final double CROOKED_MORE = 1.3;

    @Override
    public void place(Draft d) {
        boolean narrower = d.is(Trait.NOSE_WIDTH, true);
        boolean wider = d.is(Trait.NOSE_WIDTH, false);
        boolean shorten = d.is(Trait.NOSE_LENGTH, true);
        boolean lengthen = d.is(Trait.NOSE_LENGTH, false);
        Side leans = leans(d);
        boolean asked = narrower || shorten || lengthen || leans != null;
        if (d.aim(Aim.LIFT) || d.aim(Aim.NATURAL) && !asked) {
            return;
        }
        boolean close = d.is(Trait.EYES_APART, false);
        double k = narrower ? .30 : wider ? .40 : .36;
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            double top = shorten || close ? s.eyeIn.y() + .10 : mix(s.noseRoot.y(), s.eyeIn.y(), .35);
            double bottom = mix(s.noseRoot.y(), s.noseTip.y(), shorten ? .72 : .86);
            List<Vec> line = new ArrayList<>();
            for (int i = 0; i < 7; i++) {
                double y = mix(top, bottom, i / 6.0);
                double m = s.middle(y);
                double waist = Math.sin(Math.PI * clamp((y - s.noseRoot.y()) / (s.noseTip.y() - s.noseRoot.y()), 0, 1));
                line.add(new Vec(m + (s.alare.x() - m) * k * (1.15 - .15 * waist), y));
            }
            if (lengthen && !close) {
                line.set(0, new Vec(mix(s.browStart.x(), s.middle(s.browStart.y()), .30), s.browStart.y() + .10));
            }
            Draft.Zoning z = d.zone(Area.NOSE_SHADOW, side)
                    .why(
                            narrower
                                    ? Why.NOSE_NARROWER
                                    : lengthen ? Why.NOSE_LONGER : shorten ? Why.NOSE_SHORTER : Why.NOSE_USUAL);
            if (close) {
                z.why(Why.CLOSE_SET_CLEAR);
            }
            double strength = asked ? .6 : .5;
            if (leans != null && leans != side) {
                strength *= CROOKED_MORE;
                z.why(Why.CROOKED_MORE, side);
            }
            d.add(z.strength(strength, .02 * d.tuning.blur())
                    .piece(Strokes.ribbon(
                            scree.core.plane.Curves.through(line, 6),
                            Profile.even(.018, .024, .016),
                            Profile.of(0, .35, .3, .9, .75, .7, 1, .1),
                            0,
                            s.onFace()))
                    .way(line));
        }
    }

    /** A nose that leans throws its own shadow on the side that it leans to; the other gets more. */
    private static Side leans(Draft d) {
        return d.brief.balance().uneven().stream()
                .filter(u -> u.kind() == Unevenness.Kind.NOSE_TIP)
                .map(Unevenness::side)
                .findFirst()
                .orElse(null);
    }
}
