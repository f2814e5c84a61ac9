package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.plane.Vec;

/** Where colour goes on lips, lids, lashes and brows, by the shape of this face's own. Lengths in pupil distances. */
public final class FacePaint {
    /** A fuller lip goes over its own edge by a line's breadth, no more: farther it is seen as drawn. Craft rule; house choice of figure. */
    private static final double FULLER = .018;

    private static final double LIP_SOFT = .008;
    private static final double LID_SOFT = .035;
    private static final double LINE_SOFT = .006;
    private static final double BROW_SOFT = .014;
    /** Brows have hairs of their own: only what lies between them is filled. House choice. */
    private static final double BROW_FILLED = .6;

    private static final double LINE_HALF = .009;
    private static final double WING = .05;
    private static final double LASH = .022;
    /** Under this height over width an eye is hooded or narrow: colour has to be seen over the fold. House choice. */
    private static final double NARROW = .33;

    private static final double CREASE = .42;
    private static final double CREASE_HOODED = .58;
    private static final int STEPS = 12;

    private final LevelledFace face;
    private final Set<Tick> ticks;

    /** @param ticks what the artist saw */
    public FacePaint(LevelledFace face, Set<Tick> ticks) {
        this.face = face;
        this.ticks = Set.copyOf(ticks);
    }

    /** How lips are drawn. */
    public enum Lips {
        NATURAL,
        FULLER,
        /** The lower or thinner side is brought to the other. */
        EVENED
    }

    /** How much the eye is to stand out. */
    public enum Eyes {
        LIGHT,
        DEEP
    }

    /** Returns the lips. */
    public Patch lips(Lips how) {
        return new Patch(List.of(List.of(new Piece.Cell(outline(how), 1))), LIP_SOFT, room(how));
    }

    private static Patch.Room room(Lips how) {
        return how == Lips.NATURAL ? Patch.Room.LIPS : Patch.Room.AROUND_EYE;
    }

    private List<Vec> outline(Lips how) {
        List<Vec> own = new KeepOff(face).lips();
        List<Vec> out = own;
        if (how == Lips.EVENED) {
            out = evened(own);
        } else if (how == Lips.FULLER) {
            out = fuller(own);
        }
        return out;
    }

    /** How far each point of the lips' outline goes out when they are drawn fuller: the corners stay, or the mouth would widen. */
    private static final double[] GROWS = {0, 1, 1, 1, 0, .7, 1, .7};

