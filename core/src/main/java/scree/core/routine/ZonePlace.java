package scree.core.routine;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.EdgeCurve;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Vec;

/**
 * Where a work zone lies on a face and which way the hand moves there: a guide for the eye at the chair, from the landmarks, not an outline
 * to paint by. Offsets are in pupil distances and house choices: they keep the ring inside what the craft calls the zone.
 *
 * @param outline closed
 * @param ways each from where the hand begins to where it ends
 */
public record ZonePlace(List<Vec> outline, List<List<Vec>> ways) {
    private static final Side[] BOTH = {Side.RIGHT, Side.LEFT};

    public ZonePlace {
        outline = List.copyOf(outline);
        ways = List.copyOf(ways);
    }

    /** Returns the places of a zone: one, or two where it is paired. */
    public static List<ZonePlace> of(WorkZone zone, LevelledFace face) {
        return switch (zone) {
            case FOREHEAD -> List.of(forehead(face));
            case NOSE -> List.of(nose(face));
            case MOUTH -> List.of(mouth(face));
            case LIPS -> List.of(lips(face));
            case JAW -> List.of(jaw(face));
            case NECK -> List.of(neck(face));
            default -> {
                List<ZonePlace> both = new ArrayList<>();
                for (Side side : BOTH) {
                    both.add(paired(zone, new Half(face, side)));
                }
                yield both;
            }
        };
    }

    /** One half of a face: x of an offset goes outward. */
    private record Half(LevelledFace face, Side side) {
        Vec at(Landmark landmark) {
            return face.at(landmark, side);
        }

        Vec at(Landmark landmark, double out, double down) {
            return at(landmark).plus(side == Side.RIGHT ? -out : out, down);
        }
    }

    private static ZonePlace paired(WorkZone zone, Half h) {
        return switch (zone) {
            case TEMPLE ->
                new ZonePlace(
                        List.of(
                                h.at(FOREHEAD_CORNER, -.10, .04),
                                h.at(TEMPLE),
                                h.at(EAR_TOP, -.08, .06),
                                h.at(EYE_OUT, .10, -.04),
                                h.at(BROW_END, .06, -.02)),
                        List.of(List.of(h.at(EYE_OUT, .14, -.06), h.at(FOREHEAD_CORNER, -.02, .10))));
            case BROW ->
                new ZonePlace(
                        List.of(
                                h.at(BROW_START),
                                h.at(BROW_ARCH, 0, -.02),
                                h.at(BROW_END, .03, 0),
                                h.at(BROW_ARCH, 0, .11),
                                h.at(BROW_START, 0, .12)),
                        List.of(List.of(
                                h.at(BROW_START, 0, -.10), h.at(BROW_ARCH, 0, -.14), h.at(BROW_END, .04, -.10))));
            case LID ->
                new ZonePlace(
                        List.of(
                                h.at(EYE_IN, 0, -.03),
                                h.at(LID_UP),
                                h.at(EYE_OUT, .03, -.03),
                                h.at(BROW_END, -.02, .12),
                                h.at(BROW_ARCH, 0, .16),
                                h.at(BROW_START, .04, .17)),
                        List.of(List.of(h.at(LID_UP, 0, -.02), h.at(LID_UP, .03, -.12), h.at(EYE_OUT, .10, -.16))));
            case LASH ->
                new ZonePlace(
                        List.of(
                                h.at(EYE_IN),
                                h.at(LID_UP, 0, -.07),
                                h.at(EYE_OUT, .08, -.06),
                                h.at(EYE_OUT, .05, .05),
                                h.at(LID_LOW, 0, .05)),
                        List.of(List.of(h.at(LID_UP, .02, -.03), h.at(LID_UP, .06, -.17))));
            case UNDER_EYE ->
                new ZonePlace(
                        List.of(
                                h.at(EYE_IN, .01, .07),
                                h.at(LID_LOW, 0, .06),
                                h.at(EYE_OUT, .02, .10),
                                h.at(PUPIL, .16, .32),
                                h.at(PUPIL, -.14, .34)),
                        List.of(List.of(h.at(EYE_IN, .02, .16), h.at(PUPIL, .02, .27), h.at(EYE_OUT, .02, .17))));
            case CHEEK ->
                new ZonePlace(
                        List.of(
                                h.at(ALARE, .10, -.12),
                                h.at(PUPIL, .02, .36),
                                h.at(EYE_OUT, .10, .34),
                                h.at(CHEEK, -.14, .24),
                                h.at(JAW, -.24, -.16),
                                h.at(MOUTH, .14, -.14)),
                        List.of(List.of(h.at(ALARE, .20, .06), h.at(PUPIL, .18, .50), h.at(CHEEK, -.10, .12))));
            default ->
                new ZonePlace(
                        List.of(
                                h.at(EAR_TOP, -.12, .30),
                                h.at(CHEEK, -.02, .04),
                                h.at(JAW, -.03, -.04),
                                h.at(JAW, -.24, -.10),
                                h.at(CHEEK, -.26, .24)),
                        List.of(List.of(h.at(JAW, -.16, -.20), h.at(CHEEK, -.10, .02))));
        };
    }

