package scree.core.face;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.image.Point;
import scree.core.plane.Vec;

/** The 47 points of one face in pixels of its picture, each with how it came there. Immutable. */
public final class FacePoints {
    /** Least pupil distance in pixels that can be placed to a fiftieth. House choice. */
    private static final double LEAST_UNIT = 40;

    private final List<Mark> marks;
    private final HeadTurn turn;

    /** One point's place in pixels and its state. */
    public record Mark(Point at, PointState state) {}

    private FacePoints(List<Mark> marks, HeadTurn turn) {
        this.marks = List.copyOf(marks);
        this.turn = turn;
    }

    /**
     * Takes all points in the order of {@link PointKey#all()}.
     *
     * @throws PointsRefused when they cannot be a face seen from the front
     */
    public static FacePoints of(List<Mark> marks) {
        return of(marks, HeadTurn.UNKNOWN);
    }

    /**
     * Takes all points of a head that is turned by as much.
     *
     * @throws PointsRefused when they cannot be a face seen from the front
     */
    public static FacePoints of(List<Mark> marks, HeadTurn turn) {
        if (marks.size() != PointKey.all().size()) {
            throw new IllegalArgumentException(
                    "a face has %d points, but got %d".formatted(PointKey.all().size(), marks.size()));
        }
        FacePoints points = new FacePoints(marks, turn);
        points.check();
        return points;
    }

