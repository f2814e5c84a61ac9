package scree.app.bin;

import java.time.OffsetDateTime;

/**
 * One thing that was deleted.
 *
 * @param name as it was shown
 * @param of what it belonged to, or null
 */
public record Deleted(long id, String name, String of, OffsetDateTime deletedAt) {}
