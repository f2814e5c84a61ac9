package scree.app.proof;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.chair.ChairLog;
import scree.app.chair.ChairLogs;
import scree.app.face.FaceSearches;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.face.FirstLooks;
import scree.app.face.TakenFace;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.studio.Upkeep;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.face.MeshGuess;
import scree.core.face.PointsRefused;
import scree.core.mesh.HeadMesh;
import scree.core.reason.Reason;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;

/** Records of sittings: kept when they end, proved by pictures, followed by how they wore, taken up again. */
@Service
public class Proofs implements Upkeep.Task {
    private static final Logger LOG = LoggerFactory.getLogger(Proofs.class);
    /** Records that are made up for at a time. */
    private static final int A_TIME = 20;

    private final ProofMapper mapper;
    private final ProofCodec codec;
    private final Keeping keeping;
    private final Sittings sittings;
    private final Pictures pictures;
    private final Faces faces;
    private final FirstLooks looks;
    private final FaceSearches searches;
    private final Readings readings;
    private final ChairLogs chairs;
    private final HomeLinks links;
    private final ProofWords words;
    private final StudioTime time;
    private final TransactionTemplate transaction;
    private final TransactionTemplate alone;

    Proofs(
            ProofMapper mapper,
            ProofCodec codec,
            Keeping keeping,
            Sittings sittings,
            Pictures pictures,
            Faces faces,
            FirstLooks looks,
            FaceSearches searches,
            Readings readings,
            ChairLogs chairs,
            HomeLinks links,
            ProofWords words,
            StudioTime time,
            PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.codec = codec;
        this.keeping = keeping;
        this.sittings = sittings;
        this.pictures = pictures;
        this.faces = faces;
        this.looks = looks;
        this.searches = searches;
        this.readings = readings;
        this.chairs = chairs;
        this.links = links;
        this.words = words;
        this.time = time;
        this.transaction = new TransactionTemplate(transactions);
        this.alone = new TransactionTemplate(transactions);
        this.alone.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * A sitting with all that is kept of it.
     *
     * @param no of the record, 0 while there is none: then {@code kept} is as it stands
     * @param madeAt when the record was made, null while there is none
     * @param below where the face lies in the picture before, found in the same way as in those after, so that what the way errs by is the same
     */
    record Told(
            Sitting sitting,
            int no,
            OffsetDateTime madeAt,
            Kept kept,
            Optional<ChairLog> work,
            Optional<Picture> before,
            Optional<TakenFace> face,
            Optional<FacePoints> below,
            List<After> after,
            List<Wore> wore) {}

    /**
     * Keeps what a sitting was once its end is stored. In a transaction of its own: whatever keeps a record from being made, the end stands, and
     * {@link #keepUp} makes it later.
     */
    @TransactionalEventListener(fallbackExecution = true)
    void ended(Sittings.Finished end) {
        keep(end.studio(), end.sitting());
    }

    private void keep(StudioId studio, long sitting) {
        try {
            alone.executeWithoutResult(
                    status -> mapper.add(studio, sitting, codec.write(keeping.now(studio, sitting))));
        } catch (RuntimeException unforeseen) {
            LOG.error("the record of sitting {} is not made yet", sitting, unforeseen);
        }
    }

    /** Makes records of sittings that ended without one. */
    @Override
    public void keepUp(StudioId studio) {
        mapper.unrecorded(studio, A_TIME).forEach(id -> keep(studio, id));
    }

    @Transactional(readOnly = true)
    Told of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        ProofMapper.KeptRow row = mapper.newest(studio, id);
        Optional<Kept> kept = row == null ? Optional.empty() : codec.read(row.record());
        Optional<Picture> before = faces.picture(studio, id);
        Optional<TakenFace> face = faces.unreadable(studio, id) ? Optional.empty() : faces.of(studio, id);
        return new Told(
                sitting,
                kept.isPresent() ? row.no() : 0,
                kept.isPresent() ? row.madeAt() : null,
                kept.orElseGet(() -> keeping.now(studio, id)),
                chairs.of(studio, id),
                before,
                face,
                before.flatMap(p -> below(studio, p, face)),
                mapper.afters(studio, id).stream()
                        .map(a -> new After(
                                a.picture(), a.flash(), codec.face(a.points()), codec.colours(a.skin()), a.takenAt()))
                        .toList(),
                mapper.told(studio, id).stream()
                        .map(w -> new Wore(
                                w.id(),
                                w.by(),
                                w.hours(),
                                seen(w.seen()),
                                w.place(),
                                w.reaction(),
                                w.words(),
                                w.toldAt()))
                        .toList());
    }

    private Optional<FacePoints> below(StudioId studio, Picture before, Optional<TakenFace> face) {
        Optional<FacePoints> found =
                looks.of(studio, before.id()).filter(l -> l.mesh() != null).flatMap(l -> guessed(l.mesh(), before));
        return found.isPresent()
                ? found
                : face.filter(f -> f.sheet().pictureId() == before.id()).map(TakenFace::points);
    }

    private static Optional<FacePoints> guessed(HeadMesh mesh, Picture in) {
        try {
            return Optional.of(MeshGuess.from(mesh, in.width(), in.height()));
        } catch (PointsRefused noFace) {
            return Optional.empty();
        }
    }

    private static List<Wore.Seen> seen(String words) {
        return words == null || words.isEmpty()
                ? List.of()
                : Arrays.stream(words.split(",")).map(Wore.Seen::valueOf).toList();
    }

