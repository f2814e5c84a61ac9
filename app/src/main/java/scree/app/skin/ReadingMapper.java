package scree.app.skin;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** The readings of one studio. */
@Mapper
interface ReadingMapper {
    ReadingRow ofSitting(@Param("studio") StudioId studio, @Param("sitting") long sitting);

    List<ReadingRow> ofSittings(@Param("studio") StudioId studio, @Param("sittings") Collection<Long> sittings);

    List<ZoneRow> zones(@Param("studio") StudioId studio, @Param("readings") Collection<Long> readings);

    /** Writes a new picture's reading and returns its id; null when that of a newer picture stands there already. */
    Long replace(@Param("studio") StudioId studio, @Param("r") ReadingRow row);

    /** Writes the same picture's reading anew and returns its id; null when it was changed since {@code version}. */
    Long change(@Param("studio") StudioId studio, @Param("r") ReadingRow row, @Param("version") int version);

    int clearZones(@Param("studio") StudioId studio, @Param("reading") long reading);

    int addZones(@Param("studio") StudioId studio, @Param("zones") List<ZoneRow> zones);

    List<SpotRow> spots(@Param("studio") StudioId studio, @Param("readings") Collection<Long> readings);

    int clearSpots(@Param("studio") StudioId studio, @Param("reading") long reading);

    int addSpots(@Param("studio") StudioId studio, @Param("spots") List<SpotRow> spots);

    /** Returns the rows changed: 0 when the reading was taken anew since {@code version}. */
    int keep(@Param("studio") StudioId studio, @Param("sitting") long sitting, @Param("version") int version);

    /** Returns clients whose skin was read, at the last sitting of which there is a reading; the last sixty. */
    List<Readings.Known> known(@Param("studio") StudioId studio);
}
