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
    /** From this many middle thirds on a forehead is tall. */
    private static final double TALL = 1.12;
    /** The fan: over the brows by this, under the hairline by this share of the height and at least by that. */
    private static final double OVER_BROWS = .10;

    private static final double UNDER_HAIR = .24;
    private static final double LEAST_UNDER_HAIR = .16;
    private static final double LEAST_TALL = .12;
    /** Half its width at the foot, of the way to the brow's start, and at the head, of the way to the pupil. */
    private static final double FOOT_WIDE = .35;

    private static final double HEAD_WIDE = .62;
    /** Its foot's middle hangs by this, its foot's sides rise by it and lie in by half of it. */
    private static final double HANGS = .03;
    /** Its sides belly out at this share of the way up, its head's corners lie lower than its head. */
    private static final double BELLY = .55;

    private static final double CORNERS_DOWN = .04;
    private static final double STRENGTH = .55;
    /** On dry patches less, and as a powder. House choice. */
    private static final double STRENGTH_IF_DRY = .4;

    private static final double SOFT = .075;

    @Override
    public void place(Draft d) {
        double height = d.foreheadHeight();
        boolean tall = d.is(Trait.FOREHEAD, true) || height >= TALL * d.middleThird();
        if (d.has(Tick.FRINGE)) {
            d.keepOff(Area.FOREHEAD_LIGHT, Why.OFF_HAIR_COVERS);
            return;
        }
        if ((tall || d.brief.lead() == Shape.OBLONG) && !d.aim(Aim.LONGER)) {
            d.keepOff(Area.FOREHEAD_LIGHT, Why.OFF_TALL_FOREHEAD);
            return;
        }
        if (d.aim(Aim.NATURAL) || d.aim(Aim.LIFT) || d.aim(Aim.WIDER)) {
            return;
        }
        double low = d.browHeight() - OVER_BROWS;
        double hair = d.brief.face().at(Landmark.HAIRLINE).y();
        double top = hair + Math.max(UNDER_HAIR * height, LEAST_UNDER_HAIR);
        if (low - top < LEAST_TALL) {
            return;
        }
        SideMap r = d.side(Side.RIGHT);
        SideMap l = d.side(Side.LEFT);
        Vec foot = d.middle(low);
        Vec head = d.middle(top);
        double right = -HEAD_WIDE * r.pupil.x();
        double left = HEAD_WIDE * l.pupil.x();
        List<Vec> around = List.of(
                foot.plus(-FOOT_WIDE * r.browStart.x() + HANGS / 2, -HANGS),
                foot.plus(0, HANGS),
                foot.plus(FOOT_WIDE * l.browStart.x() - HANGS / 2, -HANGS),
                new Vec(mix(foot.x(), left, BELLY), mix(low, top, BELLY)),
                new Vec(left, top + CORNERS_DOWN),
                new Vec(mix(head.x(), left, .5), top),
                new Vec(mix(head.x(), right, .5), top),
                new Vec(right, top + CORNERS_DOWN),
                new Vec(mix(foot.x(), right, BELLY), mix(low, top, BELLY)));
        boolean dry = d.has(Tick.DRY_FOREHEAD);
        d.add(d.zone(Area.FOREHEAD_LIGHT)
                .why(dry ? Why.FOREHEAD_BY_POWDER : Why.FOREHEAD_FORWARD)
                .strength(dry ? STRENGTH_IF_DRY : STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.patch(around, foot.towards(head, .5), l.onFace()))
                .way(List.of(foot, head)));
    }
}
