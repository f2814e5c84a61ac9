package scree.core.timetable;

/**
 * A shared tool, held for a part of a sitting.
 *
 * @param tool which; there is one of it
 * @param from slots after the sitting begins
 * @param slots for how long; to the end when the sitting is shorter
 */
public record Use(int tool, int from, int slots) {
    public Use {
        if (tool < 0 || from < 0 || slots <= 0) {
            throw new IllegalArgumentException("a tool is held from a slot on, for one slot at least");
        }
    }

    /** Returns when it is held, by a sitting that begins then and takes so long; empty when the sitting ends before. */
    Span held(int start, int length) {
        int first = Math.min(from, length);
        return new Span(start + first, start + Math.min(length, first + slots));
    }
}
