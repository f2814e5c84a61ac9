package scree.app.kit;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** What products of one studio were seen to do between wet and settled. */
@Mapper
interface DryDownMapper {
    List<WatchedStripe> of(@Param("studio") StudioId studio, @Param("product") long product);

    int add(
            @Param("studio") StudioId studio,
            @Param("product") long product,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("s") WatchedStripe seen);

    int forget(@Param("studio") StudioId studio, @Param("product") long product, @Param("id") long id);
}
