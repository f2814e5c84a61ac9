package scree.app.skin;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.face.Faces;
import scree.app.face.FirstLooks;
import scree.app.face.TakenFace;
import scree.app.memory.Memories;
import scree.app.meter.Meters;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.face.FacePoints;
import scree.core.image.Calibration;
import scree.core.image.CameraProfile;
import scree.core.image.CardFinder;
import scree.core.image.CardSighting;
import scree.core.image.LeftOut;
import scree.core.image.Raster;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;
import scree.core.sight.SightCode;
import scree.core.skin.Answer;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinScene;
import scree.core.skin.Testimony;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.core.skin.ZonesOnPoints;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Takes readings from pictures, measures again when points, zones or spots move, and joins in what meters and witnesses say. */
@Service
public class Readings {
    private static final Logger LOG = LoggerFactory.getLogger(Readings.class);
    /** Two artists who drag at once meet a few times, not more. */
    private static final int MOST_TRIES = 20;
    /** A stored picture never changes, so what the card finder saw in it holds in every process. */
    private static final int SIGHTINGS_KEPT = 60;

    private static final int READINGS_KEPT = 200;

    private final ReadingMapper mapper;
    private final SkinMapper skin;
    private final Pictures pictures;
    private final Sittings sittings;
    private final Faces faces;
    private final FirstLooks looks;
    private final Meters meters;
    private final SkinScenes scenes;
    private final JsonMapper json;
    private final TransactionTemplate transaction;
    private final Cache<Long, CardSighting> sightings;
    /** Every stage of a page asks for its reading. */
    private final Cache<StoredReading, TakenReading> known;

    Readings(
            ReadingMapper mapper,
            SkinMapper skin,
            Pictures pictures,
            Sittings sittings,
            Faces faces,
            FirstLooks looks,
            Meters meters,
            SkinScenes scenes,
            JsonMapper json,
            TransactionTemplate transaction,
            Memories memories) {
        this.sightings = memories.keep("sightings", SIGHTINGS_KEPT);
        this.known = memories.keep("readings", READINGS_KEPT);
        this.transaction = transaction;
        this.mapper = mapper;
        this.skin = skin;
        this.pictures = pictures;
        this.sittings = sittings;
        this.faces = faces;
        this.looks = looks;
        this.meters = meters;
        this.scenes = scenes;
        this.json = json;
    }

