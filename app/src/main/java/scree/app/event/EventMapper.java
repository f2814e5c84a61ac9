package scree.app.event;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** The events of one studio. */
@Mapper
interface EventMapper {
    Event find(@Param("studio") StudioId studio, @Param("id") long id);

    List<Event> on(@Param("studio") StudioId studio, @Param("day") LocalDate day);

    Event named(@Param("studio") StudioId studio, @Param("day") LocalDate day, @Param("name") String name);

    /** Returns the rows added: 0 when the day has an event of that name. */
    int add(@Param("studio") StudioId studio, @Param("e") Event event);

    /** Returns the rows changed: 0 when the event is gone or was changed since its version. */
    int change(@Param("studio") StudioId studio, @Param("e") Event event);

    /** Names its sittings as the event is named. */
    int nameSittings(@Param("studio") StudioId studio, @Param("id") long id, @Param("name") String name);

    /** Counts a change; returns 0 when somebody else's came first. */
    int touch(@Param("studio") StudioId studio, @Param("id") long id, @Param("version") int version);

    int publish(@Param("studio") StudioId studio, @Param("id") long id);

    LocalDate dayBefore(@Param("studio") StudioId studio, @Param("day") LocalDate day);

    LocalDate dayAfter(@Param("studio") StudioId studio, @Param("day") LocalDate day);

    /** Returns the newest events, to copy from. */
    List<Event> newest(@Param("studio") StudioId studio, @Param("limit") int limit);

    List<CrewRow> crew(@Param("studio") StudioId studio, @Param("event") long event);

    List<BreakRow> breaks(@Param("studio") StudioId studio, @Param("event") long event);

    /** Adds an artist with hours; one who is there keeps theirs. */
    int join(
            @Param("studio") StudioId studio,
            @Param("event") long event,
            @Param("artist") long artist,
            @Param("from") LocalDateTime from,
            @Param("until") LocalDateTime until);

    /** Makes the hours of an artist wide enough. */
    int widen(
            @Param("studio") StudioId studio,
            @Param("event") long event,
            @Param("artist") long artist,
            @Param("from") LocalDateTime from,
            @Param("until") LocalDateTime until);

    int leave(@Param("studio") StudioId studio, @Param("event") long event);

    int work(@Param("studio") StudioId studio, @Param("event") long event, @Param("w") Working working);

    int rest(
            @Param("studio") StudioId studio,
            @Param("event") long event,
            @Param("artist") long artist,
            @Param("b") Break rest);

    int putSkills(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("skills") String skills);

    /** An artist at an event, without breaks; skills with commas between. */
    record CrewRow(
            long artist, String name, String skills, LocalDateTime startsAt, LocalDateTime endsAt, boolean ownPace) {}

    /** A break of an artist. */
    record BreakRow(long artist, LocalDateTime startsAt, LocalDateTime endsAt, String what) {}
}
