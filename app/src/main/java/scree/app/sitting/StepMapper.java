package scree.app.sitting;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** The steps of one studio's sittings; of each stage one is present. */
@Mapper
interface StepMapper {
    StepRow present(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("stage") String stage);

    /** Holds the sitting until the end of the transaction, so that two saves come one after the other. */
    Long lock(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    void forgetAfter(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("stage") String stage,
            @Param("seq") int seq);

    void forgetBefore(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("stage") String stage,
            @Param("seq") int seq);

    void leavePresent(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("stage") String stage);

    void add(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("stage") String stage,
            @Param("seq") int seq,
            @Param("state") String state,
            @Param("artist") long artist);

    int makePresent(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("stage") String stage,
            @Param("seq") int seq);

    /** Returns the step before or after one, or null at the end. */
    Integer neighbour(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("stage") String stage,
            @Param("seq") int seq,
            @Param("back") boolean back);
}
