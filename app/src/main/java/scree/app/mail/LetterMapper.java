package scree.app.mail;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Letters of one studio. */
@Mapper
interface LetterMapper {
    long add(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("d") Draft draft,
            @Param("now") OffsetDateTime now);

    int addForInvitation(
            @Param("studio") StudioId studio,
            @Param("invitation") long invitation,
            @Param("artist") long artist,
            @Param("d") Draft draft,
            @Param("now") OffsetDateTime now);

    List<Outbox.Carrying> ofInvitations(@Param("studio") StudioId studio);

    int withdrawInvitation(
            @Param("studio") StudioId studio, @Param("invitation") long invitation, @Param("now") OffsetDateTime now);

    List<Letter> ofSitting(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    List<Letter> inTrouble(@Param("studio") StudioId studio);

    int again(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("id") long id,
            @Param("address") String address,
            @Param("now") OffsetDateTime now);

    int withdraw(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("id") long id,
            @Param("now") OffsetDateTime now);

    /** Lists the studios, whichever they are, whose letters are due: the postman's round. */
    List<Long> studiosWithPost(@Param("now") OffsetDateTime now);

    /** Takes the one that is due longest and that nobody holds; null for none. */
    Outbox.Carried hold(
            @Param("studio") StudioId studio, @Param("now") OffsetDateTime now, @Param("until") OffsetDateTime until);

    int end(
            @Param("studio") StudioId studio,
            @Param("id") long id,
            @Param("state") Letter.State state,
            @Param("trouble") Letter.Trouble trouble,
            @Param("now") OffsetDateTime now);

    int later(
            @Param("studio") StudioId studio,
            @Param("id") long id,
            @Param("trouble") Letter.Trouble trouble,
            @Param("nextAt") OffsetDateTime nextAt);
}
