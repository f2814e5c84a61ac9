package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;
import static scree.core.placement.SideMap.yAt;

import java.util.List;
import scree.core.method.PlacementMethod.CheekLine;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/**
 * The three lines of a cheek, settled together so that light, colour and shadow never run into one another: the light on the
 * bone comes first, the shadow keeps its room below it, the blush goes between.
 */
final class CheekLines {
    /** Room from the light to the shadow at the measuring place. Tried on drawn faces. */
    private static final double LIGHT_TO_SHADOW = .24;
    /** Half the width of the shadow's front end. */
    private static final double FRONT_WIDTH = .022;

    private static final double LEAST_RISE = .13;
    /** Room that light and shadow must have for the blush between them. */
    private static final double LEAST_ROOM = .15;
    /** Room that the blush keeps to either. */
    private static final double BLUSH_ROOM = .058;

    final List<Vec> light;
    final List<Vec> shadow;
    final double stop;
    /** Where the room between the three is measured. */
    final double probe;

    CheekLines(Draft d, SideMap s) {
        this.probe = mix(s.eyeOut.x(), s.edge(.1), .30);
        List<Vec> usual = light(d, s, 0);
        this.stop = stop(d, s);
        this.shadow = shadow(d, s, usual);
        double missing = LEAST_ROOM - (yAt(shadow, probe) - yAt(usual, probe));
        this.light = missing > 0 ? light(d, s, missing) : usual;
    }

    /** @param raised how far the light gives way upward on a short mid-face */
    private static List<Vec> light(Draft d, SideMap s, double raised) {
        double up = d.tuning.up();
        double edgeEye = s.edge(s.eyeOut.y());
        double edgeBrow = s.edge(s.browEnd.y());
        Vec a = new Vec(
                mix(s.pupil.x(), s.eyeOut.x(), .55),
                Math.max(mix(s.lidLow.y(), s.nostrilLine, .27) - .3 * up - .6 * raised, s.lidLow.y() + .10));
        Vec b = new Vec(mix(s.eyeOut.x(), edgeEye, .42), s.eyeOut.y() + .125 - .3 * up - 1.25 * raised);
        Vec c = new Vec(mix(s.browEnd.x(), edgeBrow, .44), mix(s.browEnd.y(), s.eyeOut.y(), .52));
        Vec e = new Vec(Math.min(s.browEnd.x() + .075, c.x() - .01), s.browEnd.y() + .03);
        return Curves.through(List.of(a, b, c, e), 12);
    }

    private static double stop(Draft d, SideMap s) {
        double x = switch (d.method.stop()) {
            case BROW_ARCH -> s.browArch.x();
            case OUTER_CORNER -> s.eyeOut.x();
            case PUPIL -> s.pupil.x();
        };
        return Math.max(x + d.tuning.back(), s.mouth.x() + .22);
    }

    /** Returns how far the shadow lies from the bone towards the hollow. */
    static double hollow(Draft d) {
        return d.method.line() == CheekLine.BONE ? 0 : d.method.line() == CheekLine.HOLLOW ? 1 : d.tuning.hollow();
    }

    private List<Vec> shadow(Draft d, SideMap s, List<Vec> light) {
        Tuning t = d.tuning;
        double hollow = hollow(d);
        double front = FRONT_WIDTH * t.width();
        double lowest = s.nostrilLine - .055 - front;
        if (s.nostrilLine - s.eyeOut.y() > .58) {
            lowest -= .6 * t.up();
        }
        double startY = mix(s.earTop.y(), s.cheek.y(), .48 + .42 * hollow) + t.drop() - t.up() / 2;
        Vec start = new Vec(s.edge(startY) - .005, startY);
        Vec towards = s.alare.towards(s.mouth, t.forwardAim());
        double endX = stop + front;
        double along = (endX - start.x()) / Math.min(-.05, towards.x() - start.x());
        double endY = clamp(start.y() + (towards.y() - start.y()) * along, start.y() + .06, lowest);
        endY = Math.min(endY, lowest);
        List<Vec> line = List.of();
        for (int pass = 0; pass < 5; pass++) {
            startY = Math.min(start.y(), endY - LEAST_RISE);
            start = new Vec(s.edge(startY) - .005, startY);
            Vec end = new Vec(endX, endY);
            Vec out = new Vec(Math.abs(end.y() - start.y()), Math.abs(end.x() - start.x())).unit();
            line = Curves.bow(start, start.towards(end, .52).plus(out.times(.03 + .025 * hollow)), end, 30);
            double need = yAt(light, probe) + LIGHT_TO_SHADOW - yAt(line, probe);
            if (need > .005) {
                start = start.plus(0, 1.1 * need);
                endY = Math.min(lowest, endY + .8 * need);
            }
        }
        return line;
    }

    /** Returns the height between light and shadow that belongs to the blush. */
    double blushHeight() {
        return mix(yAt(light, probe), yAt(shadow, probe), .46);
    }

    /** Returns how far a height must move to lie clear of light and shadow: 0 when it does. */
    double intoRoom(double y) {
        double top = yAt(light, probe) + BLUSH_ROOM;
        double bottom = yAt(shadow, probe) - BLUSH_ROOM;
        double middle = blushHeight();
        return bottom <= top ? middle - y : y < top ? top - y : y > bottom ? bottom - y : 0;
    }
}