    /**
     * Keeps a picture after the work, with where the face lies and what its skin is, as far as that can be told.
     *
     * @param search what the browser found, in pixels of the file as shown; empty when it did not search
     * @param shownWidth the file's width there, 0 when unknown
     * @return what is to be said of the picture
     * @throws scree.core.image.PictureRefused when it is no usable picture
     */
    public List<Reason> after(Member me, long sitting, Upload upload, String search, int shownWidth, boolean flash) {
        sittings.get(me.studio(), sitting);
        Pictures.Ready ready = pictures.ready(upload);
        double scale = shownWidth > 0 ? (double) ready.raster().width() / shownWidth : 1;
        FirstLooks.Checked look = looks.check(searches.read(search, scale), ready.raster());
        Map<Zone, Lab> skin = look.stops() ? Map.of() : measured(me.studio(), ready, look);
        transaction.executeWithoutResult(status -> {
            long picture = pictures.storeAtChair(me.studio(), sitting, ready);
            String face = look.points() == null
                    ? null
                    : codec.face(FaceSheet.start(picture, FaceSheet.Found.MESH, look.points(), null));
            mapper.addAfter(me.studio(), sitting, picture, flash, face, skin.isEmpty() ? null : codec.colours(skin));
        });
        return look.said();
    }

    private Map<Zone, Lab> measured(StudioId studio, Pictures.Ready ready, FirstLooks.Checked look) {
        try {
            SkinReading read = readings.look(studio, ready, look).skin();
            return read.trust() == SkinReading.Trust.PROVISIONAL ? Map.of() : Keeping.colours(read.zones());
        } catch (IllegalArgumentException unreadable) {
            LOG.info("no skin is read from a picture after the work: {}", unreadable.toString());
            return Map.of();
        }
    }

    /** What was seen, as somebody tells it. */
    record Telling(int hours, Set<Wore.Seen> seen, String place, String reaction, String words) {
        Telling {
            seen = seen.isEmpty() ? Set.of() : EnumSet.copyOf(seen);
        }
    }

    /** Keeps how it wore; a reaction is a caution on the client from then on. */
    @Transactional
    public void tell(Member me, long sitting, Telling t) {
        sittings.get(me.studio(), sitting);
        keep(me.studio(), sitting, me.artistId(), t, false);
    }

    private void keep(StudioId studio, long sitting, long artist, Telling t, boolean byClient) {
        String seen = t.seen().stream().map(Enum::name).collect(Collectors.joining(","));
        mapper.tell(studio, sitting, artist, t.hours(), seen, t.place(), t.reaction(), t.words(), byClient);
    }

    /** Keeps that something of a sitting was reacted to, told by the client elsewhere than in a report of wear: a caution from now on. */
    @Transactional
    public void reacted(HomeLink link, String reaction) {
        keep(link.studio(), link.sitting(), link.artist(), new Telling(0, Set.of(), null, reaction, null), true);
    }

    /** Keeps how it wore as the client tells it by a link; as many times as the link bears. */
    @Transactional
    boolean tell(HomeLink link, Telling t) {
        boolean counted = links.use(link);
        if (counted) {
            keep(link.studio(), link.sitting(), link.artist(), t, true);
        }
        return counted;
    }

    /** Returns what was told of a client's sittings that asks for care or another product. */
    @Transactional(readOnly = true)
    List<ToldBefore> toldOf(StudioId studio, long client) {
        return mapper.ofClient(studio, client).stream()
                .map(r -> new ToldBefore(r.sitting(), r.startsAt(), r.hours(), seen(r.seen()), r.reaction(), r.base()))
                .toList();
    }

    /** Returns what a client's reports say together, in words. */
    @Transactional(readOnly = true)
    public List<String> learned(StudioId studio, long client) {
        return words.learned(toldOf(studio, client));
    }

    /** Returns what was told of each of a client's sittings that asks for care or another product, in words. */
    @Transactional(readOnly = true)
    public Map<Long, List<String>> toldBySitting(StudioId studio, long client) {
        return toldOf(studio, client).stream()
                .collect(Collectors.groupingBy(
                        ToldBefore::sitting, Collectors.mapping(words::shortly, Collectors.toList())));
    }

    /** A reaction or a turned colour at a sitting; the base by its name then, or null. */
    record ToldBefore(
            long sitting, LocalDateTime startsAt, int hours, List<Wore.Seen> seen, String reaction, String base) {}

    /**
     * Opens a sitting like one before, now; what has to be asked anew is not taken along: health, broken skin, the patch test.
     *
     * @return the new sitting
     */
    @Transactional
    public long repeat(Member me, long id) {
        Sitting before = sittings.get(me.studio(), id);
        LocalDateTime at = time.now(me.studio()).withSecond(0).withNano(0);
        long fresh = sittings.add(me.studio(), before.clientId(), me.artistId(), at, before.minutes(), before.event());
        Intake then = before.intake();
        if (before.intakeAt() != null) {
            sittings.saveIntake(
                    me.studio(),
                    fresh,
                    0,
                    new Intake(
                            then.occasion(),
                            then.lastsHours(),
                            then.flash(),
                            then.coverage(),
                            then.finish(),
                            null,
                            null,
                            null,
                            then.bothers(),
                            then.loves(),
                            then.own(),
                            then.keepMarks()));
        }
        if (before.eventLight() != null) {
            sittings.eventLight(me.studio(), fresh, before.eventLight());
        }
        return fresh;
    }
}
