package scree.app.demo;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Letters that the demo's stand-in took in. */
@Mapper
interface StandInLetterMapper {
    /** The same letter twice is one. */
    int take(@Param("studio") StudioId studio, @Param("id") long id, @Param("letter") String letter);

    /** Returns them as they were written down, the newest first. */
    List<String> letters(@Param("studio") StudioId studio, @Param("most") int most);
}
