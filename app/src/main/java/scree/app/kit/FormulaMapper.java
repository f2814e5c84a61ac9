package scree.app.kit;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** What products of one studio are in a mix, and what could be bought. */
@Mapper
interface FormulaMapper {
    List<Formula> all(@Param("studio") StudioId studio);

    Formula find(@Param("studio") StudioId studio, @Param("product") long product);

    int put(@Param("studio") StudioId studio, @Param("f") Formula formula);

    String purchases(@Param("studio") StudioId studio);

    int putPurchases(@Param("studio") StudioId studio, @Param("words") String words);
}
