package scree.core.timetable;

/**
 * A stretch of time, half open.
 *
 * @param from its first slot, 0 or more
 * @param until the slot after its last, no less than {@code from}
 */
public record Span(int from, int until) {
    public Span {
        if (from < 0 || until < from) {
            throw new IllegalArgumentException("a stretch from %d until %d runs backwards".formatted(from, until));
        }
    }

    /** Returns its length, slots. */
    public int slots() {
        return until - from;
    }

    /** Returns whether both have a slot in common. */
    public boolean meets(Span other) {
        return from < other.until && other.from < until;
    }

    boolean holds(int first, int end) {
        return from <= first && end <= until;
    }
}
