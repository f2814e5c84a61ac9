package scree.app.picture;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.bin.BinTable;
import scree.app.studio.StudioId;

/** The pictures of one studio. */
@Mapper
interface PictureMapper extends BinTable {
    /** Bytes of a file. */
    record Bytes(byte[] bytes) {}

    /** Returns whether the client took back what they had agreed to, and agreed to nothing since. */
    boolean withdrawn(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    long add(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("sha256") String sha256,
            @Param("width") int width,
            @Param("height") int height,
            @Param("jpeg") byte[] jpeg,
            @Param("thumb") byte[] thumb,
            @Param("camera") String camera,
            @Param("atChair") boolean atChair);

    String camera(@Param("studio") StudioId studio, @Param("id") long id);

    Bytes jpeg(@Param("studio") StudioId studio, @Param("id") long id);

    Bytes thumb(@Param("studio") StudioId studio, @Param("id") long id);

    Picture find(@Param("studio") StudioId studio, @Param("id") long id);

    /** Returns the newest portrait of each sitting that has one; pictures of the work at the chair are none. */
    List<Picture> latest(@Param("studio") StudioId studio, @Param("sittings") Collection<Long> sittings);
}
