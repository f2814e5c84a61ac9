package scree.app.timetable;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** The days of one studio. */
@Mapper
interface TimetableMapper {
    List<BookedRow> booked(@Param("studio") StudioId studio, @Param("event") long event);

    List<ToolRow> tools(@Param("studio") StudioId studio, @Param("event") long event);

    /** Returns sittings of other events that begin within a time. */
    List<TakenDay.Elsewhere> elsewhere(
            @Param("studio") StudioId studio,
            @Param("event") long event,
            @Param("from") LocalDateTime from,
            @Param("until") LocalDateTime until);

    int put(@Param("studio") StudioId studio, @Param("event") long event, @Param("p") Place place);

    int here(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int putSkills(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("skills") String skills);

    int dropTools(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int addTool(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("t") Booked.Tool tool);

    void addChange(
            @Param("studio") StudioId studio,
            @Param("event") long event,
            @Param("artist") long artist,
            @Param("what") DayChange.What what,
            @Param("about") String about,
            @Param("moves") String moves);

    List<ChangeRow> changes(@Param("studio") StudioId studio, @Param("event") long event, @Param("limit") int limit);

    int undo(@Param("studio") StudioId studio, @Param("event") long event, @Param("id") long id);

    /** Returns the newest finished sittings of an artist that were followed at the chair. */
    List<Long> worked(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("limit") int limit);

    /** A sitting without its tools; skills with commas between. */
    record BookedRow(
            long sitting,
            long client,
            String name,
            String plays,
            long artist,
            LocalDateTime startsAt,
            int minutes,
            boolean byHand,
            LocalDateTime arrivesAt,
            LocalDateTime readyBy,
            Long wished,
            boolean held,
            String skills,
            OffsetDateTime hereAt,
            OffsetDateTime intakeAt,
            OffsetDateTime begunAt,
            OffsetDateTime doneAt,
            String allergies,
            boolean patched) {}

    /** A tool of a sitting. */
    record ToolRow(long sitting, String tool, int fromMinute, int minutes) {}

    /** A change; moves as JSON. */
    record ChangeRow(
            long id,
            DayChange.What what,
            String about,
            String by,
            OffsetDateTime at,
            String moves,
            OffsetDateTime undoneAt) {}
}
