package scree.app.proof;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Records, pictures after the work and how it wore, of one studio. */
@Mapper
interface ProofMapper {
    /** Adds a record; its number follows the last one's. */
    void add(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("record") String record);

    /** Returns the newest record, or null. */
    KeptRow newest(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Returns sittings that ended and have no record. */
    List<Long> unrecorded(@Param("studio") StudioId studio, @Param("limit") int limit);

    void addAfter(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("picture") long picture,
            @Param("flash") boolean flash,
            @Param("points") String points,
            @Param("skin") String skin);

    List<AfterRow> afters(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    void tell(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("hours") int hours,
            @Param("seen") String seen,
            @Param("place") String place,
            @Param("reaction") String reaction,
            @Param("words") String words,
            @Param("byClient") boolean byClient);

    List<WoreRow> told(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Returns what was told of all sittings of a client that was a reaction or a turned colour, the newest first. */
    List<ToldRow> ofClient(@Param("studio") StudioId studio, @Param("client") long client);

    /** A record as JSON. */
    record KeptRow(int no, OffsetDateTime madeAt, String record) {}

    /** A picture; points and colours as JSON or null. */
    record AfterRow(long picture, boolean flash, String points, String skin, OffsetDateTime takenAt) {}

    /** A report; what was seen with commas between. */
    record WoreRow(
            long id,
            String by,
            int hours,
            String seen,
            String place,
            String reaction,
            String words,
            OffsetDateTime toldAt) {}

    /** A report with the sitting that it is of. */
    record ToldRow(long sitting, LocalDateTime startsAt, int hours, String seen, String reaction, String base) {}
}
