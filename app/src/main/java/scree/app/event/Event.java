package scree.app.event;

import java.time.LocalDate;
import java.time.OffsetDateTime;

/**
 * A day of an event.
 *
 * @param place where, or null
 * @param chairs how many faces can be worked at, at once
 * @param publishedAt when people were told their times, null before
 */
public record Event(
        long id, String name, String place, LocalDate day, int chairs, OffsetDateTime publishedAt, int version) {
    public static final int LONGEST_NAME = 120;
    public static final int LONGEST_PLACE = 200;
    public static final int MOST_CHAIRS = 12;

    /** Returns whether people were told their times. */
    public boolean published() {
        return publishedAt != null;
    }
}
