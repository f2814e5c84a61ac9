package scree.app.chair;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;

/** What is followed and noted at the chairs of one studio. */
@Mapper
interface ChairMapper {
    /** Returns the newest plan, null before the work began. */
    PlanRow plan(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    void addPlan(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("no") int no,
            @Param("plan") String plan,
            @Param("begins") boolean begins,
            @Param("at") Instant at,
            @Param("artist") long artist);

    /** Returns notes that came after one, in the order of arrival. */
    List<ChairNote> notes(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("since") long since);

    /** Returns the rows added: 0 for a note that was taken before. */
    int addNote(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("device") String device,
            @Param("seq") int seq,
            @Param("kind") Progress.Kind kind,
            @Param("step") StepCode step,
            @Param("at") Instant at,
            @Param("received") Instant received,
            @Param("words") String words,
            @Param("product") Long product,
            @Param("picture") Long picture,
            @Param("artist") long artist);

    /** Returns whether a note was taken before. */
    boolean taken(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("device") String device,
            @Param("seq") int seq);

    /** Returns when the work was ended, null while it goes on or did not begin. */
    java.time.OffsetDateTime finished(@Param("studio") StudioId studio, @Param("sitting") long sitting);
}
