package scree.app.web;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Tokens of forms that were used, by studio. */
@Mapper
interface OnceMapper {
    /** Returns 0 when it was used before; waits for a use that is not finished yet. */
    int use(@Param("studio") StudioId studio, @Param("token") String token);

    String outcome(@Param("studio") StudioId studio, @Param("token") String token);

    int put(@Param("studio") StudioId studio, @Param("token") String token, @Param("outcome") String outcome);

    int forgetOld(@Param("studio") StudioId studio);
}
