package scree.core.placement;

import static scree.core.placement.SideMap.smooth;

import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Corners, folds and lines beside the mouth: light takes the shadow away, not the fold. */
final class MouthLight implements Rule {
    private static final double STRENGTH = .6;

    @Override
    public void place(Draft d) {
        boolean lift = d.aim(Aim.LIFT);
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            if (lift || d.has(Tick.MARIONETTE_LINES)) {
                corner(d, s);
            }
            if (lift || d.has(Tick.NOSE_FOLDS)) {
                fold(d, s);
            }
            if (d.has(Tick.MARIONETTE_LINES) || lift && d.brief.age() >= Tick.matureFrom()) {
                marionette(d, s);
            }
        }
    }

    private static void corner(Draft d, SideMap s) {
        List<Vec> line = smooth(s.mouth.plus(-.05, .135), s.mouth.plus(.055, .075), s.mouth.plus(.13, -.04));
        d.add(d.zone(Area.MOUTH_CORNER_LIGHT, s.side)
                .why(Why.SHADOW_GONE)
                .strength(STRENGTH, .018)
                .piece(Strokes.ribbon(line, Profile.even(.016, .03, .014), Profile.even(.3, 1, .2), 0, s.onFace()))
                .way(line));
    }

    private static void fold(Draft d, SideMap s) {
        Vec a = new Vec(s.alare.x() + .055, s.nostrilLine + .035);
        Vec b = s.mouth.plus(.115, -.14);
        List<Vec> line = Curves.bow(a, a.towards(b, .5).plus(.03, -.01), b, 24);
        d.add(d.zone(Area.FOLD_LIGHT, s.side)
                .why(Why.SHADOW_GONE)
                .strength(STRENGTH, .02)
                .piece(Strokes.ribbon(line, Profile.even(.024, .026, .014), Profile.even(1, .8, .1), 0, s.onFace()))
                .way(line));
    }

    private static void marionette(Draft d, SideMap s) {
        Vec a = s.mouth.plus(.05, .13);
        Vec b = a.towards(s.low(s.mouth.x() + .10).plus(-.03, -.10), .72);
        b = new Vec(Math.min(b.x(), s.edge(b.y()) - .055), Math.max(b.y(), a.y() + .13));
        if (a.distanceTo(b) < .10) {
            return;
        }
        d.add(d.zone(Area.MARIONETTE_LIGHT, s.side)
                .why(Why.SHADOW_GONE)
                .strength(STRENGTH, .02)
                .piece(Strokes.ribbon(
                        List.of(a, b), Profile.even(.016, .024, .012), Profile.even(.9, 1, .1), 0, s.onFace()))
                .way(List.of(b, a)));
    }
}
