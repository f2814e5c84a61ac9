package scree.app.remote;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Links for clients and what came in by them. */
@Mapper
interface RemoteMapper {
    long add(
            @Param("studio") StudioId studio,
            @Param("client") long client,
            @Param("artist") long artist,
            @Param("hash") String hash,
            @Param("expiresAt") OffsetDateTime expiresAt);

    /** Finds a link by the hash of its token, before anyone knows the studio: the token alone opens it. */
    RemoteLink byToken(@Param("hash") String hash);

    List<RemoteLink> ofClient(@Param("studio") StudioId studio, @Param("client") long client);

    int close(@Param("studio") StudioId studio, @Param("id") long id);

    /** Erases what was tried by links that ran out or were closed before it was sent: nobody agreed to keep it. */
    int forgetUnsent(@Param("studio") StudioId studio);

    /** Counts a try; returns 0 when the link was used meanwhile or has no tries left. */
    int tried(@Param("studio") StudioId studio, @Param("id") long id, @Param("most") int most);

    int putSitting(@Param("studio") StudioId studio, @Param("id") long id, @Param("sitting") long sitting);

    /** Marks it used; returns 0 when it was used meanwhile. */
    int used(@Param("studio") StudioId studio, @Param("id") long id);

    int putAnswer(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("a") RemoteAnswer answer);

    RemoteAnswer answer(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Puts a tried picture in place of a former one; returns 0 when the link was used or ran out meanwhile. */
    int putTry(
            @Param("studio") StudioId studio,
            @Param("id") long id,
            @Param("t") RemoteTry tried,
            @Param("width") int width,
            @Param("height") int height);

    RemoteTry lastTry(@Param("studio") StudioId studio, @Param("id") long id);

    boolean isUsed(@Param("studio") StudioId studio, @Param("id") long id);

    boolean hasTry(@Param("studio") StudioId studio, @Param("id") long id);

    int forgetTry(@Param("studio") StudioId studio, @Param("id") long id);
}
