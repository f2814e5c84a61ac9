package scree.core.timetable;

import java.util.List;

/**
 * An artist's day.
 *
 * @param hours when the artist works; a sitting lies wholly within
 * @param breaks when not; no sitting runs over one
 */
public record Shift(Span hours, List<Span> breaks) {
    public Shift {
        breaks = List.copyOf(breaks);
    }

    public static Shift of(int from, int until) {
        return new Shift(new Span(from, until), List.of());
    }
}
