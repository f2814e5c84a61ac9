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

    /** Puts many that have no formula yet. */
    int putAll(@Param("studio") StudioId studio, @Param("formulas") List<Formula> formulas);

    int forget(@Param("studio") StudioId studio, @Param("product") long product);

    /** Saves what was typed; returns 0 when it was saved since its version. */
    int save(@Param("studio") StudioId studio, @Param("f") Formula formula);

    /** Puts a strength that was learned, null for none; the rest of the formula stays. */
    int learn(@Param("studio") StudioId studio, @Param("f") Formula formula, @Param("strength") Double strength);

    Formulas.Purchases purchases(@Param("studio") StudioId studio);

    /** Returns 0 when the list was saved since {@code version}. */
    int putPurchases(@Param("studio") StudioId studio, @Param("words") String words, @Param("version") int version);
}
