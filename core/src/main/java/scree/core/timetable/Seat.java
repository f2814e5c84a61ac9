package scree.core.timetable;

/**
 * Who does a face, and when.
 *
 * @param artist place in the day's list
 * @param start first slot
 */
public record Seat(int artist, int start) {
    public Seat {
        if (artist < 0 || start < 0) {
            throw new IllegalArgumentException("no seat at artist %d, slot %d".formatted(artist, start));
        }
    }
}
