package scree.app.kit;

import java.time.OffsetDateTime;
import scree.core.shade.DryDown;

/** One observation of a product's dry-down as stored; no answer means that the meter read it. */
public record WatchedStripe(
        long id,
        DryDown.Answer answer,
        double shiftL,
        double shiftA,
        double shiftB,
        double doubt,
        OffsetDateTime seenAt,
        String artistName) {
    static WatchedStripe of(DryDown.Answer answer, DryDown.Seen seen) {
        DryDown.Shift s = seen.shift();
        return new WatchedStripe(0, answer, s.lightness(), s.a(), s.b(), seen.doubt(), null, null);
    }

    DryDown.Seen seen() {
        return new DryDown.Seen(new DryDown.Shift(shiftL, shiftA, shiftB), doubt);
    }
}
