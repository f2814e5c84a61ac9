package scree.app.timetable;

import java.time.OffsetDateTime;

/** An address under which somebody's sittings can be subscribed; the address itself is not kept. */
record CalendarLink(
        long id, long studioId, long artist, String artistName, String studioName, OffsetDateTime createdAt) {}
