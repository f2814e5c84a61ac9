package scree.app.privacy;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** What clients agreed to, how long things are kept, and what goes when either ends. */
@Mapper
interface ConsentMapper {
    /** A row; covers with commas between. */
    record Row(long id, LocalDate givenOn, String covers, String wording, String artist, OffsetDateTime withdrawnAt) {}

    void give(
            @Param("studio") StudioId studio,
            @Param("client") long client,
            @Param("artist") long artist,
            @Param("givenOn") LocalDate givenOn,
            @Param("covers") String covers,
            @Param("wording") String wording);

    List<Row> ofClient(@Param("studio") StudioId studio, @Param("client") long client);

    int withdraw(@Param("studio") StudioId studio, @Param("id") long id);

    /** Keeps on which day pictures were agreed to, null for not. */
    int agreedOn(@Param("studio") StudioId studio, @Param("client") long client, @Param("day") LocalDate day);

    int erasePictures(@Param("studio") StudioId studio, @Param("client") long client);

    int erasePoints(@Param("studio") StudioId studio, @Param("client") long client);

    int erasePicturedSheets(@Param("studio") StudioId studio, @Param("client") long client);

    int forgetHealthOfClient(@Param("studio") StudioId studio, @Param("client") long client);

    int forgetHealthOfSittings(@Param("studio") StudioId studio, @Param("client") long client);

    int forgetReactions(@Param("studio") StudioId studio, @Param("client") long client);

    int forgetAddress(@Param("studio") StudioId studio, @Param("client") long client);

    int withdrawLetters(@Param("studio") StudioId studio, @Param("client") long client);

    int closeLinks(@Param("studio") StudioId studio, @Param("client") long client);

    int closeRemoteLinks(@Param("studio") StudioId studio, @Param("client") long client);

    KeepingRule.Rule rule(@Param("studio") StudioId studio);

    void putRule(
            @Param("studio") StudioId studio,
            @Param("homeDays") Integer homeDays,
            @Param("recordYears") Integer recordYears);

    /** Returns whether nobody else lets go of this studio's things until the end of the transaction. */
    boolean alone(@Param("studio") StudioId studio);

    /** Returns clients of whom pictures from home lie that came in before. */
    List<Long> homeBefore(@Param("studio") StudioId studio, @Param("before") OffsetDateTime before);

    int eraseHome(
            @Param("studio") StudioId studio, @Param("client") long client, @Param("before") OffsetDateTime before);

    /** Returns clients who neither sat nor were entered since. */
    List<Long> unseenSince(@Param("studio") StudioId studio, @Param("since") OffsetDateTime since);

    void letGo(
            @Param("studio") StudioId studio,
            @Param("what") String what,
            @Param("client") long client,
            @Param("counted") String counted);

    List<KeepingRule.LetGo> newest(@Param("studio") StudioId studio, @Param("limit") int limit);
}
