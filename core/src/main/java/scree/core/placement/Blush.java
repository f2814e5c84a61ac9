package scree.core.placement;

import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.smooth;

import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.PlacementMethod.BlushWay;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Lays blush on both cheeks in the way that was chosen, muted on red cheeks; draped, it goes over the nose too. */
final class Blush implements Rule {
    /** Share of the strength that is left on cheeks that are red already. */
    private static final double RED_MUTED = .7;
    /** Strength of a usual blush. */
    static final double STRENGTH = .8;
    /** Blush keeps this far off pupil line and nostril line. */
    private static final double CLEAR = .004;
    /** The line that it never passes is drawn from under the eye to under the nostril. */
    private static final double STOP_DRAWN = .05;

    /** Over the nose: from beside the pupils, this share of the way down to the nostrils, over the bridge's lower part. */
    private static final double NOSE_BESIDE_PUPIL = .14;

    private static final double NOSE_ENDS = .46;
    private static final double NOSE_MIDDLE = .60;
    private static final Profile NOSE_WIDTH = Profile.even(.055, .045, .055);
    private static final Profile NOSE_AMOUNT = Profile.even(.6, 1, .6);
    private static final double NOSE_STRENGTH = .6;
    private static final double NOSE_SOFT = .055;

    @Override
    public void place(Draft d) {
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            Draft.Zoning z = d.zone(Area.BLUSH, side).why(Why.BETWEEN_LIGHT_AND_SHADOW);
            double muted = d.has(Tick.CHEEK_REDNESS) ? RED_MUTED : 1;
            BlushStroke stroke = switch (ColourRules.way(d)) {
                case APPLES -> BlushApples.on(d, s);
                case HORIZONTAL -> BlushHorizontal.on(d, s);
                case DRAPE -> BlushDrape.on(d, s);
                case USUAL, LIFT -> BlushLift.on(d, s);
            };
            stroke.why().forEach(w -> z.why(w));
            if (d.has(Tick.FULL_CHEEKS)) {
                z.why(Why.CHEEKS_FULL_OFF_FRONT);
            } else if (d.has(Tick.FLAT_CHEEKS)) {
                z.why(Why.CHEEKS_FLAT_HIGHER);
            }
            z.strength(STRENGTH * muted, stroke.soft() * d.tuning.blur())
                    .piece(stroke.piece())
                    .way(stroke.way());
            if (muted < 1) {
                z.why(Why.RED_MUTED);
            }
            d.add(z.stop(
                    Stop.Kind.PUPIL,
                    new Vec(s.pupil.x(), s.lidLow.y() + STOP_DRAWN),
                    new Vec(s.pupil.x(), s.nostrilLine + STOP_DRAWN)));
        }
        if (ColourRules.way(d) == BlushWay.DRAPE && !d.has(Tick.NOSE_TEXTURE)) {
            overNose(d);
        }
    }

    /** Round apples: the stroke keeps off their front by this. Flat fronts: it begins further back and lies higher. House choices. */
    private static final double OFF_ROUND_FRONT = .10;

    private static final double BACK_ON_FLAT = .05;
    private static final double UP_ON_FLAT = .045;

    /** Returns how far a stroke's front goes back, and up as minus, for round and for flat fronts of the cheek. */
    static Vec frontBy(Draft d) {
        if (d.has(Tick.FULL_CHEEKS)) {
            return new Vec(OFF_ROUND_FRONT, 0);
        }
        return d.has(Tick.FLAT_CHEEKS) ? new Vec(BACK_ON_FLAT, -UP_ON_FLAT) : new Vec(0, 0);
    }

    /** Returns what keeps a stroke on the face, behind the pupil and above the nostril. */
    static UnaryOperator<Vec> room(SideMap s) {
        UnaryOperator<Vec> settle = s.onFace();
        return p -> settle.apply(new Vec(Math.max(p.x(), s.pupil.x() + CLEAR), Math.min(p.y(), s.nostrilLine - CLEAR)));
    }

    private static void overNose(Draft d) {
        SideMap r = d.side(Side.RIGHT);
        SideMap l = d.side(Side.LEFT);
        double y = mix(
                d.brief.face().at(Landmark.NOSE_ROOT).y(),
                d.brief.face().at(Landmark.NOSE_TIP).y(),
                NOSE_MIDDLE);
        List<Vec> line = smooth(r.turn(noseEnd(r)), d.middle(y), noseEnd(l));
        d.add(d.zone(Area.BLUSH_OVER_NOSE)
                .why(Why.BLUSH_DRAPED)
                .strength(NOSE_STRENGTH, NOSE_SOFT * d.tuning.blur())
                .piece(Strokes.ribbon(line, NOSE_WIDTH, NOSE_AMOUNT, 0, l.onFace())));
    }

    private static Vec noseEnd(SideMap s) {
        return new Vec(s.pupil.x() + NOSE_BESIDE_PUPIL, mix(s.lidLow.y(), s.nostrilLine, NOSE_ENDS));
    }
}
