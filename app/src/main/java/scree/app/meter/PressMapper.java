package scree.app.meter;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;
import scree.core.light.MeteredLight;
import scree.core.skin.Zone;

/** What meters said in one studio. */
@Mapper
interface PressMapper {
    int addZonePress(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("zone") Zone zone,
            @Param("l") double l,
            @Param("a") double a,
            @Param("b") double b);

    List<ZonePress> zonePresses(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int forgetZone(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("zone") Zone zone);

    int addSwatchPress(
            @Param("studio") StudioId studio,
            @Param("product") long product,
            @Param("state") String state,
            @Param("l") double l,
            @Param("a") double a,
            @Param("b") double b);

    List<SwatchPress> swatchPresses(@Param("studio") StudioId studio, @Param("product") long product);

    int forgetSwatch(@Param("studio") StudioId studio, @Param("product") long product);

    int putLight(
            @Param("studio") StudioId studio,
            @Param("sitting") long sitting,
            @Param("kelvin") double kelvin,
            @Param("duv") double duv,
            @Param("lux") double lux);

    MeteredLight light(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    int forgetLight(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    /** Holds the sitting until the end of the transaction, so that presses are numbered one after the other. */
    Long holdSitting(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    Long holdProduct(@Param("studio") StudioId studio, @Param("product") long product);
}
