package scree.app.skin;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.picture.Pictures;
import scree.app.sitting.Sittings;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.colour.Lab;
import scree.core.image.Calibration;
import scree.core.image.CardFinder;
import scree.core.image.CardSighting;
import scree.core.image.Raster;
import scree.core.image.ZoneSample;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;
import tools.jackson.databind.json.JsonMapper;

/** Takes readings from pictures, measures again when points or zones move, and keeps them. */
@Service
public class Readings {
    private final ReadingMapper mapper;
    private final Pictures pictures;
    private final Sittings sittings;
    private final JsonMapper json;

    Readings(ReadingMapper mapper, Pictures pictures, Sittings sittings, JsonMapper json) {
        this.mapper = mapper;
        this.pictures = pictures;
        this.sittings = sittings;
        this.json = json;
    }

    public Optional<TakenReading> of(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.ofSitting(studio, sitting))
                .map(row -> taken(row, mapper.zones(studio, List.of(row.id()))));
    }

    /** Returns the readings of several sittings by sitting. */
    public Map<Long, TakenReading> of(StudioId studio, Collection<Long> sittingIds) {
        List<ReadingRow> rows = sittingIds.isEmpty() ? List.of() : mapper.ofSittings(studio, sittingIds);
        if (rows.isEmpty()) {
            return Map.of();
        }
        Map<Long, List<ZoneRow>> zones = mapper
                .zones(studio, rows.stream().map(ReadingRow::id).toList())
                .stream()
                .collect(Collectors.groupingBy(ZoneRow::readingId));
        return rows.stream()
                .collect(Collectors.toMap(
                        ReadingRow::sittingId, row -> taken(row, zones.getOrDefault(row.id(), List.of()))));
    }

    /**
     * Stores a picture and reads it with the template laid where a face usually is.
     *
     * @throws scree.core.image.PictureRefused when the file is no usable picture; nothing is changed then
     */
    @Transactional
    public void take(StudioId studio, long sitting, byte[] upload) {
        sittings.get(studio, sitting);
        long picture = pictures.store(studio, sitting, upload);
        Raster raster = pictures.raster(studio, picture);
        measure(studio, sitting, picture, FaceState.usualIn(raster.width(), raster.height()));
    }

    /** Reads the present picture again with the face laid differently. */
    @Transactional
    public void remeasure(StudioId studio, long sitting, FaceState face) {
        TakenReading now = of(studio, sitting).orElseThrow(() -> new NotHere("reading"));
        measure(studio, sitting, now.pictureId(), face);
    }

    @Transactional
    public void keep(StudioId studio, long sitting, int version) {
        if (mapper.keep(studio, sitting, version) == 0) {
            throw new StaleSave(of(studio, sitting).orElseThrow(() -> new NotHere("reading")));
        }
    }

    /** Returns what the card finder sees in a sitting's picture. */
    public CardSighting card(StudioId studio, long picture) {
        return CardFinder.find(pictures.raster(studio, picture));
    }

    private void measure(StudioId studio, long sitting, long picture, FaceState face) {
        Raster raster = pictures.raster(studio, picture);
        SkinReading r = SkinReader.read(raster, CardFinder.find(raster), face.frame(), face.outlines());
        Calibration.Quality q = r.quality();
        long id = mapper.put(
                studio,
                new ReadingRow(
                        0,
                        sitting,
                        picture,
                        json.writeValueAsString(face),
                        r.trust().name(),
                        q.fields(),
                        q.unusable(),
                        q.residual(),
                        r.sideLight(),
                        null,
                        0));
        mapper.clearZones(studio, id);
        List<ZoneRow> zones = new ArrayList<>();
        for (ZoneReading z : r.zones()) {
            Lab c = z.colour();
            ZoneSample s = z.sample();
            zones.add(new ZoneRow(
                    id,
                    z.zone().name(),
                    c.lightness(),
                    c.a(),
                    c.b(),
                    z.spread(),
                    s.used(),
                    s.shine(),
                    s.shadow(),
                    s.clipped()));
        }
        if (!zones.isEmpty()) {
            mapper.addZones(studio, zones);
        }
    }

    private TakenReading taken(ReadingRow row, List<ZoneRow> zones) {
        List<ZoneReading> read = zones.stream()
                .map(z -> new ZoneReading(
                        Zone.valueOf(z.zone()),
                        Lab.of(z.labL(), z.labA(), z.labB()),
                        z.spread(),
                        new ZoneSample(new double[3], 0, z.used(), z.shine(), z.shadow(), z.clipped())))
                .sorted(java.util.Comparator.comparing(ZoneReading::zone))
                .toList();
        var skin = new SkinReading(
                SkinReading.Trust.valueOf(row.trust()),
                new Calibration.Quality(row.cardFields(), row.cardLost(), row.cardResidual(), 1, 0),
                read,
                List.of(),
                row.sideLight(),
                List.of());
        FaceState face = json.readValue(row.face(), FaceState.class);
        return new TakenReading(row.sittingId(), row.pictureId(), face, skin, row.keptAt(), row.version());
    }
}
