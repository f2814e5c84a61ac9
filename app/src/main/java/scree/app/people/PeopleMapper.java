package scree.app.people;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.Role;
import scree.app.studio.StudioId;

/** Who works in a studio, and who is asked to. */
@Mapper
interface PeopleMapper {
    List<Person> all(@Param("studio") StudioId studio);

    /** Keeps the hash of the one-time address in place of a former one. */
    int putFirstRun(@Param("hash") String hash);

    /** Returns its hash, or null. */
    /** @param further whether it was made beside studios that are there */
    boolean opensFirstRun(@Param("hash") String hash, @Param("further") boolean further);

    /** Uses it up; returns 0 when it is another one or was used meanwhile. */
    int useFirstRun(@Param("hash") String hash);

    /** Returns who left, the last first. */
    List<Person> left(@Param("studio") StudioId studio);

    /** Brings somebody back; returns 0 when they never left. */
    int back(@Param("studio") StudioId studio, @Param("artist") long artist);

    /** Locks the studio until the end of the transaction: who may do what is changed by one at a time. */
    Long lock(@Param("studio") StudioId studio);

    int putRole(@Param("studio") StudioId studio, @Param("artist") long artist, @Param("role") Role role);

    void invite(
            @Param("studio") StudioId studio,
            @Param("by") long by,
            @Param("role") Role role,
            @Param("forArtist") Long forArtist,
            @Param("hash") String hash,
            @Param("expiresAt") OffsetDateTime expiresAt);

    /** Returns links that still open. */
    List<Invitation> open(@Param("studio") StudioId studio, @Param("now") OffsetDateTime now);

    int close(@Param("studio") StudioId studio, @Param("id") long id);

    /** Closes all that were made for somebody or by them. */
    int closeOf(@Param("studio") StudioId studio, @Param("artist") long artist);

    /** Finds a link that still opens by the hash of its token, before anyone knows the studio: the token alone opens it. */
    Invitation byToken(@Param("hash") String hash, @Param("now") OffsetDateTime now);

    /** Returns 0 when it was used or closed meanwhile. */
    int use(@Param("studio") StudioId studio, @Param("id") long id);
}
