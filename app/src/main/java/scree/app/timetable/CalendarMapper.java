package scree.app.timetable;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Calendar addresses of one studio, and what is to be read there. */
@Mapper
interface CalendarMapper {
    void add(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("hash") String hash);

    List<CalendarLink> open(@Param("studio") StudioId studio, @Param("artist") long artist);

    int close(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("id") long id);

    /** Finds an address by the hash of its token, before anyone knows the studio: the token alone opens it. */
    CalendarLink byToken(@Param("hash") String hash);

    List<Entry> entries(
            @Param("studio") StudioId studio,
            @Param("artist") long artist,
            @Param("from") LocalDate from,
            @Param("until") LocalDate until);

    /** A sitting as a calendar has it. */
    record Entry(
            long sitting,
            String client,
            String event,
            String place,
            LocalDate day,
            long eventId,
            int eventVersion,
            LocalDateTime startsAt,
            int minutes,
            LocalDateTime readyBy,
            String artistName) {}
}
