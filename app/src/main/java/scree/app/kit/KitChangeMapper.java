package scree.app.kit;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Changes of many products of one studio. */
@Mapper
interface KitChangeMapper {
    long add(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("kind") KitChanges.Kind kind);

    /** Keeps which products were added, with the versions that they have now. */
    int addFresh(@Param("studio") StudioId studio, @Param("change") long change, @Param("ids") List<Long> ids);

    /** Keeps a product as it was, with the version that it has now. */
    int addRow(
            @Param("studio") StudioId studio,
            @Param("change") long change,
            @Param("product") long product,
            @Param("before") String before);

    List<KitChanges.Row> rows(@Param("studio") StudioId studio, @Param("change") long change);

    /** Marks a change as undone; returns 0 when there is none, or it was undone before. */
    int undone(@Param("studio") StudioId studio, @Param("change") long change);

    KitChanges.Change last(@Param("studio") StudioId studio);

    KitChanges.Change find(@Param("studio") StudioId studio, @Param("change") long change);

    /** Forgets changes of a month ago. */
    int forgetOld(@Param("studio") StudioId studio);
}
