package scree.app.base;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;

/** A stripe on the skin with its own time. */
record StripeWatch(long productId, OffsetDateTime laidAt, int minutes) {
    /** Returns seconds until it has settled, 0 when it has. */
    long secondsLeft(Instant now) {
        Instant settled = laidAt.toInstant().plus(Duration.ofMinutes(minutes));
        return Math.max(0, Duration.between(now, settled).toSeconds());
    }

    double minutesOn(Instant now) {
        return Math.max(0, Duration.between(laidAt.toInstant(), now).toSeconds() / 60.0);
    }
}
