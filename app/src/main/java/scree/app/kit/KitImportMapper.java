package scree.app.kit;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Waiting kit files of one studio, one an artist. */
@Mapper
interface KitImportMapper {
    int put(
            @Param("studio") StudioId studio,
            @Param("artist") long artist,
            @Param("name") String name,
            @Param("file") byte[] file,
            @Param("rows") int rows);

    KitImports.Waiting waiting(@Param("studio") StudioId studio, @Param("artist") long artist);

    KitImports.Progress progress(@Param("studio") StudioId studio, @Param("artist") long artist);

    int done(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("done") int done);

    int forget(@Param("studio") StudioId studio, @Param("artist") long artist);

    /** Forgets files that nobody said yes to for a day. */
    int forgetOld(@Param("studio") StudioId studio);
}
