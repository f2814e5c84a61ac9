package scree.app.privacy;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** What was done with clients' data; nothing here changes a line. */
@Mapper
interface AuditMapper {
    void add(
            @Param("studio") StudioId studio,
            @Param("artist") long artist,
            @Param("act") Audit.Act act,
            @Param("client") Long client,
            @Param("page") String page,
            @Param("counted") String counted);

    List<Audit.Line> newest(@Param("studio") StudioId studio, @Param("client") Long client, @Param("limit") int limit);

    Long clientOf(@Param("studio") StudioId studio, @Param("sitting") long sitting);
}
