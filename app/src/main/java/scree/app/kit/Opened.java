package scree.app.kit;

import java.time.LocalDate;

/**
 * When a product was opened and how long it keeps from then.
 *
 * @param on null while it is closed, or when nobody wrote it down
 * @param months null where the label says nothing
 * @param bad whether the stored day is none that a calendar has; {@code on} is null then, and the form mends it
 */
public record Opened(LocalDate on, Integer months, boolean bad) {
    /** Nothing is known of it. */
    public static final Opened UNKNOWN = new Opened(null, null);

    public Opened(LocalDate on, Integer months) {
        this(on, months, false);
    }

    /** Returns the last day it should be used, or null when that is not known. */
    public LocalDate until() {
        return on == null || months == null ? null : on.plusMonths(months);
    }
}
