package scree.core.placement;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.algorithm.PointLocation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Vec;

/** Where no placement may lie: eyes, brows, nostrils, lips. Pushes a point out of them, and tells whether one lies in their core. */
final class KeepOff {
    /** A part of the face that is kept free. */
    enum Part {
        EYE,
        BROW,
        NOSTRIL,
        LIPS
    }

    static final Set<Part> ALL = EnumSet.allOf(Part.class);
    /** Half a brow's thickness, half of its core, and how far its middle line lies under the arch's upper edge. */
    private static final double BROW_HALF = .05;

    private static final double BROW_CORE = .02;
    private static final double BROW_DOWN = .05;
    /** Room around the eye: at its corners, over and under its lids; and its least half measures. */
    private static final double EYE_ROOM = .02;

    private static final double EYE_ROOM_UP = .03;
    private static final double EYE_ROOM_DOWN = .025;
    private static final double EYE_LEAST = .05;
    private static final double EYE_LEAST_UP = .06;
    private static final double EYE_CORE = .03;
    /** A nostril: shares of the ways from the nose's middle to its wing and from the wing to its base; half measures. */
    private static final double NOSTRIL_OUT = .43;

    private static final double NOSTRIL_DOWN = .6;
    private static final double NOSTRIL_WIDE = .07;
    private static final double NOSTRIL_TALL = .04;
    private static final double NOSTRIL_CORE = .012;
    /** The lower lip bows outward by this; its core is the lips made smaller by a factor; points are looked at within. */
    private static final double LIP_BOW = .055;

    private static final double LIP_CORE = .97;
    private static final double LIP_ROOM = .02;
    /** What is pushed out lies past the edge by this: absolutely, and as a factor of an oval's measure. */
    private static final double PAST_LIPS = .002;

    private static final double PAST_BROW = 1e-4;
    private static final double PAST_OVAL = 1.0001;
    private static final double NOTHING = 1e-6;
    private static final Side[] BOTH = {Side.RIGHT, Side.LEFT};

    private final LevelledFace face;
    private final List<Vec> lips;
    private final List<LineSegment> lipEdge;
    private final Coordinate[] lipRing;
    private final Side2<Brow> brows;
    private final Side2<Oval> eyes;
    private final Side2<Oval> eyeCores;
    private final Side2<Oval> nostrils;
    private final Side2<Oval> nostrilCores;
    private final double lipsTop;
    private final double lipsBottom;

    /** One thing for either side. */
    private record Side2<T>(T right, T left) {
        T of(Side side) {
            return side == Side.RIGHT ? right : left;
        }

        static <T> Side2<T> of(java.util.function.Function<Side, T> make) {
            return new Side2<>(make.apply(Side.RIGHT), make.apply(Side.LEFT));
        }
    }

    /** A brow's middle line, and the box that a brow of usual thickness lies in: most points of a plan lie far from it. */
    private record Brow(List<LineSegment> line, Envelope box) {
        static Brow along(List<LineSegment> line) {
            Envelope box = new Envelope();
            for (LineSegment piece : line) {
                box.expandToInclude(piece.p0);
                box.expandToInclude(piece.p1);
            }
            box.expandBy(BROW_HALF + PAST_BROW);
            return new Brow(line, box);
        }

        boolean mayTouch(Vec p) {
            return box.contains(p.x(), p.y());
        }
    }

    KeepOff(LevelledFace face) {
        this.face = face;
        this.lips = lips(face);
        List<Vec> closed = new ArrayList<>(lips);
        closed.add(lips.get(0));
        this.lipEdge = pieces(closed);
        this.lipRing = closed.stream().map(KeepOff::coordinate).toArray(Coordinate[]::new);
        this.brows = Side2.of(side -> Brow.along(pieces(brow(side))));
        this.eyes = Side2.of(side -> eye(side, 0));
        this.eyeCores = Side2.of(side -> eye(side, EYE_CORE));
        this.nostrils = Side2.of(side -> nostril(side, 0));
        this.nostrilCores = Side2.of(side -> nostril(side, NOSTRIL_CORE));
        this.lipsTop = lips.stream().mapToDouble(Vec::y).min().orElse(0) - LIP_ROOM;
        this.lipsBottom = lips.stream().mapToDouble(Vec::y).max().orElse(0) + LIP_ROOM;
    }

    /** Returns the point moved out of the given parts. */
    Vec push(Vec p, Set<Part> parts) {
        Vec q = p;
        for (Side side : BOTH) {
            q = parts.contains(Part.EYE) ? eyes.of(side).push(q) : q;
            q = parts.contains(Part.NOSTRIL) ? nostrils.of(side).push(q) : q;
            q = parts.contains(Part.BROW) ? offBrow(q, side) : q;
        }
        return parts.contains(Part.LIPS) && inLips(q, 1) ? offLips(q) : q;
    }

    /** Returns whether a point lies in the core of a part, where nothing may ever be. */
    boolean inCore(Vec p, Part part) {
        for (Side side : BOTH) {
            boolean in = switch (part) {
                case EYE -> eyeCores.of(side).holds(p);
                case NOSTRIL -> nostrilCores.of(side).holds(p);
                case BROW ->
                    brows.of(side).mayTouch(p) && near(brows.of(side).line(), p).distanceTo(p) < BROW_CORE;
                case LIPS -> inLips(p, LIP_CORE);
            };
            if (in) {
                return true;
            }
        }
        return false;
    }

