package scree.app.proof;

import java.time.OffsetDateTime;
import java.util.List;

/**
 * How it wore, as somebody told.
 *
 * @param hours after the work
 * @param place where, or null
 * @param reaction of the skin, or null
 * @param words more, or null
 */
record Wore(
        long id,
        String by,
        int hours,
        List<Seen> seen,
        String place,
        String reaction,
        String words,
        OffsetDateTime toldAt) {
    static final int MOST_HOURS = 720;
    static final int LONGEST_PLACE = 200;
    static final int LONGEST_REACTION = 500;
    static final int LONGEST_WORDS = 1000;

    Wore {
        seen = List.copyOf(seen);
    }

    /** What was seen of it. */
    enum Seen {
        HELD,
        FADED,
        CREASED,
        PATCHY,
        SHINY,
        TURNED_ORANGE,
        TURNED_GREY,
        TRANSFERRED
    }
}
