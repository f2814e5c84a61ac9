package scree.app.base;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** Stripes and chosen bases of one studio. */
@Mapper
interface BaseMapper {
    List<Long> stripes(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int clearStripes(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int addStripe(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("place") int place,
            @Param("product") long product);

    BaseSetting setting(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int putSetting(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("s") BaseSetting setting);

    List<StripeWatch> watched(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int lay(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("w") StripeWatch watch);

    int lift(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("product") long product);

    BaseChoice choice(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    List<BaseChoice> choices(@Param("studio") StudioId studio, @Param("sittings") Collection<Long> sittings);

    /** Changes what belongs to the present choice, its bridge to the neck. */
    int putWorn(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("worn") Worn worn);

    /** Makes a choice the present one; none may be present before. */
    int addChoice(@Param("studio") StudioId studio, @Param("c") BaseChoice choice);

    /** Returns the one that was present last before the present one, or null. */
    BaseChoice former(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Leaves the sitting without a present base; what was taken stays in its history. */
    int putDown(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int putBack(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("id") long id);
}