    /** Returns the brow's middle line from start over the arch to its end. */
    List<Vec> brow(Side side) {
        return List.of(face.at(BROW_START, side), face.at(BROW_ARCH, side).plus(0, BROW_DOWN), face.at(BROW_END, side));
    }

    List<Vec> lips() {
        return lips;
    }

    /** An ellipse with different reaches up and down, standing on a line. */
    record Oval(Vec centre, Vec along, double rx, double up, double down) {
        boolean holds(Vec p) {
            return gauge(p) < 1;
        }

        double gauge(Vec p) {
            Vec d = p.minus(centre);
            double a = d.dot(along) / rx;
            double b = d.dot(along.turned());
            b /= b < 0 ? up : down;
            return Math.sqrt(a * a + b * b);
        }

        Vec push(Vec p) {
            double g = gauge(p);
            if (g >= 1) {
                return p;
            }
            return g < NOTHING ? centre.plus(along.turned().times(down)) : centre.towards(p, PAST_OVAL / g);
        }

        List<Vec> outline(int n) {
            List<Vec> out = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                double t = 2 * Math.PI * i / n;
                double s = Math.sin(t);
                out.add(centre.plus(along.times(rx * Math.cos(t)))
                        .plus(along.turned().times((s < 0 ? up : down) * s)));
            }
            return out;
        }
    }

    /** Returns the eye's oval, smaller by a margin. */
    Oval eye(Side side, double smaller) {
        Vec in = face.at(EYE_IN, side);
        Vec out = face.at(EYE_OUT, side);
        Vec along = side == Side.RIGHT ? in.minus(out).unit() : out.minus(in).unit();
        Vec centre = in.towards(out, .5);
        double up = -face.at(LID_UP, side).minus(centre).dot(along.turned());
        double down = face.at(LID_LOW, side).minus(centre).dot(along.turned());
        return new Oval(
                centre,
                along,
                Math.max(EYE_LEAST, in.distanceTo(out) / 2 + EYE_ROOM - smaller),
                Math.max(EYE_LEAST_UP, up + EYE_ROOM_UP) - smaller,
                Math.max(EYE_LEAST, down + EYE_ROOM_DOWN) - smaller);
    }

    Oval nostril(Side side, double smaller) {
        Vec wing = face.at(ALARE, side);
        Vec base = face.at(SUBNASALE);
        double m = (face.at(NOSE_TIP).x() + base.x()) / 2;
        Vec centre = new Vec(m + (wing.x() - m) * NOSTRIL_OUT, wing.y() + (base.y() - wing.y()) * NOSTRIL_DOWN);
        return new Oval(centre, new Vec(1, 0), NOSTRIL_WIDE - smaller, NOSTRIL_TALL - smaller, NOSTRIL_TALL - smaller);
    }

    private Vec offBrow(Vec p, Side side) {
        if (!brows.of(side).mayTouch(p)) {
            return p;
        }
        Vec q = near(brows.of(side).line(), p);
        double d = q.distanceTo(p);
        if (d >= BROW_HALF) {
            return p;
        }
        Vec away = d < NOTHING ? new Vec(0, -1) : p.minus(q).times(1 / d);
        return q.plus(away.times(BROW_HALF + PAST_BROW));
    }

    private static Vec near(List<LineSegment> line, Vec p) {
        Coordinate at = coordinate(p);
        Vec best = null;
        for (LineSegment piece : line) {
            Coordinate c = piece.closestPoint(at);
            Vec q = new Vec(c.x, c.y);
            best = best == null || q.distanceTo(p) < best.distanceTo(p) ? q : best;
        }
        return best;
    }

    private static Coordinate coordinate(Vec p) {
        return new Coordinate(p.x(), p.y());
    }

    private static List<LineSegment> pieces(List<Vec> line) {
        List<LineSegment> pieces = new ArrayList<>();
        for (int i = 0; i + 1 < line.size(); i++) {
            pieces.add(new LineSegment(coordinate(line.get(i)), coordinate(line.get(i + 1))));
        }
        return pieces;
    }

    private static List<Vec> lips(LevelledFace f) {
        Vec r = f.at(MOUTH, Side.RIGHT);
        Vec l = f.at(MOUTH, Side.LEFT);
        Vec low = f.at(LOWER_LIP);
        return List.of(
                r,
                f.at(CUPID, Side.RIGHT),
                f.at(CUPID_DIP),
                f.at(CUPID, Side.LEFT),
                l,
                bowed(l, low),
                low,
                bowed(low, r));
    }

    /** The lower lip's side, bowed outward. */
    private static Vec bowed(Vec a, Vec b) {
        Vec n = b.minus(a).unit().turned();
        return a.towards(b, .5).plus(n.times(n.y() > 0 ? LIP_BOW : -LIP_BOW));
    }

    private boolean inLips(Vec p, double scale) {
        if (p.y() < lipsTop || p.y() > lipsBottom) {
            return false;
        }
        Vec middle = lips.get(0).towards(lips.get(4), .5);
        Vec q = middle.towards(p, 1 / scale);
        return PointLocation.isInRing(coordinate(q), lipRing);
    }

    private Vec offLips(Vec p) {
        Vec q = near(lipEdge, p);
        Vec middle = lips.get(0).towards(lips.get(4), .5);
        return q.plus(q.minus(middle).unit().times(PAST_LIPS));
    }
}
