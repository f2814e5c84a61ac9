package scree.app.practice;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Which clients are made-up faces, and whose. */
@Mapper
interface PracticeMapper {
    /** Returns sittings of made-up faces, the newest first; of one artist, or of all for null. */
    List<PracticeSitting> sittings(@Param("studio") StudioId studio, @Param("artist") Long artist);

    /** Returns an artist's client for a face; null when there is none yet. */
    Long face(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("name") String name);

    int mark(@Param("studio") StudioId studio, @Param("client") long client, @Param("artist") long artist);

    boolean sitting(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("sitting") long sitting);

    boolean picture(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("picture") long picture);
}
