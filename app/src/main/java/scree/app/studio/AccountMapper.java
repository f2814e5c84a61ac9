package scree.app.studio;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Studios and the people in them. */
@Mapper
interface AccountMapper {
    Account findByEmail(@Param("email") String email);

    int countStudios();

    long addStudio(@Param("name") String name, @Param("zone") String zone);

    long addArtist(
            @Param("studio") StudioId studio,
            @Param("name") String name,
            @Param("email") String email,
            @Param("passwordHash") String passwordHash);

    Customs.Kept customs(@Param("studio") StudioId studio);

    int putCustoms(@Param("studio") StudioId studio, @Param("k") Customs.Kept kept);

    /** Returns where a studio works, null while it is where the server is. */
    String timeZone(@Param("studio") StudioId studio);

    List<Artist> artists(@Param("studio") StudioId studio);

    /** Returns the ids of all studios, for what is kept up by itself. */
    List<Long> studios();

    /** Returns the stamp that a session of this artist has to carry; null when the artist is gone. */
    Integer stamp(@Param("studio") StudioId studio, @Param("artist") long artist);

    int remove(@Param("studio") StudioId studio, @Param("artist") long artist);

    int putPassword(
            @Param("studio") StudioId studio, @Param("artist") long artist, @Param("passwordHash") String passwordHash);

    /** Returns whether a browser is known to an account, by the hash of its token. */
    boolean knowsDevice(@Param("email") String email, @Param("hash") String hash);

    int putDevice(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("hash") String hash);

    int putSignIn(
            @Param("studio") StudioId studio,
            @Param("artist") long artist,
            @Param("address") String address,
            @Param("outcome") SignIns.Outcome outcome);

    /** Keeps a failed try of an account that exists. */
    int putFailedSignIn(@Param("email") String email, @Param("address") String address);

    List<SignIns.SignIn> signIns(
            @Param("studio") StudioId studio, @Param("artist") long artist, @Param("limit") int limit);

    int forgetSignIns(@Param("studio") StudioId studio);

    int forgetDevices(@Param("studio") StudioId studio);
}
