package scree.app.card;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** The print of the card that one studio uses. */
@Mapper
interface CardMapper {
    CardRow inUse(@Param("studio") StudioId studio);

    int put(@Param("studio") StudioId studio, @Param("name") String name, @Param("file") String file);

    int forget(@Param("studio") StudioId studio);
}
