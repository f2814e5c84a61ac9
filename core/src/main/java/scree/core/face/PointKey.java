package scree.core.face;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One point of the set: a landmark and, for a pair, its side. Written as {@code CHIN} or {@code CHEEK.RIGHT}. */
public record PointKey(Landmark landmark, Side side) {
    private static final List<PointKey> ALL = list();

    public PointKey {
        if (landmark.paired() == (side == Side.CENTRE)) {
            throw new IllegalArgumentException("%s has no side %s".formatted(landmark, side));
        }
    }

    public static PointKey of(Landmark landmark) {
        return new PointKey(landmark, Side.CENTRE);
    }

    /** Returns all points, single ones first; the order is fixed. */
    public static List<PointKey> all() {
        return ALL;
    }

    /** Reads what {@link #toString} writes. */
    public static Optional<PointKey> parse(String text) {
        return ALL.stream().filter(k -> k.toString().equals(text)).findFirst();
    }

    /** Returns the same landmark on the other side; a single one is its own mirror. */
    public PointKey mirrored() {
        return switch (side) {
            case RIGHT -> new PointKey(landmark, Side.LEFT);
            case LEFT -> new PointKey(landmark, Side.RIGHT);
            case CENTRE -> this;
        };
    }

    /** Returns its place in {@link #all()}. */
    int index() {
        int singles = Landmark.PUPIL.ordinal();
        return side == Side.CENTRE
                ? landmark.ordinal()
                : singles + 2 * (landmark.ordinal() - singles) + (side == Side.LEFT ? 1 : 0);
    }

    @Override
    public String toString() {
        return side == Side.CENTRE ? landmark.name() : landmark.name() + "." + side.name();
    }

    private static List<PointKey> list() {
        List<PointKey> all = new ArrayList<>();
        for (Landmark l : Landmark.values()) {
            if (l.paired()) {
                all.add(new PointKey(l, Side.RIGHT));
                all.add(new PointKey(l, Side.LEFT));
            } else {
                all.add(of(l));
            }
        }
        return List.copyOf(all);
    }
}
