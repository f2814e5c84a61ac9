package scree.core.placement;

import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** A clean line under the cheek's shadow sharpens it. */
final class CleanLine implements Rule {
    /** Of so many points of the shadow those between are followed; fewer than the least make no line. */
    private static final int POINTS = 31;

    private static final int FIRST = 5;
    private static final int LAST = 27;
    private static final int LEAST = 8;
    /** Half width of the shadow from back to front, and how far under it the line lies. */
    private static final double SHADOW_BACK = .085;

    private static final double SHADOW_FRONT = .022;
    private static final double UNDER = .055;
    /** It keeps over this under the nostril line, inside the edge, and off the mouth's corner. */
    private static final double UNDER_NOSTRIL = .04;

    private static final double INSIDE = .045;
    private static final double OFF_MOUTH = .24;
    static final Profile WIDTH = Profile.even(.016, .024, .014);
    private static final Profile AMOUNT = Profile.even(.1, 1, .6, .1);
    private static final double STRENGTH = .55;
    private static final double SOFT = .02;

    @Override
    public void place(Draft d) {
        if (!d.aim(Aim.SCULPT) && !d.aim(Aim.BALANCE) || d.has(Tick.CHEEK_TEXTURE)) {
            return;
        }
        for (Side side : Draft.BOTH) {
            SideMap s = d.side(side);
            List<Vec> line = under(d, s);
            if (!line.isEmpty()) {
                List<Vec> back = new ArrayList<>(line);
                Collections.reverse(back);
                d.add(d.zone(Area.CLEAN_LINE, side)
                        .why(Why.SHARPENS_SHADOW)
                        .strength(STRENGTH, SOFT * d.tuning.blur())
                        .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, s.clearOfMouth(SideMap.MOUTH_ROOM)))
                        .way(back));
            }
        }
    }

    /** Returns the line under the cheek's shadow, empty when there is no room. */
    static List<Vec> under(Draft d, SideMap s) {
        List<Vec> shadow = Curves.evenly(d.cheek(s.side).shadow, POINTS);
        List<Vec> line = new ArrayList<>();
        for (int i = FIRST; i <= LAST; i++) {
            double t = i / (POINTS - 1.0);
            double half = mix(SHADOW_BACK, SHADOW_FRONT, t) * d.tuning.width();
            Vec below = Curves.direction(shadow, i).turned().times(-1);
            Vec q = shadow.get(i).plus(below.times(half + UNDER));
            if (q.y() < s.nostrilLine + UNDER_NOSTRIL
                    && q.x() < s.edge(q.y()) - INSIDE
                    && q.distanceTo(s.mouth) > OFF_MOUTH) {
                line.add(q);
            }
        }
        return line.size() < LEAST ? List.of() : line;
    }
}
