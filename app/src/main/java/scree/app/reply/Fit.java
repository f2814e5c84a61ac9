package scree.app.reply;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;

/**
 * How what was answered fits, as the client tells it.
 *
 * @param fits by the place of an item in the answer
 * @param words of the client, or null
 * @param toldAt null before it is kept
 */
record Fit(Map<Integer, How> fits, String words, OffsetDateTime toldAt) {
    static final int LONGEST = 1000;

    /** How one thing fits. */
    enum How {
        FITS,
        TOO_LIGHT,
        TOO_DARK,
        TOO_PINK,
        TOO_YELLOW,
        TOO_STRONG,
        NOT_SEEN
    }

    Fit {
        fits = Map.copyOf(fits);
    }

    /** Returns what was told of the items of an answer that fit. */
    List<Integer> fitting() {
        return fits.entrySet().stream()
                .filter(e -> e.getValue() == How.FITS)
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }
}
