package scree.app.face;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** First looks at the pictures of one studio. */
@Mapper
interface FirstLookMapper {
    FirstLookRow of(@Param("studio") StudioId studio, @Param("picture") long picture);

    int put(@Param("studio") StudioId studio, @Param("row") FirstLookRow row);
}
