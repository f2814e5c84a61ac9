package scree.app.reply;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Answers that were sent and how they fit, of one studio. */
@Mapper
interface ReplyMapper {
    long add(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("reply") String reply);

    List<Row> ofSitting(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Returns an answer as JSON, or null. */
    String reply(@Param("studio") StudioId studio, @Param("id") long id);

    void addFit(
            @Param("studio") StudioId studio,
            @Param("reply") long reply,
            @Param("fits") String fits,
            @Param("words") String words);

    List<FitRow> fits(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Keeps whether the picture shows the client; the last word counts. */
    void say(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("same") boolean same);

    /** Returns what was said, or null. */
    Boolean said(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Returns, of sittings that came from home, those that were answered, with how often the client told how it fits. */
    List<AnsweredRow> answered(@Param("studio") StudioId studio);

    /** An answer. */
    record Row(long id, OffsetDateTime madeAt, String by, String reply) {}

    /** What was told of one. */
    record FitRow(long reply, String fits, String words, OffsetDateTime toldAt) {}

    /** A sitting that was answered. */
    record AnsweredRow(long sitting, int told) {}
}