    private static ZonePlace forehead(LevelledFace f) {
        return new ZonePlace(
                List.of(
                        f.at(FOREHEAD_CORNER, Side.RIGHT).plus(.06, .04),
                        f.at(HAIRLINE).plus(0, .05),
                        f.at(FOREHEAD_CORNER, Side.LEFT).plus(-.06, .04),
                        f.at(BROW_ARCH, Side.LEFT).plus(.08, -.08),
                        f.at(GLABELLA).plus(0, -.16),
                        f.at(BROW_ARCH, Side.RIGHT).plus(-.08, -.08)),
                List.of(List.of(f.at(GLABELLA).plus(0, -.18), f.at(HAIRLINE).plus(0, .06))));
    }

    private static ZonePlace nose(LevelledFace f) {
        List<Vec> outline = new ArrayList<>();
        outline.add(f.at(NOSE_ROOT).plus(-.07, 0));
        outline.add(f.at(BRIDGE, Side.RIGHT));
        outline.add(f.at(ALARE, Side.RIGHT).plus(-.02, 0));
        outline.add(f.at(SUBNASALE));
        outline.add(f.at(ALARE, Side.LEFT).plus(.02, 0));
        outline.add(f.at(BRIDGE, Side.LEFT));
        outline.add(f.at(NOSE_ROOT).plus(.07, 0));
        return new ZonePlace(
                outline,
                List.of(List.of(f.at(NOSE_ROOT).plus(0, .04), f.at(NOSE_TIP).plus(0, -.04))));
    }

    private static ZonePlace mouth(LevelledFace f) {
        return new ZonePlace(
                List.of(
                        f.at(ALARE, Side.RIGHT).plus(0, .12),
                        f.at(MOUTH, Side.RIGHT).plus(-.13, 0),
                        f.at(CHIN_SIDE, Side.RIGHT).plus(.06, -.14),
                        f.at(CHIN).plus(0, -.08),
                        f.at(CHIN_SIDE, Side.LEFT).plus(-.06, -.14),
                        f.at(MOUTH, Side.LEFT).plus(.13, 0),
                        f.at(ALARE, Side.LEFT).plus(0, .12),
                        f.at(SUBNASALE).plus(0, .05)),
                both(f, MOUTH, new Vec(.03, .14), new Vec(.16, -.08)));
    }

    private static ZonePlace lips(LevelledFace f) {
        return new ZonePlace(
                List.of(
                        f.at(MOUTH, Side.RIGHT),
                        f.at(CUPID, Side.RIGHT),
                        f.at(CUPID_DIP),
                        f.at(CUPID, Side.LEFT),
                        f.at(MOUTH, Side.LEFT),
                        f.at(LOWER_LIP)),
                List.of(
                        List.of(
                                f.at(MOUTH, Side.RIGHT).plus(-.02, .05),
                                f.at(LOWER_LIP).plus(-.08, .07)),
                        List.of(
                                f.at(MOUTH, Side.LEFT).plus(.02, .05),
                                f.at(LOWER_LIP).plus(.08, .07))));
    }

    private static ZonePlace jaw(LevelledFace f) {
        List<Vec> edge = new EdgeCurve(f).line();
        double from = Math.min(f.at(JAW, Side.RIGHT).y(), f.at(JAW, Side.LEFT).y()) - .06;
        List<Vec> low = edge.stream().filter(p -> p.y() >= from).toList();
        List<Vec> outline = new ArrayList<>();
        for (int i = 0; i < low.size(); i += 4) {
            outline.add(low.get(i));
        }
        Vec middle = f.at(STOMION);
        for (int i = outline.size() - 1; i >= 0; i--) {
            outline.add(outline.get(i).towards(middle, .26));
        }
        return new ZonePlace(outline, both(f, JAW_MID, new Vec(-.12, -.16), new Vec(-.02, .12)));
    }

    private static ZonePlace neck(LevelledFace f) {
        Vec right = f.at(JAW_MID, Side.RIGHT);
        Vec left = f.at(JAW_MID, Side.LEFT);
        Vec chin = f.at(CHIN);
        return new ZonePlace(
                List.of(
                        right.plus(.02, .16),
                        chin.plus(0, .14),
                        left.plus(-.02, .16),
                        new Vec(left.x() - .02, chin.y() + .62),
                        new Vec(right.x() + .02, chin.y() + .62)),
                List.of(
                        List.of(chin.plus(-.20, .12), chin.plus(-.20, .50)),
                        List.of(chin.plus(.20, .12), chin.plus(.20, .50))));
    }

    /** The same way on both sides: offsets from a landmark, x outward. */
    private static List<List<Vec>> both(LevelledFace f, Landmark of, Vec from, Vec to) {
        List<List<Vec>> ways = new ArrayList<>();
        for (Side side : BOTH) {
            Half h = new Half(f, side);
            ways.add(List.of(h.at(of, from.x(), from.y()), h.at(of, to.x(), to.y())));
        }
        return ways;
    }
}