    private List<Vec> fuller(List<Vec> own) {
        double middle = face.at(Landmark.STOMION).y();
        List<Vec> out = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            out.add(own.get(i).plus(0, Math.signum(own.get(i).y() - middle) * FULLER * GROWS[i]));
        }
        return out;
    }

    /** Each point is met half way by the mirror of its counterpart about the midline of the lips. */
    private List<Vec> evened(List<Vec> own) {
        double middle = face.at(Landmark.CUPID_DIP).x();
        int[] twin = {4, 3, 2, 1, 0, 7, 6, 5};
        List<Vec> out = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            Vec other = own.get(twin[i]);
            Vec mirrored = new Vec(2 * middle - other.x(), other.y());
            out.add(own.get(i).towards(mirrored, .5));
        }
        return out;
    }

    /** Returns the lip's line, a narrow band on its edge. */
    public Patch lipLine(Lips how) {
        List<Vec> edge = outline(how);
        List<Piece.Cell> cells = new ArrayList<>();
        for (int i = 0; i < edge.size(); i++) {
            cells.add(band(edge.get(i), edge.get((i + 1) % edge.size()), LINE_HALF, LINE_HALF, 1));
        }
        return new Patch(List.of(cells), LINE_SOFT, Patch.Room.AROUND_EYE);
    }

    /** Returns the lid's wash with crease and outer corner, for one eye. */
    public Patch lid(Side side, Eyes eyes) {
        EyeShape eye = EyeShape.of(face, side);
        double crease = hooded(eye) ? CREASE_HOODED : CREASE;
        double inner = closeSet() ? .35 : .12;
        List<Piece.Cell> wash = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            double a = (double) i / STEPS;
            double b = (i + 1.0) / STEPS;
            double amount = eyes == Eyes.LIGHT ? light(a) : deep(a, inner);
            wash.add(new Piece.Cell(
                    List.of(eye.over(a, 0), eye.over(b, 0), eye.over(b, top(b, crease)), eye.over(a, top(a, crease))),
                    amount));
        }
        return new Patch(List.of(wash), LID_SOFT, Patch.Room.AROUND_EYE);
    }

    /** Even and soft, a little less at the inner corner. */
    private static double light(double along) {
        return .45 + .25 * Math.sin(Math.PI * Math.min(1, along + .1));
    }

    /** Deepest at the outer corner; close-set eyes are kept lighter inside. */
    private static double deep(double along, double inner) {
        double from = along < inner ? 0 : (along - inner) / (1 - inner);
        return .3 + .7 * from;
    }

    /** How far up it goes: highest over the middle, less at both corners, never on a drooping outer corner. */
    private double top(double along, double crease) {
        double bow = Math.sin(Math.PI * (.12 + .76 * along));
        return crease * bow;
    }

    /** Returns the line at the upper lashes: thin, thicker outward, with a short wing where the eye droops. */
    public Patch liner(Side side, Eyes eyes) {
        EyeShape eye = EyeShape.of(face, side);
        List<Piece.Cell> cells = new ArrayList<>();
        double thick = eyes == Eyes.DEEP ? 1.6 : 1;
        for (int i = 0; i < STEPS; i++) {
            double a = (double) i / STEPS;
            double b = (i + 1.0) / STEPS;
            double from = thick * LINE_HALF * (.4 + a);
            double to = thick * LINE_HALF * (.4 + b);
            cells.add(new Piece.Cell(
                    List.of(
                            EyeShape.at(eye.upper(), a),
                            EyeShape.at(eye.upper(), b),
                            EyeShape.at(eye.upper(), b).plus(0, -2 * to),
                            EyeShape.at(eye.upper(), a).plus(0, -2 * from)),
                    1));
        }
        if (drooping(eye)) {
            Vec end = EyeShape.at(eye.upper(), .92);
            double out = side == Side.RIGHT ? -1 : 1;
            cells.add(band(end, end.plus(out * WING, -WING * .6), LINE_HALF * thick, .001, 1));
        }
        return new Patch(List.of(cells), LINE_SOFT, Patch.Room.AROUND_EYE);
    }

    /** Returns the lashes as a dark edge above the upper lid, and below it where the eye is to stand out. */
    public Patch lashes(Side side, Eyes eyes) {
        EyeShape eye = EyeShape.of(face, side);
        List<Piece.Cell> cells = new ArrayList<>();
        for (int i = 0; i < 2 * STEPS; i++) {
            double a = .08 + .9 * i / (2 * STEPS);
            Vec foot = EyeShape.at(eye.upper(), a);
            double lean = (a - .45) * (side == Side.RIGHT ? -1 : 1);
            cells.add(band(foot, foot.plus(lean * LASH * 1.4, -LASH * (.7 + .6 * a)), .0035, .0008, 1));
            if (eyes == Eyes.DEEP && a > .45) {
                Vec low = EyeShape.at(eye.lower(), a);
                cells.add(band(low, low.plus(lean * LASH, LASH * .45), .003, .0008, .8));
            }
        }
        return new Patch(List.of(cells), LINE_SOFT / 2, Patch.Room.AROUND_EYE);
    }

    /** Returns the brow. */
    public Patch brow(Side side) {
        Piece.Cell filled = new Piece.Cell(EyeShape.of(face, side).browArea(), BROW_FILLED);
        return new Patch(List.of(List.of(filled)), BROW_SOFT, Patch.Room.FACE);
    }

    private static Piece.Cell band(Vec a, Vec b, double halfA, double halfB, double amount) {
        Vec along = b.minus(a);
        double length = Math.max(1e-9, Math.hypot(along.x(), along.y()));
        Vec aside = new Vec(-along.y() / length, along.x() / length);
        return new Piece.Cell(
                List.of(
                        a.plus(aside.times(halfA)),
                        b.plus(aside.times(halfB)),
                        b.plus(aside.times(-halfB)),
                        a.plus(aside.times(-halfA))),
                amount);
    }

    private boolean hooded(EyeShape eye) {
        Vec in = eye.upper().get(0);
        Vec out = eye.upper().get(eye.upper().size() - 1);
        double high = face.at(Landmark.LID_LOW, eye.side()).y()
                - face.at(Landmark.LID_UP, eye.side()).y();
        return ticks.contains(Tick.HOODED_LIDS) || high / in.distanceTo(out) < NARROW;
    }

    private static boolean drooping(EyeShape eye) {
        return eye.upper().get(eye.upper().size() - 1).y() > eye.upper().get(0).y();
    }

    /** Whether the eyes stand nearer than one eye's breadth. */
    private boolean closeSet() {
        double apart = face.at(Landmark.EYE_IN, Side.LEFT).x()
                - face.at(Landmark.EYE_IN, Side.RIGHT).x();
        double wide = face.at(Landmark.EYE_IN, Side.LEFT).distanceTo(face.at(Landmark.EYE_OUT, Side.LEFT));
        return apart < wide * .95;
    }
}
