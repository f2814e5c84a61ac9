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
    /** The room is measured this share of the way from the eye's outer corner to the edge, which is taken at this height. */
    private static final double PROBE = .30;

    private static final double PROBE_HEIGHT = .1;
    /** How much of the aim's lift light and shadow take. */
    private static final double LIGHT_LIFTED = .3;

    private static final double SHADOW_LIFTED = .6;
    /**
     * The light's front: share of the way from pupil to outer corner, and from lid to nostril line, at least so far under the lid.
     */
    private static final double FRONT_OUT = .55;

    private static final double FRONT_DOWN = .27;
    private static final double FRONT_UNDER_LID = .10;
    /** Its bone: share of the way from the outer corner to the edge, under the corner by this. */
    private static final double BONE_OUT = .42;

    private static final double BONE_DOWN = .125;
    /** Its temple: shares of the ways from the brow's end to the edge and down to the eye. */
    private static final double TEMPLE_OUT = .44;

    private static final double TEMPLE_DOWN = .52;
    /** Its end: beside the brow's end, inside the temple. */
    private static final Vec END = new Vec(.075, .03);

    private static final double END_INSIDE_TEMPLE = .01;
    /** How much of a missing room the light's front and its bone give. */
    private static final double FRONT_GIVES = .6;

    private static final double BONE_GIVES = 1.25;
    private static final int LIGHT_PIECES = 12;
    /** The shadow stops at least so far out from the mouth's corner. */
    private static final double STOP_OFF_MOUTH = .22;
    /** It keeps over the nostril line; on a mid-face longer than this it is lifted too. */
    private static final double OVER_NOSTRIL = .055;

    private static final double LONG_MID_FACE = .58;
    /** It starts between ear and cheek: this share of the way on the bone, more of it in the hollow, inside the edge. */
    private static final double START_ON_BONE = .48;

    private static final double START_IN_HOLLOW = .42;
    private static final double START_INSIDE = .005;
    /** It runs forward at least this far, and falls by at least this. */
    private static final double LEAST_RUN = .05;

    private static final double LEAST_FALL = .06;
    /** It bows outward at this share of its way, more in the hollow. */
    private static final double BOW_AT = .52;

    private static final double BOW = .03;
    private static final double BOW_IN_HOLLOW = .025;
    private static final int SHADOW_PIECES = 30;
    /** Passes that lower it until the light has its room, the room that counts as missing, and how its ends follow. */
    private static final int PASSES = 5;

    private static final double MISSING = .005;
    private static final double START_FOLLOWS = 1.1;
    private static final double END_FOLLOWS = .8;
    /** Share of the way from light to shadow where the blush belongs. */
    private static final double BLUSH = .46;

    final List<Vec> light;
    final List<Vec> shadow;
    final double stop;
    /** Where the room between the three is measured. */
    final double probe;

    CheekLines(Draft d, SideMap s) {
        this.probe = mix(s.eyeOut.x(), s.edge(PROBE_HEIGHT), PROBE);
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
                mix(s.pupil.x(), s.eyeOut.x(), FRONT_OUT),
                Math.max(
                        mix(s.lidLow.y(), s.nostrilLine, FRONT_DOWN) - LIGHT_LIFTED * up - FRONT_GIVES * raised,
                        s.lidLow.y() + FRONT_UNDER_LID));
        Vec b = new Vec(
                mix(s.eyeOut.x(), edgeEye, BONE_OUT),
                s.eyeOut.y() + BONE_DOWN - LIGHT_LIFTED * up - BONE_GIVES * raised);
        Vec c = new Vec(mix(s.browEnd.x(), edgeBrow, TEMPLE_OUT), mix(s.browEnd.y(), s.eyeOut.y(), TEMPLE_DOWN));
        Vec e = new Vec(Math.min(s.browEnd.x() + END.x(), c.x() - END_INSIDE_TEMPLE), s.browEnd.y() + END.y());
        return Curves.through(List.of(a, b, c, e), LIGHT_PIECES);
    }

    private static double stop(Draft d, SideMap s) {
        double x = switch (d.method.stop()) {
            case BROW_ARCH -> s.browArch.x();
            case OUTER_CORNER -> s.eyeOut.x();
            case PUPIL -> s.pupil.x();
        };
        return Math.max(x + d.tuning.back(), s.mouth.x() + STOP_OFF_MOUTH);
    }

    /** Returns how far the shadow lies from the bone towards the hollow. */
    static double hollow(Draft d) {
        return d.method.line() == CheekLine.BONE ? 0 : d.method.line() == CheekLine.HOLLOW ? 1 : d.tuning.hollow();
    }

    private List<Vec> shadow(Draft d, SideMap s, List<Vec> light) {
        Tuning t = d.tuning;
        double hollow = hollow(d);
        double front = FRONT_WIDTH * t.width();
        double lowest = s.nostrilLine - OVER_NOSTRIL - front;
        if (s.nostrilLine - s.eyeOut.y() > LONG_MID_FACE) {
            lowest -= SHADOW_LIFTED * t.up();
        }
        double startY =
                mix(s.earTop.y(), s.cheek.y(), START_ON_BONE + START_IN_HOLLOW * hollow) + t.drop() - t.up() / 2;
        Vec start = new Vec(s.edge(startY) - START_INSIDE, startY);
        Vec towards = s.alare.towards(s.mouth, t.forwardAim());
        double endX = stop + front;
        double along = (endX - start.x()) / Math.min(-LEAST_RUN, towards.x() - start.x());
        double endY = clamp(start.y() + (towards.y() - start.y()) * along, start.y() + LEAST_FALL, lowest);
        endY = Math.min(endY, lowest);
        List<Vec> line = List.of();
        for (int pass = 0; pass < PASSES; pass++) {
            startY = Math.min(start.y(), endY - LEAST_RISE);
            start = new Vec(s.edge(startY) - START_INSIDE, startY);
            Vec end = new Vec(endX, endY);
            Vec out = new Vec(Math.abs(end.y() - start.y()), Math.abs(end.x() - start.x())).unit();
            line = Curves.bow(
                    start,
                    start.towards(end, BOW_AT).plus(out.times(BOW + BOW_IN_HOLLOW * hollow)),
                    end,
                    SHADOW_PIECES);
            double need = yAt(light, probe) + LIGHT_TO_SHADOW - yAt(line, probe);
            if (need > MISSING) {
                start = start.plus(0, START_FOLLOWS * need);
                endY = Math.min(lowest, endY + END_FOLLOWS * need);
            }
        }
        return line;
    }

    /** Returns the height between light and shadow that belongs to the blush. */
    double blushHeight() {
        return mix(yAt(light, probe), yAt(shadow, probe), BLUSH);
    }

    /** Returns how far a height must move to lie clear of light and shadow: 0 when it does. */
    double intoRoom(double y) {
        double top = yAt(light, probe) + BLUSH_ROOM;
        double bottom = yAt(shadow, probe) - BLUSH_ROOM;
        double middle = blushHeight();
        return bottom <= top ? middle - y : y < top ? top - y : y > bottom ? bottom - y : 0;
    }
}
