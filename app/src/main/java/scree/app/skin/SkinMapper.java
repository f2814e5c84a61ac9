package scree.app.skin;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;
import scree.core.skin.Answer;
import scree.core.skin.Region;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinType;
import scree.core.skin.Witness;

/** What eyes and fingers add to a reading, in one studio: witnesses of the undertone, texture, skin type, phones. */
@Mapper
interface SkinMapper {
    List<TestimonyRow> said(@Param("studio") StudioId studio, @Param("sittings") Collection<Long> sittings);

    int say(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("witness") Witness witness,
            @Param("answer") Answer answer,
            @Param("artist") long artist);

    int strike(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("witness") Witness witness,
            @Param("struck") boolean struck);

    int unsay(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("witness") Witness witness);

    List<Touched> touched(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int touch(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("t") Touched touched);

    int untouch(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("t") Touched touched);

    List<TypedRegion> types(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int putType(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("region") Region region,
            @Param("type") SkinType type);

    int clearType(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("region") Region region);

    List<RuledFinding> ruled(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int rule(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("finding") SkinFinding.Code finding,
            @Param("artist") long artist);

    int unrule(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("finding") SkinFinding.Code finding);

    /** Returns the map of a phone as JSON, or null. */
    String phone(@Param("studio") StudioId studio, @Param("camera") String camera);

    int putPhone(@Param("studio") StudioId studio, @Param("camera") String camera, @Param("map") String map);
}
