package scree.app.event;

import java.time.LocalDateTime;

/** Time in which an artist does not work, on the studio's clock; what for, or null. */
public record Break(LocalDateTime startsAt, LocalDateTime endsAt, String what) {}
