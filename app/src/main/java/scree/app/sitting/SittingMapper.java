package scree.app.sitting;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.bin.BinTable;
import scree.app.studio.StudioId;

/** The sittings of one studio. */
@Mapper
interface SittingMapper extends BinTable {
    Sitting find(@Param("studio") StudioId studio, @Param("id") long id);

    List<Sitting> on(@Param("studio") StudioId studio, @Param("day") LocalDate day);

    List<Sitting> ofClient(@Param("studio") StudioId studio, @Param("client") long client);

    long add(
            @Param("studio") StudioId studio,
            @Param("client") long client,
            @Param("artist") long artist,
            @Param("startsAt") LocalDateTime startsAt,
            @Param("minutes") int minutes,
            @Param("event") String event,
            @Param("eventId") Long eventId);

    /** Returns the rows changed: 0 when the sitting was edited since {@code version}. */
    int saveIntake(
            @Param("studio") StudioId studio,
            @Param("id") long id,
            @Param("version") int version,
            @Param("i") Intake answers);

    int putEventLight(@Param("studio") StudioId studio, @Param("id") long id, @Param("light") Sitting.EventLight light);

    int cameIn(@Param("studio") StudioId studio, @Param("id") long id);

    /** Returns sittings that were sent from home and not sat yet, newest first. */
    List<Sitting> sentFromHome(@Param("studio") StudioId studio);

    /** Holds the sitting until the end of the transaction and forgets what was read before; null when there is none. */
    Long hold(@Param("studio") StudioId studio, @Param("id") long id);

    int finish(@Param("studio") StudioId studio, @Param("id") long id);
}
