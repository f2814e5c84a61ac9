package scree.app.homelink;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Links about sittings of one studio. */
@Mapper
interface HomeLinkMapper {
    void add(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("kind") HomeLink.Kind kind,
            @Param("opens") Long opens,
            @Param("hash") String hash,
            @Param("expiresAt") OffsetDateTime expiresAt);

    List<HomeLink> open(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("kind") HomeLink.Kind kind,
            @Param("now") OffsetDateTime now);

    int close(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("id") long id);

    /** Finds a link by the hash of its token, before anyone knows the studio: the token alone opens it. */
    HomeLink byToken(@Param("hash") String hash, @Param("kind") HomeLink.Kind kind);

    /** Returns 0 when it was taken back or bears no more. */
    int use(@Param("studio") StudioId studio, @Param("id") long id, @Param("most") int most);
}