    /**
     * Lays the template by three taps. The pupils and the chin are placed, the rest is guessed.
     *
     * @throws PointsRefused when the taps cannot be pupils and chin
     */
    public static FacePoints template(Point rightPupil, Point leftPupil, Point chin) {
        double unit = rightPupil.distanceTo(leftPupil);
        if (unit < LEAST_UNIT) {
            throw new PointsRefused(PointsRefused.Why.PUPILS_TOO_CLOSE);
        }
        if (rightPupil.x() >= leftPupil.x()) {
            throw new PointsRefused(PointsRefused.Why.SIDES_SWAPPED);
        }
        Vec u = new Vec(leftPupil.x() - rightPupil.x(), leftPupil.y() - rightPupil.y()).times(1 / unit);
        Vec origin = new Vec((rightPupil.x() + leftPupil.x()) / 2, (rightPupil.y() + leftPupil.y()) / 2);
        Vec down = u.turned();
        double chinAt = new Vec(chin.x(), chin.y()).minus(origin).dot(down) / unit;
        if (chinAt < .9) {
            throw new PointsRefused(PointsRefused.Why.CHIN_ABOVE_MOUTH);
        }
        if (chinAt > 3) {
            throw new PointsRefused(PointsRefused.Why.CHIN_TOO_FAR);
        }
        double stretch = chinAt / Landmark.CHIN.usual(Side.CENTRE).y();
        List<Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Vec p = key.landmark().usual(key.side());
            p = new Vec(p.x(), p.y() > 0.1 ? p.y() * stretch : p.y());
            Vec at = origin.plus(u.times(p.x() * unit)).plus(down.times(p.y() * unit));
            boolean tapped = key.landmark() == Landmark.PUPIL || key.landmark() == Landmark.CHIN;
            marks.add(new Mark(new Point(at.x(), at.y()), tapped ? PointState.PLACED : PointState.GUESSED));
        }
        marks.set(new PointKey(Landmark.PUPIL, Side.RIGHT).index(), new Mark(rightPupil, PointState.PLACED));
        marks.set(new PointKey(Landmark.PUPIL, Side.LEFT).index(), new Mark(leftPupil, PointState.PLACED));
        marks.set(PointKey.of(Landmark.CHIN).index(), new Mark(chin, PointState.PLACED));
        return of(marks);
    }

    public Mark at(PointKey key) {
        return marks.get(key.index());
    }

    /** Returns the same points on a head that is turned by as much. */
    public FacePoints on(HeadTurn other) {
        return of(marks, other);
    }

    /** Returns how the head is turned in the picture. */
    public HeadTurn turn() {
        return turn;
    }

    /** Returns the points as they would lie if the head looked at the camera: x turned back, heights as seen. */
    public FacePoints turnedBack() {
        if (!turn.known()) {
            return this;
        }
        Levelling axes = Levelling.of(raw(Side.RIGHT), raw(Side.LEFT));
        List<Mark> back = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Mark m = at(key);
            Vec p = axes.level(new Vec(m.at().x(), m.at().y()));
            back.add(new Mark(axes.toPicture(new Vec(turn.frontalX(key.index(), p.x()), p.y())), m.state()));
        }
        return new FacePoints(back, turn);
    }

    private Vec raw(Side pupil) {
        Point p = at(new PointKey(Landmark.PUPIL, pupil)).at();
        return new Vec(p.x(), p.y());
    }

    public List<Mark> marks() {
        return marks;
    }

    /** Returns a copy with one point changed; the rest stays. */
    public FacePoints with(PointKey key, Mark mark) {
        List<Mark> changed = new ArrayList<>(marks);
        changed.set(key.index(), mark);
        return of(changed, turn);
    }

    /** Returns a copy with several points moved by pixels; a guess becomes moved, a placed point stays placed. */
    public FacePoints moved(List<PointKey> keys, UnaryOperator<Vec> toPlace) {
        List<Mark> changed = new ArrayList<>(marks);
        for (PointKey key : keys) {
            Mark now = at(key);
            Vec to = toPlace.apply(new Vec(now.at().x(), now.at().y()));
            changed.set(key.index(), new Mark(new Point(to.x(), to.y()), moved(now.state())));
        }
        return of(changed, turn);
    }

    /** Moves one point by pixels and, when asked, its partner as in a mirror standing on the pupils' middle. */
    public FacePoints moved(PointKey key, double dx, double dy, boolean alike) {
        FacePoints once = moved(List.of(key), v -> v.plus(dx, dy));
        if (!alike || key.side() == Side.CENTRE) {
            return once;
        }
        Vec u = axis();
        Vec d = new Vec(dx, dy);
        double along = -d.dot(u);
        double down = d.dot(u.turned());
        Vec other = u.times(along).plus(u.turned().times(down));
        return once.moved(List.of(key.mirrored()), v -> v.plus(other));
    }

    private static PointState moved(PointState now) {
        return now == PointState.PLACED ? PointState.PLACED : PointState.MOVED;
    }

    /** Returns a copy with points of one landmark that nobody has looked at confirmed where they are. */
    public FacePoints confirmed(Landmark landmark) {
        List<Mark> changed = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Mark m = at(key);
            boolean now = key.landmark() == landmark && m.state().unseen();
            changed.add(now ? new Mark(m.at(), PointState.CONFIRMED) : m);
        }
        return of(changed, turn);
    }

    /** Returns a copy with the guessed points of one look confirmed where they are. */
    public FacePoints confirmed(Glance look) {
        FacePoints seen = this;
        for (Landmark landmark : look.landmarks()) {
            seen = seen.confirmed(landmark);
        }
        return seen;
    }

    /** Returns whether no point of a landmark is a mere guess. */
    public boolean settled(Landmark landmark) {
        return PointKey.all().stream()
                .filter(k -> k.landmark() == landmark)
                .allMatch(k -> at(k).state().settled());
    }

    /** Returns the pupil distance in pixels. */
    public double unit() {
        return at(new PointKey(Landmark.PUPIL, Side.RIGHT))
                .at()
                .distanceTo(at(new PointKey(Landmark.PUPIL, Side.LEFT)).at());
    }

    private Vec axis() {
        Point r = at(new PointKey(Landmark.PUPIL, Side.RIGHT)).at();
        Point l = at(new PointKey(Landmark.PUPIL, Side.LEFT)).at();
        return new Vec(l.x() - r.x(), l.y() - r.y()).unit();
    }

    /** @throws PointsRefused when a point lies outside a picture of this size by more than a hundredth of it */
    public FacePoints within(int width, int height) {
        boolean out = marks.stream()
                .anyMatch(m -> m.at().x() < -.01 * width
                        || m.at().x() > 1.01 * width
                        || m.at().y() < -.01 * height
                        || m.at().y() > 1.01 * height);
        if (out) {
            throw new PointsRefused(PointsRefused.Why.OUTSIDE_PICTURE);
        }
        return this;
    }

    private void check() {
        if (unit() < LEAST_UNIT) {
            throw new PointsRefused(PointsRefused.Why.PUPILS_TOO_CLOSE);
        }
        Plausible.check(LevelledFace.of(this));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FacePoints p && p.marks.equals(marks) && p.turn.equals(turn);
    }

    @Override
    public int hashCode() {
        return 31 * marks.hashCode() + turn.hashCode();
    }
}
