package scree.app.method;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** What was settled, when and by whom; added to, never rewritten. */
@Mapper
interface MethodMapper {
    /**
     * What was said last of a setting by one level.
     *
     * @param value null where it was given back
     * @param who the artist who said it
     */
    record Said(String setting, Level level, String value, OffsetDateTime at, String who) {}

    /**
     * Returns the last words on each setting of the studio, the artist and the client.
     *
     * @param artist null for no artist's
     * @param client null for no client's
     */
    List<Said> said(
            @Param("studio") StudioId studio,
            @Param("artist") Long artist,
            @Param("client") Long client,
            @Param("until") OffsetDateTime until);

    int say(
            @Param("studio") StudioId studio,
            @Param("level") Level level,
            @Param("artist") Long artist,
            @Param("client") Long client,
            @Param("setting") Setting setting,
            @Param("value") String value,
            @Param("at") OffsetDateTime at,
            @Param("by") long by);
}