    /** Returns the reading of a sitting, or empty while none was taken. */
    public Optional<TakenReading> of(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.ofSitting(studio, sitting))
                .flatMap(row -> Optional.ofNullable(of(studio, List.of(row)).get(sitting)));
    }

    /** Returns the readings of several sittings by sitting. */
    public Map<Long, TakenReading> of(StudioId studio, Collection<Long> sittingIds) {
        List<ReadingRow> rows = sittingIds.isEmpty() ? List.of() : mapper.ofSittings(studio, sittingIds);
        return rows.isEmpty() ? Map.of() : of(studio, rows);
    }

    private Map<Long, TakenReading> of(StudioId studio, List<ReadingRow> rows) {
        List<Long> ids = rows.stream().map(ReadingRow::id).toList();
        Map<Long, List<ZoneRow>> zones =
                mapper.zones(studio, ids).stream().collect(Collectors.groupingBy(ZoneRow::readingId));
        Map<Long, List<SpotRow>> spots =
                mapper.spots(studio, ids).stream().collect(Collectors.groupingBy(SpotRow::readingId));
        Map<Long, List<TestimonyRow>> said =
                skin.said(studio, rows.stream().map(ReadingRow::sittingId).toList()).stream()
                        .collect(Collectors.groupingBy(TestimonyRow::sittingId));
        Map<Long, TakenReading> taken = new HashMap<>();
        for (ReadingRow row : rows) {
            StoredReading stored = new StoredReading(
                    row,
                    zones.getOrDefault(row.id(), List.of()),
                    spots.getOrDefault(row.id(), List.of()),
                    said.getOrDefault(row.sittingId(), List.of()),
                    meters.metered(studio, row.sittingId()),
                    meters.pressed(studio, row.sittingId()));
            try {
                taken.put(row.sittingId(), known.get(stored, s -> s.taken(json)));
            } catch (JacksonException | IllegalArgumentException unreadable) {
                LOG.warn("the reading of sitting {} cannot be read: {}", row.sittingId(), unreadable.toString());
            }
        }
        return taken;
    }

    /** Returns whether a reading is stored that cannot be read; another picture leads out of it. */
    public boolean unreadable(StudioId studio, long sitting) {
        return mapper.ofSitting(studio, sitting) != null && of(studio, sitting).isEmpty();
    }

    /**
     * Stores a picture. Nothing is read from it before a face is known in it; what was read from the picture before holds until then.
     *
     * @return its id
     * @throws scree.core.image.PictureRefused when the file is no usable picture; nothing is changed then
     */
    public long take(StudioId studio, long sitting, Upload upload) {
        sittings.get(studio, sitting);
        return takeReady(studio, sitting, pictures.ready(upload));
    }

    /** The same with a picture that was made ready before. */
    public long takeReady(StudioId studio, long sitting, Pictures.Ready ready) {
        return transaction.execute(status -> {
            sittings.hold(studio, sitting);
            return pictures.store(studio, sitting, ready);
        });
    }

    /** Reads a picture as soon as points lie on it, unless it was read before. */
    @EventListener
    void read(Faces.Laid laid) {
        boolean known = of(laid.studio(), laid.sitting())
                .filter(r -> r.pictureId() == laid.picture() && r.face().laidOn() != null)
                .isPresent();
        boolean grey = looks.of(laid.studio(), laid.picture())
                .filter(l -> l.says(SightCode.NO_COLOUR))
                .isPresent();
        if (!known && !grey) {
            faces.of(laid.studio(), laid.sitting()).ifPresent(face -> readOn(laid.studio(), laid.sitting(), face));
        }
    }

    /** Measured before anything is held in the database. */
    private void readOn(StudioId studio, long sitting, TakenFace points) {
        long picture = points.sheet().pictureId();
        Raster raster = pictures.raster(studio, picture);
        FaceState face = FaceState.on(points.points(), points.seq());
        CardSighting card = card(studio, picture);
        SkinScene scene = scenes.stored(studio, picture, raster, face, points.points());
        SkinReading read = SkinReader.read(raster, card, scene);
        Optional<CameraProfile> phone = SkinScenes.learned(raster, card, scene, read);
        transaction.executeWithoutResult(status -> {
            sittings.hold(studio, sitting);
            ReadingRow before = mapper.ofSitting(studio, sitting);
            if (before != null && before.pictureId() != picture) {
                meters.forgetLight(studio, sitting); // it was read in the former picture's light
            }
            Long id = mapper.replace(studio, row(sitting, picture, face, scene, read));
            if (id != null) { // else a newer picture was read meanwhile
                store(studio, id, read);
            }
            phone.ifPresent(p -> pictures.camera(studio, picture).ifPresent(c -> scenes.remember(studio, c, p)));
        });
    }

    /** Reads a picture that is not kept, on the points that were found in it. */
    public Look look(StudioId studio, Pictures.Ready ready, FirstLooks.Checked found) {
        Raster raster = ready.raster();
        SkinReading read = SkinReader.read(raster, CardFinder.find(raster), scenes.unkept(studio, ready, found));
        return new Look(read, LightJudge.judge(read.light(), null));
    }

    /** A client whose skin was read, at the last sitting of which there is a reading. */
    public record Known(long client, String name, long sitting) {}

    /** Returns clients whose skin is known, the last first. */
    @Transactional(readOnly = true)
    public List<Known> known(StudioId studio) {
        return mapper.known(studio);
    }

    /** What a picture says that is not kept. */
    public record Look(SkinReading skin, LightVerdict light) {}

    /**
     * Lays the face of the present picture differently and measures again. Measured without holding anything; when somebody else
     * laid it meanwhile, the change is made once more on what they left.
     *
     * @param by may refuse with an {@link IllegalArgumentException}, whose words name the way out
     * @throws StaleSave when others are faster again and again
     */
    public void relay(StudioId studio, long sitting, UnaryOperator<FaceState> by) {
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            TakenReading now = need(studio, sitting);
            FaceState face = by.apply(now.face());
            if (face.equals(now.face()) || relaid(studio, now, face)) {
                return;
            }
        }
        throw new StaleSave(need(studio, sitting));
    }

    private boolean relaid(StudioId studio, TakenReading now, FaceState face) {
        long picture = now.pictureId();
        Raster raster = pictures.raster(studio, picture);
        SkinScene scene = scene(studio, now, raster, face);
        SkinReading read = SkinReader.read(raster, card(studio, picture), scene);
        return Boolean.TRUE.equals(transaction.execute(status -> {
            Long id = mapper.change(studio, row(now.sittingId(), picture, face, scene, read), now.version());
            if (id != null) {
                store(studio, id, read);
            }
            return id != null;
        }));
    }

    /** Lays the zones on the face's points, when the points lie on the picture of the reading. */
    public void layOnPoints(StudioId studio, long sitting) {
        relay(
                studio,
                sitting,
                face -> points(studio, need(studio, sitting))
                        .map(found -> face.laidOn(found.points(), found.seq()))
                        .orElse(face));
    }

    /** Returns whether points lie on the reading's picture that its zones do not follow yet. */
    public boolean pointsMoved(StudioId studio, TakenReading reading) {
        return points(studio, reading)
                .filter(f -> !Integer.valueOf(f.seq()).equals(reading.face().laidOn()))
                .isPresent();
    }

    /** Returns zones of a reading that may lie on hair. */
    public Set<Zone> unsure(StudioId studio, TakenReading reading) {
        return points(studio, reading)
                .map(face -> ZonesOnPoints.unsure(face.points()))
                .orElse(Set.of());
    }

    private Optional<TakenFace> points(StudioId studio, TakenReading reading) {
        return faces.of(studio, reading.sittingId()).filter(f -> f.sheet().pictureId() == reading.pictureId());
    }

    /**
     * Keeps a reading as it was looked at.
     *
     * @throws StaleSave when it was measured anew meanwhile; carries it
     */
    @Transactional
    public void keep(StudioId studio, long sitting, int version) {
        if (mapper.keep(studio, sitting, version) == 0) {
            throw new StaleSave(need(studio, sitting));
        }
    }

    /** Returns what the card finder sees in a sitting's picture. */
    public CardSighting card(StudioId studio, long picture) {
        pictures.get(studio, picture); // asked before what is kept, so that another studio never gets it
        return sightings.get(picture, p -> CardFinder.find(pictures.raster(studio, p)));
    }

    /** Returns a PNG layer of what was left out of the zones' means. */
    public byte[] leftOut(StudioId studio, long sitting) {
        TakenReading now = need(studio, sitting);
        Raster raster = pictures.raster(studio, now.pictureId());
        SkinScene scene = scene(studio, now, raster, now.face());
        var layer = LeftOut.layer(
                raster,
                scene.outlines().stream().map(o -> o.polygon(scene.face())).toList(),
                scene.without(),
                scene.bare());
        return Pictures.png(layer);
    }

    // ---- witnesses ----

    /** Returns what witnesses said in a sitting, also before any picture. */
    public Map<Witness, Testimony> said(StudioId studio, long sitting) {
        return StoredReading.testimony(skin.said(studio, List.of(sitting)));
    }

    /** Keeps what a witness of the undertone said. */
    @Transactional
    public void say(Member me, long sitting, Answer answer) {
        sittings.get(me.studio(), sitting);
        skin.say(me.studio(), sitting, answer.witness(), answer, me.artistId());
    }

    /** Sets a witness aside, or counts it again. */
    @Transactional
    public void strike(StudioId studio, long sitting, Witness witness, boolean struck) {
        skin.strike(studio, sitting, witness, struck);
    }

    /** Takes back what a witness said. */
    @Transactional
    public void unsay(StudioId studio, long sitting, Witness witness) {
        skin.unsay(studio, sitting, witness);
    }

    // ---- measuring ----

    private ReadingRow row(long sitting, long picture, FaceState face, SkinScene scene, SkinReading r) {
        Calibration.Quality q = r.quality();
        return new ReadingRow(
                0,
                sitting,
                picture,
                json.writeValueAsString(face),
                r.trust().name(),
                q.fields(),
                q.unusable(),
                q.residual(),
                r.sideLight(),
                json.writeValueAsString(r.light()),
                scene.print().name(),
                null,
                0);
    }

    private void store(StudioId studio, long id, SkinReading r) {
        mapper.clearZones(studio, id);
        mapper.clearSpots(studio, id);
        List<ZoneRow> zones = StoredReading.zones(id, r);
        if (!zones.isEmpty()) {
            mapper.addZones(studio, zones);
        }
        List<SpotRow> spots = StoredReading.spots(id, r);
        if (!spots.isEmpty()) {
            mapper.addSpots(studio, spots);
        }
    }

    private SkinScene scene(StudioId studio, TakenReading now, Raster raster, FaceState face) {
        FacePoints points = points(studio, now).map(TakenFace::points).orElse(null);
        return scenes.stored(studio, now.pictureId(), raster, face, points);
    }

    private TakenReading need(StudioId studio, long sitting) {
        return of(studio, sitting).orElseThrow(() -> new NotHere("reading"));
    }
}
