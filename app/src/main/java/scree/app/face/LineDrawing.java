package scree.app.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.EdgeCurve;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/** A face as a drawing of few lines, from its points; in pupil distances. */
public final class LineDrawing {
    private static final int ROUND = 24;
    private static final double IRIS = .085;
    private static final double PUPIL_SIZE = .03;

    private LineDrawing() {}

    /** How dark a line is. */
    public enum Tone {
        INK,
        SOFT,
        FAINT
    }

    /**
     * A line.
     *
     * @param width of the pen in points of a sheet
     * @param filled whether it is a dot
     */
    public record Line(List<Vec> points, double width, Tone tone, boolean filled) {}

    /** Returns the lines, those that lie on top last. */
    public static List<Line> of(LevelledFace f) {
        List<Line> all = new ArrayList<>();
        all.add(ink(new EdgeCurve(f).line(), 1.1));
        all.add(ink(
                Curves.through(
                        List.of(
                                f.at(EAR_TOP, Side.RIGHT),
                                f.at(FOREHEAD_CORNER, Side.RIGHT),
                                f.at(HAIRLINE),
                                f.at(FOREHEAD_CORNER, Side.LEFT),
                                f.at(EAR_TOP, Side.LEFT)),
                        14),
                1.1));
        for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
            eye(all, f, side);
            all.add(new Line(
                    Curves.through(
                            List.of(
                                    f.at(BROW_START, side),
                                    f.at(BROW_ARCH, side).plus(0, .03),
                                    f.at(BROW_END, side)),
                            10),
                    2.6,
                    Tone.SOFT,
                    false));
            Vec wing = f.at(ALARE, side);
            Vec base = f.at(SUBNASALE);
            all.add(ink(
                    Curves.through(
                            List.of(
                                    wing.plus(0, -.10),
                                    wing,
                                    wing.towards(base, .35).plus(0, .03),
                                    base),
                            8),
                    .9));
            Vec jaw = f.at(JAW_MID, side);
            int s = side == Side.RIGHT ? -1 : 1;
            Vec low = new Vec(jaw.x() + s * .03, f.at(CHIN).y() + .46);
            all.add(new Line(List.of(jaw.plus(s * .02, .05), low), .9, Tone.FAINT, false));
        }
        Vec r = f.at(MOUTH, Side.RIGHT);
        Vec l = f.at(MOUTH, Side.LEFT);
        all.add(ink(
                Curves.through(List.of(r, f.at(CUPID, Side.RIGHT), f.at(CUPID_DIP), f.at(CUPID, Side.LEFT), l), 8), 1));
        all.add(ink(Curves.through(List.of(r, f.at(LOWER_LIP), l), 14), 1));
        all.add(ink(Curves.through(List.of(r, f.at(STOMION), l), 10), 1));
        return all;
    }

    private static void eye(List<Line> all, LevelledFace f, Side side) {
        Vec in = f.at(EYE_IN, side);
        Vec out = f.at(EYE_OUT, side);
        all.add(ink(Curves.through(List.of(in, f.at(LID_UP, side), out), 12), 1));
        all.add(ink(Curves.through(List.of(in, f.at(LID_LOW, side), out), 12), 1));
        all.add(ink(round(f.at(PUPIL, side), IRIS), .8));
        all.add(new Line(round(f.at(PUPIL, side), PUPIL_SIZE), .8, Tone.INK, true));
    }

    private static List<Vec> round(Vec middle, double r) {
        List<Vec> ring = new ArrayList<>();
        for (int i = 0; i <= ROUND; i++) {
            double t = 2 * Math.PI * i / ROUND;
            ring.add(middle.plus(r * Math.cos(t), r * Math.sin(t)));
        }
        return ring;
    }

    private static Line ink(List<Vec> points, double width) {
        return new Line(points, width, Tone.INK, false);
    }
}
