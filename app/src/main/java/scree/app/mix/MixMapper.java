package scree.app.mix;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.mix.SeasonParts;

/** Test mixes and seasons of one studio. */
@Mapper
interface MixMapper {
    List<TestMixRow> tests(@Param("studio") StudioId studio);

    int addTest(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("artist") long artist,
            @Param("parts") String parts,
            @Param("seen") Lab seen,
            @Param("byMeter") boolean byMeter);

    int forgetTest(@Param("studio") StudioId studio, @Param("id") long id);

    SeasonPair pair(@Param("studio") StudioId studio, @Param("client") long client);

    int putPair(@Param("studio") StudioId studio, @Param("client") long client, @Param("p") SeasonPair pair);

    List<SaidWord> words(@Param("studio") StudioId studio, @Param("client") long client);

    int addWord(
            @Param("studio") StudioId studio,
            @Param("client") long client,
            @Param("artist") long artist,
            @Param("word") SeasonParts.Word word);

    /** Holds the client until the end of the transaction, so that two artists' words are counted one after the other. */
    Long holdClient(@Param("studio") StudioId studio, @Param("client") long client);

    /** Holds the studio's test mixes until the end of the transaction, so that strengths are learned from all of them. */
    Long holdTests(@Param("studio") StudioId studio);
}
