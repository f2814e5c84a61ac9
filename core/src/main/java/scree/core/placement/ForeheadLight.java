package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.plane.Vec;

/** A fan in the forehead's middle; not on a tall one, nor on dry patches. */
final class ForeheadLight implements Rule {
    private static final double TALL = 1.12;

    @Override
    public void place(Draft d) {
        double height = d.foreheadHeight();
        boolean tall = d.is(Trait.FOREHEAD, true) || height >= TALL * d.middleThird();
        if (tall
                || d.brief.lead() == Shape.OBLONG
                || d.has(Tick.DRY_FOREHEAD)
                || d.has(Tick.FRINGE)
                || d.aim(Aim.NATURAL)
                || d.aim(Aim.LIFT)) {
            return;
        }
        double low = d.browHeight() - .10;
        double hair = d.brief.face().at(Landmark.HAIRLINE).y();
        double top = hair + Math.max(.24 * height, .16);
        if (low - top < .12) {
            return;
        }
        SideMap r = d.side(Side.RIGHT);
        SideMap l = d.side(Side.LEFT);
        Vec foot = d.middle(low);
        Vec head = d.middle(top);
        double below = .03;
        List<Vec> around = List.of(
                foot.plus(-.35 * r.browStart.x() + below * .5, -.03),
                foot.plus(0, below),
                foot.plus(.35 * l.browStart.x() - below * .5, -.03),
                new Vec(mix(foot.x(), .62 * l.pupil.x(), .55), mix(low, top, .55)),
                new Vec(.62 * l.pupil.x(), top + .04),
                new Vec(mix(head.x(), .62 * l.pupil.x(), .5), top),
                new Vec(mix(head.x(), -.62 * r.pupil.x(), .5), top),
                new Vec(-.62 * r.pupil.x(), top + .04),
                new Vec(mix(foot.x(), -.62 * r.pupil.x(), .55), mix(low, top, .55)));
        d.add(d.zone(Area.FOREHEAD_LIGHT)
                .why(Why.FOREHEAD_FORWARD)
                .strength(.55, .075 * d.tuning.blur())
                .piece(Strokes.patch(around, foot.towards(head, .5), l.onFace()))
                .way(List.of(foot, head)));
    }
}
