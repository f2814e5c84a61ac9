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
    /** From the mouth's corner, outward and down: under it, beside it, over it. */
    private static final Vec UNDER_CORNER = new Vec(-.05, .135);

    private static final Vec BESIDE_CORNER = new Vec(.055, .075);
    private static final Vec OVER_CORNER = new Vec(.13, -.04);
    private static final Profile CORNER_WIDTH = Profile.even(.016, .03, .014);
    private static final Profile CORNER_AMOUNT = Profile.even(.3, 1, .2);
    private static final double CORNER_SOFT = .018;
    /** A fold runs from beside the nostril to over the mouth's corner, bowed outward. */
    private static final Vec FOLD_FROM_NOSTRIL = new Vec(.055, .035);

    private static final Vec FOLD_TO_CORNER = new Vec(.115, -.14);
    private static final Vec FOLD_BOW = new Vec(.03, -.01);
    private static final int FOLD_PIECES = 24;
    private static final Profile FOLD_WIDTH = Profile.even(.024, .026, .014);
    private static final Profile FOLD_AMOUNT = Profile.even(1, .8, .1);
    private static final double SOFT = .02;
    /** A marionette line runs from under the corner this share of the way to the jaw's edge, and stays inside it. */
    private static final Vec LINE_FROM_CORNER = new Vec(.05, .13);

    private static final double LINE_OUT = .10;
    private static final Vec LINE_OFF_EDGE = new Vec(-.03, -.10);
    private static final double LINE_DOWN = .72;
    private static final double LINE_INSIDE = .055;
    private static final double LINE_LEAST_DOWN = .13;
    private static final double LINE_LEAST = .10;
    private static final Profile LINE_WIDTH = Profile.even(.016, .024, .012);
    private static final Profile LINE_AMOUNT = Profile.even(.9, 1, .1);

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
            if (d.has(Tick.MARIONETTE_LINES) || lift && d.brief.old()) {
                marionette(d, s);
            }
        }
    }

    private static void corner(Draft d, SideMap s) {
        List<Vec> line = smooth(s.mouth.plus(UNDER_CORNER), s.mouth.plus(BESIDE_CORNER), s.mouth.plus(OVER_CORNER));
        d.add(d.zone(Area.MOUTH_CORNER_LIGHT, s.side)
                .why(Why.SHADOW_GONE)
                .strength(STRENGTH, CORNER_SOFT)
                .piece(Strokes.ribbon(line, CORNER_WIDTH, CORNER_AMOUNT, 0, s.onFace()))
                .way(line));
    }

    private static void fold(Draft d, SideMap s) {
        Vec a = new Vec(s.alare.x(), s.nostrilLine).plus(FOLD_FROM_NOSTRIL);
        Vec b = s.mouth.plus(FOLD_TO_CORNER);
        List<Vec> line = Curves.bow(a, a.towards(b, .5).plus(FOLD_BOW), b, FOLD_PIECES);
        d.add(d.zone(Area.FOLD_LIGHT, s.side)
                .why(Why.SHADOW_GONE)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(line, FOLD_WIDTH, FOLD_AMOUNT, 0, s.onFace()))
                .way(line));
    }

    private static void marionette(Draft d, SideMap s) {
        Vec a = s.mouth.plus(LINE_FROM_CORNER);
        Vec b = a.towards(s.low(s.mouth.x() + LINE_OUT).plus(LINE_OFF_EDGE), LINE_DOWN);
        b = new Vec(Math.min(b.x(), s.edge(b.y()) - LINE_INSIDE), Math.max(b.y(), a.y() + LINE_LEAST_DOWN));
        if (a.distanceTo(b) < LINE_LEAST) {
            return;
        }
        d.add(d.zone(Area.MARIONETTE_LIGHT, s.side)
                .why(Why.SHADOW_GONE)
                .strength(STRENGTH, SOFT)
                .piece(Strokes.ribbon(List.of(a, b), LINE_WIDTH, LINE_AMOUNT, 0, s.onFace()))
                .way(List.of(b, a)));
    }
}
